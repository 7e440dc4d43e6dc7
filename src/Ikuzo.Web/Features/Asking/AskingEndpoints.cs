using System.Globalization;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Reading;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Ikuzo.Web.Features.Asking;

/// <summary>What the cook typed or dictated; at most 300 characters.</summary>
/// <param name="Text">The text.</param>
/// <param name="Units">Units of numbers that have none; the household's unless given.</param>
/// <param name="Settled">What was answered to doubts about the same text; at most 20.</param>
/// <param name="Today">The present day where it is asked; the server's unless given.</param>
public sealed record AskBody(
    [property: Needed, Longest(CounterText.MostCharacters)] string? Text,
    UnitSystem? Units = null,
    [property: Entries(0, 20)] IReadOnlyList<SettledBody>? Settled = null,
    DateOnly? Today = null
);

/// <summary>What was answered to a doubt.</summary>
/// <param name="Text">Its text.</param>
/// <param name="Reading">Its reading, or one of the others.</param>
public sealed record SettledBody(
    [property: Needed, Longest(CounterText.MostCharacters)] string? Text,
    [property: Needed, Longest(100)] string? Reading
);

/// <summary>Further meat of the same text.</summary>
/// <param name="Cut">Id of the cut.</param>
/// <param name="Pieces">Number of pieces.</param>
/// <param name="TotalKg">Weight of all, kg.</param>
public sealed record AlsoView(string Cut, int Pieces, double TotalKg);

/// <summary>Something beside the meat.</summary>
/// <param name="Kind">Companion, liquid, or line: what is not computed.</param>
/// <param name="Id">Id of it; null for a line.</param>
/// <param name="Food">What it was called.</param>
/// <param name="Grams">How much, g; null where nobody said, and for a liquid.</param>
/// <param name="Ml">How much, ml; null for all but what was measured by volume.</param>
/// <param name="Measure">How much, as it was typed.</param>
/// <param name="When">When it goes in, as far as that was said or is usual.</param>
public sealed record BesideView(string Kind, string? Id, string Food, double? Grams, double? Ml, string Measure, GoesIn? When);

/// <summary>Something that could be read otherwise.</summary>
/// <param name="Text">As typed.</param>
/// <param name="Reading">How it was read.</param>
/// <param name="Or">How else it could be read.</param>
/// <param name="Follows">What follows from the reading and from each of the others, as "18 min"; empty where it is the same.</param>
public sealed record DoubtView(string Text, string Reading, IReadOnlyList<string> Or, IReadOnlyList<string> Follows);

/// <summary>Where a question that is no load is answered.</summary>
/// <param name="Place">Place: line-up, check, pot, cold or kitchen.</param>
/// <param name="Case">What happened, by name.</param>
/// <param name="Why">In a sentence.</param>
/// <param name="Minutes">How long it had, or how long that took, min, where it was said; else null.</param>
public sealed record GoToView(string Place, string Case, string Why, double? Minutes);

/// <summary>What was understood. Null where nothing was said. While there are doubts, the answer is a question.</summary>
public sealed record AskView(
    string? Cut,
    int? Pieces,
    double? TotalKg,
    double? ThicknessMm,
    double? HeaviestKg,
    MeatState? State,
    double? StartCelsius,
    double? DaysInFridge,
    Arrangement? Arrangement,
    Placement? Placement,
    Aim? Aim,
    PressureSetting? Pressure,
    string? PotId,
    double? PotLitres,
    double? LiquidMl,
    double? Minutes,
    Release? Release,
    bool? Brown,
    double? MarinadeHours,
    double? CrispMinutes,
    double? ReadingCelsius,
    TemperatureScale? ReadingScale,
    IReadOnlyList<AlsoView> Also,
    IReadOnlyList<BesideView> Beside,
    double? StoodMinutes,
    double? AltitudeMetres,
    Promise? Promise,
    string? EatAt,
    DateOnly? EatDay,
    double? EatInMinutes,
    double? Servings,
    IReadOnlyList<TextSpan> Spans,
    IReadOnlyList<ReadStop> Stops,
    GoToView? GoTo,
    IReadOnlyList<DoubtView> Doubts,
    IReadOnlyList<Understood> Understood,
    IReadOnlyList<string> Unknown,
    IReadOnlyList<string> Assumed,
    string? Problem
);

/// <summary>One quantity as typed, such as "3 lb 4 oz" or "1,5 kg".</summary>
/// <param name="Text">What was typed; at most 40 characters.</param>
/// <param name="Dimension">What it measures.</param>
/// <param name="Units">Units of a bare number.</param>
/// <param name="IsReading">True for what a thermometer says of cooked meat: then a bare number is in the scale that makes sense.</param>
public sealed record QuantityBody(
    [property: Needed, Longest(40)] string? Text,
    [property: Needed] Dimension? Dimension,
    UnitSystem? Units,
    bool? IsReading = null
);

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
        Consequences consequences,
        HttpContext http,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var units = body.Units ?? (await kitchen.SettingsAsync(cancellation)).Units;
        var today = body.Today ?? DateOnly.FromDateTime(clock.GetUtcNow().DateTime);
        Settled[] settled = [.. (body.Settled ?? []).Select(s => new Settled(s.Text!, s.Reading!))];
        Question Read(IReadOnlyList<Settled> answers) => CounterText.Read(body.Text!, units, today, answers);
        var question = Read(settled);
        var doubts = await consequences.OfAsync(question.Doubts, a => Read([.. settled, a]), http, cancellation);
        return TypedResults.Ok(View(question, doubts, await PotAsync(question, kitchen, cancellation)));
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
            if (body.IsReading == true)
            {
                return CheckText.Read(body.Text!, Temperatures.ScaleOf(body.Units ?? UnitSystem.Metric)) is var (hot, scaleSaid)
                    ? new QuantityView(Math.Round(hot, 4), "°C", scaleSaid)
                    : null;
            }

            return QuantityReader.ReadTemperature(body.Text!, Temperatures.ScaleOf(body.Units ?? UnitSystem.Metric)) is var (celsius, said)
                ? new QuantityView(Math.Round(celsius, 4), "°C", said)
                : null;
        }

        var (bareFactor, scale, unit) = body.Dimension switch
        {
            Dimension.Mass => (us ? Wording.PoundKg : 1, 1.0, "kg"),
            Dimension.Length => (us ? Wording.InchMm / 1000 : 0.001, 1000.0, "mm"),
            Dimension.Time => (1, 1.0, "min"),
            _ => (us ? Wording.CupMl : 1, 1.0, "ml"),
        };
        return QuantityReader.Read(body.Text!, body.Dimension!.Value, bareFactor) is { } v
            ? new QuantityView(Math.Round(v * scale, 4), unit)
            : null;
    }

    private static async Task<Pot?> PotAsync(Question question, KitchenStore kitchen, CancellationToken cancellation) =>
        question.PotLitres is { } litres
            ? (await kitchen.PotsAsync(cancellation))
                .Where(p => Math.Abs(p.CapacityLitres - litres) <= SamePotLitres)
                .MinBy(p => Math.Abs(p.CapacityLitres - litres))
            : null;

    private static AskView View(Question q, IReadOnlyList<DoubtView> doubts, Pot? pot) =>
        new(
            q.Meat?.Cut.Id,
            q.Meat?.Pieces,
            q.Meat is { } meat ? Math.Round(meat.TotalKg, 4) : null,
            q.ThicknessMm,
            q.HeaviestKg,
            q.State,
            q.StartCelsius,
            q.DaysInFridge,
            q.Arrangement,
            q.Placement,
            q.Aim,
            q.Pressure,
            pot?.Id,
            q.PotLitres is { } litres ? Math.Round(litres, 2) : null,
            q.LiquidMl,
            q.Minutes,
            q.Release,
            q.Browned,
            q.MarinadeHours,
            q.CrispMinutes,
            q.ReadingCelsius is { } celsius ? Math.Round(celsius, 4) : null,
            q.ReadingScale,
            [.. q.Also.Select(a => new AlsoView(a.Cut.Id, a.Pieces, Math.Round(a.TotalKg, 4)))],
            [
                .. q.Beside.Select(b => new BesideView(
                    b.Liquid is not null ? "liquid"
                        : b.Companion is not null ? "companion"
                        : "line",
                    b.Liquid ?? b.Companion?.Id,
                    b.Food,
                    b.Grams,
                    b.Ml,
                    b.Measure,
                    b.When
                )),
            ],
            q.StoodMinutes,
            q.AltitudeMetres,
            q.Promise,
            q.EatAt?.ToString("HH:mm", CultureInfo.InvariantCulture),
            q.EatDay,
            q.EatInMinutes,
            q.Servings,
            q.Spans,
            q.Stops,
            q.GoTo is { } there ? new GoToView(there.Place, there.Case, there.Why, there.Minutes) : null,
            doubts,
            q.Understood,
            q.Unknown,
            q.Assumed,
            q.Problem
        );
}
