using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Ikuzo.Web.Features.Plans;

internal static class PlanEndpoints
{
    private const int MostNameCharacters = 80;

    public static void MapPlans(this IEndpointRouteBuilder routes)
    {
        var plans = routes.MapGroup("/api/plans").WithTags("Plans");
        plans.MapPost("/preview", PreviewAsync).WithName("previewPlan");
        plans.MapPost("/rescue", RescueAsync).WithName("rescuePlan");
        plans.MapPost("", SaveAsync).WithName("savePlan");
        plans.MapGet("", ListAsync).WithName("listPlans");
        plans.MapGet("/{id}", FindAsync).WithName("getPlan");
        plans.MapDelete("/{id}", RemoveAsync).WithName("removePlan");
        plans.MapPost("/{id}/restore", RestoreAsync).WithName("restorePlan");
    }

    private static async Task<Results<Ok<Plan>, BadRequest<HttpValidationProblemDetails>>> PreviewAsync(
        PreviewBody body,
        KitchenStore kitchen,
        CancellationToken cancellation
    ) =>
        body.Check() is { None: false } errors
            ? TypedResults.BadRequest(Problems.Invalid(errors.ToDictionary()))
            : TypedResults.Ok(await ComputeAsync(body, kitchen, cancellation));

    private static async Task<Results<Ok<RescueAdvice>, BadRequest<HttpValidationProblemDetails>>> RescueAsync(
        RescueBody body,
        KitchenStore kitchen,
        CancellationToken cancellation
    )
    {
        if (body.Check() is { None: false } errors)
        {
            return TypedResults.BadRequest(Problems.Invalid(errors.ToDictionary()));
        }

        return TypedResults.Ok(RescuePlanner.Advise(body.ToRequest(await kitchen.UsualAsync(cancellation)), cancellation));
    }

    private static async Task<Results<Created<SavedPlan>, BadRequest<HttpValidationProblemDetails>>> SaveAsync(
        SavePlanBody body,
        PlanStore store,
        KitchenStore kitchen,
        CancellationToken cancellation
    )
    {
        var errors = (body.Request ?? new PreviewBody()).Check("request.");
        errors.RequiredText("name", body.Name, MostNameCharacters);
        if (!errors.None)
        {
            return TypedResults.BadRequest(Problems.Invalid(errors.ToDictionary()));
        }

        var plan = await ComputeAsync(body.Request!, kitchen, cancellation);
        var saved = await store.AddAsync(body.Name!, body.Request!, plan.Minutes, plan.Release, cancellation);
        return TypedResults.Created($"/api/plans/{saved.Id}", saved);
    }

    private static async Task<Ok<IReadOnlyList<SavedPlan>>> ListAsync(PlanStore store, CancellationToken cancellation) =>
        TypedResults.Ok(await store.AllAsync(cancellation));

    private static async Task<Results<Ok<SavedPlan>, NotFound<ProblemDetails>>> FindAsync(
        string id,
        PlanStore store,
        CancellationToken cancellation
    ) => await store.FindAsync(id, cancellation) is { } plan ? TypedResults.Ok(plan) : Problems.Missing("This plan");

    private static async Task<Results<NoContent, NotFound<ProblemDetails>>> RemoveAsync(
        string id,
        PlanStore store,
        CancellationToken cancellation
    ) => await store.RemoveAsync(id, cancellation) ? TypedResults.NoContent() : Problems.Missing("This plan");

    private static async Task<Results<NoContent, NotFound<ProblemDetails>>> RestoreAsync(
        string id,
        PlanStore store,
        CancellationToken cancellation
    ) => await store.RestoreAsync(id, cancellation) ? TypedResults.NoContent() : Problems.Missing("This plan");

    private static async Task<Plan> ComputeAsync(PreviewBody body, KitchenStore kitchen, CancellationToken cancellation) =>
        Planner.Compute(body.ToRequest(await kitchen.UsualAsync(cancellation)), cancellation);
}
