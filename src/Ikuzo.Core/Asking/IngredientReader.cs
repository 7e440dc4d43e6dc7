using System.Globalization;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>Reads a line of a list of ingredients: "6 frozen chicken thighs, 1.2 kg", "250 g pearl barley", "2 onions".</summary>
public static class IngredientReader
{
    /// <summary>Longest line, in characters.</summary>
    public const int MostCharacters = 300;

    /// <summary>The item that a line names; a line that names nothing that changes minutes is kept as it is.</summary>
    /// <param name="line">One line, at most <see cref="MostCharacters"/>.</param>
    /// <param name="key">Key of the item.</param>
    /// <returns>The item; null for an empty line and for one that is too long.</returns>
    public static DishItem? Read(string line, string key)
    {
        if (line.Length > MostCharacters || string.IsNullOrWhiteSpace(line))
        {
            return null;
        }

        var said = QuestionParser.Parse(line);
        return said.Meat is { } meat ? Meat(said, meat, key)
            : said.Beside is [var one] && said.Doubts.All(d => d.Or is not [.., Doubts.LeftOut]) ? Beside(one, line, key)
            : new LineItem(key, line.Trim());
    }

    private static DishItem Beside(AskedBeside one, string line, string key) =>
        one switch
        {
            { Companion: { } companion, Grams: >= BesideItem.LeastGrams and <= BesideItem.MostGrams and var grams } => new BesideItem(
                key,
                companion,
                grams,
                companion.IsCut ? SizeIn(line, companion) : PieceSize.Usual,
                Says(line, "bowl")
            )
            {
                Measure = one.Measure.Length > 0 ? one.Measure : null,
            },
            { Liquid: { } id, Ml: > 0 and <= LiquidItem.MostMl and var ml } => new LiquidItem(key, LiquidCatalogue.Find(id)!, ml)
            {
                Measure = one.Measure,
            },
            _ => new LineItem(key, line.Trim()),
        };

    /// <summary>A line that <see cref="Read"/> reads back as the same item.</summary>
    public static string Write(DishItem item) =>
        item switch
        {
            MeatItem { Load: var load } meat => string.Create(
                CultureInfo.InvariantCulture,
                $"{load.Words}, {State(load)}{load.TotalKg:0.###} kg{(load.Pieces > 1 ? " in all" : "")}"
                    + $"{Thickness(load)}{Place(load)}{Aim(meat)}"
            ),
            BesideItem beside => string.Create(
                CultureInfo.InvariantCulture,
                $"{beside.Grams:0.###} g {beside.Companion.Name.ToLowerInvariant()}{Size(beside)}{(beside.InBowl ? ", in a bowl" : "")}"
            ),
            LiquidItem liquid => string.Create(
                CultureInfo.InvariantCulture,
                $"{liquid.Ml:0.###} ml {liquid.Liquid.Name.ToLowerInvariant()}"
            ),
            LineItem line => line.Text,
            _ => item.Key,
        };

    private static MeatItem Meat(Question said, AskedMeat meat, string key) =>
        new(
            key,
            new MeatLoad
            {
                Cut = meat.Cut,
                Pieces = meat.Pieces,
                TotalKg = meat.TotalKg,
                ThicknessMm = said.ThicknessMm,
                HeaviestKg = meat == said.Meat ? said.HeaviestKg : null,
                State = said.State ?? MeatState.Chilled,
                StartCelsius = said.StartCelsius,
                DaysInFridge = said.DaysInFridge,
                Arrangement = said.Arrangement ?? Arrangement.Single,
                Placement = said.Placement ?? Placement.Rack,
            },
            said.Aim
        );

    // "small" in a name, as of small pasta, is no size.
    private static PieceSize SizeIn(string line, Companion companion) =>
        !companion.IsCut || companion.Id.Contains("small", StringComparison.Ordinal) ? PieceSize.Usual
        : Says(line, "small") ? PieceSize.Small
        : Says(line, "large") ? PieceSize.Large
        : PieceSize.Usual;

    private static bool Says(string line, string word) => Tokens.Split(line).Any(t => t.Text == word);

    private static string State(MeatLoad load) =>
        load switch
        {
            { State: MeatState.Frozen, Arrangement: Arrangement.Lump } => "frozen in one lump, ",
            { State: MeatState.Frozen } => "frozen, ",
            { State: MeatState.Room } => "room temperature, ",
            _ => "",
        };

    private static string Size(BesideItem beside) => beside.Size == PieceSize.Usual ? "" : $", {beside.Size.ToString().ToLowerInvariant()}";

    private static string Thickness(MeatLoad load) =>
        load.ThicknessMm is { } mm ? string.Create(CultureInfo.InvariantCulture, $", {mm:0.#} mm") : "";

    private static string Place(MeatLoad load) =>
        load.Placement switch
        {
            Placement.InLiquid => ", in the liquid",
            Placement.OnBed => ", on a bed",
            _ => "",
        } + (load.Arrangement == Arrangement.Overlapping ? ", overlapping" : "");

    private static string Aim(MeatItem meat) =>
        meat.Aim switch
        {
            Core.Poultry.Aim.Slice => ", to slice",
            Core.Poultry.Aim.Pull => ", to pull",
            Core.Poultry.Aim.FallApart => ", to fall apart",
            _ => "",
        };
}
