using Ikuzo.Core.Dishes;
using Ikuzo.Core.LineUps;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.Plans;
using Ikuzo.Web.Serving;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Ikuzo.Web.Features.LineUps;

internal static class LineUpEndpoints
{
    public static void MapLineUps(this IEndpointRouteBuilder routes)
    {
        var lineUps = routes.MapGroup("/api/lineup").WithTags("LineUps");
        lineUps.MapPost("", MakeAsync).WithName("makeLineUp").Computes(Work.Plan);
        lineUps.MapPost("/thaw", ThawAsync).WithName("thawChoices").Computes(Work.Plan);
        lineUps
            .MapPost("/ics", CalendarAsync)
            .WithName("lineUpCalendar")
            .Computes(Work.Plan)
            .Produces<string>(contentType: CalendarFile.ContentType);
    }

    private static async Task<Results<Ok<LineUp>, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>>> MakeAsync(
        LineUpBody body,
        LineUpService lineUps,
        CancellationToken cancellation
    )
    {
        if (await lineUps.FillAsync(body, cancellation) is not { } filled)
        {
            return Problems.Missing("This dish");
        }

        return TooOften(filled) is { } problem
            ? TypedResults.BadRequest(problem)
            : TypedResults.Ok(await lineUps.MakeAsync(filled, cancellation));
    }

    private static async Task<
        Results<FileContentHttpResult, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>>
    > CalendarAsync(LineUpBody body, LineUpService lineUps, CancellationToken cancellation)
    {
        if (await lineUps.FillAsync(body, cancellation) is not { } filled)
        {
            return Problems.Missing("This dish");
        }

        return TooOften(filled) is { } problem
            ? TypedResults.BadRequest(problem)
            : TypedResults.File(CalendarFile.Of(await lineUps.MakeAsync(filled, cancellation)), CalendarFile.ContentType, "dinner.ics");
    }

    // For more guests a kept dish may need more fillings than anybody cooks.
    private static HttpValidationProblemDetails? TooOften(LineUpBody body) =>
        body.Batches > Scaling.MostBatches ? Problems.Invalid("batches", LimitsAttribute.Between(1, Scaling.MostBatches)) : null;

    private static async Task<Results<Ok<IReadOnlyList<ThawChoice>>, BadRequest<HttpValidationProblemDetails>>> ThawAsync(
        PreviewBody body,
        KitchenStore kitchen,
        CancellationToken cancellation
    ) => TypedResults.Ok(Thawing.Choices(body.ToRequest(await kitchen.UsualAsync(cancellation)), cancellation));
}
