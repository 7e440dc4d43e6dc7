using System.Globalization;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Planning;

/// <summary>What following a school would give for this load.</summary>
public enum SchoolVerdict
{
    /// <summary>Does not keep the promise.</summary>
    Short,

    /// <summary>Keeps it, and within the window of the aim.</summary>
    Safe,

    /// <summary>Keeps it, but past the window of the aim.</summary>
    Long,
}

/// <summary>What cooks of one school would set, and what it would give by the same computation.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Name">Name on screen.</param>
/// <param name="Minutes">Minutes that they would set.</param>
/// <param name="Release">How they would let the pressure go.</param>
/// <param name="ColdestP01">Coldest spot at opening, 1st percentile, °C.</param>
/// <param name="Verdict">Short, safe or long.</param>
/// <param name="Consequence">In one sentence.</param>
public sealed record SchoolOutcome(
    string Id,
    string Name,
    double Minutes,
    Release Release,
    double ColdestP01,
    SchoolVerdict Verdict,
    string Consequence
);

/// <summary>How other cooks choose minutes and release. To add a school, add one entry.</summary>
public static class Schools
{
    /// <summary>Id of no school: what is computed.</summary>
    public const string None = "none";

    /// <summary>Ids and names, in the order in which they are shown.</summary>
    public static IReadOnlyList<(string Id, string Name)> Names => [.. All.Select(s => (s.Id, s.Name))];

    // What such cooks say themselves; min/kg are per bird.
    private const double ThawedMinutesPerKg = 13,
        FrozenMinutesPerKg = 22,
        TenderMinutesPerKg = 16,
        FlatMinutes = 25,
        HalfAgain = 1.5,
        RestMinutes = 10;

    private static readonly School[] All =
    [
        new(
            "by-weight",
            "By weight",
            r => IsBird(r) ? r.Load.PieceKg * (IsFrozen(r) ? FrozenMinutesPerKg : ThawedMinutesPerKg) : null,
            Release.Natural
        ),
        new("flat", "One number for any bird", r => IsBird(r) && !IsFrozen(r) ? FlatMinutes : null, Release.Natural),
        new("tender-first", "Tender first", r => IsBird(r) && !IsFrozen(r) ? r.Load.PieceKg * TenderMinutesPerKg : null, Release.Natural),
        new("same-minutes", "Frozen as if thawed", r => IsFrozen(r) && !IsBird(r) ? ThawedMinutes(r) : null, Release.Natural),
        new(
            "half-again",
            "Frozen, half as long again",
            r => IsFrozen(r) && !IsBird(r) ? ThawedMinutes(r) * HalfAgain : null,
            Release.Natural
        ),
        new("never-vent", "Never vent", null, Release.Natural),
        new("rest-then-vent", "Rest, then vent", null, Release.RestThenVent(RestMinutes)),
        new("vent-at-once", "Vent at once", null, Release.Vent),
    ];

    /// <summary>The schools that have a say about this load.</summary>
    internal static IReadOnlyList<Saying> Of(PlanRequest request) =>
        [.. All.Where(s => !(Vents(s.Release) && ReleaseChoice.Spurts(request))).Select(s => Saying(s, request)).OfType<Saying>()];

    /// <summary>
    /// What each would give. Those about the release alone take the minutes of the plan, and are left out where they are the plan.
    /// </summary>
    internal static IReadOnlyList<SchoolOutcome> Judge(
        IReadOnlyList<Saying> sayings,
        PlanRequest request,
        EnsembleSession session,
        Branch plan,
        double planLoss,
        CancellationToken cancellation
    )
    {
        var others = sayings
            .Where(s => s.Minutes is not null || s.School.Release != plan.Release)
            .Select(s => (s.School, Branch: s.After(plan)))
            .ToList();
        var outcomes = session.Try([.. others.Select(s => s.Branch)], request.IsForThermometer, cancellation);
        return [.. others.Zip(outcomes, (s, outcome) => Judge(s.School, request, outcome, planLoss))];
    }

    private static Saying? Saying(School school, PlanRequest request) =>
        school.Minutes is null ? new(school, null)
        : school.Minutes(request) is { } minutes ? new(school, Math.Round(minutes))
        : null;

    private static bool Vents(Release release) => release.Kind is ReleaseKind.Vent or ReleaseKind.RestThenVent;

    private static SchoolOutcome Judge(School school, PlanRequest request, TriedEnding ending, double planLoss)
    {
        var (outcome, measured) = ending;
        var readiness = measured is null ? null : new Readiness(measured);
        double Middle(float[] values) => Quantiles.Of(Quantiles.Sorted(values), 0.5);
        var coldest = Quantiles.Of(Quantiles.Sorted(outcome.Coldest), SafetyRule.ShareBelow);
        var tenderness = Middle(outcome.Tenderness);
        var verdict =
            !request.IsKept(outcome.IsSafe, readiness?.AtFirst ?? 0, readiness?.AfterRest ?? 0) ? SchoolVerdict.Short
            : tenderness > request.Load.Cut.Window.Greatest(request.WantedAim) ? SchoolVerdict.Long
            : SchoolVerdict.Safe;
        var consequence = Consequence(
            verdict,
            request,
            (outcome, readiness),
            coldest,
            tenderness,
            Middle(outcome.WaterLossPercent) - planLoss
        );
        return new SchoolOutcome(
            school.Id,
            school.Name,
            outcome.Branch.HoldMinutes,
            outcome.Branch.Release,
            Math.Round(coldest, 2, MidpointRounding.ToNegativeInfinity),
            verdict,
            consequence
        );
    }

    private static string Consequence(
        SchoolVerdict verdict,
        PlanRequest request,
        (BranchOutcome Outcome, Readiness? Ready) ending,
        double coldest,
        double tenderness,
        double moreLoss
    )
    {
        const double Noticeable = 0.25;
        var say = new Wording(request.Units);
        var juice =
            Math.Abs(moreLoss) < Noticeable
                ? "the same juice lost"
                : $"{Wording.Percent(Math.Abs(moreLoss))} {(moreLoss > 0 ? "more" : "less")} juice lost";
        var safe = ending switch
        {
            { Ready: { } ready } when !ending.Outcome.IsSafe => $"Ready in {PromiseWords.Share(ready.AtFirst)} cooks when you measure",
            _ => "Sure without measuring",
        };
        return verdict switch
        {
            SchoolVerdict.Short when ending.Ready is { } ready => string.Create(
                CultureInfo.InvariantCulture,
                $"Too short: ready in {PromiseWords.Share(ready.AtFirst)} cooks when you measure, and "
                    + $"{Math.Max(1, (1 - ready.AfterRest) * 100):0} in 100 would go back."
            ),
            SchoolVerdict.Short => string.Create(
                CultureInfo.InvariantCulture,
                $"Not sure: in {Math.Max(1, (1 - ending.Outcome.ShareAtCore) * 100):0} of 100 cooks the middle stays "
                    + $"under {say.Temperature(SafetyRule.CoreCelsius)}, at worst {say.AtLeast(coldest)}."
            ),
            SchoolVerdict.Long => $"{safe}, with {juice} and meat that {Reasons.Label(request.Load.Cut, request.WantedAim, tenderness)}.",
            _ => $"{safe}, with {juice}.",
        };
    }

    private static bool IsBird(PlanRequest request) => request.Load.Cut.Part is Part.Whole;

    private static bool IsFrozen(PlanRequest request) => request.Load.State == MeatState.Frozen;

    private static double? ThawedMinutes(PlanRequest request)
    {
        var thawed = request with
        {
            Load = request.Load with { State = MeatState.Chilled, StartCelsius = null, Arrangement = Arrangement.Single },
        };
        var aim = request.LeastTenderness;
        return Scout.Run(ModelBuilder.Build(thawed), [Release.Natural], aim)?[0].Minutes;
    }
}

/// <summary>A school. Minutes: null for one that is about the release alone; gives null for a load that it has no say about.</summary>
internal sealed record School(string Id, string Name, Func<PlanRequest, double?>? Minutes, Release Release);

/// <summary>What a school says about a load: minutes, or null where it takes those of the plan.</summary>
internal sealed record Saying(School School, double? Minutes)
{
    /// <summary>The ending that it leads to beside a plan.</summary>
    public Branch After(Branch plan) => new(Minutes ?? plan.HoldMinutes, School.Release);
}
