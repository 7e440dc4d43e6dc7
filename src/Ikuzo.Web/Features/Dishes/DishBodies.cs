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
public sealed record DishItemBody
{
    /// <summary>Name of the item, unique within the dish; at most 40 characters.</summary>
    public string? Key { get; init; }

    /// <summary>Meat or companion.</summary>
    public ItemKind? Kind { get; init; }

    /// <summary>The meat.</summary>
    public LoadBody? Load { get; init; }

    /// <summary>How the meat should end.</summary>
    public Aim? Aim { get; init; }

    /// <summary>Id of the companion.</summary>
    public string? Id { get; init; }

    /// <summary>Amount of the companion, g, 1 to 5,000.</summary>
    public double? Grams { get; init; }

    /// <summary>How large it is cut; as its name says unless given.</summary>
    public PieceSize? Size { get; init; }

    /// <summary>True in a bowl on the rack.</summary>
    public bool? InBowl { get; init; }

    internal void Check(FieldErrors errors, string at)
    {
        errors.RequiredPlainText($"{at}key", Key, 40);
        switch (Kind)
        {
            case ItemKind.Meat:
                LoadBody.Check(errors, Load, $"{at}load");
                break;
            case ItemKind.Companion:
                errors.RequiredRange($"{at}grams", Grams, 1, 5000, "g");
                if (Id is null || CompanionCatalogue.Find(Id) is null)
                {
                    errors.Add($"{at}id", "is not a companion that we know; see /api/catalogue.");
                }

                break;
            default:
                errors.Add($"{at}kind", "must be meat or companion.");
                break;
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
public record DishBody
{
    /// <summary>The pot; the household's default unless given.</summary>
    public PotBody? Pot { get; init; }

    /// <summary>Altitude, m, -100 to 4,500; the household's unless given.</summary>
    public double? AltitudeMetres { get; init; }

    /// <summary>Thin liquid wanted as broth beyond what the pot asks for, ml, 0 to 10,000.</summary>
    public double? BrothMl { get; init; }

    /// <summary>
    /// Stages that the cook wants, each with the keys of its items, in order; the best unless given. Used while they fit the items and are
    /// safe.
    /// </summary>
    public IReadOnlyList<IReadOnlyList<string>>? Stages { get; init; }

    /// <summary>A bird too large by its weight over which the lid was tried and closes.</summary>
    public TriedLid? LidTried { get; init; }

    /// <summary>One to eight items.</summary>
    public IReadOnlyList<DishItemBody>? Items { get; init; }

    internal virtual void Check(FieldErrors errors, string at)
    {
        Pot?.Check(errors, $"{at}pot.");
        errors.Range($"{at}altitudeMetres", AltitudeMetres, -100, 4500, "m");
        errors.Range($"{at}brothMl", BrothMl, 0, 10_000, "ml");
        if (
            Stages is { Count: > DishRequest.MostItems }
            || Stages?.Any(s => s is not { Count: <= DishRequest.MostItems } || s.Any(k => k is not { Length: <= 40 })) == true
        )
        {
            errors.Add($"{at}stages", $"must have at most {DishRequest.MostItems} stages with at most {DishRequest.MostItems} keys each.");
        }

        errors.Range($"{at}lidTried.kg", LidTried?.Kg, 0, MeatLoad.MostKg, "kg");
        errors.Range($"{at}lidTried.potLitres", LidTried?.PotLitres, 2, 15, "litres");
        if (Items is not { Count: >= 1 and <= DishRequest.MostItems })
        {
            errors.Add($"{at}items", $"must have one to {DishRequest.MostItems} entries.");
            return;
        }

        for (var i = 0; i < Items.Count; i++)
        {
            (Items[i] ?? new DishItemBody()).Check(errors, $"{at}items[{i}].");
        }

        if (Items.Select(i => i?.Key).Distinct().Count() != Items.Count)
        {
            errors.Add($"{at}items", "must have different keys.");
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
            LidTried = LidTried,
            Wanted = Stages,
            OtherPots = kitchen.Others(Pot?.ToModel()),
            Items = [.. Items!.Select(i => i.ToItem())],
        };
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
