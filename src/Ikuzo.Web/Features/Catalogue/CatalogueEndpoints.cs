using Ikuzo.Core.Companions;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;
using Ikuzo.Web.Features.Kitchen;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Ikuzo.Web.Features.Catalogue;

/// <summary>Least, typical and greatest.</summary>
public sealed record PieceRange(double Min, double Typical, double Max);

/// <summary>A typical value.</summary>
public sealed record TypicalValue(double Typical);

/// <summary>Where the probe goes.</summary>
public sealed record CatalogueSpot(string Id, string Where);

/// <summary>A cut as clients see it.</summary>
public sealed record CatalogueCut(
    string Id,
    Species Species,
    Part Part,
    string Name,
    string Plural,
    bool BoneIn,
    bool Usual,
    PieceRange PieceKg,
    TypicalValue ThicknessMm,
    Aim UsualAim,
    IReadOnlyList<Aim> Aims,
    IReadOnlyList<CatalogueSpot> Spots
);

/// <summary>A companion as clients see it.</summary>
public sealed record CatalogueCompanion(
    string Id,
    string Name,
    CompanionKind Kind,
    ReferenceMinutes? Minutes,
    double AbsorbsMlPerGram,
    double GivesOffMlPerGram,
    bool Foams,
    bool Acid,
    bool Sweet,
    bool AfterPressure,
    bool IsCut,
    string Source
);

/// <summary>A liquid as clients see it.</summary>
public sealed record CatalogueLiquid(string Id, string Name, bool IsThick);

/// <summary>A way in which other cooks choose minutes and release.</summary>
public sealed record CatalogueSchool(string Id, string Name);

/// <summary>The household safety rule, for what shows it.</summary>
/// <param name="CoreCelsius">Every spot must reach this, °C.</param>
/// <param name="ShareSafe">Share of the possible cooks that must reach it.</param>
/// <param name="HotHoldingCelsius">Hot food is held at this or more, °C.</param>
/// <param name="StockKeeps">How long stock keeps in the fridge.</param>
public sealed record CatalogueSafety(double CoreCelsius, double ShareSafe, double HotHoldingCelsius, string StockKeeps)
{
    /// <summary>As Core applies it.</summary>
    internal static readonly CatalogueSafety Rule = new(
        SafetyRule.CoreCelsius,
        SafetyRule.ShareSafe,
        SafetyRule.HotHoldingCelsius,
        FoodRules.InFridge(FoodKind.Stock).Words(new Wording(UnitSystem.Metric))
    );
}

/// <summary>Everything that a plan can be made of, the rule that it must keep, and the version that computes it.</summary>
public sealed record CatalogueView(
    IReadOnlyList<CatalogueCut> Cuts,
    IReadOnlyList<CatalogueCompanion> Companions,
    IReadOnlyList<CatalogueLiquid> Liquids,
    IReadOnlyList<Pot> Pots,
    IReadOnlyList<CatalogueSchool> Schools,
    CatalogueSafety Safety,
    string Version
);

internal static class CatalogueEndpoints
{
    public static void MapCatalogue(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/catalogue", GetAsync).WithTags("Catalogue").WithName("getCatalogue");

    private static async Task<Ok<CatalogueView>> GetAsync(KitchenStore kitchen, CancellationToken cancellation) =>
        TypedResults.Ok(
            new CatalogueView(
                [.. CutCatalogue.All.Select(ToView)],
                [.. CompanionCatalogue.All.Select(ToView)],
                [.. LiquidCatalogue.All.Select(l => new CatalogueLiquid(l.Id, l.Name, l.IsThick))],
                await kitchen.PotsAsync(cancellation),
                [.. Schools.Names.Select(s => new CatalogueSchool(s.Id, s.Name))],
                CatalogueSafety.Rule,
                Product.Version
            )
        );

    private static CatalogueCompanion ToView(Companion c) =>
        new(
            c.Id,
            c.Name,
            c.Kind,
            c.Minutes,
            c.AbsorbsMlPerGram,
            c.GivesOffMlPerGram,
            c.Foams,
            c.Is(CompanionTraits.Acid),
            c.Is(CompanionTraits.Sweet),
            c.Is(CompanionTraits.AfterPressure),
            c.IsCut,
            c.Source
        );

    private static CatalogueCut ToView(Cut cut) =>
        new(
            cut.Id,
            cut.Species,
            cut.Part,
            cut.Name,
            cut.Plural,
            cut.BoneIn,
            cut.Usual,
            new PieceRange(cut.MinKg.Value, cut.TypicalKg.Value, cut.MaxKg.Value),
            new TypicalValue(cut.ThicknessMm.Value),
            cut.UsualAim,
            cut.Aims,
            [.. cut.Spots.Select(s => new CatalogueSpot(s.Id, s.Where))]
        );
}
