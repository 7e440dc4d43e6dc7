using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Web.Data;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Serving;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Ikuzo.Web.Features.Plans;

internal static class PlanEndpoints
{
    public static void MapPlans(this IEndpointRouteBuilder routes)
    {
        var plans = routes.MapGroup("/api/plans").WithTags("Plans");
        plans.MapPost("/preview", PreviewAsync).WithName("previewPlan").Computes(Work.Plan);
        plans.MapPost("/late", LateAsync).WithName("lateAtTheTable").Computes(Work.Plan);
        plans.MapPost("/learned", LearnedAsync).WithName("learnedInPlan").Computes(Work.Plan);
        plans.MapPost("/load", Adapt).WithName("adaptLoad");
        plans.MapPost("/rescue", RescueAsync).WithName("rescuePlan").Computes(Work.Plan);
        plans.MapPost("", SaveAsync).WithName("savePlan").Computes(Work.Keep);
        plans.MapGet("", ListAsync).WithName("listPlans");
        plans.MapGet("/{id}", FindAsync).WithName("getPlan");
        plans.MapDelete("/{id}", RemoveAsync).WithName("removePlan");
        plans.MapPost("/{id}/restore", RestoreAsync).WithName("restorePlan");
    }

    private static async Task<Results<Ok<Plan>, BadRequest<HttpValidationProblemDetails>>> PreviewAsync(
        PreviewBody body,
        KitchenStore kitchen,
        CancellationToken cancellation
    ) => TypedResults.Ok(await ComputeAsync(body, kitchen, cancellation));

    private static async Task<Results<Ok<LateAtTheTable>, BadRequest<HttpValidationProblemDetails>, Conflict<ProblemDetails>>> LateAsync(
        PreviewBody body,
        KitchenStore kitchen,
        CancellationToken cancellation
    ) =>
        await PlannedEnding.OfAsync(body, kitchen, cancellation) is var (request, branch)
            ? TypedResults.Ok(LateAtTheTable.Of(request, branch))
            : TypedResults.Conflict(PlannedEnding.Stopped);

    // What was learned, and first what it changed: asked for when the plan is there, since it takes as long as that again.
    private static async Task<Results<Ok<LearnedWord>, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>>> LearnedAsync(
        LearnedBody body,
        KitchenStore kitchen,
        CancellationToken cancellation
    )
    {
        var usual = await kitchen.UsualAsync(cancellation);
        var request = body.Request!.ToRequest(usual);
        var before = Together.UnlearnedMinutes(request, body.Release!.ToRelease()!.Value, cancellation);
        return LearnedSaying.Of(usual.Learned, usual.Own(body.Request.Pot), request, body.Minutes - before) is { } word
            ? TypedResults.Ok(word)
            : Problems.Missing("What was learned of this");
    }

    private static Results<Ok<LoadBody>, BadRequest<HttpValidationProblemDetails>> Adapt(AdaptBody body)
    {
        var load = body.Load!.ToLoad();
        var other = body.Cut is { } cut ? UsualLoad.With(load, CutCatalogue.Find(cut)!) : load;
        return TypedResults.Ok(LoadBody.Of(body.Pieces is { } pieces ? UsualLoad.With(other, pieces) : other));
    }

    private static async Task<Results<Ok<RescueAdvice>, BadRequest<HttpValidationProblemDetails>>> RescueAsync(
        RescueBody body,
        KitchenStore kitchen,
        CancellationToken cancellation
    ) => TypedResults.Ok(RescuePlanner.Advise(body.ToRequest(await kitchen.UsualAsync(cancellation)), cancellation));

    private static async Task<Results<Created<SavedPlan>, BadRequest<HttpValidationProblemDetails>>> SaveAsync(
        SavePlanBody body,
        PlanStore store,
        KitchenStore kitchen,
        CancellationToken cancellation
    )
    {
        var plan = await ComputeAsync(body.Request!, kitchen, cancellation);
        var saved = await store.AddAsync(
            body.Id ?? Guid.CreateVersion7(),
            body.Name!,
            body.Request!,
            plan.Minutes,
            plan.Release,
            cancellation
        );
        return TypedResults.Created($"/api/plans/{saved.Id}", saved);
    }

    private static async Task<Results<Ok<IReadOnlyList<SavedPlan>>, BadRequest<HttpValidationProblemDetails>>> ListAsync(
        PlanStore store,
        CancellationToken cancellation,
        [Limits(1, Page.MostPages)] int page = 1,
        [Limits(1, Page.MostRows)] int pageSize = Page.UsualRows
    ) => TypedResults.Ok(await store.AllAsync(new(page, pageSize), cancellation));

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

    private static async Task<Plan> ComputeAsync(PreviewBody body, KitchenStore kitchen, CancellationToken cancellation)
    {
        var usual = await kitchen.UsualAsync(cancellation);
        var request = body.ToRequest(usual);
        var plan = Together.Compute(request, cancellation);
        return plan with { Learned = LearnedSaying.Of(usual.Learned, usual.Own(body.Pot), request) };
    }
}
