using System.Globalization;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>Reads a line of a dish: "6 frozen chicken thighs, 1.2 kg", "250 g pearl barley", "50 g cold butter, cubed".</summary>
public static class DishLine
{
    /// <summary>Longest line, in characters.</summary>
    public const int MostCharacters = 300;

    /// <summary>
    /// The item that a line names: poultry only where it is named, and what is not computed as a line with its food and its moment.
    /// </summary>
    /// <param name="line">One line, at most <see cref="MostCharacters"/>.</param>
    /// <param name="key">Key of the item.</param>
    /// <returns>The item; null for an empty line and for one that is too long.</returns>
    public static DishItem? Read(string line, string key)
    {
        if (line.Length > MostCharacters || string.IsNullOrWhiteSpace(line))
        {
            return null;
        }

        var script = new Script(line);
        var heard = new Heard(new Doubts([])).Take(new Reader(script, Field.Line).Best());

        return Named(heard) is { } raw ? Meat(heard, raw, key)
            : heard.AllMeats is [{ IsCooked: true } cooked, ..]
                ? Line(line, key, cooked.Text.ToLowerInvariant(), GoesIn.After) with
                {
                    Grams = cooked.Kg is { } kg ? Math.Round(kg * 1000, 1) : null,
                    IsCooked = true,
                }
            : Main(heard) is { } item ? Beside(item, heard, line, key)
            : Line(line, key, null, IsFinish(line) ? GoesIn.After : null);
    }

    private static bool IsFinish(string line) =>
        line.Contains("finish", StringComparison.OrdinalIgnoreCase) || line.Contains("the end", StringComparison.OrdinalIgnoreCase);

    private static bool IsServed(string line) => line.Contains("to serve", StringComparison.OrdinalIgnoreCase);

    // A cutting word alone names no poultry.
    private static MeatHeard? Named(Heard heard) =>
        heard.AllMeats.FirstOrDefault(m =>
            !(m.IsCooked && m.Part != Part.Carcass)
            && (
                m.Species is not null
                || m.CutId is not null
                || m.Part
                    is Part.Thigh
                        or Part.Breast
                        or Part.Leg
                        or Part.Drumstick
                        or Part.Wing
                        or Part.Carcass
                        or Part.Meatball
                        or Part.Tender
                        or Part.Crown
                        or Part.Whole
            )
        );

    // Of several that are stirred together the one that counts: starch, or what is poured and measured.
    private static Item? Main(Heard heard)
    {
        var starch = heard.Beside.FirstOrDefault(b => b.Food!.Kind == FoodKind.Starch && b.Food.When == GoesIn.After);
        var poured = heard.Beside.FirstOrDefault(b => b.Food!.Liquid == "water" && b.Volume is not null);
        return starch
            ?? (
                heard.IsStirredTogether && poured is not null && heard.Beside[0].Food!.Name == "stock cube"
                    ? poured.As("stock")
                    : heard.Beside.FirstOrDefault()
            );
    }

    // What thickens, burns or curdles never goes under pressure unasked, and bread is eaten beside.
    private static GoesIn Usual(FoodKind kind) =>
        kind switch
        {
            FoodKind.Dairy
            or FoodKind.Cheese
            or FoodKind.Egg
            or FoodKind.Starch
            or FoodKind.Sweet
            or FoodKind.Sauce
            or FoodKind.Nut
            or FoodKind.Fish
            or FoodKind.Grain
            or FoodKind.Pasta
            or FoodKind.Dough => GoesIn.After,
            FoodKind.Bread or FoodKind.Other => GoesIn.Aside,
            _ => GoesIn.Under,
        };

    private static readonly string[] Burns = ["garlic", "ginger", "chilli", "paste", "puree"],
        ToTaste = ["salt", "pepper", "salt and pepper"];

    private static FryAs? Fried(Food food) =>
        food.Kind switch
        {
            FoodKind.Meat => FryAs.First,
            FoodKind.Aromatic or FoodKind.Sauce when Burns.Any(b => food.Name.Contains(b, StringComparison.Ordinal)) => FryAs.Last,
            FoodKind.Aromatic => FryAs.Soft,
            FoodKind.Spice when !ToTaste.Contains(food.Name) => FryAs.Last,
            _ => null,
        };

    private static LineItem Line(string line, string key, string? food, GoesIn? when) => new(key, line.Trim()) { Food = food, When = when };

    private static DishItem Beside(Item item, Heard heard, string line, string key)
    {
        var said = Amounts.Of(item);
        var each = item.IsOfEach ? heard.Beside.Count : 1;
        var grams = heard.Beside.Select(b => Amounts.Of(b).Grams).OfType<double>().ToList();
        var plain = Line(
            line,
            key,
            Names(heard, said.Food),
            heard.Beside.Select(b => b.When).LastOrDefault(w => w is not null)
                ?? said.When
                ?? (
                    IsFinish(line) ? GoesIn.After
                    : IsServed(line) ? GoesIn.Aside
                    : null
                )
        ) with
        {
            Grams =
                item.IsOfEach || heard.IsStirredTogether ? said.Grams * each
                : grams.Count > 0 ? grams.Sum()
                : null,
            Ml = said.Ml * each,
            Pieces = said.Pieces,
            IsCooked = said.IsCooked,
            Usually = said.Food.EndsWith("juice", StringComparison.Ordinal) ? GoesIn.After : Usual(item.Food!.Kind),
            FriedAs = Fried(item.Food!),
            Pours = said is { Liquid: "water" or "stock" or "wine" or "cider" or "beer", Ml: null }
                ? LiquidCatalogue.Find(said.Liquid)
                : null,
        };
        var isOne = heard.Beside.Count == 1 || heard.IsStirredTogether;
        return said switch
        {
            _ when !isOne || said.When == GoesIn.Aside => plain,
            { Companion: { } companion, Grams: >= BesideItem.LeastGrams and <= BesideItem.MostGrams and var weight } => new BesideItem(
                key,
                companion,
                weight,
                companion.IsCut ? said.Size : PieceSize.Usual,
                heard.IsInBowl
            )
            {
                Measure = item.Mass is not null && item.Container is null || said.Measure.Length == 0 ? null : said.Measure,
                Food = said.Food,
                When = said.When,
                MayChange = !heard.IsInBowl && !(companion.IsCut && said.IsSizeSaid),
            },
            { Liquid: { } id, Ml: > 0 and <= LiquidItem.MostMl and var ml, IsMeasured: true } => new LiquidItem(
                key,
                LiquidCatalogue.Find(id)!,
                ml
            )
            {
                Measure = said.Measure,
                Food = said.Food,
            },
            _ => plain,
        };
    }

    // "Salt and pepper", "lettuce, sour cream, avocado": all of them.
    private static string Names(Heard heard, string first)
    {
        var names = heard.Beside.Select(b => Amounts.Of(b).Food).Distinct().ToList();
        return heard.IsStirredTogether || names.Count < 2 ? first : Listed.And(names);
    }

    private static MeatItem Meat(Heard heard, MeatHeard raw, string key)
    {
        heard.Meats.RemoveAll(m => m != raw);
        var question = new Resolving(heard, UnitSystem.Metric, default).Question(isLine: true);
        var meat = question.Meat!;
        return new(
            key,
            new MeatLoad
            {
                Cut = meat.Cut,
                Pieces = meat.Pieces,
                TotalKg = meat.TotalKg,
                ThicknessMm = question.ThicknessMm,
                HeaviestKg = question.HeaviestKg,
                State = question.State ?? MeatState.Chilled,
                StartCelsius = question.StartCelsius,
                DaysInFridge = question.DaysInFridge,
                Arrangement = question.Arrangement ?? Arrangement.Single,
                Placement = question.Placement ?? Placement.Rack,
            },
            question.Aim
        );
    }

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
        load.ThicknessMm is { } mm ? string.Create(CultureInfo.InvariantCulture, $", {mm:0.#} mm thick") : "";

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
            Core.Poultry.Aim.Stock => ", for stock",
            _ => "",
        };
}
