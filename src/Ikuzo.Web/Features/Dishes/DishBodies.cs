using System.ComponentModel.DataAnnotations;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.Plans;

namespace Ikuzo.Web.Features.Dishes;

/// <summary>What an item of a dish is.</summary>
public enum ItemKind
{
    /// <summary>Chicken, turkey or duck.</summary>
    Meat,

    /// <summary>Something beside it.</summary>
    Companion,
}

/// <summary>One thing in a dish: meat with its load, or a companion with its id and grams.</summary>
public sealed record DishItemBody : IValidatableObject
{
    internal const int MostKeyCharacters = 40;

    /// <summary>Name of the item, unique within the dish; at most 40 characters.</summary>
    [Needed]
    [Longest(MostKeyCharacters)]
    [PlainText]
    public string? Key { get; init; }

    /// <summary>Meat or companion.</summary>
    [Needed]
    public ItemKind? Kind { get; init; }

    /// <summary>The meat.</summary>
    public LoadBody? Load { get; init; }

    /// <summary>How the meat should end.</summary>
    public Aim? Aim { get; init; }

    /// <summary>Id of the companion.</summary>
    [Longest(60)]
    [CompanionId]
    public string? Id { get; init; }

    /// <summary>Amount of the companion, g, 1 to 5,000.</summary>
    [Limits(BesideItem.LeastGrams, BesideItem.MostGrams, "g")]
    public double? Grams { get; init; }

    /// <summary>How large it is cut; as its name says unless given.</summary>
    public PieceSize? Size { get; init; }

    /// <summary>True in a bowl on the rack.</summary>
    public bool? InBowl { get; init; }

    /// <summary>Meat needs its load; a companion its id and grams.</summary>
    public IEnumerable<ValidationResult> Validate(ValidationContext validationContext)
    {
        if (Kind == ItemKind.Meat && Load is null)
        {
            yield return new(NeededAttribute.Missing, [nameof(Load)]);
        }

        if (Kind == ItemKind.Companion && Id is null)
        {
            yield return new(NeededAttribute.Missing, [nameof(Id)]);
        }

        if (Kind == ItemKind.Companion && Grams is null)
        {
            yield return new(NeededAttribute.Missing, [nameof(Grams)]);
        }
    }

    /// <summary>The body of an item.</summary>
    internal static DishItemBody Of(DishItem item) =>
        item switch
        {
            MeatItem meat => new()
            {
                Key = meat.Key,
                Kind = ItemKind.Meat,
                Load = LoadBody.Of(meat.Load),
                Aim = meat.Aim,
            },
            BesideItem beside => new()
            {
                Key = beside.Key,
                Kind = ItemKind.Companion,
                Id = beside.Companion.Id,
                Grams = beside.Grams,
                Size = beside.Size,
                InBowl = beside.InBowl,
            },
            _ => throw new ArgumentException("is not a kind of item that we know", nameof(item)),
        };

    internal DishItem ToItem() =>
        Kind == ItemKind.Meat
            ? new MeatItem(Key!, Load!.ToLoad(), Aim)
            : new BesideItem(Key!, CompanionCatalogue.Find(Id!)!, Grams!.Value, Size ?? PieceSize.Usual, InBowl ?? false);
}

/// <summary>A dish to arrange.</summary>
public record DishBody : IValidatableObject
{
    /// <summary>The pot; the household's default unless given.</summary>
    public PotBody? Pot { get; init; }

    /// <summary>Altitude, m, -100 to 4,500; the household's unless given.</summary>
    [Limits(KitchenSettings.LeastAltitudeMetres, KitchenSettings.MostAltitudeMetres, "m")]
    public double? AltitudeMetres { get; init; }

    /// <summary>Thin liquid wanted as broth beyond what the pot asks for, ml, 0 to 10,000.</summary>
    [Limits(0, 10_000, "ml")]
    public double? BrothMl { get; init; }

    /// <summary>
    /// Stages that the cook wants, each with the keys of its items, in order; the best unless given. Used while they fit the items and are
    /// safe.
    /// </summary>
    [Entries(0, DishRequest.MostItems)]
    public IReadOnlyList<IReadOnlyList<string>>? Stages { get; init; }

    /// <summary>A bird too large by its weight over which the lid was tried and closes.</summary>
    public TriedLidBody? LidTried { get; init; }

    /// <summary>One to eight items.</summary>
    [Needed]
    [Entries(1, DishRequest.MostItems)]
    public IReadOnlyList<DishItemBody>? Items { get; init; }

    /// <summary>Keys differ, and stages name keys.</summary>
    public virtual IEnumerable<ValidationResult> Validate(ValidationContext validationContext)
    {
        if (Items!.Select(i => i.Key).Distinct().Count() != Items!.Count)
        {
            yield return new("must have different keys.", [nameof(Items)]);
        }

        if (Stages?.Any(s => s.Count > DishRequest.MostItems || s.Any(k => k is not { Length: <= DishItemBody.MostKeyCharacters })) == true)
        {
            yield return new($"must have at most {DishRequest.MostItems} keys in each stage.", [nameof(Stages)]);
        }
    }

    internal DishRequest ToRequest(UsualKitchen kitchen) =>
        new()
        {
            Pot = Pot?.ToModel() ?? kitchen.Pot,
            AltitudeMetres = AltitudeMetres ?? kitchen.Settings.AltitudeMetres,
            RoomCelsius = kitchen.Settings.RoomCelsius,
            Units = kitchen.Settings.Units,
            BrothMl = BrothMl ?? 0,
            LidTried = LidTried?.ToCore(),
            Wanted = Stages,
            OtherPots = kitchen.Others(Pot?.ToModel()),
            Items = [.. Items!.Select(i => i.ToItem())],
        };
}

/// <summary>Somebody tried it: the lid closes over so much.</summary>
/// <param name="Kg">Weight of the bird, kg.</param>
/// <param name="PotLitres">Capacity of the pot, l.</param>
public sealed record TriedLidBody(
    [property: Needed, Limits(0, MeatLoad.MostKg, "kg")] double? Kg,
    [property: Needed, Limits(2, 15, "litres")] double? PotLitres
)
{
    internal TriedLid ToCore() => new(Kg!.Value, PotLitres!.Value);
}

/// <summary>An arrangement as clients see it.</summary>
/// <param name="Stages">In order; empty when nothing works.</param>
/// <param name="TotalMinutes">All of it, min.</param>
/// <param name="RunnerUp">The next best.</param>
/// <param name="Impossible">The item to blame when nothing works.</param>
/// <param name="Suggestions">Changes that would take fewer stages.</param>
/// <param name="StirIn">Keys of what is stirred in after the last opening.</param>
/// <param name="IsWanted">True when the stages are those that were asked for; the next best is then the best.</param>
public sealed record DishView(
    IReadOnlyList<DishStage> Stages,
    LikelyAndLate? TotalMinutes,
    StageOrder? RunnerUp,
    Blame? Impossible,
    IReadOnlyList<Suggestion> Suggestions,
    IReadOnlyList<string> StirIn,
    bool IsWanted
)
{
    internal static DishView Of(DishPlan plan) =>
        new(plan.Best?.Stages ?? [], plan.Best?.TotalMinutes, plan.RunnerUp, plan.Impossible, plan.Suggestions, plan.StirIn, plan.IsWanted);
}
