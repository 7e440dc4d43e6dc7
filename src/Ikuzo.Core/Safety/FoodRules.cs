using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Safety;

/// <summary>What food is, as far as the rules tell it apart.</summary>
public enum FoodKind
{
    /// <summary>Raw pieces, fresh or thawed.</summary>
    RawPieces,

    /// <summary>A raw bird, whole.</summary>
    RawWhole,

    /// <summary>Raw mince.</summary>
    RawMince,

    /// <summary>Raw giblets and livers.</summary>
    RawGiblets,

    /// <summary>Cooked meat, or a dish with meat.</summary>
    Cooked,

    /// <summary>Stock.</summary>
    Stock,
}

/// <summary>What is at stake beyond a rule.</summary>
public enum Gravity
{
    /// <summary>Somebody may fall ill.</summary>
    Danger,

    /// <summary>It tastes less good.</summary>
    Quality,
}

/// <summary>A rule of food safety that is a time.</summary>
/// <param name="Id">Its name.</param>
/// <param name="Hours">For how long, h; 0 for not at all.</param>
/// <param name="Words">The rule in kitchen words, in the units of the household.</param>
/// <param name="Source">Who says so.</param>
/// <param name="Gravity">What is at stake.</param>
public sealed record FoodRule(string Id, double Hours, Func<Wording, string> Words, string Source, Gravity Gravity = Gravity.Danger)
{
    private const double HoursOfADay = 24,
        DaysOfAMonth = 30;

    /// <summary>For how long, days.</summary>
    public double Days => Hours / HoursOfADay;

    /// <summary>For how long, in words: "an hour", "two days", "four months".</summary>
    public string Spoken =>
        Hours == 0 ? "no time at all"
        : Hours < HoursOfADay ? Number(Hours, "an hour", "hours")
        : Hours < HoursOfADay * DaysOfAMonth ? Number(Days, "a day", "days")
        : Number(Days / DaysOfAMonth, "a month", "months");

    private static readonly string[] Numbers = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine"];

    private static string Number(double count, string one, string several) =>
        count == 1 ? one
        : count == Math.Floor(count) && count < Numbers.Length ? $"{Numbers[(int)count]} {several}"
        : FormattableString.Invariant($"{count:0.#} {several}");
}

/// <summary>
/// Every time that food safety sets, in one table; what is a temperature stands in <see cref="SafetyRule"/>. Whoever needs a limit asks one
/// of the questions here and has no figure of its own.
/// </summary>
public static class FoodRules
{
    private const string Fsis = "USDA FSIS, refrigeration and food safety",
        Thaw = "USDA FSIS, the big thaw",
        DangerZone = "USDA FSIS, danger zone",
        FoodSafetyGov = "FoodSafety.gov, cold food storage chart",
        FoodCode = "FDA Food Code 3-501.14";
    private const double Day = 24,
        Month = 30 * Day;

    private static readonly FoodRule Out = new("out", 2, OutWords, DangerZone),
        OutInHeat = new("out-in-heat", 1, OutWords, DangerZone),
        RawInFridge = new("raw-in-fridge", 2 * Day, _ => "Raw and thawed poultry keeps 1 to 2 days in the fridge.", Fsis),
        MinceInFridge = new("mince-in-fridge", 2 * Day, _ => "Minced poultry keeps 1 to 2 days in the fridge.", Fsis),
        GibletsInFridge = new("giblets-in-fridge", 2 * Day, _ => "Giblets and livers keep 1 to 2 days in the fridge.", Fsis),
        CookedInFridge = new("cooked-in-fridge", 4 * Day, _ => "Cooked poultry keeps 3 to 4 days in the fridge.", Fsis),
        StockInFridge = new("stock-in-fridge", 4 * Day, _ => "Stock keeps 3 to 4 days in the fridge.", FoodSafetyGov),
        ThawedInFridge = new("thawed-in-fridge", 2 * Day, _ => "Poultry thawed in the fridge keeps 1 to 2 days there.", Thaw),
        ThawedInWater = new("thawed-in-water", 0, _ => "What thaws in cold water is cooked at once.", Thaw),
        ThawedInMicrowave =
            new("thawed-in-microwave", 0, _ => "What thaws in the microwave is cooked at once: parts of it are warm.", Thaw),
        WholeInFreezer = Frozen("whole-in-freezer", 365 * Day, "A frozen bird is at its best for a year."),
        PiecesInFreezer = Frozen("pieces-in-freezer", 9 * Month, "Frozen pieces are at their best for 9 months."),
        MinceInFreezer = Frozen("mince-in-freezer", 4 * Month, "Frozen mince is at its best for 3 to 4 months."),
        GibletsInFreezer = Frozen("giblets-in-freezer", 4 * Month, "Frozen giblets and livers are at their best for 3 to 4 months."),
        CookedInFreezer = Frozen("cooked-in-freezer", 4 * Month, "Frozen leftovers are at their best for about 4 months."),
        ToTepid =
            new(
                "cools-to-tepid",
                2,
                say => $"What was hot is at {say.Temperature(SafetyRule.TepidCelsius)} within {ToTepid!.Spoken}.",
                FoodCode
            ),
        ToCold =
            new(
                "cools-to-cold",
                6,
                say => $"What was hot is at {say.Temperature(SafetyRule.ColdHoldingCelsius)} within {ToCold!.Spoken} in all.",
                FoodCode
            );

    /// <summary>The use-by day on the packet, of raw meat that was not frozen: it is the later day that never counts.</summary>
    public static readonly FoodRule Printed = new("printed", 0, _ => "The use-by day that is printed on the packet.", "the packet");

    /// <summary>The whole table.</summary>
    public static readonly IReadOnlyList<FoodRule> All =
    [
        Out,
        OutInHeat,
        RawInFridge,
        MinceInFridge,
        GibletsInFridge,
        CookedInFridge,
        StockInFridge,
        ThawedInFridge,
        ThawedInWater,
        ThawedInMicrowave,
        WholeInFreezer,
        PiecesInFreezer,
        MinceInFreezer,
        GibletsInFreezer,
        CookedInFreezer,
        ToTepid,
        ToCold,
        Printed,
    ];

    /// <summary>How long food may be neither cold nor hot, all stays added up.</summary>
    /// <param name="roomCelsius">How warm it is where it is, °C.</param>
    public static FoodRule OutOfTheCold(double roomCelsius) => IsHot(roomCelsius) ? OutInHeat : Out;

    /// <summary>
    /// How long the middle may be on its way through the danger zone, from <see cref="SafetyRule.ColdHoldingCelsius"/> on.
    /// </summary>
    public static FoodRule ThroughTheDangerZone => Out;

    /// <summary>True where it is so warm that food may be out for less.</summary>
    /// <param name="roomCelsius">How warm it is, °C.</param>
    public static bool IsHot(double roomCelsius) => roomCelsius > SafetyRule.HotRoomCelsius;

    /// <summary>How long food keeps in the fridge, all stays added up.</summary>
    /// <param name="kind">What it is.</param>
    public static FoodRule InFridge(FoodKind kind) =>
        kind switch
        {
            FoodKind.RawMince => MinceInFridge,
            FoodKind.RawGiblets => GibletsInFridge,
            FoodKind.Cooked => CookedInFridge,
            FoodKind.Stock => StockInFridge,
            _ => RawInFridge,
        };

    /// <summary>How long food is at its best in the freezer, all stays added up; it is safe for longer.</summary>
    /// <param name="kind">What it is.</param>
    public static FoodRule InFreezer(FoodKind kind) =>
        kind switch
        {
            FoodKind.RawWhole => WholeInFreezer,
            FoodKind.RawPieces => PiecesInFreezer,
            FoodKind.RawMince => MinceInFreezer,
            FoodKind.RawGiblets => GibletsInFreezer,
            _ => CookedInFreezer,
        };

    /// <summary>How long thawed meat may wait for the pot.</summary>
    /// <param name="where">Where it thawed.</param>
    public static FoodRule Thawed(ThawedWhere where) =>
        where switch
        {
            ThawedWhere.Fridge => ThawedInFridge,
            ThawedWhere.ColdWater => ThawedInWater,
            _ => ThawedInMicrowave,
        };

    /// <summary>
    /// Limits of cooling, the first first: within so many hours, counted from <see cref="SafetyRule.CoolsFromCelsius"/>, to so many °C.
    /// </summary>
    public static readonly IReadOnlyList<(FoodRule Rule, double Celsius)> Cooling =
    [
        (ToTepid, SafetyRule.TepidCelsius),
        (ToCold, SafetyRule.ColdHoldingCelsius),
    ];

    private static FoodRule Frozen(string id, double hours, string words) => new(id, hours, _ => words, FoodSafetyGov, Gravity.Quality);

    private static string OutWords(Wording say) =>
        $"Poultry is out of the cold for at most {Out.Spoken} in all, {OutInHeat.Spoken} above "
        + $"{say.Temperature(SafetyRule.HotRoomCelsius)}.";
}

/// <summary>Where meat thawed.</summary>
public enum ThawedWhere
{
    /// <summary>In the fridge.</summary>
    Fridge,

    /// <summary>In cold water.</summary>
    ColdWater,

    /// <summary>In a microwave.</summary>
    Microwave,
}
