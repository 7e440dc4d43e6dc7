using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Aftercare;

namespace Ikuzo.Core.Running.Journal;

/// <summary>One meat of a cook.</summary>
/// <param name="Key">Its name within the dish; empty for the only or first one.</param>
/// <param name="Request">The question, with the pot and kitchen of that day; other meat in the pot is a load of heat.</param>
public sealed record PlannedMeat(string Key, PlanRequest Request)
{
    /// <summary>Name of one of its spots within the cook.</summary>
    public string SpotId(Spot spot) => Key.Length == 0 ? spot.Id : $"{Key}/{spot.Id}";
}

/// <summary>A spot that is measured.</summary>
/// <param name="Id">Unique within the cook.</param>
/// <param name="Meat">Of which meat.</param>
/// <param name="Spot">Spot of its cut.</param>
/// <param name="Where">Where the probe goes; says of which meat when there are several.</param>
public sealed record CookSpot(string Id, PlannedMeat Meat, Spot Spot, string Where);

/// <summary>What a cook set out to do: the question, and of its answer what the running cook is held against.</summary>
public sealed record PlannedCook
{
    /// <summary>The question of the only or first meat.</summary>
    public required PlanRequest Request { get; init; }

    /// <summary>Other meat that is in the pot at the same time, each with a key of its own.</summary>
    public IReadOnlyList<PlannedMeat> Others { get; init; } = [];

    /// <summary>Minutes under pressure.</summary>
    public required double Minutes { get; init; }

    /// <summary>How the pressure is let go.</summary>
    public required Release Release { get; init; }

    /// <summary>
    /// Minutes that are sure without measuring, where those of the cook are for a thermometer; null where its own are, and where none are.
    /// </summary>
    public double? SureMinutes { get; init; }

    /// <summary>Minutes that are still missing to be sure for who turns out to have no thermometer; 0 for none.</summary>
    public double MissingMinutes => SureMinutes is { } sure ? Math.Max(0, sure - Minutes) : 0;

    /// <summary>
    /// Minutes after which it is as sure in the pot left closed, the pin down and the heater off; null where it is not, or need not be.
    /// </summary>
    public double? SureClosedMinutes { get; init; }

    /// <summary>From lid-on until pressure, min.</summary>
    public required Spread90 ToPressureMinutes { get; init; }

    /// <summary>From the end of the hold until the lid may be opened, min.</summary>
    public required Spread90 ReleaseMinutes { get; init; }

    /// <summary>Minutes since the pin dropped until which it is as good left in the closed pot; 0 where nobody looked.</summary>
    public double AsGoodMinutes { get; init; }

    /// <summary>Steps before the lid goes on, in order: what is cooked on its own first.</summary>
    public IReadOnlyList<CookStep> Before { get; init; } = [];

    /// <summary>Thin liquids with their amounts, in order; empty for water or whatever is at hand.</summary>
    public IReadOnlyList<string> Liquids { get; init; } = [];

    /// <summary>What goes in and changes no minutes, with its amounts.</summary>
    public IReadOnlyList<string> Aromatics { get; init; } = [];

    /// <summary>What is fried besides the meat where that is browned, in order.</summary>
    public IReadOnlyList<FryStep> Frying { get; init; } = [];

    /// <summary>What loosens the browned bits; null for a splash of the liquid.</summary>
    public string? DeglazeWith { get; init; }

    /// <summary>Steps after the meat is done, in order.</summary>
    public IReadOnlyList<CookStep> After { get; init; } = [];

    /// <summary>Jobs for free hands.</summary>
    public IReadOnlyList<HandsFreeJob> Meanwhile { get; init; } = [];

    /// <summary>All meat in the pot.</summary>
    public IReadOnlyList<PlannedMeat> Meats => [new PlannedMeat("", Request), .. Others];

    /// <summary>All spots to measure: none is left out before anything is called done.</summary>
    public IReadOnlyList<CookSpot> Spots =>
        [
            .. Meats.SelectMany(m =>
                m.Request.Load.Cut.Spots.Select(s => new CookSpot(
                    m.SpotId(s),
                    m,
                    s,
                    Others.Count == 0 ? s.Where : $"{m.Request.Load.Name}: {s.Where}"
                ))
            ),
        ];

    /// <summary>The cook that a plan describes; null for a plan with a stop.</summary>
    public static PlannedCook? Of(PlanRequest request, Plan plan) =>
        plan is { Minutes: { } minutes, Release: { } release, ToPressureMinutes: { } up, ReleaseMinutes: { } down }
            ? new()
            {
                Request = request,
                Minutes = minutes,
                Release = release,
                SureMinutes = plan.SureMinutes,
                ToPressureMinutes = up,
                ReleaseMinutes = down,
                After = AfterPot.Steps(request, new()),
            }
            : null;
}
