using System.Globalization;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>Reads a line of a list of ingredients: "6 frozen chicken thighs, 1.2 kg", "250 g pearl barley", "2 onions".</summary>
public static class IngredientReader
{
    /// <summary>Longest line, in characters.</summary>
    public const int MostCharacters = 300;

    // What a cup weighs of grain and pulses, and of what is cut, g. Estimates. What is poured weighs as much as water.
    private const double GrainCupGrams = 190;
    private const double CutCupGrams = 140;

    // Made of a bird without being the meat that is cooked.
    private static readonly string[] NotMeat =
    [
        "stock",
        "broth",
        "bouillon",
        "fat",
        "powder",
        "seasoning",
        "liver",
        "livers",
        "sauce",
        "cube",
        "cubes",
    ];

    // One piece of what is counted rather than weighed, g. Estimates.
    private static readonly Dictionary<string, double> PieceGrams = new()
    {
        ["onions"] = 120,
        ["carrots-chunks"] = 80,
        ["carrots-whole"] = 80,
        ["tomatoes"] = 100,
        ["apples"] = 150,
        ["leeks"] = 150,
        ["fennel"] = 220,
        ["bell-pepper"] = 150,
        ["potatoes-chunks"] = 150,
        ["potatoes-whole-small"] = 60,
        ["celery"] = 40,
        ["corn-cobs"] = 220,
        ["beetroot-whole"] = 130,
        ["parsnips-chunks"] = 120,
        ["sweet-potato-chunks"] = 250,
        ["cauliflower"] = 600,
        ["broccoli"] = 350,
    };

    // Names from long to short, so that "brown rice" is found before "rice"; each with its words.
    private static readonly (Companion Companion, string[] Words)[] Names =
    [
        .. CompanionCatalogue.All.Select(c => (c, Words(c.Name))).OrderByDescending(n => n.Item2.Length),
    ];

    // First words that say what kind of a thing it is, not which.
    private static readonly string[] Kinds =
    [
        "dry",
        "canned",
        "soaked",
        "small",
        "whole",
        "brown",
        "red",
        "egg",
        "diced",
        "crushed",
        "wild",
        "pearl",
        "sweet",
        "long",
    ];

    /// <summary>The item that a line names, or null when it is neither meat nor something that we know.</summary>
    /// <param name="line">One line, at most <see cref="MostCharacters"/>.</param>
    /// <param name="key">Key of the item.</param>
    public static DishItem? Read(string line, string key)
    {
        if (line.Length > MostCharacters || string.IsNullOrWhiteSpace(line))
        {
            return null;
        }

        return IsBird(line) ? Meat(line, key) : Beside(line, key);
    }

    /// <summary>A line that <see cref="Read"/> reads back as the same item.</summary>
    public static string Write(DishItem item) =>
        item switch
        {
            MeatItem { Load: var load } meat => string.Create(
                CultureInfo.InvariantCulture,
                $"{load.Words}, {State(load)}{load.TotalKg:0.###} kg{Thickness(load)}{Place(load)}{Aim(meat)}"
            ),
            BesideItem beside => string.Create(
                CultureInfo.InvariantCulture,
                $"{beside.Grams:0.###} g {beside.Companion.Name.ToLowerInvariant()}{Size(beside)}{(beside.InBowl ? ", in a bowl" : "")}"
            ),
            _ => item.Key,
        };

    private static bool IsBird(string line) => Words(line).Any(w => w is "chicken" or "turkey" or "duck" or "poussin" or "hen");

    private static MeatItem? Meat(string line, string key) =>
        QuestionParser.Parse(line) is { } q && !(q.Cut.Part == Part.Whole && Words(line).Any(NotMeat.Contains))
            ? new(
                key,
                new MeatLoad
                {
                    Cut = q.Cut,
                    Pieces = q.Pieces,
                    TotalKg = q.TotalKg,
                    ThicknessMm = q.ThicknessMm,
                    State = q.State ?? MeatState.Chilled,
                    StartCelsius = q.StartCelsius,
                    Arrangement = q.Arrangement ?? Arrangement.Single,
                    Placement = q.Placement ?? Placement.Rack,
                },
                q.Aim
            )
            : null;

    private static BesideItem? Beside(string line, string key)
    {
        var tokens = Tokens.Split(line);
        string[] words = [.. Words(tokens)];
        var found = Names.FirstOrDefault(n => n.Words.All(w => words.Contains(w))).Companion ?? Loosely(words);
        if (found is null || Grams(tokens, found) is not { } grams || grams is < BesideItem.LeastGrams or > BesideItem.MostGrams)
        {
            return null;
        }

        var size =
            words.Contains("small") && !found.Id.Contains("small", StringComparison.Ordinal) ? PieceSize.Small
            : words.Contains("large") ? PieceSize.Large
            : PieceSize.Usual;
        return new(key, found, Math.Round(grams, 1), found.IsCut ? size : PieceSize.Usual, words.Contains("bowl"));
    }

    // "onion" for onions, "rice" for the first rice: the first word of a name alone, if it is one that names something.
    private static Companion? Loosely(string[] words) =>
        Names
            .FirstOrDefault(n =>
                n.Companion.Kind is not CompanionKind.Enrichment
                && (n.Words.Length > 1 || n.Words[0].Length > 3)
                && words.Contains(n.Words[0])
                && !Kinds.Contains(n.Words[0])
            )
            .Companion;

    // The first amount of the line; a bare number counts pieces.
    private static double? Grams(IReadOnlyList<Token> tokens, Companion of)
    {
        var at = tokens.TakeWhile(t => t.Number is null).Count();
        if (at == tokens.Count)
        {
            return null;
        }

        return QuantityReader.ReadAt(tokens, at) switch
        {
            { Dimension: Dimension.Mass } mass => mass.Middle * 1000,
            { Dimension: Dimension.Volume } volume => volume.Middle * GramsPerMl(of),
            null when PieceGrams.TryGetValue(of.Id, out var piece) => QuantityReader.NumberAt(tokens, at)!.Value.Middle * piece,
            _ => null,
        };
    }

    private static double GramsPerMl(Companion of) =>
        of.Kind switch
        {
            CompanionKind.Enrichment => 1,
            CompanionKind.Grain or CompanionKind.Pulse => GrainCupGrams / Wording.CupMl,
            _ => CutCupGrams / Wording.CupMl,
        };

    // The words that name something, in the singular.
    private static string[] Words(string text) => [.. Words(Tokens.Split(text))];

    private static IEnumerable<string> Words(IReadOnlyList<Token> tokens) =>
        tokens
            .SelectMany(t => t.Text.Split('-'))
            .Where(w => w.Length > 0 && char.IsLetter(w[0]) && w is not ("in" or "of" or "the" or "a"))
            .Select(w => w.Length > 3 && w.EndsWith('s') && !w.EndsWith("ss", StringComparison.Ordinal) ? w[..^1] : w);

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
