using Ikuzo.Core.Dishes;
using Ikuzo.Core.LineUps;
using Ikuzo.Web.Features.Dishes;
using Ikuzo.Web.Features.Kitchen;

namespace Ikuzo.Web.Features.LineUps;

/// <summary>Makes line-ups for this kitchen, of a dish in the request or of a kept one.</summary>
internal sealed class LineUpService(KitchenStore kitchen, DishStore dishes, TimeProvider clock)
{
    /// <summary>The request with the kept dish that it names put in, for as many as it says; null when there is no such dish.</summary>
    public async Task<LineUpBody?> FillAsync(LineUpBody body, CancellationToken cancellation)
    {
        if (body.DishId is not { } id)
        {
            return body;
        }

        if (await dishes.FindAsync(id, cancellation) is not { Document: var document })
        {
            return null;
        }

        if (body.Servings is not (>= 1 and <= DishDocument.MostServings and var servings))
        {
            return body with { Dish = document };
        }

        var scaled = document.For(servings, await dishes.UsualAsync(kitchen, cancellation), cancellation);
        // Refused by the check.
        return body with { Dish = scaled?.Document ?? document, Batches = scaled?.Batches ?? Scaling.MostBatches + 1 };
    }

    /// <summary>The line-up of a request that has been checked.</summary>
    public async Task<LineUp> MakeAsync(LineUpBody body, CancellationToken cancellation) =>
        BackSchedule.Make(body.ToRequest(await dishes.UsualAsync(kitchen, cancellation), clock), cancellation);
}
