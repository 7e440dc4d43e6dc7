using Ikuzo.Core.Book;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Reading;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Features.Cooks;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.Plans;

namespace Ikuzo.Web.Features.Book;

/// <summary>Pages of the book, and what was learned.</summary>
internal sealed class BookService(
    BookStore store,
    BookKeeper keeper,
    CookStore cookStore,
    CookService cooks,
    CookMaker maker,
    KitchenStore kitchen,
    LearnedNow now,
    TimeProvider clock
)
{
    /// <summary>The list.</summary>
    public async Task<BookList> ListAsync(BookQuery query, CancellationToken cancellation)
    {
        await keeper.WriteAsync(cancellation);
        return await store.ListAsync(query, cancellation);
    }

    /// <summary>A cook's page; null when it is not in the book.</summary>
    public async Task<BookPage?> PageAsync(string id, CancellationToken cancellation)
    {
        await keeper.WriteAsync(cancellation);
        if (await store.FindAsync(id, cancellation) is not { } item || await cooks.LoadAsync(id, cancellation) is not { } live)
        {
            return null;
        }

        var happened = Happened.Of(live.Planned, live.Events);
        var request = live.Cook.Planned.Request;
        var asItWas = Repeating.AsItWas(happened, now.Learned.AgreeingLike(live.Planned.Request.Load.Cut.Id));
        return new()
        {
            Item = item,
            Tasting = happened.Tasting,
            Proposed = NextTimes.Propose(live.Planned, happened, live.Cook.Verdict),
            Beside = [.. Beside(live.Planned, happened)],
            Odd = [.. now.Learned.OddCooks.Where(o => o.CookId == id).Select(o => o.Question)],
            Returns = happened.Returns,
            Again = request with
            {
                Minutes = asItWas?.HoldMinutes,
                Release = asItWas is { } ending ? ReleaseBody.Of(ending.Release) : null,
                Confirmed = null,
            },
        };
    }

    private static IEnumerable<Beside> Beside(PlannedCook cook, Happened happened)
    {
        yield return new("come-up", "min", cook.ToPressureMinutes, happened.ComeUpMinutes);
        yield return new("hold", "min", new(cook.Minutes, cook.Minutes, cook.Minutes), happened.HeldMinutes);
        yield return new("release", "min", cook.ReleaseMinutes, happened.ReleaseMinutes);
        yield return new("to the table", "min", null, happened.TotalMinutes);
        yield return new("lowest core", "celsius", null, happened.LowestCelsius);
    }

    /// <summary>Writes in a cook that nobody followed; what is wrong with the line, if it is not one.</summary>
    public async Task<(BookPage? Page, string? Problem)> WriteInAsync(WriteInBody body, CancellationToken cancellation)
    {
        var usual = await kitchen.UsualAsync(cancellation);
        var zone = TimeZoneInfo.FindSystemTimeZoneById(body.TimeZone ?? "UTC");
        var here = TimeZoneInfo.ConvertTime(clock.GetUtcNow(), zone);
        var today = DateOnly.FromDateTime(here.DateTime);
        var (question, saidDay) = BookText.Read(body.Text!, today, usual.Settings.Units);
        var day = saidDay ?? today;
        if (question is not { Meat: { } meat, Minutes: { } minutes } || question.Doubts.Count > 0)
        {
            return (
                null,
                question.Problem
                    ?? (
                        question.Meat is null ? "Say what was cooked, as in: yesterday, 8 drumsticks, 12 min, vented, 85 °C."
                        : question.Doubts.Count > 0 ? $"Is \"{question.Doubts[0].Text}\" {question.Doubts[0].Reading}? Write it out."
                        : "Say for how many minutes, as in: 12 min."
                    )
            );
        }

        var plan = new PreviewBody
        {
            Load = LoadBody.Of(
                new()
                {
                    Cut = meat.Cut,
                    Pieces = meat.Pieces,
                    TotalKg = Math.Round(meat.TotalKg, 3),
                    State = question.State ?? Core.Loads.MeatState.Chilled,
                    ThicknessMm = question.ThicknessMm,
                }
            ),
            Aim = question.Aim,
            Minutes = minutes,
            Release = ReleaseBody.Of(question.Release ?? Core.Cooking.Release.Natural),
        };
        var made = await maker.OfAsync(plan, [], cancellation);
        if (made.Planned is not { } planned)
        {
            return (null, made.Stop);
        }

        var cook = planned.ToCook(usual);
        var at = WhenOn(day, here);
        var journal = WrittenIn.Journal(cook, at, question.ReadingCelsius, null);
        var kept = await cookStore.AddEndedAsync(
            null,
            made.Name,
            planned,
            [.. journal.Select(e => (Guid.CreateVersion7().ToString(), e))],
            WrittenIn.Verdict(question.ReadingCelsius),
            cancellation
        );
        keeper.Wake();
        return (await PageAsync(kept!, cancellation), null);
    }

    // Dinner of that day, where it is over; else a moment ago.
    private static DateTimeOffset WhenOn(DateOnly day, DateTimeOffset here)
    {
        var dinner = new DateTimeOffset(day.ToDateTime(new TimeOnly(18, 30)), here.Offset);
        return dinner < here.AddMinutes(-10) ? dinner : here.AddMinutes(-10);
    }

    /// <summary>What was learned.</summary>
    public async Task<LearnedView> LearnedAsync(CancellationToken cancellation)
    {
        var stillToRead = await keeper.CatchUpAsync(cancellation);
        var (learned, pots) = (now.Learned, await kitchen.PotsAsync(cancellation));
        List<OddView> odd = [];
        foreach (var cook in learned.OddCooks.DistinctBy(o => (o.CookId, o.What)).Reverse().Take(20))
        {
            if (await store.FindAsync(cook.CookId, cancellation) is { } item)
            {
                odd.Add(new(item.Id, item.Name, item.CookedAt, cook.Question, item.LeftOut));
            }
        }

        return new(
            [
                .. pots.Where(p => learned.CooksOfPot(p.Id) > 0)
                    .Select(p => new LearnedPot(
                        p.Id,
                        p.Name,
                        learned.CooksOfPot(p.Id),
                        LearnedWords.OfPot(learned, p.Id, p.Name, p.CapacityLitres)
                    )),
            ],
            [
                .. learned
                    .Cuts.Select(id => CutCatalogue.Find(id)!)
                    .Select(c => new LearnedCut(c.Id, c.Plural, learned.CooksOfCut(c.Id), LearnedWords.OfCut(learned, c)))
                    .OrderByDescending(c => c.Cooks),
            ],
            LearnedWords.OfTaste(learned),
            odd,
            [
                .. (await store.ForgottenAsync(cancellation)).Select(f => new ForgottenView(
                    f.Id,
                    pots.FirstOrDefault(p => p.Id == f.PotId)?.Name
                        ?? (
                            f.Cut is { } cut ? CutCatalogue.Find(cut)?.Plural ?? cut
                            : f.PotId is null ? "everything"
                            : "a pot that is gone"
                        ),
                    f.PotId,
                    f.Cut,
                    f.At
                )),
            ],
            stillToRead
        );
    }

    /// <summary>How well what is foretold agrees with the household's thermometer.</summary>
    public async Task<Calibration> CalibrationAsync(CancellationToken cancellation)
    {
        await keeper.CatchUpAsync(cancellation);
        CalibrationPoint[] points =
        [
            .. now.Learned.Readings.Select(r => new CalibrationPoint(
                r.CookId,
                r.Cut,
                Math.Round(r.Seen, 1),
                Math.Round(r.Foreseen - r.HalfBand, 1),
                Math.Round(r.Foreseen, 1),
                Math.Round(r.Foreseen + r.HalfBand, 1),
                Math.Abs(r.Seen - r.Foreseen) <= r.HalfBand
            )),
        ];
        var inside = points.Count(p => p.Inside);
        var off = points.Length == 0 ? 0 : points.Average(p => p.Seen - p.P50);
        return new(points.Length, inside, Math.Round(off, 1), CalibrationWords.Of(points.Length, inside, off), points);
    }

    /// <summary>Leaves a cook out of what is learned, or takes it in again; false when it is not in the book.</summary>
    public Task<bool> LeaveOutAsync(string id, bool leaveOut, CancellationToken cancellation) =>
        ThenLearnAsync(store.LeaveOutAsync(id, leaveOut, cancellation), cancellation);

    /// <summary>Removes a cook, or brings it back; false when it is not in the book.</summary>
    public Task<bool> RemoveAsync(string id, bool back, CancellationToken cancellation) =>
        ThenLearnAsync(store.RemoveAsync(id, back, cancellation), cancellation);

    /// <summary>Forgets what was learned until now.</summary>
    public async Task ForgetAsync(ForgetBody body, CancellationToken cancellation)
    {
        await store.ForgetAsync(body.PotId, body.Cut, cancellation);
        await keeper.RefreshAsync(cancellation);
    }

    /// <summary>Takes back that something was forgotten; false where nothing was in the last month.</summary>
    public Task<bool> RememberAsync(long id, CancellationToken cancellation) =>
        ThenLearnAsync(store.RememberAsync(id, cancellation), cancellation);

    private async Task<bool> ThenLearnAsync(Task<bool> change, CancellationToken cancellation)
    {
        var changed = await change;
        if (changed)
        {
            await keeper.RefreshAsync(cancellation);
        }

        return changed;
    }
}
