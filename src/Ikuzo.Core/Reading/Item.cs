using System.Collections.Immutable;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>What a weight is of.</summary>
internal enum WeightOf
{
    /// <summary>Nobody said.</summary>
    Unsaid,

    /// <summary>One piece.</summary>
    Each,

    /// <summary>All pieces.</summary>
    All,
}

/// <summary>Where in an item its amount stands: before its noun, or behind it.</summary>
internal enum AmountStands
{
    Nowhere,
    Before,
    Behind,
}

/// <summary>A stretch of tokens and what it was taken for.</summary>
internal readonly record struct Stretch(int From, int End, About About, string As);

/// <summary>One word or phrase in an item.</summary>
internal readonly record struct Placed<T>(T Value, int From, int End);

/// <summary>A thing as it is said: how many and how much of what, how it is made ready, when it goes in.</summary>
internal sealed record Item
{
    /// <summary>First token.</summary>
    public required int From { get; init; }

    /// <summary>Behind the last token.</summary>
    public required int End { get; init; }

    /// <summary>What it costs to read it so.</summary>
    public double Cost { get; init; }

    /// <summary>Its nouns: one for food, bird and part for meat.</summary>
    public ImmutableList<Placed<Lexeme>> Nouns { get; init; } = [];

    /// <summary>What is said of it.</summary>
    public ImmutableList<Placed<Describing>> Says { get; init; } = [];

    /// <summary>True behind "a".</summary>
    public bool HasArticle { get; init; }

    /// <summary>How many.</summary>
    public Placed<NumberSpan>? Count { get; init; }

    /// <summary>True where "x" stands between the number and the weight of each.</summary>
    public bool IsTimes { get; init; }

    /// <summary>Weight.</summary>
    public Placed<Quantity>? Mass { get; init; }

    /// <summary>Of what the weight is.</summary>
    public WeightOf MassOf { get; init; }

    /// <summary>Volume.</summary>
    public Placed<Quantity>? Volume { get; init; }

    /// <summary>A length, of how it is cut or of a piece.</summary>
    public Placed<Quantity>? Length { get; init; }

    /// <summary>What it comes in, or is measured by: can, bunch, handful.</summary>
    public Placed<string>? Container { get; init; }

    /// <summary>True where a size is said of what it comes in: "a small tin".</summary>
    public SaidSize ContainerSize { get; init; }

    /// <summary>Heaviest of two that were weighed one by one.</summary>
    public double? HeaviestKg { get; init; }

    /// <summary>"Juice" or "zest" of it.</summary>
    public string? Extract { get; init; }

    /// <summary>When it goes in, where that is said.</summary>
    public GoesIn? When { get; init; }

    /// <summary>True where portions are counted, not pieces.</summary>
    public bool IsPortions { get; init; }

    /// <summary>True where a number of it is for each who eats.</summary>
    public bool IsPerPerson { get; init; }

    /// <summary>True where its amount is of each of several that follow: "1 tsp each cumin and salt".</summary>
    public bool IsOfEach { get; init; }

    /// <summary>Brackets that are open.</summary>
    public int Open { get; init; }

    /// <summary>Where its amount stands.</summary>
    public AmountStands Stands { get; init; }

    /// <summary>Tokens of amounts and all else that was read.</summary>
    public ImmutableList<Stretch> Stretches { get; init; } = [];

    /// <summary>What words of it stand for that nobody knows; null where all are known.</summary>
    public string? UnknownNoun { get; init; }

    /// <summary>A word before the noun that nobody knows.</summary>
    public string? Unread { get; init; }

    /// <summary>True once its noun was read.</summary>
    public bool IsNamed => Nouns.Count > 0 || UnknownNoun is not null;

    /// <summary>Its amount as typed; empty without one.</summary>
    public string Measure { get; init; } = "";

    /// <summary>All of it as typed.</summary>
    public string Text { get; init; } = "";

    /// <summary>Water of which only the amount was said.</summary>
    /// <param name="ml">How much, ml.</param>
    /// <param name="typed">As typed.</param>
    public static Item Water(double ml, string typed)
    {
        var (sense, _) = Lexicon.Known.At(["water"], 0).First();
        return new()
        {
            From = 0,
            End = 0,
            Nouns = [new(new Lexeme(sense, 1, 0, null), 0, 0)],
            Volume = new(new Quantity(Dimension.Volume, ml, 1), 0, 0),
            Measure = typed,
            Text = typed,
        };
    }

    /// <summary>The same amount of another thing.</summary>
    /// <param name="word">Its name.</param>
    public Item As(string word) =>
        this with
        {
            Nouns = [new(new Lexeme(Lexicon.Known.At([word], 0).First(f => f.Sense.Kind == SenseKind.Food).Sense, 1, 0, null), From, End)],
        };

    /// <summary>True for meat that is computed, or a part that is not.</summary>
    public bool IsMeat =>
        Nouns.Count > 0 && Nouns.All(n => n.Value.Sense.Kind is SenseKind.Meat or SenseKind.Piece or SenseKind.NotComputed);

    /// <summary>The food; null for meat.</summary>
    public Sense? FoodSense => Nouns.FirstOrDefault(n => n.Value.Sense.Kind == SenseKind.Food).Value.Sense;

    /// <summary>The food; null for meat.</summary>
    public Food? Food => FoodSense?.Food;

    /// <summary>True where nothing says how much.</summary>
    public bool HasNoAmount => Count is null && Mass is null && Volume is null && Container is null && Length is null && !HasArticle;

    /// <summary>What it is at this place.</summary>
    public bool Is(Func<Describing, bool> fits) => Says.Any(s => fits(s.Value));

    /// <summary>How it is cut.</summary>
    public Prep Prep => Says.Select(s => s.Value.Prep).FirstOrDefault(p => p != Prep.None);

    /// <summary>How large it is said to be.</summary>
    public SaidSize Size => Says.Select(s => s.Value.Size).FirstOrDefault(s => s is not null) ?? SaidSize.Usual;
}
