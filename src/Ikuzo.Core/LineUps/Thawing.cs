using Ikuzo.Core.Conduction;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.LineUps;

/// <summary>How long a way of thawing takes for one load.</summary>
/// <param name="Way">The way.</param>
/// <param name="ComputedHours">Until the middle of the thickest piece has no ice, by the engine, h; null for no thawing.</param>
/// <param name="RuleHours">By the official rule of thumb, h; null for no thawing.</param>
/// <param name="Hours">What counts: the longer of the two, h.</param>
/// <param name="KeepsHours">How long it may wait afterwards, h; 0 for at once.</param>
/// <param name="How">What to do.</param>
public sealed record ThawEstimate(ThawWay Way, double? ComputedHours, double? RuleHours, double Hours, double KeepsHours, string How);

/// <summary>A way of thawing with the cook that follows.</summary>
/// <param name="Thaw">The thawing; for none, its computed and rule hours are those of the cook from frozen.</param>
/// <param name="CookMinutes">From lid-on to open; null when that cook cannot be planned.</param>
public sealed record ThawChoice(ThawEstimate Thaw, LikelyAndLate? CookMinutes);

/// <summary>Thaws a load in the fridge or in cold water, with the solver of the cook and the rule of thumb; the longer governs.</summary>
public static class Thawing
{
    /// <summary>Official rule in the fridge, h/kg: 24 h per 2 kg (USDA FSIS, 4 to 5 lb).</summary>
    public const double FridgeRuleHoursPerKg = 12;

    /// <summary>Official rule in cold water, h/kg: about an hour per kilogram (USDA FSIS, 30 min per lb).</summary>
    public const double WaterRuleHoursPerKg = 1;

    /// <summary>Minutes after which cold water is changed (USDA FSIS).</summary>
    public const double WaterChangeMinutes = 30;

    /// <summary>Official rule for cooking from frozen: half as long again as thawed (USDA FSIS).</summary>
    public const double FrozenRuleFactor = 1.5;

    private const double LeastFridgeHours = 8,
        LeastWaterHours = 0.5; // nobody plans for less
    private const double FridgeCelsius = 4,
        WaterCelsius = 10; // a cold tap; a warmer one would only be faster
    private const double FridgeFilm = 9,
        WaterFilm = 120; // W/m²K: still air around a wrapped piece; slowly moving water around a tight bag. Estimates.
    private const double Cautious = 1.15; // a thickness taken from the weight may be this much greater: one standard deviation
    private const double MostHours = 240;
    private const double MostStepSeconds = 60;

    /// <summary>What thawing takes.</summary>
    /// <param name="load">Frozen meat.</param>
    /// <param name="way">The way.</param>
    public static ThawEstimate Of(MeatLoad load, ThawWay way) =>
        way switch
        {
            ThawWay.Fridge => Longer(
                load,
                way,
                Compute(load, FridgeFilm, FridgeCelsius),
                Math.Max(LeastFridgeHours, FridgeRuleHoursPerKg * HeaviestTogetherKg(load)),
                FoodRules.Thawed(ThawedWhere.Fridge).Hours,
                "In the fridge, in a tray, away from what is eaten raw."
            ),
            ThawWay.ColdWater => Longer(
                load,
                way,
                Compute(load, WaterFilm, WaterCelsius),
                Math.Max(LeastWaterHours, WaterRuleHoursPerKg * HeaviestTogetherKg(load)),
                FoodRules.Thawed(ThawedWhere.ColdWater).Hours,
                "In a tight bag under cold water, changed every half an hour; then cook it at once."
            ),
            _ => new(
                ThawWay.None,
                null,
                null,
                0,
                0,
                "Straight into the pot, if your manual allows frozen meat. Never thaw on the counter."
            ),
        };

    /// <summary>Every way for one cook of frozen meat, each with the time under the lid that follows it.</summary>
    /// <param name="request">The cook; its load is taken as frozen before and chilled after thawing.</param>
    /// <param name="cancellation">Stops the work.</param>
    public static IReadOnlyList<ThawChoice> Choices(PlanRequest request, CancellationToken cancellation = default)
    {
        var frozen = request with { Load = request.Load with { State = MeatState.Frozen } };
        var thawed = request with
        {
            Load = request.Load with
            {
                State = MeatState.Chilled,
                StartCelsius = null,
                Arrangement = request.Load.Arrangement == Arrangement.Lump ? Arrangement.Single : request.Load.Arrangement,
            },
        };
        var (fromFrozen, fromThawed) = (CookMinutes(frozen, cancellation), CookMinutes(thawed, cancellation));
        var straight = Of(frozen.Load, ThawWay.None) with
        {
            ComputedHours = fromFrozen?.P95 / 60,
            RuleHours = fromThawed?.P95 * FrozenRuleFactor / 60,
        };
        return
        [
            new(Of(frozen.Load, ThawWay.Fridge), fromThawed),
            new(Of(frozen.Load, ThawWay.ColdWater), fromThawed),
            new(straight, fromFrozen),
        ];
    }

    private static LikelyAndLate? CookMinutes(PlanRequest request, CancellationToken cancellation) =>
        Planner.Compute(request, cancellation) is { Minutes: not null, TotalMinutes: { } total } ? new(total.P50, total.P95) : null;

    private static ThawEstimate Longer(MeatLoad load, ThawWay way, double computed, double rule, double keeps, string how) =>
        new(
            way,
            Math.Round(computed, 1),
            Math.Round(rule, 1),
            Math.Ceiling(Math.Max(computed, rule) * 2) / 2,
            keeps,
            load.Arrangement == Arrangement.Lump ? $"{how} Pull the pieces apart as soon as they give." : how
        );

    // Single pieces thaw side by side; the official figure is for the package, and packages hold about a kilogram and a half.
    private static double HeaviestTogetherKg(MeatLoad load) =>
        load.Arrangement == Arrangement.Lump ? load.TotalKg : Math.Max(load.PieceKg, Math.Min(load.TotalKg, 1.5));

    private static double Compute(MeatLoad load, double film, double celsius)
    {
        var model = ModelBuilder.Build(new PlanRequest { Pot = PotDefaults.For(5.7), Load = load with { State = MeatState.Frozen } });
        return model.Bodies.Max(body =>
        {
            var half = body.HalfThicknessMetres * (load.ThicknessMm is null ? Cautious : 1);
            var step = Math.Min(MostStepSeconds, ConductionMesh.StepSeconds(half, FrozenDiffusivity));
            return new ConductionCourse(half, body.Dimensionality, model.Meat, body.CoreFraction)
                .Centre(model.StartCelsius, film, celsius, step, MostHours)
                .SkipWhile(c => c.CentreCelsius < model.Meat.FreezingCelsius)
                .Select(c => c.Hours)
                .FirstOrDefault(MostHours);
        });
    }

    private const double FrozenDiffusivity = 1.0e-6; // m²/s, frozen lean meat, ASHRAE Refrigeration ch. 19
}
