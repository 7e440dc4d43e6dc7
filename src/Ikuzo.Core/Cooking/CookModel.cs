using Ikuzo.Core.Companions;
using Ikuzo.Core.Conduction;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Physics;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Cooking;

/// <summary>One critical spot as a conduction problem.</summary>
/// <param name="SpotId">Spot of the cut.</param>
/// <param name="HalfThicknessMetres">Half of the thickness that heats from both sides, m.</param>
/// <param name="Dimensionality">Shape, 1 to 3.</param>
/// <param name="CoreFraction">Radius of the bone over the half-thickness, 0 to 0.6.</param>
/// <param name="MassShare">Share of the meat that heats like this spot.</param>
/// <param name="Size">How far the half-thickness may be off.</param>
public sealed record BodyModel(
    string SpotId,
    double HalfThicknessMetres,
    double Dimensionality,
    double CoreFraction,
    double MassShare,
    SizeSpread Size
)
{
    /// <summary>How thick the lump is that it is frozen into, over its own thickness; 1 for none.</summary>
    public double LumpThickening { get; init; } = 1;

    /// <summary>Where the lump must have thawed for its pieces to come apart, as a share of its radius.</summary>
    public double LumpJoint { get; init; }
}

/// <summary>What is not known of a thickness, by where it comes from: standard deviations of its logarithm.</summary>
/// <param name="Ours">Of our own typical value.</param>
/// <param name="Load">Of what all pieces share.</param>
/// <param name="Piece">Of the thickest piece over the average one.</param>
/// <param name="Touching">Of how much pieces shield each other; 0 for single ones.</param>
public sealed record SizeSpread(double Ours, double Load, ThickestPiece Piece, double Touching = 0);

/// <summary>One cook in physical terms, before chance: what is in the pot and what the pot can do. SI units.</summary>
public sealed record CookModel
{
    /// <summary>The spots, one or two; none for a pot without meat.</summary>
    public required IReadOnlyList<BodyModel> Bodies { get; init; }

    /// <summary>
    /// Of several pieces, the average one at each spot: the spots are those of the thickest, but juice, tenderness and the heat that the
    /// meat takes are those of all. None for one piece.
    /// </summary>
    public IReadOnlyList<BodyModel> Average { get; init; } = [];

    /// <summary>The meat.</summary>
    public required ThermalMaterial Meat { get; init; }

    /// <summary>
    /// Time constant with which what is around the middle of a pile of pieces follows the pot, s; 0 where there is no pile.
    /// </summary>
    public double PileLagSeconds { get; init; }

    /// <summary>How fast its collagen gives way, see <see cref="Tissue.CollagenRate"/>.</summary>
    public double CollagenRate { get; init; } = 1;

    /// <summary>Mass of all meat and bone, kg.</summary>
    public required double MeatKg { get; init; }

    /// <summary>Mass of the muscle in it, kg: what gives juice.</summary>
    public required double MuscleKg { get; init; }

    /// <summary>Temperature of the meat at lid-on, °C.</summary>
    public required double StartCelsius { get; init; }

    /// <summary>True when <see cref="StartCelsius"/> is that of a freezer.</summary>
    public bool Frozen { get; init; }

    /// <summary>Where the meat lies.</summary>
    public Placement Placement { get; init; }

    /// <summary>The pot.</summary>
    public required PotModel Pot { get; init; }

    /// <summary>Pressure above the atmosphere, kPa.</summary>
    public required double GaugeKpa { get; init; }

    /// <summary>Liquid in the pot, kg.</summary>
    public required double LiquidKg { get; init; }

    /// <summary>Heat capacity of everything else in the pot, J/K.</summary>
    public double CompanionJoulePerKelvin { get; init; }

    /// <summary>What softens beside the meat.</summary>
    public IReadOnlyList<BesideModel> Beside { get; init; } = [];

    /// <summary>Altitude, m.</summary>
    public double AltitudeMetres { get; init; }

    /// <summary>Temperature of kitchen, liquid and companions at lid-on, °C.</summary>
    public double RoomCelsius { get; init; } = 21;

    /// <summary>Temperature of the pot and what is in it beside the meat at lid-on, °C; null for that of the kitchen.</summary>
    public double? PotCelsius { get; init; }

    /// <summary>What the household has learned of its pot and this cut.</summary>
    public LearnedDraws Learned { get; init; } = LearnedDraws.Nothing;

    /// <summary>A pot in which no meat is, at high pressure, everything as warm as the kitchen.</summary>
    /// <param name="pot">The pot.</param>
    /// <param name="liquidKg">Liquid, kg.</param>
    /// <param name="besideJoulePerKelvin">Heat capacity of what stands in it, J/K.</param>
    /// <param name="beside">What of it softens.</param>
    /// <param name="roomCelsius">Temperature of the kitchen, °C.</param>
    public static CookModel WithoutMeat(
        PotModel pot,
        double liquidKg,
        double besideJoulePerKelvin,
        IReadOnlyList<BesideModel> beside,
        double roomCelsius
    ) =>
        new()
        {
            Bodies = [],
            Meat = Tissue.ChickenLeg.Material, // of no matter: there is none
            MeatKg = 0,
            MuscleKg = 0,
            StartCelsius = roomCelsius,
            RoomCelsius = roomCelsius,
            Pot = pot,
            GaugeKpa = pot.HighGaugeKpa,
            LiquidKg = liquidKg,
            CompanionJoulePerKelvin = besideJoulePerKelvin,
            Beside = beside,
        };

    /// <summary>
    /// The same with a part of the pot still hot from before: from browning, or from what was cooked in it a moment ago. It comes up
    /// sooner, and the meat has had less heat by the time that the minutes begin.
    /// </summary>
    /// <param name="joulePerKelvin">Heat capacity of what is hot, J/K; the rest is as warm as the kitchen.</param>
    public CookModel Hot(double joulePerKelvin)
    {
        const double CooledKelvin = 15; // below boiling, by the time that the lid is on again; estimate
        return this with { PotCelsius = RoomCelsius + joulePerKelvin / PotJoulePerKelvin * (BoilingCelsius - CooledKelvin - RoomCelsius) };
    }

    /// <summary>Temperature of boiling water in this kitchen, °C.</summary>
    public double BoilingCelsius => Saturation.PotCelsius(AltitudeMetres, 0);

    /// <summary>Temperature at which the pot holds, °C.</summary>
    public double HeldCelsius => Saturation.PotCelsius(AltitudeMetres, GaugeKpa);

    /// <summary>Heat capacity of shell, liquid and companions, J/K.</summary>
    public double PotJoulePerKelvin => ShellAndLiquidJoulePerKelvin + CompanionJoulePerKelvin;

    /// <summary>Heat capacity of shell and liquid, J/K: what comes hot from the stage before.</summary>
    public double ShellAndLiquidJoulePerKelvin => Pot.ShellJoulePerKelvin + LiquidKg * Water.JoulePerKgKelvin;

    /// <summary>Step of the simulation, s, set by the thinnest spot.</summary>
    public double StepSeconds => ConductionMesh.StepSeconds(ThinnestMetres, MeatDiffusivity);

    /// <summary>Step while the pot holds and the meat is thawed, s.</summary>
    public double SettledStepSeconds => ConductionMesh.SettledStepSeconds(ThinnestMetres, MeatDiffusivity);

    // Without meat nothing limits the step.
    private double ThinnestMetres => Bodies.Count == 0 ? double.PositiveInfinity : Bodies.Min(b => b.HalfThicknessMetres);

    private const double MeatDiffusivity = 1.4e-7; // m²/s, ASHRAE Refrigeration ch. 19, table of meats
}
