using System.Text;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Safety;
using Ikuzo.Core.Store;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.LineUps;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using QRCoder;

namespace Ikuzo.Web.Features.Store;

internal static class StoreEndpoints
{
    private const int MostLabels = 200;

    public static void MapStore(this IEndpointRouteBuilder routes)
    {
        var store = routes.MapGroup("/api/store").WithTags("Store");
        store.MapGet("", ListAsync).WithName("listStore");
        store.MapPost("", AddAsync).WithName("addToStore");
        store.MapGet("/labels", LabelsAsync).WithName("getLabels");
        store.MapGet("/calendar.ics", CalendarAsync).WithName("getStoreCalendar").Produces<string>(contentType: CalendarFile.ContentType);
        store.MapGet("/{id}", FindAsync).WithName("getStoreItem");
        store.MapPost("/{id}/move", MoveAsync).WithName("moveStoreItem");
        store.MapPost("/{id}/used", UsedAsync).WithName("useStoreItem");
        store.MapPost("/{id}/undo", UndoAsync).WithName("undoStoreMove");
        store.MapGet("/{id}/code.svg", Code).WithName("getStoreCode").Produces<string>(contentType: "image/svg+xml");
    }

    private static async Task<Results<Ok<IReadOnlyList<StoreView>>, BadRequest<HttpValidationProblemDetails>>> ListAsync(
        ColdStore shelf,
        KitchenStore kitchen,
        TimeProvider clock,
        CancellationToken cancellation,
        [Longest(60), Zone] string timeZone = "UTC"
    ) => TypedResults.Ok(await ByUrgencyAsync(shelf, kitchen, clock, timeZone, cancellation));

    private static async Task<IReadOnlyList<StoreView>> ByUrgencyAsync(
        ColdStore shelf,
        KitchenStore kitchen,
        TimeProvider clock,
        string timeZone,
        CancellationToken cancellation
    )
    {
        var settings = await kitchen.SettingsAsync(cancellation);
        var zone = TimeZoneInfo.FindSystemTimeZoneById(timeZone);
        return
        [
            .. (await shelf.AllAsync(cancellation))
                .Select(i => View(i, settings, clock.GetUtcNow(), zone))
                .OrderBy(i => i.Urgency)
                .ThenBy(i => i.UseBy),
        ];
    }

    private static async Task<Results<Created<StoreKept>, BadRequest<HttpValidationProblemDetails>>> AddAsync(
        StoreBody body,
        ColdStore shelf,
        KitchenStore kitchen,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var settings = await kitchen.SettingsAsync(cancellation);
        var zone = TimeZoneInfo.FindSystemTimeZoneById(body.TimeZone ?? "UTC");
        var now = clock.GetUtcNow();
        var read = string.IsNullOrWhiteSpace(body.Text)
            ? new StoreText(Item(body, now), [], [], null)
            : StoreReader.Read(body.Text, TimeZoneInfo.ConvertTime(now, zone), settings.Units);
        if (read.Item is not { } item)
        {
            return TypedResults.BadRequest(Problems.Invalid("text", read.Problem!));
        }

        if (item.Since > now + CookJournal.MostAhead || item.Since < now - StoreMoves.MostBehind)
        {
            return TypedResults.BadRequest(Problems.Invalid("since", "must lie in the past year."));
        }

        var kept = await shelf.AddAsync(item, body.ClientId ?? Guid.CreateVersion7().ToString(), body.CookId, cancellation);
        return TypedResults.Created($"/api/store/{kept.Id}", new StoreKept(View(kept, settings, now, zone), read.Understood, read.Unknown));
    }

    private static StoreItem Item(StoreBody body, DateTimeOffset now) =>
        new()
        {
            Kind = body.Kind!.Value,
            Name = body.Name!.Trim(),
            Cut = body.Cut is { } cut ? CutCatalogue.Find(cut) : null,
            Pieces = body.Pieces,
            TotalKg = body.TotalKg,
            Portions = body.Portions,
            Ml = body.Ml,
            Moves = [new("0", body.Place ?? StorePlace.Fridge, body.Since ?? now)],
        };

    private static async Task<Results<Ok<StoreView>, NotFound<ProblemDetails>>> FindAsync(
        string id,
        ColdStore shelf,
        KitchenStore kitchen,
        TimeProvider clock,
        CancellationToken cancellation
    ) =>
        await shelf.FindAsync(id, cancellation) is { } item
            ? TypedResults.Ok(View(item, await kitchen.SettingsAsync(cancellation), clock.GetUtcNow(), TimeZoneInfo.Utc))
            : Missing();

    private static async Task<
        Results<Ok<StoreView>, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>, Conflict<ProblemDetails>>
    > MoveAsync(string id, MoveBody body, ColdStore shelf, KitchenStore kitchen, TimeProvider clock, CancellationToken cancellation)
    {
        var (item, refusal) = await shelf.MoveAsync(id, Name(body.ClientId), body.To!.Value, body.At, null, null, cancellation);
        return await AnswerAsync(item, refusal, kitchen, clock, cancellation);
    }

    private static async Task<
        Results<Ok<StoreView>, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>, Conflict<ProblemDetails>>
    > UsedAsync(string id, UsedBody body, ColdStore shelf, KitchenStore kitchen, TimeProvider clock, CancellationToken cancellation)
    {
        var (item, refusal) = await shelf.MoveAsync(
            id,
            Name(body.ClientId),
            StorePlace.Gone,
            body.At,
            body.CookId,
            body.Portions,
            cancellation
        );
        return await AnswerAsync(item, refusal, kitchen, clock, cancellation);
    }

    private static async Task<
        Results<Ok<StoreView>, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>, Conflict<ProblemDetails>>
    > UndoAsync(string id, UndoBody body, ColdStore shelf, KitchenStore kitchen, TimeProvider clock, CancellationToken cancellation)
    {
        var (item, undone) = await shelf.UndoAsync(id, Name(body.ClientId), cancellation);
        return await AnswerAsync(
            item,
            undone ? null : "It has not been moved; there is nothing to take back.",
            kitchen,
            clock,
            cancellation
        );
    }

    private static async Task<
        Results<Ok<StoreView>, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>, Conflict<ProblemDetails>>
    > AnswerAsync(KeptItem? item, string? refusal, KitchenStore kitchen, TimeProvider clock, CancellationToken cancellation) =>
        item is null ? Missing()
        : refusal is not null ? TypedResults.Conflict(Problems.Of(Problems.NotNowCode, refusal))
        : TypedResults.Ok(View(item, await kitchen.SettingsAsync(cancellation), clock.GetUtcNow(), TimeZoneInfo.Utc));

    private static async Task<Results<Ok<LabelView[]>, BadRequest<HttpValidationProblemDetails>>> LabelsAsync(
        ColdStore shelf,
        KitchenStore kitchen,
        TimeProvider clock,
        CancellationToken cancellation,
        [Longest(60 * MostLabels)] string ids = ""
    )
    {
        var wanted = ids.Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries).Take(MostLabels).ToHashSet();
        var all = await ByUrgencyAsync(shelf, kitchen, clock, "UTC", cancellation);
        return TypedResults.Ok(
            all.Where(i => wanted.Count == 0 || wanted.Contains(i.Id))
                .Select(i => new LabelView(i.Id, i.Name, i.From, i.UseBy, Label(i), $"/api/store/{i.Id}/code.svg"))
                .ToArray()
        );
    }

    private static string Label(StoreView item) =>
        item.Kind == StoreKind.Raw ? $"Raw. Cook to {SafetyRule.CoreInBoth}."
        : item.Place == StorePlace.Freezer ? $"Thaw in the fridge, warm to {SafetyRule.CoreInBoth}."
        : $"Warm to {SafetyRule.CoreInBoth}.";

    private static async Task<FileContentHttpResult> CalendarAsync(
        ColdStore shelf,
        KitchenStore kitchen,
        TimeProvider clock,
        CancellationToken cancellation
    ) =>
        TypedResults.File(
            CalendarFile.Of(
                "Cold store",
                (await ByUrgencyAsync(shelf, kitchen, clock, "UTC", cancellation)).Where(i => i.UseBy is not null).Select(Entry)
            ),
            CalendarFile.ContentType,
            "cold-store.ics"
        );

    // Said some hours ahead, while there is time to cook.
    private static CalendarEntry Entry(StoreView item)
    {
        const int AheadHours = 6;
        var at = item.UseBy!.Value;
        return new($"{item.Id}@ikuzo", at.AddHours(-AheadHours), at, $"Use by now: {item.Name}", item.Why);
    }

    // A picture of squares that a camera reads as the address of the item on this server.
    private static Results<FileContentHttpResult, NotFound<ProblemDetails>> Code(string id, HttpRequest request)
    {
        const int Pixels = 4;
        if (id.Length > 60 || !id.All(char.IsAsciiLetterOrDigit))
        {
            return Missing();
        }

        using var generator = new QRCodeGenerator();
        using var data = generator.CreateQrCode($"{request.Scheme}://{request.Host}/cold?item={id}", QRCodeGenerator.ECCLevel.M);
        using var code = new SvgQRCode(data);
        return TypedResults.File(Encoding.UTF8.GetBytes(code.GetGraphic(Pixels)), "image/svg+xml");
    }

    private static string Name(string? clientId) => clientId ?? Guid.CreateVersion7().ToString();

    private static StoreView View(KeptItem kept, KitchenSettings settings, DateTimeOffset now, TimeZoneInfo zone)
    {
        var item = kept.Item;
        var useBy = UseBy.Of(item, settings.Habits);
        var urgency = useBy.UrgencyAt(now, zone);
        return new()
        {
            Id = kept.Id,
            Kind = item.Kind,
            Name = item.Name,
            Cut = item.Cut?.Id,
            Pieces = item.Pieces,
            TotalKg = item.TotalKg,
            Portions = item.Portions,
            Ml = item.Ml,
            Place = item.Place,
            Since = item.Since,
            From = item.Moves[0].At,
            UseBy = useBy.At,
            IsQuality = useBy.IsQuality,
            Urgency = urgency,
            ToDo = StoreMoves.ToDo(item, useBy, urgency, settings.Units),
            Why = useBy.Rule is { } rule ? $"{rule.Words(new Wording(settings.Units))} ({rule.Source})" : "It is no longer there.",
            Moves = StoreMoves.Of(item, useBy, now),
            ThawHours = item is { Place: StorePlace.Freezer } ? Math.Round(UseBy.ThawHours(item)) : null,
            TakeOut = TakeOut.Of(item, now, zone),
            CookId = kept.CookId,
            CanUndo = item.Moves.Count > 1,
        };
    }

    private static NotFound<ProblemDetails> Missing() => Problems.Missing("This");
}
