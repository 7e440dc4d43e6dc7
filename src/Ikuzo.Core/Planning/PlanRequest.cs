using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Filling;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Planning;

/// <summary>One question to the planner: a filled pot in its kitchen, and what is wanted of it.</summary>
public sealed record PlanRequest : FilledPot
{
    /// <summary>Altitude of the kitchen, m.</summary>
    public double AltitudeMetres { get; init; }

    /// <summary>Temperature of the kitchen and of what goes in beside the meat, °C.</summary>
    public double RoomCelsius { get; init; } = 21;

    /// <summary>The same with other meat in the pot, which this meat sees as a load of heat.</summary>
    /// <param name="kg">How much, kg; 0 for none.</param>
    /// <param name="heatKg">Heat that it takes, see <see cref="MeatLoad.HeatKg"/>; null for that of its weight.</param>
    public PlanRequest WithOtherMeat(double kg, double? heatKg = null) =>
        kg > 0 ? this with { Companions = [.. Companions, new CompanionLoad(Companion.OtherMeat, kg * 1000) { HeatKg = heatKg }] } : this;

    /// <summary>How the meat should end; null for what is usual for the cut.</summary>
    public Aim? Aim { get; init; }

    /// <summary>Setting of the pot.</summary>
    public PressureSetting Pressure { get; init; }

    /// <summary>What the minutes promise.</summary>
    public Promise Promise { get; init; }

    /// <summary>
    /// True when a thermometer decides. Pieces too small for a probe are not told by one of them, whatever the household wants.
    /// </summary>
    public bool IsForThermometer => Promise == Promise.Measured && !Load.Cut.IsTooSmallToMeasure;

    /// <summary>True when an ending keeps the promise: what is safe at opening keeps either.</summary>
    /// <param name="isSafe">True when the safety rule holds at opening.</param>
    /// <param name="atFirst">Share that is done at the first reading; of no matter where no thermometer decides.</param>
    /// <param name="afterRest">Share that is done then or after standing covered; of no matter where no thermometer decides.</param>
    internal bool IsKept(bool isSafe, double atFirst, double afterRest) =>
        isSafe || (IsForThermometer && Readiness.Keep(atFirst, afterRest, MostReturns));

    /// <summary>Share of cooks that may need more than the first reading, 0.01 to 0.5.</summary>
    public double MostReturns { get; init; } = Readiness.UsualMostReturns;

    /// <summary>
    /// What the household has learned. Until enough measured cooks agree its minutes are never fewer than without it.
    /// </summary>
    public LearnedDraws Learned { get; init; } = LearnedDraws.Nothing;

    /// <summary>Least tenderness that is wanted: of the cut and the aim, and as this household likes it.</summary>
    public double LeastTenderness => Load.Cut.Window.Least(WantedAim) is > 0 and var least ? least + (IsForStock ? 0 : Learned.Softer) : 0;

    /// <summary>Minutes that the cook wants to try; null for the computed ones.</summary>
    public double? Minutes { get; init; }

    /// <summary>Release that the cook wants to try; null for the computed one.</summary>
    public Release? Release { get; init; }

    /// <summary>School whose minutes and release the household follows where they are safe; null for what is computed.</summary>
    public string? School { get; init; }

    /// <summary>When the lid goes on; null for a plan without a clock.</summary>
    public DateTimeOffset? LidOnAt { get; init; }

    /// <summary>When it is to be eaten: then the lid goes on as late as that allows, never before <see cref="LidOnAt"/>.</summary>
    public DateTimeOffset? EatAt { get; init; }

    /// <summary>True when the meat was browned in the pot first, which is still hot when the liquid goes in.</summary>
    public bool Browned { get; init; }

    /// <summary>True when the pot and its liquid are still hot from what was cooked in it a moment ago.</summary>
    public bool StartsHot { get; init; }

    /// <summary>Codes of stops that the cook has seen to, such as "giblets".</summary>
    public IReadOnlyList<string> Confirmed { get; init; } = [];

    /// <summary>Units of the words in the answer.</summary>
    public UnitSystem Units { get; init; }

    /// <summary>The aim asked for or usual.</summary>
    public Aim WantedAim => Aim ?? Load.Cut.UsualAim;

    /// <summary>True for bones and skin in water, cooked for what they give to it.</summary>
    public override bool IsForStock => WantedAim == Poultry.Aim.Stock;

    /// <inheritdoc/>
    /// <remarks>Stock is made in water that covers, unless another amount is said.</remarks>
    public override double Liquid => LiquidMl is null && IsForStock ? LiquidNeed.ToCover(this) : base.Liquid;

    /// <inheritdoc/>
    public override Placement Placement => IsForStock ? Placement.InLiquid : base.Placement;

    /// <summary>Gauge pressure of the setting, kPa.</summary>
    public double GaugeKpa => Pressure == PressureSetting.High ? Pot.HighGaugeKpa : Pot.LowGaugeKpa;
}
