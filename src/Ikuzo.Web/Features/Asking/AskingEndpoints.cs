using Ikuzo.Core.Asking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Ikuzo.Web.Features.Asking;

/// <summary>What the cook typed or dictated; at most 300 characters.</summary>
public sealed record AskBody([property: Needed, Longest(QuestionParser.MostCharacters)] string? Text);

/// <summary>What was understood. Null where nothing was said.</summary>
public sealed record AskView(
    string? Cut,
    int? Pieces,
    double? TotalKg,
    double? ThicknessMm,
    MeatState? State,
    double? StartCelsius,
    Arrangement? Arrangement,
    Placement? Placement,
    Aim? Aim,
    PressureSetting? Pressure,
    string? PotId,
    double? PotLitres,
    double? LiquidMl,
    IReadOnlyList<Understood> Understood,
    IReadOnlyList<string> Unknown,
    IReadOnlyList<string> Assumed,
    string? Problem
);

/// <summary>One quantity as typed, such as "3 lb 4 oz" or "1,5 kg".</summary>
/// <param name="Text">What was typed; at most 40 characters.</param>
/// <param name="Dimension">What it measures.</param>
/// <param name="Units">Units of a bare number.</param>
public sealed record QuantityBody([property: Needed, Longest(40)] string? Text, [property: Needed] Dimension? Dimension, UnitSystem? Units);

/// <summary>A quantity in kg, mm, ml or °C.</summary>
/// <param name="Value">How much.</param>
/// <param name="Unit">Of what.</param>
/// <param name="Scale">Scale in which a temperature was said; null for all else.</param>
public sealed record QuantityView(double Value, string Unit, TemperatureScale? Scale = null);

internal static class AskingEndpoints
{
    private const double SamePotLitres = 0.35;

    public static void MapAsking(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/ask", AskAsync).WithTags("Asking").WithName("ask");
        routes.MapPost("/api/quantities", ReadQuantity).WithTags("Asking").WithName("readQuantity");
    }

    private static async Task<Results<Ok<AskView>, BadRequest<HttpValidationProblemDetails>>> AskAsync(
        AskBody body,
        KitchenStore kitchen,
        CancellationToken cancellation
    )
    {
        return TypedResults.Ok(
            QuestionParser.Parse(body.Text!) is { } question ? View(question, await PotAsync(question, kitchen, cancellation)) : Nothing()
        );
    }

    private static Results<Ok<QuantityView>, BadRequest<HttpValidationProblemDetails>> ReadQuantity(QuantityBody body)
    {
        return Read(body) is { } view
            ? TypedResults.Ok(view)
            : TypedResults.BadRequest(
                Problems.Invalid("text", "is not understood. Type a number with its unit, such as 1.5 kg, 3 lb 4 oz, 32 mm, 2 cups.")
            );
    }

    private static QuantityView? Read(QuantityBody body)
    {
        var us = body.Units == UnitSystem.Us;
        if (body.Dimension == Dimension.Temperature)
        {
            return
                QuantityReader.ReadTemperature(body.Text!, us ? TemperatureScale.Fahrenheit : TemperatureScale.Celsius)
                    is var (celsius, said)
                ? new QuantityView(Math.Round(celsius, 4), "°C", said)
                : null;
        }

        var (bareFactor, scale, unit) = body.Dimension switch
        {
            Dimension.Mass => (us ? Wording.PoundKg : 1, 1.0, "kg"),
            Dimension.Length => (us ? Wording.InchMm / 1000 : 0.001, 1000.0, "mm"),
            _ => (us ? Wording.CupMl : 1, 1.0, "ml"),
        };
        return QuantityReader.Read(body.Text!, body.Dimension!.Value, bareFactor) is { } v
            ? new QuantityView(Math.Round(v * scale, 4), unit)
            : null;
    }

    private static AskView Nothing() =>
        new(
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            [],
            [],
            [],
            "No bird or cut in it. Try: 6 frozen thighs 1.3 kg, or: duck legs x4 800 g."
        );

    private static async Task<Pot?> PotAsync(Question question, KitchenStore kitchen, CancellationToken cancellation) =>
        question.PotLitres is { } litres
            ? (await kitchen.PotsAsync(cancellation))
                .Where(p => Math.Abs(p.CapacityLitres - litres) <= SamePotLitres)
                .MinBy(p => Math.Abs(p.CapacityLitres - litres))
            : null;

    private static AskView View(Question q, Pot? pot) =>
        new(
            q.Cut.Id,
            q.Pieces,
            Math.Round(q.TotalKg, 4),
            q.ThicknessMm,
            q.State,
            q.StartCelsius,
            q.Arrangement,
            q.Placement,
            q.Aim,
            q.Pressure,
            pot?.Id,
            q.PotLitres is { } litres ? Math.Round(litres, 2) : null,
            q.LiquidMl,
            q.Understood,
            q.Unknown,
            q.Assumed,
            null
        );
}
