namespace Ikuzo.Core.Loads;

/// <summary>How long things take that are done by hand around the pot, min. Estimates of an unhurried cook.</summary>
public static class KitchenTimes
{
    /// <summary>Layer everything, pour the liquid, close and set the pot.</summary>
    public const double LayerMinutes = 8;

    /// <summary>Between two times under the lid: open, take out, put in, close.</summary>
    public const double ChangeMinutes = 6;

    /// <summary>From the fall of the pin to the open lid.</summary>
    public const double OpenMinutes = 1;

    /// <summary>Open and measure every spot.</summary>
    public const double CheckMinutes = 4;

    /// <summary>Open and taste what has nothing to measure.</summary>
    public const double TasteMinutes = 2;

    /// <summary>At the valve, hand covered, until the worst of the steam is out.</summary>
    public const double ValveMinutes = 3;

    /// <summary>Carve or pull, and plate.</summary>
    public const double CarveMinutes = 5;

    /// <summary>Under a hot grill, where nobody says how long.</summary>
    public const double CrispMinutes = 6;

    /// <summary>Loosen what sticks to the floor of the pot.</summary>
    public const double LoosenMinutes = 1;

    /// <summary>Stir in what goes in at the end.</summary>
    public const double StirInMinutes = 4;

    /// <summary>Pat dry, season, wash up after raw meat.</summary>
    public const double SeasonMinutes = 6;

    /// <summary>Until a grill is hot.</summary>
    public const double PreheatMinutes = 15;

    /// <summary>Lay the table and warm the plates.</summary>
    public const double TableMinutes = 5;

    /// <summary>Divide leftovers into boxes.</summary>
    public const double StoreMinutes = 10;

    /// <summary>Take something out of the freezer, or change its water.</summary>
    public const double FetchMinutes = 2;

    private const double PieceRestMinutes = 5;
    private const double BirdRestMinutes = 12;
    private const double BirdKg = 0.8;

    /// <summary>How long meat rests before it is cut, min.</summary>
    public static double RestMinutes(MeatLoad load) => load.PieceKg >= BirdKg ? BirdRestMinutes : PieceRestMinutes;
}
