using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text;
using System.Text.Json;
using CsvHelper;
using Ikuzo.Core.Book;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Web.Data;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Cooks;
using Ikuzo.Web.Features.Kitchen;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Ikuzo.Web.Features.Book;

/// <summary>The book written out and taken in, as JSON and as a table.</summary>
internal sealed class BookFiles(
    BookStore store,
    BookKeeper keeper,
    CookStore cookStore,
    KitchenStore kitchen,
    BodyCheck check,
    TimeProvider clock,
    IOptions<JsonOptions> json
)
{
    private const int MostRefused = 100;

    /// <summary>The whole book as JSON.</summary>
    public async Task<WrittenBook> FileAsync(CancellationToken cancellation)
    {
        await keeper.WriteAsync(cancellation);
        return new(BookFile.FormatName, 1, AllAsync(await store.IdsAsync(cancellation), cancellation));
    }

    private async IAsyncEnumerable<FiledCook> AllAsync(IEnumerable<string> ids, [EnumeratorCancellation] CancellationToken cancellation)
    {
        foreach (var id in ids)
        {
            if (
                await cookStore.FindAsync(id, cancellation) is not { } cook
                || await cookStore.JournalAsync(id, cancellation) is not { } journal
            )
            {
                continue; // it cannot be read
            }

            var names = journal.ToDictionary(e => e.Event.Id, e => e.ClientId);
            yield return new(
                id,
                cook.Name,
                cook.CreatedAt,
                cook.Verdict,
                cook.Planned,
                [.. journal.Select(e => new FiledEvent(e.ClientId, e.Event.Kind, e.Event.At, Named(e.Event.Data, names)))]
            );
        }
    }

    // What undoes or corrects an entry names it by the name that goes with the file.
    private static CookEventData Named(CookEventData data, Dictionary<string, string> names) =>
        data.Of is { } of ? data with { Of = names.GetValueOrDefault(of, of) } : data;

    /// <summary>The whole book as a table, page by page.</summary>
    public async Task WriteTableAsync(Stream to, CancellationToken cancellation)
    {
        await keeper.WriteAsync(cancellation);
        await using var csv = new CsvWriter(new StreamWriter(to, new UTF8Encoding(true), leaveOpen: true), CultureInfo.InvariantCulture);
        string[] names =
        [
            "date",
            "name",
            "meat",
            "pieces",
            "kg",
            "state",
            "minutes",
            "release",
            "celsius",
            "verdict",
            "juicy",
            "tender",
            "notes",
        ];
        Array.ForEach(names, csv.WriteField);
        await csv.NextRecordAsync();
        for (var page = 1; ; page++)
        {
            var list = await store.ListAsync(new(null, null, null, null, page, 500), cancellation);
            foreach (var item in list.Items)
            {
                string?[] fields =
                [
                    item.CookedAt.ToString("O"),
                    CookRecord.Safe(item.Name),
                    CutCatalogue.Find(item.Cut)?.Name ?? item.Cut,
                    $"{item.Pieces}",
                    FormattableString.Invariant($"{item.TotalKg}"),
                    $"{item.State}".ToLowerInvariant(),
                    FormattableString.Invariant($"{item.Minutes}"),
                    item.Release is { } release ? WrittenIn.Words(release) : null,
                    item.LowestCelsius is { } lowest ? FormattableString.Invariant($"{lowest}") : null,
                    $"{item.Verdict}",
                    $"{item.Juicy}",
                    $"{item.Tender}",
                    CookRecord.Safe(item.NextTime),
                ];
                Array.ForEach(fields, csv.WriteField);
                await csv.NextRecordAsync();
            }

            await csv.FlushAsync();
            if (list.Items.Count < 500)
            {
                break;
            }
        }
    }

    /// <summary>Takes in a book that was written out here.</summary>
    /// <exception cref="FormatException">It is none.</exception>
    public async Task<BookImported> TakeFileAsync(ReadOnlyMemory<byte> file, CancellationToken cancellation)
    {
        var book = ReadFile(file);
        var usual = await kitchen.UsualAsync(cancellation);
        List<string> refused = [];
        int taken = 0,
            known = 0;
        foreach (var (cook, number) in book.Cooks!.Select((c, i) => (c, i + 1)))
        {
            if (await WrongAsync(cook, usual, cancellation) is { } why)
            {
                refused.Add($"Cook {number}: {why}");
                continue;
            }

            var kept = await cookStore.AddEndedAsync(
                cook.Id,
                cook.Name!,
                cook.Planned!,
                [.. cook.Journal!.Select(e => (e.ClientId!, new CookEvent(e.ClientId!, e.Kind, e.At, e.Data ?? CookEventData.None)))],
                cook.Verdict,
                cancellation
            );
            (taken, known) = kept is null ? (taken, known + 1) : (taken + 1, known);
        }

        await keeper.WriteAsync(cancellation);
        keeper.Wake();
        return new(taken, known, [.. refused.Take(MostRefused)], new Dictionary<string, string>());
    }

    private BookFile ReadFile(ReadOnlyMemory<byte> file)
    {
        try
        {
            var book = JsonSerializer.Deserialize<BookFile>(file.Span, json.Value.SerializerOptions);
            return book switch
            {
                { Format: BookFile.FormatName, Cooks.Count: <= BookFile.MostCooks } => book,
                { Format: BookFile.FormatName, Cooks: not null } => throw new FormatException(
                    $"It has more than {BookFile.MostCooks} cooks. Divide it."
                ),
                _ => throw new FormatException("It is not a book that was written out here: its format is not \"ikuzo-book\"."),
            };
        }
        catch (JsonException error)
        {
            throw new FormatException($"The file is not readable as a book: look at line {error.LineNumber + 1}.", error);
        }
    }

    // What is wrong with a cook of a file; null when it can be kept.
    private async Task<string?> WrongAsync(FiledCook cook, UsualKitchen usual, CancellationToken cancellation)
    {
        if (
            cook
                is not {
                    Id.Length: > 0 and <= 60,
                    Name.Length: > 0 and <= 80,
                    Planned.Request: { } request,
                    Journal.Count: > 0 and <= BookFile.MostEntries
                }
            || !new PlainTextAttribute().IsValid(cook.Name)
        )
        {
            return "it has no name, no plan, or no journal of a usual length.";
        }

        if (await check.ErrorsOfAsync(request, cancellation) is { } errors)
        {
            return $"its plan is not right ({string.Join(", ", errors.Keys.Take(3))}).";
        }

        if (request.Minutes is null || request.Release?.Kind is null)
        {
            return "its plan has no minutes or no release.";
        }

        try
        {
            var planned = cook.Planned!.ToCook(usual);
            var spots = planned.Spots.Select(spot => spot.Id).ToHashSet();
            if (!cook.Journal.All(e => IsEntry(e, spots)))
            {
                return "an entry of its journal has no name, no moment, or something in it that no journal here has.";
            }

            BookEntry.Of(
                cook.Name!,
                planned,
                [.. cook.Journal.Select(e => new CookEvent(e.ClientId!, e.Kind, e.At, e.Data ?? CookEventData.None))],
                cook.Verdict
            );
            return null;
        }
        catch (Exception error) when (error is ArgumentException or InvalidOperationException or NullReferenceException or FormatException)
        {
            return "its plan or journal does not fit together.";
        }
    }

    // The limits that an entry has when it comes one by one.
    private static bool IsEntry(FiledEvent entry, HashSet<string> spots)
    {
        var (text, data) = (new PlainTextAttribute(), entry.Data ?? CookEventData.None);
        return entry is { ClientId.Length: > 0 and <= 60, At.Year: >= 2000 and <= 2200 }
            && data is { Text: null or { Length: <= 500 }, NextTime: null or { Length: <= 500 }, Step: null or { Length: <= 40 } }
            && text.IsValid(data.Text)
            && text.IsValid(data.NextTime)
            && data is { Minutes: null or (>= 0 and <= 240), Juicy: null or (>= -2 and <= 2), Tender: null or (>= -2 and <= 2) }
            && data is { RawGrams: null or (>= 1 and <= 20_000), CookedGrams: null or (>= 1 and <= 20_000) }
            && data is { Speed: null, Seed: null, Faults: null }
            && (
                entry.Kind != CookEventKind.Reading
                || (
                    data is { Spot: not null, Celsius: >= ProbeReading.LeastCelsius and <= ProbeReading.MostCelsius }
                    && spots.Contains(data.Spot)
                )
            );
    }

    /// <summary>Looks at a table that was kept elsewhere; nothing is taken.</summary>
    /// <exception cref="FormatException">It is none.</exception>
    public async Task<TableLook> LookAsync(string text, IReadOnlyDictionary<string, string> mapping, CancellationToken cancellation)
    {
        var columns = BookTable.Columns(text, mapping);
        List<string> refused = [];
        var rows = 0;
        if (columns.Any(c => c.ReadAs is "meat" or "name"))
        {
            rows = BookTable.Read(text, mapping, await kitchen.UsualAsync(cancellation), clock.GetUtcNow(), refused, []).Count();
        }

        return new(columns, [.. BookTable.Fields.Keys], rows, [.. refused.Take(MostRefused)]);
    }

    /// <summary>Takes in a table that was kept elsewhere.</summary>
    /// <exception cref="FormatException">It is none.</exception>
    public async Task<BookImported> TakeTableAsync(string text, IReadOnlyDictionary<string, string> mapping, CancellationToken cancellation)
    {
        List<string> refused = [];
        Dictionary<string, string> columns = [];
        var usual = await kitchen.UsualAsync(cancellation);
        var rows = BookTable.Read(text, mapping, usual, clock.GetUtcNow(), refused, columns).ToList();
        var taken = 0;
        foreach (var (name, planned, journal, verdict) in rows)
        {
            // The same row has the same name, so that a file that is taken in twice is there once.
            var id = Fingerprint.Of($"{name}|{journal[0].At:O}|{planned.Request.Load!.Cut}|{planned.Request.Minutes}")[..32];
            var kept = await cookStore.AddEndedAsync(
                id,
                name,
                planned,
                [.. journal.Select(e => ($"{id}-{e.Id}", e))],
                verdict,
                cancellation
            );
            taken += kept is null ? 0 : 1;
        }

        await keeper.WriteAsync(cancellation);
        keeper.Wake();
        return new(taken, rows.Count - taken, [.. refused.Take(MostRefused)], columns);
    }
}
