using Ikuzo.Core.Conduction;
using Ikuzo.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Ikuzo.Web.Features.Engine;

/// <summary>The textbook case to run: constant properties, a step change of the surroundings.</summary>
/// <param name="ShapeDimensionality">1 slab, 2 cylinder, 3 sphere, or between.</param>
/// <param name="Biot">h R / k, 0.001 to 10,000.</param>
/// <param name="Fourier">α t / R², 0.0001 to 20.</param>
public sealed record VerifyBody(double? ShapeDimensionality, double? Biot, double? Fourier);

/// <summary>(T - T_pot) / (T_0 - T_pot) from the product's own solver on its own mesh.</summary>
public sealed record VerifyView(double ThetaCentre, double ThetaSurface, double ThetaMean);

internal static class EngineEndpoints
{
    public static void MapEngine(this IEndpointRouteBuilder routes)
        => routes.MapPost("/api/engine/verify", Verify).WithTags("Engine").WithName("verifyEngine");

    private static Results<Ok<VerifyView>, BadRequest<HttpValidationProblemDetails>> Verify(VerifyBody body)
    {
        var errors = new FieldErrors();
        errors.RequiredRange("shapeDimensionality", body.ShapeDimensionality, 1, 3, "");
        errors.RequiredRange("biot", body.Biot, 0.001, 10_000, "");
        errors.RequiredRange("fourier", body.Fourier, 0.0001, 20, "");
        if (!errors.None)
        {
            return TypedResults.BadRequest(Problems.Invalid(errors.ToDictionary()));
        }

        var theta = ConstantPropertyCheck.Run(body.ShapeDimensionality!.Value, body.Biot!.Value, body.Fourier!.Value);
        return TypedResults.Ok(new VerifyView(theta.Centre, theta.Surface, theta.Mean));
    }
}
