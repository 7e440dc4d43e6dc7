using System.Globalization;
using System.Text.RegularExpressions;
using Ikuzo.Core.Asking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Store;

/// <summary>What was typed into the cold store.</summary>
/// <param name="Item">The item with its first move; null when nothing was understood.</param>
/// <param name="Understood">What was understood, in kitchen words.</param>
/// <param name="Unknown">Words that mean nothing here and became its name.</param>
/// <param name="Problem">Why nothing is kept; null when something is.</param>
public sealed record StoreText(StoreItem? Item, IReadOnlyList<string> Understood, IReadOnlyList<string> Unknown, string? Problem);

/// <summary>Reads "8 thighs 1.4 kg fridge bought today", "stock 1.2 l", "2 boxes shredded, freezer".</summary>
public static partial class StoreReader
{
    /// <summary>Longest text.</summary>
    public const int MostCharacters = 200;

    private const double MostPortions = 100;

    /// <summary>Reads it.</summary>
    /// <param name="text">The text, at most <see cref="MostCharacters"/>.</param>
    /// <param name="now">The present moment, with the offset of the household.</param>
    /// <param name="units">Units of numbers that have none.</param>
    public static StoreText Read(string text, DateTimeOffset now, UnitSystem units)
    {
        List<string> understood = [];
        string Take(string from, Regex pattern, Action<Match> found)
        {
            if (pattern.Match(from) is not { Success: true } match)
            {
                return from;
            }

            found(match);
            return from.Remove(match.Index, match.Length).Insert(match.Index, " ");
        }

        var (day, dayWords, rest) = DayWords.Take(text, DateOnly.FromDateTime(now.DateTime));
        if (dayWords is not null)
        {
            understood.Add($"since {day.ToString("d MMMM", CultureInfo.InvariantCulture)}");
        }

        StorePlace? place = null;
        rest = Take(rest, ThawingWords(), _ => place = StorePlace.Thawing);
        rest = Take(rest, FreezerWords(), _ => place ??= StorePlace.Freezer);
        rest = Take(rest, FridgeWords(), _ => place ??= StorePlace.Fridge);
        StoreKind? kind = null;
        double? portions = null;
        rest = Take(
            rest,
            BoxWords(),
            m =>
            {
                portions = double.TryParse(m.Groups["n"].Value, NumberStyles.None, CultureInfo.InvariantCulture, out var n) ? n : 1;
                kind = StoreKind.Meal;
                understood.Add(portions == 1 ? "1 box" : $"{portions:0} boxes");
            }
        );
        Take(rest, StockWords(), _ => kind = StoreKind.Stock);
        Take(rest, CookedWords(), _ => kind ??= StoreKind.Cooked);
        kind = kind == StoreKind.Meal && CookedWords().IsMatch(rest) ? StoreKind.Cooked : kind;
        var question = QuestionParser.Parse(Clean(rest), units);
        var first = new Move("0", place ?? StorePlace.Fridge, At(day, now));
        understood.Add(place is { } said ? $"in the {Words(said)}" : "in the fridge, since nothing else was said");
        return kind is { } cooked && cooked != StoreKind.Raw
            ? OfCooked(cooked, rest, portions, question, first, understood)
            : OfRaw(question, first, understood);
    }

    private static StoreText OfRaw(Question question, Move first, List<string> understood) =>
        question.Meat is { } meat
            ? new(
                new StoreItem
                {
                    Kind = StoreKind.Raw,
                    Name = Capital(
                        new MeatLoad
                        {
                            Cut = meat.Cut,
                            Pieces = meat.Pieces,
                            TotalKg = meat.TotalKg,
                        }.Words
                    ),
                    Cut = meat.Cut,
                    Pieces = meat.Pieces,
                    TotalKg = meat.TotalKg,
                    Moves = [first],
                },
                [.. question.Understood.Select(u => u.As), .. understood],
                question.Unknown,
                null
            )
            : new(null, understood, question.Unknown, question.Problem ?? "Say what it is: a cut, stock, or cooked.");

    private static StoreText OfCooked(StoreKind kind, string rest, double? portions, Question question, Move first, List<string> understood)
    {
        double? ml = null;
        var name = AmountWords()
            .Replace(
                rest,
                m =>
                {
                    ml = QuantityReader.Read(m.Value.Trim(), Dimension.Volume, 1) is > 0 and <= 100_000 and var read ? read : ml;
                    return " ";
                }
            );
        name = Capital(string.Join(' ', name.Split([' ', ',', ';'], StringSplitOptions.RemoveEmptyEntries)));
        if (name.Length == 0 || portions > MostPortions)
        {
            return new(null, understood, [], portions > MostPortions ? $"At most {MostPortions:0} boxes." : "Give it a name.");
        }

        return new(
            new StoreItem
            {
                Kind = kind,
                Name = name,
                Cut = question.Meat?.Cut,
                Portions = portions,
                Ml = ml,
                Moves = [first],
            },
            [kind == StoreKind.Stock ? "stock" : "cooked", .. ml is { } v ? [$"{v:0} ml"] : Array.Empty<string>(), .. understood],
            [],
            null
        );
    }

    // Something of another day was there since noon of that day; of today since now.
    private static DateTimeOffset At(DateOnly day, DateTimeOffset now) =>
        day == DateOnly.FromDateTime(now.DateTime) ? now : new DateTimeOffset(day.ToDateTime(new TimeOnly(12, 0)), now.Offset);

    private static string Clean(string text) => BoughtWords().Replace(text, " ").Trim(' ', ',', ';');

    /// <summary>A place in kitchen words.</summary>
    public static string Words(StorePlace place) =>
        place switch
        {
            StorePlace.Freezer => "freezer",
            StorePlace.Thawing => "fridge, thawing",
            StorePlace.ColdWater => "cold water",
            StorePlace.Out => "kitchen",
            StorePlace.Gone => "past",
            _ => "fridge",
        };

    private static string Capital(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];

    private const RegexOptions Plain = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    [GeneratedRegex(@"\b(?:in the |into the )?freezer\b|\bfrozen\b|\bdeep[- ]?frozen\b", Plain)]
    private static partial Regex FreezerWords();

    [GeneratedRegex(@"\b(?:in the |into the )?(?:fridge|refrigerator)\b|\bchilled\b|\bfresh\b", Plain)]
    private static partial Regex FridgeWords();

    [GeneratedRegex(@"\bthawing\b|\bto thaw\b|\bthaws\b", Plain)]
    private static partial Regex ThawingWords();

    [GeneratedRegex(@"\b(?<n>\d{1,3}|an?|one)?\s*(?:boxes|box|tubs?|portions?|jars?|containers?|bags?) (?:of )?", Plain)]
    private static partial Regex BoxWords();

    [GeneratedRegex(@"\b(?:stock|broth|bone broth)\b", Plain)]
    private static partial Regex StockWords();

    [GeneratedRegex(
        @"\b(?:cooked|leftovers?|left over|shredded|pulled|sliced|roast(?:ed)?|stew|curry|soup|casserole|ragout|ragu|pie|confit)\b",
        Plain
    )]
    private static partial Regex CookedWords();

    [GeneratedRegex(@"\b\d+(?:[.,]\d+)?\s*(?:ml|l|litres?|liters?|cups?|quarts?|qt|pints?|fl oz)\b", Plain)]
    private static partial Regex AmountWords();

    [GeneratedRegex(@"\b(?:bought|made|since|from|in the|raw)\b", Plain)]
    private static partial Regex BoughtWords();
}
