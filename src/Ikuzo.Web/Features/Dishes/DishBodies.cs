using System.ComponentModel.DataAnnotations;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Reading;
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

    /// <summary>Something that is poured in.</summary>
    Liquid,

    /// <summary>A line that changes no minutes and is said again at its moment.</summary>
    Line,
}

/// <summary>How much of a thin liquid is poured in.</summary>
/// <param name="Id">The liquid.</param>
/// <param name="Text">The question.</param>
/// <param name="OffersMl">Amounts to choose from, ml.</param>
public sealed record PourQuestion(string Id, string Text, IReadOnlyList<double> OffersMl);

/// <summary>
/// One thing in a dish: meat with its load, a companion with its id and grams or measure, a liquid with its id and ml, or a line of text.
/// </summary>
public record DishItemBody : IValidatableObject
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

    /// <summary>Id of the companion, or of the liquid.</summary>
    [Longest(60)]
    public string? Id { get; init; }

    /// <summary>Amount of the companion, g, 1 to 5,000.</summary>
    [Limits(BesideItem.LeastGrams, BesideItem.MostGrams, "g")]
    public double? Grams { get; init; }

    /// <summary>How large it is cut; as its name says unless given.</summary>
    public PieceSize? Size { get; init; }

    /// <summary>True in a bowl on the rack.</summary>
    public bool? InBowl { get; init; }

    /// <summary>Amount of the liquid, ml, 1 to 10,000.</summary>
    [Limits(1, LiquidItem.MostMl, "ml")]
    public double? Ml { get; init; }

    /// <summary>Amount as it is measured in the kitchen, as in "1 cup", "1 can" or "3"; instead of grams, or beside them.</summary>
    [Longest(40)]
    [PlainText]
    public string? Measure { get; init; }

    /// <summary>The line.</summary>
    [Longest(DishLine.MostCharacters)]
    [PlainText]
    public string? Text { get; init; }

    /// <summary>What it was called when it was typed; null for as the catalogue names it, and for a line without food.</summary>
    [Longest(80)]
    [PlainText]
    public string? Food { get; init; }

    /// <summary>When it goes in, as far as that was said or is usual.</summary>
    public GoesIn? When { get; init; }

    /// <summary>How many of a line, as far as that was said.</summary>
    [Limits(0, 1000, "pieces")]
    public double? Pieces { get; init; }

    /// <summary>True for a line of what is cooked already.</summary>
    public bool? Cooked { get; init; }

    /// <summary>Meat needs its load; a companion its id and grams or measure; a liquid its id and ml; a line its text.</summary>
    public IEnumerable<ValidationResult> Validate(ValidationContext validationContext)
    {
        if (Kind == ItemKind.Meat && Load is null)
        {
            yield return new(NeededAttribute.Missing, [nameof(Load)]);
        }

        foreach (var unfit in LoadBody.Unfit(Kind == ItemKind.Meat ? Load : null, Aim))
        {
            yield return unfit;
        }

        if (Kind is ItemKind.Companion or ItemKind.Liquid && Id is null)
        {
            yield return new(NeededAttribute.Missing, [nameof(Id)]);
        }

        var isKnown = Kind == ItemKind.Liquid ? LiquidCatalogue.Find(Id ?? "") is not null : CompanionCatalogue.Find(Id ?? "") is not null;
        if (Kind is ItemKind.Companion or ItemKind.Liquid && Id is not null && !isKnown)
        {
            yield return new(
                $"is not a {(Kind == ItemKind.Liquid ? "liquid" : "companion")} that we know; see /api/catalogue.",
                [nameof(Id)]
            );
        }

        if (Kind == ItemKind.Companion && isKnown && Grams is null && Measured() is null)
        {
            yield return Measure is null
                ? new(NeededAttribute.Missing, [nameof(Grams)])
                : new("is no amount that we know. Type \"1 cup\", \"1 can\", \"3\" or \"250 g\".", [nameof(Measure)]);
        }

        if (Kind == ItemKind.Liquid && Ml is null)
        {
            yield return new(NeededAttribute.Missing, [nameof(Ml)]);
        }

        if (Kind == ItemKind.Line && string.IsNullOrWhiteSpace(Text))
        {
            yield return new(NeededAttribute.Missing, [nameof(Text)]);
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
                Size = beside.MayChange ? null : beside.Size,
                InBowl = beside.MayChange ? null : beside.InBowl,
                Measure = beside.Measure,
                Food = beside.Food,
                When = beside.When,
            },
            LiquidItem liquid => new()
            {
                Key = liquid.Key,
                Kind = ItemKind.Liquid,
                Id = liquid.Liquid.Id,
                Ml = liquid.Ml,
                Measure = liquid.Measure,
                Food = liquid.Food,
            },
            LineItem line => new()
            {
                Key = line.Key,
                Kind = ItemKind.Line,
                Text = line.Text,
                Food = line.Food,
                When = line.Moment(),
                Grams = line.Grams is >= BesideItem.LeastGrams and <= BesideItem.MostGrams ? line.Grams : null,
                Ml = line.Ml is >= 1 and <= LiquidItem.MostMl ? line.Ml : null,
                Pieces = line.Pieces is <= 1000 ? line.Pieces : null,
                Cooked = line.IsCooked ? true : null,
            },
            _ => throw new ArgumentException("is not a kind of item that we know", nameof(item)),
        };

    internal DishItem ToItem() =>
        Kind switch
        {
            ItemKind.Meat => new MeatItem(Key!, Load!.ToLoad(), Aim),
            ItemKind.Liquid => new LiquidItem(Key!, LiquidCatalogue.Find(Id!)!, Ml!.Value) { Measure = Measure, Food = Food },
            ItemKind.Line => new LineItem(Key!, Text!)
            {
                Food = Food,
                When = When,
                Grams = Grams,
                Ml = Ml,
                Pieces = Pieces,
                IsCooked = Cooked ?? false,
            },
            _ => new BesideItem(Key!, CompanionCatalogue.Find(Id!)!, Grams ?? Measured()!.Value, Size ?? PieceSize.Usual, InBowl ?? false)
            {
                Measure = Measure,
                MayChange = Size is null && InBowl is null,
                Food = Food,
                When = When,
            },
        };

    // "1 cup" of what it is, g; null for what is no amount of it.
    private double? Measured() =>
        Measure is not null
        && CompanionCatalogue.Find(Id ?? "") is { } companion
        && DishLine.Read($"{Measure} {companion.Name.ToLowerInvariant()}", "") is BesideItem read
        && read.Companion == companion
            ? read.Grams
            : null;
}

/// <summary>A typed line as it was read.</summary>
public sealed record ReadItem : DishItemBody
{
    internal ReadItem(DishItem item)
        : base(Of(item)) =>
        Pours = item is LineItem { Pours: { } liquid } ? new(liquid.Id, $"{liquid.Name}: how much?", LineItem.PouredMl) : null;

    /// <summary>What is asked of a thin liquid of which no amount was said; null for all else.</summary>
    public PourQuestion? Pours { get; }
}

/// <summary>A dish to arrange.</summary>
public record DishBody : IValidatableObject
{
    /// <summary>What it is called; at most 80 characters. What is called a soup, a stew or a chilli gets the liquid of one.</summary>
    [Longest(MostNameCharacters)]
    [PlainText]
    public virtual string? Name { get; init; }

    /// <summary>The pot; the household's default unless given.</summary>
    public PotBody? Pot { get; init; }

    /// <summary>Altitude, m, -100 to 4,500; the household's unless given.</summary>
    [Limits(KitchenSettings.LeastAltitudeMetres, KitchenSettings.MostAltitudeMetres, "m")]
    public double? AltitudeMetres { get; init; }

    /// <summary>What the minutes of meat promise; the household's unless given.</summary>
    public Core.Planning.Promise? Promise { get; init; }

    /// <summary>True to brown the meat first.</summary>
    public bool? Brown { get; init; }

    /// <summary>Thin liquid wanted as broth beyond what the pot asks for, ml, 0 to 10,000.</summary>
    [Limits(0, 10_000, "ml")]
    public double? BrothMl { get; init; }

    /// <summary>
    /// Stages that the cook wants, each with the keys of its items, in order; the best unless given. Used while they fit the items and are
    /// safe.
    /// </summary>
    [Entries(0, DishRequest.MostItems)]
    public IReadOnlyList<IReadOnlyList<string>>? Stages { get; init; }

    /// <summary>In one go, or at its best; the one that is proposed unless given.</summary>
    public WayId? Way { get; init; }

    /// <summary>A bird too large by its weight over which the lid was tried and closes.</summary>
    public TriedLidBody? LidTried { get; init; }

    /// <summary>Most items, those that change no minutes included.</summary>
    internal const int MostItems = 30;

    internal const int MostNameCharacters = 80;

    /// <summary>One to eight items of meat and what stands beside it, and up to 30 with liquids and lines.</summary>
    [Needed]
    [Entries(1, MostItems)]
    public IReadOnlyList<DishItemBody>? Items { get; init; }

    /// <summary>Keys differ, stages name keys, and not too much is arranged.</summary>
    public virtual IEnumerable<ValidationResult> Validate(ValidationContext validationContext)
    {
        if (Items!.Count(i => i.Kind is ItemKind.Meat or ItemKind.Companion) is 0 or > DishRequest.MostItems)
        {
            yield return new($"must have 1 to {DishRequest.MostItems} entries of meat and what stands beside it.", [nameof(Items)]);
        }

        if (Items!.Select(i => i.Key).Distinct().Count() != Items!.Count)
        {
            yield return new("must have different keys.", [nameof(Items)]);
        }

        if (Stages?.Any(s => s.Count > DishRequest.MostItems || s.Any(k => k is not { Length: <= DishItemBody.MostKeyCharacters })) == true)
        {
            yield return new($"must have at most {DishRequest.MostItems} keys in each stage.", [nameof(Stages)]);
        }
    }

    internal DishRequest ToRequest(UsualKitchen kitchen)
    {
        var all = Items!.Select(i => i.ToItem()).ToList();
        return new()
        {
            Pot = Pot?.ToModel() ?? kitchen.Pot,
            AltitudeMetres = AltitudeMetres ?? kitchen.Settings.AltitudeMetres,
            RoomCelsius = kitchen.Settings.RoomCelsius,
            Units = kitchen.Settings.Units,
            Promise = Promise ?? kitchen.Settings.Usual,
            MostReturns = kitchen.Settings.Returns,
            BrothMl = BrothMl ?? 0,
            Served = Servings.Named(Name),
            Browned = Brown ?? false,
            Learned = all.OfType<MeatItem>()
                .Select(m => m.Load.Cut.Id)
                .Distinct()
                .ToDictionary(cut => cut, cut => kitchen.LearnedOf(Pot, cut)),
            LidTried = LidTried?.ToCore(),
            Wanted = Stages,
            Way = Way,
            UsualWay = kitchen.UsualWay,
            OtherPots = kitchen.Others(Pot),
            Items = [.. all.Where(i => i is MeatItem or BesideItem)],
            Liquids = [.. all.OfType<LiquidItem>()],
        };
    }

    /// <summary>Lines among the items, in order.</summary>
    internal IEnumerable<LineItem> Lines => Items!.Where(i => i.Kind == ItemKind.Line).Select(i => LineMoments.Read(i.Text!, i.When));
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
/// <param name="RunnerUp">The other way; the best where the stages are the cook's.</param>
/// <param name="Impossible">The item to blame when nothing works.</param>
/// <param name="Suggestions">Changes that would take fewer stages.</param>
/// <param name="StirIn">Keys of what is stirred in after the last opening.</param>
/// <param name="StirredIn">The same, and for how long.</param>
/// <param name="IsWanted">True when the stages are those that were asked for; the other way is then the best.</param>
/// <param name="Ways">In one go and at its best, the one of the stages first; one where they are the same.</param>
public sealed record DishView(
    IReadOnlyList<DishStage> Stages,
    LikelyAndLate? TotalMinutes,
    StageOrder? RunnerUp,
    Blame? Impossible,
    IReadOnlyList<Suggestion> Suggestions,
    IReadOnlyList<string> StirIn,
    IReadOnlyList<StirredIn> StirredIn,
    bool IsWanted,
    IReadOnlyList<DishWayView> Ways
)
{
    internal static DishView Of(DishPlan plan) =>
        new(
            plan.Best?.Stages ?? [],
            plan.Best?.TotalMinutes,
            plan.RunnerUp,
            plan.Impossible,
            plan.Suggestions,
            plan.StirIn,
            plan.StirredIn,
            plan.IsWanted,
            [.. plan.Ways.Select(DishWayView.Of)]
        );
}

/// <summary>One of the two ways to cook a dish.</summary>
/// <param name="Id">Which.</param>
/// <param name="Stages">In order.</param>
/// <param name="TotalMinutes">From lid-on to the table, min.</param>
/// <param name="OpenMinutes">Of them in the open pot at the end, min.</param>
/// <param name="StirredIn">What finishes in the open pot.</param>
/// <param name="Words">What comes of it.</param>
/// <param name="Cost">What it costs, in the score of the search.</param>
/// <param name="IsTolerable">True when everything stays within what a cook lets go.</param>
public sealed record DishWayView(
    WayId Id,
    IReadOnlyList<DishStage> Stages,
    LikelyAndLate TotalMinutes,
    double OpenMinutes,
    IReadOnlyList<StirredIn> StirredIn,
    string Words,
    double Cost,
    bool IsTolerable
)
{
    internal static DishWayView Of(DishWay way) =>
        new(way.Id, way.Order.Stages, way.TotalMinutes, way.OpenMinutes, way.StirredIn, way.Words, way.Order.Cost, way.IsTolerable);
}
