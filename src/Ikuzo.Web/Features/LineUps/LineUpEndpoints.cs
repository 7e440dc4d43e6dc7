using Ikuzo.Core.LineUps;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Ikuzo.Web.Features.LineUps;

internal static class LineUpEndpoints
{
    public static void MapLineUps(this IEndpointRouteBuilder routes)
    {
        var lineUps = routes.MapGroup("/api/lineup").WithTags("LineUps");
        lineUps.MapPost("", MakeAsync).WithName("makeLineUp");
        lineUps.MapPost("/ics", CalendarAsync).WithName("lineUpCalendar").Produces<string>(contentType: CalendarFile.ContentType);
    }

    private static async Task<Results<Ok<LineUp>, BadRequest<HttpValidationProblemDetails>>> MakeAsync(
        LineUpBody body, KitchenStore kitchen, TimeProvider clock, CancellationToken cancellation)
        => body.Check() is { None: false } errors
            ? TypedResults.BadRequest(Problems.Invalid(errors.ToDictionary()))
            : TypedResults.Ok(await ComputeAsync(body, kitchen, clock, cancellation));

    private static async Task<Results<FileContentHttpResult, BadRequest<HttpValidationProblemDetails>>> CalendarAsync(
        LineUpBody body, KitchenStore kitchen, TimeProvider clock, CancellationToken cancellation)
    {
        if (body.Check() is { None: false } errors)
        {
            return TypedResults.BadRequest(Problems.Invalid(errors.ToDictionary()));
        }

        var lineUp = await ComputeAsync(body, kitchen, clock, cancellation);
        return TypedResults.File(CalendarFile.Of(lineUp), CalendarFile.ContentType, "dinner.ics");
    }

    private static async Task<LineUp> ComputeAsync(LineUpBody body, KitchenStore kitchen, TimeProvider clock, CancellationToken cancellation)
        => BackSchedule.Make(body.ToRequest(await kitchen.UsualAsync(cancellation), clock), cancellation);
}
