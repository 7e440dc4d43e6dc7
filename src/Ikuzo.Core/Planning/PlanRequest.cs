using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Planning;

/// <summary>State of the meat when the lid closes.</summary>
public enum MeatState
{
    /// <summary>From the fridge.</summary>
    Chilled,

    /// <summary>From the freezer.</summary>
    Frozen,

    /// <summary>At room temperature.</summary>
    Room,
}

/// <summary>How the pieces lie to each other.</summary>
public enum Arrangement
{
    /// <summary>Steam reaches every side.</summary>
    Single,

    /// <summary>Pieces lie on each other.</summary>
    Overlapping,

    /// <summary>Frozen together.</summary>
    Lump,
}

/// <summary>Setting of the pot.</summary>
public enum PressureSetting
{
    /// <summary>The usual one.</summary>
    High,

    /// <summary>The gentler one.</summary>
    Low,
}

/// <summary>The meat that goes in.</summary>
public sealed record MeatLoad
{
    /// <summary>Lightest load, kg.</summary>
    public const double LeastKg = 0.005;

    /// <summary>Heaviest load, kg: more than any household pot takes.</summary>
    public const double MostKg = 15;

    /// <summary>Most pieces.</summary>
    public const int MostPieces = 200;

    /// <summary>Least thickness, mm.</summary>
    public const double LeastThicknessMm = 3;

    /// <summary>Greatest thickness, mm.</summary>
    public const double MostThicknessMm = 200;

    /// <summary>The cut.</summary>
    public required Cut Cut { get; init; }

    /// <summary>State at lid-on.</summary>
    public MeatState State { get; init; } = MeatState.Chilled;

    /// <summary>Temperature at lid-on, °C; null for the usual one of the state.</summary>
    public double? StartCelsius { get; init; }

    /// <summary>Number of pieces, 1 or more.</summary>
    public required int Pieces { get; init; }

    /// <summary>Weight of all pieces, kg.</summary>
    public required double TotalKg { get; init; }

    /// <summary>Measured thickness at the thickest point, mm; null when only weighed.</summary>
    public double? ThicknessMm { get; init; }

    /// <summary>How the pieces lie.</summary>
    public Arrangement Arrangement { get; init; }

    /// <summary>Where they lie.</summary>
    public Placement Placement { get; init; }

    /// <summary>Days since it was bought fresh or thawed, in the fridge; null when nobody knows.</summary>
    public double? DaysInFridge { get; init; }

    /// <summary>The cut, in the singular for one piece: "chicken thighs, bone in".</summary>
    public string Name => Pieces == 1 ? Cut.Name : Cut.Plural;

    /// <summary>Number and cut: "6 chicken thighs, bone in".</summary>
    public string Words => FormattableString.Invariant($"{Pieces} {Name}");

    /// <summary>Weight of one piece, kg.</summary>
    public double PieceKg => TotalKg / Pieces;

    /// <summary>Thickness of one piece, measured or from its weight, m.</summary>
    public double ThicknessMetres => ThicknessMm / 1000 ?? Cut.ThicknessMetres(PieceKg);

    /// <summary>Temperature at lid-on, °C: 4 from the fridge, -18 from the freezer, 20 at room temperature unless given.</summary>
    public double Celsius => StartCelsius ?? State switch { MeatState.Frozen => -18, MeatState.Room => 20, _ => 4 };
}

/// <summary>A companion with its amount.</summary>
/// <param name="Companion">What.</param>
/// <param name="Grams">How much, g.</param>
/// <param name="InBowl">True in a bowl on the rack, with its own water.</param>
public sealed record CompanionLoad(Companion Companion, double Grams, bool InBowl = false)
{
    /// <summary>True when it makes the valve spurt.</summary>
    public bool Spurts => Companion.Foams && !InBowl;

    /// <summary>Liquid that it takes from the pot, ml.</summary>
    public double AbsorbsMl => InBowl ? 0 : Grams * Companion.AbsorbsMlPerGram;

    /// <summary>Mass that warms with it, kg: in a bowl with the water that it will drink.</summary>
    public double Kg => (Grams + (InBowl ? Grams * Companion.AbsorbsMlPerGram : 0)) / 1000;
}

/// <summary>One question to the planner.</summary>
public sealed record PlanRequest
{
    /// <summary>The pot.</summary>
    public required PotModel Pot { get; init; }

    /// <summary>Altitude of the kitchen, m.</summary>
    public double AltitudeMetres { get; init; }

    /// <summary>Temperature of the kitchen and of what goes in beside the meat, °C.</summary>
    public double RoomCelsius { get; init; } = 21;

    /// <summary>The meat.</summary>
    public required MeatLoad Load { get; init; }

    /// <summary>Thin liquid, ml; null for the least that the pot asks for.</summary>
    public double? LiquidMl { get; init; }

    /// <summary>What else is in the pot.</summary>
    public IReadOnlyList<CompanionLoad> Companions { get; init; } = [];

    /// <summary>The same with other meat in the pot, which this meat sees as a load of heat.</summary>
    /// <param name="kg">How much, kg; 0 for none.</param>
    public PlanRequest WithOtherMeat(double kg) => kg > 0 ? this with { Companions = [.. Companions, new CompanionLoad(Companion.OtherMeat, kg * 1000)] } : this;

    /// <summary>How the meat should end; null for what is usual for the cut.</summary>
    public Aim? Aim { get; init; }

    /// <summary>Setting of the pot.</summary>
    public PressureSetting Pressure { get; init; }

    /// <summary>Minutes that the cook wants to try; null for the computed ones.</summary>
    public double? Minutes { get; init; }

    /// <summary>Release that the cook wants to try; null for the computed one.</summary>
    public Release? Release { get; init; }

    /// <summary>School whose minutes and release the household follows where they are safe; null for what is computed.</summary>
    public string? School { get; init; }

    /// <summary>When the lid goes on; null for a plan without a clock.</summary>
    public DateTimeOffset? LidOnAt { get; init; }

    /// <summary>True when the meat was browned in the pot first.</summary>
    public bool Browned { get; init; }

    /// <summary>Other pots of the kitchen, for what does not fit into this one.</summary>
    public IReadOnlyList<NamedPot> OtherPots { get; init; } = [];

    /// <summary>Codes of stops that the cook has seen to, such as "giblets".</summary>
    public IReadOnlyList<string> Confirmed { get; init; } = [];

    /// <summary>Units of the words in the answer.</summary>
    public UnitSystem Units { get; init; }

    /// <summary>Liquid in the pot, ml.</summary>
    public double Liquid => LiquidMl ?? Pot.MinimumLiquidMl;

    /// <summary>The aim asked for or usual.</summary>
    public Aim WantedAim => Aim ?? Load.Cut.UsualAim;

    /// <summary>Gauge pressure of the setting, kPa.</summary>
    public double GaugeKpa => Pressure == PressureSetting.High ? Pot.HighGaugeKpa : Pot.LowGaugeKpa;
}
