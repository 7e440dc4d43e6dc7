using Ikuzo.Core.Companions;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Dishes;

/// <summary>When something is fried before the lid goes on.</summary>
public enum FryAs
{
    /// <summary>Before the meat: bacon and its like, whose fat the rest fries in.</summary>
    First,

    /// <summary>After the meat, until it is soft: onions and their like.</summary>
    Soft,

    /// <summary>After those, until its water has gone: mushrooms.</summary>
    Dry,

    /// <summary>For a moment at the end: garlic, spice and pastes, which burn.</summary>
    Last,
}

/// <summary>A step of frying, beside those of the meat.</summary>
/// <param name="As">Which, in order.</param>
/// <param name="Title">The step in a word or three.</param>
/// <param name="Text">What to do.</param>
/// <param name="Minutes">How long, min.</param>
/// <param name="What">Ids of what stands beside the meat, and texts of lines, that are in it.</param>
public sealed record FryStep(FryAs As, string Title, string Text, double Minutes, IReadOnlyList<string> What)
{
    /// <summary>True before the meat, false after it.</summary>
    internal bool IsBeforeMeat => As == FryAs.First;

    /// <summary>Stable within the cook.</summary>
    public string Id => FormattableString.Invariant($"fry-{As}").ToLowerInvariant();
}

/// <summary>What is fried besides the meat before the lid goes on, by what it is, in the order in which it can take the heat.</summary>
public static class Frying
{
    // Kitchen practice: until the fat has run, until soft, until the pan is dry, until it smells. min
    private const double FatRuns = 5,
        Soft = 5,
        Dry = 4,
        Smells = 0.5;

    private const string Mushrooms = "mushrooms";

    /// <summary>The steps, in order; those of the meat stand between the first and the others.</summary>
    /// <param name="beside">What stands beside the meat.</param>
    /// <param name="lines">Lines that go under the lid.</param>
    public static IReadOnlyList<FryStep> Of(IEnumerable<BesideItem> beside, IEnumerable<LineItem> lines)
    {
        var all = beside
            .Select(b => (As: As(b), What: b.Companion.Id, Name: b.Food ?? b.Companion.Name.ToLowerInvariant()))
            .Concat(lines.Select(l => (As: l.FriedAs, What: l.Text, Name: l.Text)))
            .Where(f => f.As is not null)
            .ToLookup(f => f.As!.Value, f => (f.What, f.Name));
        return [.. Enum.GetValues<FryAs>().Where(all.Contains).Select(a => Step(a, [.. all[a]]))];
    }

    // What melts into the sauce, unless it is sour, thick or sweet, which comes after.
    private static FryAs? As(BesideItem item) =>
        item is not { Companion.Kind: CompanionKind.Aromatic, InBowl: false, Companion.IsNeverUnderPressure: false }
        || item.Companion.Traits != CompanionTraits.None
            ? null
        : item.Companion.Id == Mushrooms ? FryAs.Dry
        : FryAs.Soft;

    private static FryStep Step(FryAs fried, (string What, string Name)[] things)
    {
        string[] what = [.. things.Select(t => t.What)];
        var names = Listed.And([.. things.Select(t => t.Name)]);
        return fried switch
        {
            FryAs.First => new(fried, "First", $"Fry {names} until the fat runs; lift it out and keep it for the pot.", FatRuns, what),
            FryAs.Soft => new(fried, "Until soft", $"Into the same fat: {names}. Stir now and then until soft.", Soft, what),
            FryAs.Dry => new(fried, "Until dry", $"Add {names}; fry until their water has gone.", Dry, what),
            _ => new(fried, "Half a minute", $"For the last half minute: {names}. Stir: it burns quickly.", Smells, what),
        };
    }
}
