using Ikuzo.Core.Cooking;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Book;

/// <summary>How a cook was judged at the table; null for what nobody said.</summary>
/// <param name="Juicy">-2 (dry) to 2 (very juicy); 0 is right.</param>
/// <param name="Tender">-2 (tough) to 2 (too soft); 0 is right.</param>
/// <param name="NextTime">What to do next time.</param>
/// <param name="RawGrams">Weight before, g.</param>
/// <param name="CookedGrams">Weight out of the pot, bone and skin with it, g.</param>
public sealed record Tasting(int? Juicy, int? Tender, string? NextTime, double? RawGrams, double? CookedGrams)
{
    /// <summary>What stands of all that was said, each thing as it was said last.</summary>
    /// <param name="standing">Entries that stand, in order.</param>
    public static Tasting Of(IEnumerable<CookEvent> standing) =>
        standing
            .Where(e => e.Kind == CookEventKind.Tasted)
            .Aggregate(
                new Tasting(null, null, null, null, null),
                (said, e) =>
                    new(
                        e.Data.Juicy ?? said.Juicy,
                        e.Data.Tender ?? said.Tender,
                        e.Data.NextTime ?? said.NextTime,
                        e.Data.RawGrams ?? said.RawGrams,
                        e.Data.CookedGrams ?? said.CookedGrams
                    )
            );
}

/// <summary>What a journal says about the pot and the meat: durations that somebody saw, readings, how it ended.</summary>
public sealed record Happened
{
    /// <summary>When the lid first went on; the first entry where it never did.</summary>
    public required DateTimeOffset LidOnAt { get; init; }

    /// <summary>From lid-on until pressure, min; null where nobody saw it.</summary>
    public double? ComeUpMinutes { get; init; }

    /// <summary>Minutes at pressure, the first time; null where it never came to pressure.</summary>
    public double? HeldMinutes { get; init; }

    /// <summary>How the pressure was let go, the first time.</summary>
    public Release? Release { get; init; }

    /// <summary>From the end of the minutes until the pin dropped, min; null where nobody saw it.</summary>
    public double? ReleaseMinutes { get; init; }

    /// <summary>From lid-on until the lid first came off, min.</summary>
    public double? ToOpenMinutes { get; init; }

    /// <summary>From lid-on until it was served, min.</summary>
    public double? TotalMinutes { get; init; }

    /// <summary>The first reading at each spot after the first opening, before it stood covered.</summary>
    public IReadOnlyList<ProbeReading> FirstReadings { get; init; } = [];

    /// <summary>The lowest last reading of the spots, °C; null where nobody measured.</summary>
    public double? LowestCelsius { get; init; }

    /// <summary>How often it was cooked on.</summary>
    public int Returns { get; init; }

    /// <summary>True when it stood covered for a second reading.</summary>
    public bool Stood { get; init; }

    /// <summary>True when it was given up.</summary>
    public bool IsGivenUp { get; init; }

    /// <summary>How it ate.</summary>
    public required Tasting Tasting { get; init; }

    /// <summary>Reads a journal.</summary>
    /// <param name="cook">What was planned.</param>
    /// <param name="journal">Its entries, one or more, in the order of writing.</param>
    public static Happened Of(PlannedCook cook, IReadOnlyList<CookEvent> journal)
    {
        CookEvent[] standing = [.. CookJournal.Standing(journal)];
        CookEvent? First(params CookEventKind[] kinds) => Array.Find(standing, e => kinds.Contains(e.Kind));
        var (lid, pressure, opened) = (First(CookEventKind.LidOn), First(CookEventKind.PressureReached), First(CookEventKind.Opened));
        var vented = Before(opened, First(CookEventKind.Vented));
        var more = standing.TakeWhile(e => e != opened).Where(e => e.Kind == CookEventKind.Lengthened).Sum(e => e.Data.Minutes ?? 0);
        var end = Before(opened, First(CookEventKind.HoldOver))?.At ?? pressure?.At.AddMinutes(cook.Minutes + more);
        end = vented is { } valve && end > valve.At ? valve.At : end;
        var pin = First(CookEventKind.PinDown);
        var last = First(CookEventKind.Finished);
        return new()
        {
            LidOnAt = lid?.At ?? standing[0].At,
            ComeUpMinutes = IsSeen(lid) && IsSeen(pressure) ? Between(lid!.At, pressure!.At) : null,
            HeldMinutes = pressure is null || end is null ? null : Between(pressure.At, end.Value),
            Release = pressure is null || end is null ? null : ReleaseOf(cook.Release, end.Value, vented),
            ReleaseMinutes = IsSeen(pressure) && IsSeen(pin) && end is { } over ? Between(over, pin!.At) : null,
            ToOpenMinutes = lid is null || opened is null ? null : Between(lid.At, opened.At),
            TotalMinutes = lid is null || last is null || IsLongAfter(last, standing) ? null : Between(lid.At, last.At),
            FirstReadings = FirstOf(cook, standing, opened),
            LowestCelsius = Lowest(standing),
            Returns = standing.Count(e => e.Kind == CookEventKind.BackUnderPressure),
            Stood = standing.Any(e => e.Kind == CookEventKind.Covered),
            IsGivenUp = First(CookEventKind.Abandoned) is not null,
            Tasting = Tasting.Of(standing),
        };
    }

    // Closed hours later, when nobody knows any more when it was on the table.
    private static bool IsLongAfter(CookEvent last, CookEvent[] standing) =>
        Array.FindLast(standing, e => e.At < last.At) is { } before && (last.At - before.At).TotalHours >= CookFold.ForgottenHours;

    private static CookEvent? Before(CookEvent? until, CookEvent? entry) => until is not null && entry?.At > until.At ? null : entry;

    private static bool IsSeen(CookEvent? entry) => entry is not null && entry.Data.Text != BackDated.NotSeen;

    private static double Between(DateTimeOffset from, DateTimeOffset to) => Math.Max(0, Math.Round((to - from).TotalMinutes, 2));

    private static Release ReleaseOf(Release planned, DateTimeOffset end, CookEvent? vented)
    {
        const double AtOnceMinutes = 1;
        return vented is null ? Cooking.Release.Natural
            : planned.Kind == ReleaseKind.Pulsed ? planned
            : Between(end, vented.At) is var rest && rest < AtOnceMinutes ? Cooking.Release.Vent
            : Cooking.Release.RestThenVent(rest);
    }

    // Only what was read before anything else was done says how the plan did.
    private static List<ProbeReading> FirstOf(PlannedCook cook, CookEvent[] standing, CookEvent? opened)
    {
        if (opened is null)
        {
            return [];
        }

        CookEventKind[] ends = [CookEventKind.Covered, CookEventKind.BackUnderPressure];
        var own = cook.Request.Load.Cut.Spots.Select(s => s.Id).ToHashSet();
        return
        [
            .. standing
                .Where(e => e.At >= opened.At)
                .TakeWhile(e => !ends.Contains(e.Kind))
                .Where(e => e is { Kind: CookEventKind.Reading, Data: { Spot: not null, Celsius: not null } } && own.Contains(e.Data.Spot!))
                .GroupBy(e => e.Data.Spot!)
                .Select(of => of.MinBy(e => e.Data.Celsius)!)
                .Select(e => new ProbeReading(e.Data.Spot!, e.Data.Celsius!.Value, Between(opened.At, e.At))),
        ];
    }

    private static double? Lowest(CookEvent[] standing)
    {
        var from = Array.FindLastIndex(standing, e => e.Kind == CookEventKind.Opened);
        return standing
            .Skip(Math.Max(0, from))
            .Where(e => e is { Kind: CookEventKind.Reading, Data.Celsius: not null })
            .GroupBy(e => e.Data.Spot)
            .Select(of => (double?)of.Last().Data.Celsius)
            .Min();
    }
}
