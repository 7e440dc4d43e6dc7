using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Loads;

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

    /// <summary>True where one piece of a load can be as heavy: at least the average, and not all of it.</summary>
    /// <param name="heaviestKg">Weight of the piece, kg.</param>
    /// <param name="pieces">Number of pieces.</param>
    /// <param name="totalKg">Weight of all, kg.</param>
    public static bool CanBeHeaviest(double heaviestKg, int pieces, double totalKg) =>
        pieces > 1 && heaviestKg >= totalKg / pieces * Weighed && heaviestKg < totalKg;

    /// <summary>
    /// Greatest thickness that a piece can have, mm: half as much again as a ball of its weight, since no shape is thicker, one piece may
    /// weigh more than the average, and a bird is hollow.
    /// </summary>
    /// <param name="pieceKg">Weight of one piece, kg; of all where they are frozen together.</param>
    public static double MostThicknessOf(double pieceKg) =>
        1000 * ThanABall * Math.Cbrt(6 * pieceKg / (Math.PI * Bulk.MeatKgPerCubicMetre));

    /// <summary>The same for a load of which only this may be known.</summary>
    /// <param name="pieces">Number of pieces, 1 or more.</param>
    /// <param name="totalKg">Weight of all, kg.</param>
    /// <param name="heaviestKg">Weight of the heaviest piece, kg; null when nobody weighed it.</param>
    /// <param name="lies">How they lie.</param>
    public static double MostThicknessOf(int pieces, double totalKg, double? heaviestKg, Arrangement lies) =>
        MostThicknessOf(lies == Arrangement.Lump ? totalKg : heaviestKg ?? totalKg / pieces);

    private const double ThanABall = 1.5; // estimate
    private const double Weighed = 0.99; // both are rounded by the scale

    /// <summary>Number of pieces, 1 or more.</summary>
    public required int Pieces { get; init; }

    /// <summary>Weight of all pieces, kg.</summary>
    public required double TotalKg { get; init; }

    /// <summary>Measured thickness at the thickest point, mm; null when only weighed.</summary>
    public double? ThicknessMm { get; init; }

    /// <summary>Weight of the heaviest piece, kg, at least the average and at most all; null when nobody weighed it.</summary>
    public double? HeaviestKg { get; init; }

    /// <summary>How the pieces lie.</summary>
    public Arrangement Arrangement { get; init; }

    /// <summary>Where they lie.</summary>
    public Placement Placement { get; init; }

    /// <summary>Days since it was bought fresh or thawed, in the fridge; null when nobody knows.</summary>
    public double? DaysInFridge { get; init; }

    /// <summary>Longest time that it can have stood warm, min: a week. Longer says nothing more.</summary>
    public const double MostStoodMinutes = 7 * 24 * 60;

    /// <summary>Minutes that it has stood warm in all, 0 or more; null when nobody said.</summary>
    public double? StoodMinutes { get; init; }

    /// <summary>Raw meat above this has stood warm, °C: what a fridge that is opened often comes to. Choice.</summary>
    public const double WarmCelsius = 10;

    /// <summary>True for meat that is warmer than any fridge keeps it, whatever it is called.</summary>
    public bool IsWarm => Celsius > WarmCelsius;

    /// <summary>The cut, in the singular for one piece: "chicken thighs, bone in".</summary>
    public string Name => Pieces == 1 ? Cut.Name : Cut.Plural;

    /// <summary>Number and cut: "6 chicken thighs, bone in".</summary>
    public string Words => FormattableString.Invariant($"{Pieces} {Name}");

    /// <summary>Weight of all muscle, kg: bone, skin and separable fat left out.</summary>
    public double MuscleKg => TotalKg * Cut.Shares.Muscle;

    /// <summary>Heat that it takes until it boils, as kilograms of what stands beside it and is as warm as the kitchen.</summary>
    /// <param name="roomCelsius">Temperature of the kitchen, °C.</param>
    public double HeatKg(double roomCelsius) => HeatJoule / (Bulk.BesideJoulePerKgKelvin * (Boils - roomCelsius));

    /// <summary>Heat that it takes until it boils, J.</summary>
    public double HeatJoule => TotalKg * (Cut.Tissue.Material.Enthalpy(Boils) - Cut.Tissue.Material.Enthalpy(Celsius));

    private const double Boils = 100;

    /// <summary>Weight of one piece, kg.</summary>
    public double PieceKg => TotalKg / Pieces;

    /// <summary>Thickness of one piece, measured or from its weight, m.</summary>
    public double ThicknessMetres => ThicknessMm / 1000 ?? Cut.ThicknessMetres(PieceKg);

    /// <summary>Size of a piece around one of its spots, by its weight, stretched where the thickness was measured.</summary>
    /// <param name="spot">Index of the spot; another than the first moves with a measurement by what the two share.</param>
    public Axes AxesOf(int spot)
    {
        var measured = ThicknessMetres / Cut.ThicknessMetres(PieceKg);
        return Cut.Spots[spot]
            .Axes.Scaled(PieceKg / Cut.TypicalKg.Value)
            .Stretched(spot == 0 ? measured : Math.Pow(measured, Cut.Spread.Shared));
    }

    /// <summary>Temperature at lid-on, °C: 4 from the fridge, -18 from the freezer, 20 at room temperature unless given.</summary>
    public double Celsius =>
        StartCelsius
        ?? State switch
        {
            MeatState.Frozen => -18,
            MeatState.Room => 20,
            _ => 4,
        };
}
