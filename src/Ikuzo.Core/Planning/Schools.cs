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
    private const double ClearlyKelvin = 1.5; // tuning number

    private static readonly School[] All =
    [
        new(
            "by-weight",
            "By weight",
            a => a.IsBird ? a.PieceKg * (a.IsFrozen ? FrozenMinutesPerKg : ThawedMinutesPerKg) : null,
            Release.Natural
        ),
        new("flat", "One number for any bird", a => a.IsBird && !a.IsFrozen ? FlatMinutes : null, Release.Natural),
        new("tender-first", "Tender first", a => a.IsBird && !a.IsFrozen ? a.PieceKg * TenderMinutesPerKg : null, Release.Natural),
        new("same-minutes", "Frozen as if thawed", a => a.IsFrozen && !a.IsBird ? a.ThawedMinutes : null, Release.Natural),
        new("half-again", "Frozen, half as long again", a => a.IsFrozen && !a.IsBird ? a.ThawedMinutes * HalfAgain : null, Release.Natural),
        new("never-vent", "Never vent", null, Release.Natural),
        new("rest-then-vent", "Rest, then vent", null, Release.RestThenVent(RestMinutes)),
        new("vent-at-once", "Vent at once", null, Release.Vent),
    ];

    /// <summary>The schools that have a say about this load.</summary>
    internal static IReadOnlyList<Saying> Of(PlanRequest request)
    {
        var asked = new AskedOfSchool(request);
        return [.. All.Where(s => !(Vents(s.Release) && ReleaseChoice.Spurts(request))).Select(s => Saying(s, asked)).OfType<Saying>()];
    }

    /// <summary>
    /// What each would give. Those about the release alone take the minutes of the plan, and are left out where they are the plan. What has
    /// the release of the plan and is clearly safe is read where it stands on the ribbon; the rest is computed.
    /// </summary>
    internal static IReadOnlyList<SchoolOutcome> Judge(
        IReadOnlyList<Saying> sayings,
        PlanRequest request,
        EnsembleSession session,
        (Branch Own, MinuteBand Band) plan,
        CancellationToken cancellation
    )
    {
        var (own, band) = plan;
        var others = sayings
            .Where(s => s.Minutes is not null || s.School.Release != own.Release)
            .Select(s => (s.School, Branch: s.After(own)))
            .ToList();
        bool IsRead(Branch b) => b.Release == own.Release && b.HoldMinutes <= band.Last && IsClearlySafe(band.At(b.HoldMinutes));
        Branch[] open = [.. others.Select(o => o.Branch).Where(b => !IsRead(b))];
        var tried = open.Zip(session.Try(open, request.IsForThermometer, cancellation)).DistinctBy(t => t.First).ToDictionary();
        var ownLoss = band.At(own.HoldMinutes).WaterLossP50;
        return
        [
            .. others.Select(o =>
                Judge(
                    o.School,
                    request,
                    o.Branch,
                    tried.TryGetValue(o.Branch, out var t) ? Gives(t) : band.At(o.Branch.HoldMinutes),
                    ownLoss
                )
            ),
        ];
    }

    // What is read between computed minutes is off by less than a kelvin there, and no sentence names it.
    private static bool IsClearlySafe(BandPoint point) => point.ColdestP01 >= SafetyRule.CoreCelsius + ClearlyKelvin;

    private static BandPoint Gives(TriedEnding ending)
    {
        var (outcome, measured) = ending;
        var readiness = measured is null ? null : new Readiness(measured);
        double At(float[] values, double share) => Quantiles.Of(Quantiles.Sorted(values), share);
        return new(
            outcome.Branch.HoldMinutes,
            outcome.ShareAtCore,
            At(outcome.Coldest, SafetyRule.ShareBelow),
            At(outcome.Coldest, 0.5),
            At(outcome.WaterLossPercent, 0.5),
            At(outcome.Tenderness, 0.5),
            readiness?.AtFirst ?? 0,
            readiness?.AfterRest ?? 0
        );
    }

    private static Saying? Saying(School school, AskedOfSchool asked) =>
        school.Minutes is null ? new(school, null)
        : school.Minutes(asked) is { } minutes ? new(school, Math.Round(minutes))
        : null;

    private static bool Vents(Release release) => release.Kind is ReleaseKind.Vent or ReleaseKind.RestThenVent;

    private static SchoolOutcome Judge(School school, PlanRequest request, Branch branch, BandPoint gives, double planLoss)
    {
        var verdict =
            !request.IsKept(SafetyRule.Holds(gives.ChanceSafe), gives.ReadyAtFirst, gives.ReadyAfterRest) ? SchoolVerdict.Short
            : gives.Tenderness > request.Load.Cut.Window.Greatest(request.WantedAim) ? SchoolVerdict.Long
            : SchoolVerdict.Safe;
        return new SchoolOutcome(
            school.Id,
            school.Name,
            branch.HoldMinutes,
            branch.Release,
            Math.Round(gives.ColdestP01, 2, MidpointRounding.ToNegativeInfinity),
            verdict,
            Consequence(verdict, request, gives, gives.WaterLossP50 - planLoss)
        );
    }

    private static string Consequence(SchoolVerdict verdict, PlanRequest request, BandPoint gives, double moreLoss)
    {
        var say = new Wording(request.Units);
        var juice =
            Math.Abs(moreLoss) < Wording.LeastPercent
                ? "the same juice lost"
                : $"{Wording.Percent(Math.Abs(moreLoss))} {(moreLoss > 0 ? "more" : "less")} juice lost";
        var safe =
            request.IsForThermometer && !SafetyRule.Holds(gives.ChanceSafe)
                ? $"Ready in {PromiseWords.Share(gives.ReadyAtFirst)} cooks when you measure"
                : "Sure without measuring";
        return verdict switch
        {
            SchoolVerdict.Short when request.IsForThermometer => string.Create(
                CultureInfo.InvariantCulture,
                $"Too short: ready in {PromiseWords.Share(gives.ReadyAtFirst)} cooks when you measure, and "
                    + $"{Math.Max(1, (1 - gives.ReadyAfterRest) * 100):0} in 100 would go back."
            ),
            SchoolVerdict.Short => string.Create(
                CultureInfo.InvariantCulture,
                $"Not sure: in {Math.Max(1, (1 - gives.ChanceSafe) * 100):0} of 100 cooks the middle stays "
                    + $"under {say.Temperature(SafetyRule.CoreCelsius)}, at worst {say.AtLeast(gives.ColdestP01)}."
            ),
            SchoolVerdict.Long =>
                $"{safe}, with {juice} and meat that {Reasons.Label(request.Load.Cut, request.WantedAim, gives.Tenderness)}.",
            _ => $"{safe}, with {juice}.",
        };
    }
}

/// <summary>What a school goes by.</summary>
internal sealed class AskedOfSchool(PlanRequest request)
{
    private readonly Lazy<double?> _thawedMinutes = new(() =>
    {
        var load = request.Load with { State = MeatState.Chilled, StartCelsius = null, Arrangement = Arrangement.Single };
        return Scout.Run(ModelBuilder.Build(request with { Load = load }), [Release.Natural], request.LeastTenderness)?[0].Minutes;
    });

    public bool IsBird => request.Load.Cut.Part is Part.Whole;

    public bool IsFrozen => request.Load.State == MeatState.Frozen;

    public double PieceKg => request.Load.PieceKg;

    /// <summary>What the same needs thawed; null where no minutes do.</summary>
    public double? ThawedMinutes => _thawedMinutes.Value;
}

/// <summary>A school. Minutes: null for one that is about the release alone; gives null for a load that it has no say about.</summary>
internal sealed record School(string Id, string Name, Func<AskedOfSchool, double?>? Minutes, Release Release);

/// <summary>What a school says about a load: minutes, or null where it takes those of the plan.</summary>
internal sealed record Saying(School School, double? Minutes)
{
    /// <summary>The ending that it leads to beside a plan.</summary>
    public Branch After(Branch plan) => new(Minutes ?? plan.HoldMinutes, School.Release);
}
