using Ikuzo.Core.Conduction;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Trust;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.Plans;
using Ikuzo.Web.Serving;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Ikuzo.Web.Features.Engine;

internal static class EngineEndpoints
{
    private const int CoursePoints = 24;
    private const double FirstFourier = 0.02,
        LastFourier = 2;

    public static void MapEngine(this IEndpointRouteBuilder routes)
    {
        var engine = routes.MapGroup("/api/engine").WithTags("Engine");
        engine.MapPost("/verify", Verify).WithName("verifyEngine").Computes(Work.Check);
        engine.MapPost("/course", Course).WithName("courseOfEngine").Computes(Work.Check);
        engine.MapPost("/energy", EnergyAsync).WithName("energyOfPlan").Computes(Work.Plan);
        engine.MapPost("/width", WidthAsync).WithName("widthOfBand").Computes(Work.Plan);
        engine.MapGet("/assumptions", AssumptionsAsync).WithName("assumptions").Computes(Work.Plan);
    }

    private static Results<Ok<VerifyView>, BadRequest<HttpValidationProblemDetails>> Verify(VerifyBody body)
    {
        var (e, biot, fourier) = (body.ShapeDimensionality!.Value, body.Biot!.Value, body.Fourier!.Value);
        var theta = ConstantPropertyCheck.Run(e, biot, fourier);
        Theta? exact = fourier < ConductionSeries.LeastFourier ? null : ConductionSeries.At(e, biot, fourier);
        return TypedResults.Ok(new VerifyView(theta.Centre, theta.Surface, theta.Mean, exact));
    }

    private static Results<Ok<CourseView>, BadRequest<HttpValidationProblemDetails>> Course(CourseBody body)
    {
        var (e, biot) = (body.ShapeDimensionality!.Value, body.Biot!.Value);
        var ratio = Math.Pow(LastFourier / FirstFourier, 1.0 / (CoursePoints - 1));
        double[] times = [.. Enumerable.Range(0, CoursePoints).Select(i => FirstFourier * Math.Pow(ratio, i))];
        Theta[] solver = [.. times.Select(f => ConstantPropertyCheck.Run(e, biot, f))],
            exact = [.. times.Select(f => ConductionSeries.At(e, biot, f))];
        return TypedResults.Ok(new CourseView(times, solver, exact, solver.Zip(exact, Difference).Max()));
    }

    private static async Task<
        Results<Ok<EnergyView>, BadRequest<HttpValidationProblemDetails>, Conflict<Microsoft.AspNetCore.Mvc.ProblemDetails>>
    > EnergyAsync(PreviewBody body, KitchenStore kitchen, CancellationToken cancellation)
    {
        if (await PlannedEnding.OfAsync(body, kitchen, cancellation) is not var (request, branch))
        {
            return TypedResults.Conflict(PlannedEnding.Stopped);
        }

        const double Kilo = 1000;
        var balance = EnergyBalance.Of(ModelBuilder.Build(request), branch);
        return TypedResults.Ok(
            new EnergyView(
                branch.HoldMinutes,
                branch.Release,
                balance.Heater / Kilo,
                balance.Meat / Kilo,
                balance.Pot / Kilo,
                balance.Losses / Kilo,
                balance.Steam / Kilo,
                balance.ResidualShare * 100
            )
        );
    }

    private static async Task<
        Results<Ok<IReadOnlyList<WidthShare>>, BadRequest<HttpValidationProblemDetails>, Conflict<Microsoft.AspNetCore.Mvc.ProblemDetails>>
    > WidthAsync(PreviewBody body, KitchenStore kitchen, CancellationToken cancellation) =>
        await PlannedEnding.OfAsync(body, kitchen, cancellation) is var (request, branch)
            ? TypedResults.Ok(BandWidth.Of(request, branch, cancellation))
            : TypedResults.Conflict(PlannedEnding.Stopped);

    private static async Task<Ok<IReadOnlyList<Assumption>>> AssumptionsAsync(KitchenStore kitchen, CancellationToken cancellation) =>
        TypedResults.Ok(Assumptions.Of((await kitchen.SettingsAsync(cancellation)).Units));

    private static double Difference(Theta a, Theta b) =>
        Math.Max(Math.Abs(a.Centre - b.Centre), Math.Max(Math.Abs(a.Surface - b.Surface), Math.Abs(a.Mean - b.Mean)));
}
