using Ikuzo.Core.Cooking;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Planning;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;
using Microsoft.AspNetCore.Mvc;

namespace Ikuzo.Web.Features.Plans;

/// <summary>How a plan ends, for whoever looks closer at it: with the minutes and the release that the Counter says.</summary>
/// <param name="Request">The question.</param>
/// <param name="Branch">Minutes held and release.</param>
internal sealed record PlannedEnding(PlanRequest Request, Branch Branch)
{
    /// <summary>The refusal of a plan without minutes.</summary>
    public static ProblemDetails Stopped => Problems.Of(Problems.NoPlan, "This cook has a stop; mend that on the Counter first.");

    /// <summary>The ending of a question; null when it has a stop.</summary>
    public static async Task<PlannedEnding?> OfAsync(PreviewBody body, KitchenStore kitchen, CancellationToken cancellation)
    {
        var request = body.ToRequest(await kitchen.UsualAsync(cancellation));
        return Together.Compute(request, cancellation) is { Minutes: { } minutes, Release: { } release }
            ? new(request, new Branch(minutes, release))
            : null;
    }
}
