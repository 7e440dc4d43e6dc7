using Ikuzo.Core.Dishes;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Ikuzo.Web.Features.Dishes;

internal static class DishEndpoints
{
    public static void MapDishes(this IEndpointRouteBuilder routes)
        => routes.MapPost("/api/dishes/solve", SolveAsync).WithTags("Dishes").WithName("solveDish");

    private static async Task<Results<Ok<DishView>, BadRequest<HttpValidationProblemDetails>>> SolveAsync(
        DishBody body, KitchenStore kitchen, CancellationToken cancellation)
    {
        var errors = new FieldErrors();
        body.Check(errors, "");
        if (!errors.None)
        {
            return TypedResults.BadRequest(Problems.Invalid(errors.ToDictionary()));
        }

        return TypedResults.Ok(DishView.Of(DishSolver.Solve(body.ToRequest(await kitchen.UsualAsync(cancellation)), cancellation)));
    }
}
