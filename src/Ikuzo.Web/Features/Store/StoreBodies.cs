using System.ComponentModel.DataAnnotations;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Store;
using Ikuzo.Web.Errors;

namespace Ikuzo.Web.Features.Store;

/// <summary>Something for the cold: as typed, or field by field.</summary>
public sealed record StoreBody : IValidatableObject
{
    /// <summary>Name that the client gives it; the same again changes nothing.</summary>
    [Longest(60)]
    [PlainText]
    public string? ClientId { get; init; }

    /// <summary>As typed: "8 thighs 1.4 kg fridge bought today". Then nothing else is needed.</summary>
    [Longest(Core.Reading.ColdText.MostCharacters)]
    [PlainText]
    public string? Text { get; init; }

    /// <summary>Time zone of its words, as in "Europe/Vienna"; UTC unless given.</summary>
    [Longest(60)]
    [Zone]
    public string? TimeZone { get; init; }

    /// <summary>What it is.</summary>
    public StoreKind? Kind { get; init; }

    /// <summary>What the household calls it.</summary>
    [Longest(80)]
    [PlainText]
    public string? Name { get; init; }

    /// <summary>Id of the cut.</summary>
    [Longest(60)]
    [CutId]
    public string? Cut { get; init; }

    /// <summary>Weight, kg.</summary>
    [Limits(MeatLoad.LeastKg, MeatLoad.MostKg, "kg")]
    public double? TotalKg { get; init; }

    /// <summary>Number of pieces.</summary>
    [Limits(1, MeatLoad.MostPieces)]
    public int? Pieces { get; init; }

    /// <summary>Portions.</summary>
    [Limits(0.5, 100)]
    public double? Portions { get; init; }

    /// <summary>Volume, ml.</summary>
    [Limits(1, 15_000, "ml")]
    public double? Ml { get; init; }

    /// <summary>Where it is; in the fridge unless given.</summary>
    public StorePlace? Place { get; init; }

    /// <summary>Since when; now unless given.</summary>
    [Moment]
    public DateTimeOffset? Since { get; init; }

    /// <summary>The cook that it is left of.</summary>
    [Longest(60)]
    public string? CookId { get; init; }

    /// <summary>A text, or a kind and a name.</summary>
    public IEnumerable<ValidationResult> Validate(ValidationContext validationContext)
    {
        if (string.IsNullOrWhiteSpace(Text) && (Kind is null || string.IsNullOrWhiteSpace(Name)))
        {
            yield return new("is needed, or kind and name.", [nameof(Text)]);
        }

        if (Kind == StoreKind.Raw && Cut is null && string.IsNullOrWhiteSpace(Text))
        {
            yield return new(NeededAttribute.Missing, [nameof(Cut)]);
        }

        if (Place == StorePlace.Gone)
        {
            yield return new("must be somewhere.", [nameof(Place)]);
        }
    }
}

/// <summary>It goes to a place.</summary>
/// <param name="To">Where.</param>
/// <param name="At">When; now unless given.</param>
/// <param name="ClientId">Name that the client gives it; the same again changes nothing.</param>
public sealed record MoveBody(
    [property: Needed] StorePlace? To,
    [property: Moment] DateTimeOffset? At = null,
    [property: Longest(60), PlainText] string? ClientId = null
);

/// <summary>It is cooked, eaten or thrown away; of several portions only some.</summary>
/// <param name="CookId">The cook that it went into; null for none.</param>
/// <param name="Portions">Portions or pieces that went; all unless given.</param>
/// <param name="At">When; now unless given.</param>
/// <param name="ClientId">Name that the client gives it; the same again changes nothing.</param>
public sealed record UsedBody(
    [property: Longest(60)] string? CookId = null,
    [property: Limits(0.5, 200)] double? Portions = null,
    [property: Moment] DateTimeOffset? At = null,
    [property: Longest(60), PlainText] string? ClientId = null
);

/// <summary>The last move is taken back.</summary>
/// <param name="ClientId">Name that the client gives it; the same again changes nothing.</param>
public sealed record UndoBody([property: Longest(60), PlainText] string? ClientId = null);

/// <summary>Something in the cold.</summary>
public sealed record StoreView
{
    /// <summary>Stable name.</summary>
    public required string Id { get; init; }

    /// <summary>What it is.</summary>
    public required StoreKind Kind { get; init; }

    /// <summary>What the household calls it.</summary>
    public required string Name { get; init; }

    /// <summary>Id of the cut; null where it is of no matter.</summary>
    public required string? Cut { get; init; }

    /// <summary>Number of pieces.</summary>
    public required int? Pieces { get; init; }

    /// <summary>Weight, kg.</summary>
    public required double? TotalKg { get; init; }

    /// <summary>Portions.</summary>
    public required double? Portions { get; init; }

    /// <summary>Volume, ml.</summary>
    public required double? Ml { get; init; }

    /// <summary>Where it is.</summary>
    public required StorePlace Place { get; init; }

    /// <summary>Since when.</summary>
    public required DateTimeOffset Since { get; init; }

    /// <summary>When it came into the cold.</summary>
    public required DateTimeOffset From { get; init; }

    /// <summary>Until when it is good; null once it is gone.</summary>
    public required DateTimeOffset? UseBy { get; init; }

    /// <summary>True where that is a matter of taste, in the freezer.</summary>
    public required bool IsQuality { get; init; }

    /// <summary>How soon it has to be used.</summary>
    public required Urgency Urgency { get; init; }

    /// <summary>What to do with it.</summary>
    public required string ToDo { get; init; }

    /// <summary>The rule that its date comes from, and who says so.</summary>
    public required string Why { get; init; }

    /// <summary>Where it may go next.</summary>
    public required IReadOnlyList<StorePlace> Moves { get; init; }

    /// <summary>Hours that it takes to thaw in the fridge; null for what is not frozen.</summary>
    public required double? ThawHours { get; init; }

    /// <summary>Until when it leaves the freezer for the next dinner that it can be thawed for; null for what is not frozen.</summary>
    public required TakeOut? TakeOut { get; init; }

    /// <summary>The cook that it is left of.</summary>
    public required string? CookId { get; init; }

    /// <summary>True when its last move can be taken back.</summary>
    public required bool CanUndo { get; init; }
}

/// <summary>What was kept, and how it was read.</summary>
/// <param name="Item">The item.</param>
/// <param name="Understood">What was understood of a text.</param>
/// <param name="Unknown">Words of a text that mean nothing here.</param>
public sealed record StoreKept(StoreView Item, IReadOnlyList<string> Understood, IReadOnlyList<string> Unknown);

/// <summary>A label.</summary>
/// <param name="Id">The item.</param>
/// <param name="Name">What it is.</param>
/// <param name="Made">When it came into the cold.</param>
/// <param name="UseBy">Until when it is good.</param>
/// <param name="ToDo">What to do with it.</param>
/// <param name="Code">Address of the code that opens it.</param>
public sealed record LabelView(string Id, string Name, DateTimeOffset Made, DateTimeOffset? UseBy, string ToDo, string Code);
