using Ikuzo.Core.LineUps;
using Ikuzo.Web.Features.Dishes;
using Ikuzo.Web.Features.Kitchen;

namespace Ikuzo.Web.Features.LineUps;

/// <summary>Makes line-ups for this kitchen, of a dish in the request or of a kept one.</summary>
internal sealed class LineUpService(KitchenStore kitchen, DishStore dishes, TimeProvider clock)
{
    /// <summary>The request with the kept dish that it names put in; null when there is no such dish.</summary>
    public async Task<LineUpBody?> FillAsync(LineUpBody body, CancellationToken cancellation)
        => body.DishId is not { } id ? body : await dishes.FindAsync(id, cancellation) is { } kept ? body with { Dish = kept.Document } : null;

    /// <summary>The line-up of a request that has been checked.</summary>
    public async Task<LineUp> MakeAsync(LineUpBody body, CancellationToken cancellation)
        => BackSchedule.Make(body.ToRequest(await kitchen.UsualAsync(cancellation), clock), cancellation);
}
