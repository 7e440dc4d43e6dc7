using Ikuzo.Core.Physics;
using Ikuzo.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Ikuzo.Web.Features.Kitchen;

internal static class KitchenEndpoints
{
    public static void MapKitchen(this IEndpointRouteBuilder routes)
    {
        var kitchen = routes.MapGroup("/api/kitchen").WithTags("Kitchen");
        kitchen.MapGet("", GetAsync).WithName("getKitchen");
        kitchen.MapPut("", PutAsync).WithName("putKitchen");
        kitchen.MapPost("/pots", AddPotAsync).WithName("addPot");
        kitchen.MapPut("/pots/{id}", PutPotAsync).WithName("putPot");
        kitchen.MapDelete("/pots/{id}", RemovePotAsync).WithName("removePot");
        kitchen.MapPost("/pots/{id}/restore", RestorePotAsync).WithName("restorePot");
    }

    private static async Task<Ok<KitchenView>> GetAsync(KitchenStore store, CancellationToken cancellation) =>
        TypedResults.Ok(await ViewAsync(store, cancellation));

    private static async Task<Results<Ok<KitchenView>, BadRequest<HttpValidationProblemDetails>, ChangedElsewhere<KitchenView>>> PutAsync(
        KitchenSettings settings,
        KitchenStore store,
        CancellationToken cancellation,
        [FromHeader(Name = "If-Match"), Longest(80)] string? version = null
    ) =>
        await store.SaveAsync(settings, version, cancellation)
            ? TypedResults.Ok(await ViewAsync(store, cancellation))
            : new ChangedElsewhere<KitchenView>(await ViewAsync(store, cancellation));

    private static async Task<Results<Created<Pot>, BadRequest<HttpValidationProblemDetails>>> AddPotAsync(
        PotBody body,
        KitchenStore store,
        CancellationToken cancellation
    )
    {
        if (string.IsNullOrWhiteSpace(body.Name))
        {
            return Nameless();
        }

        var pot = body.ToPot(Guid.CreateVersion7().ToString("N"));
        await store.AddPotAsync(pot, cancellation);
        return TypedResults.Created($"/api/kitchen/pots/{pot.Id}", pot);
    }

    private static async Task<
        Results<Ok<Pot>, NotFound<ProblemDetails>, BadRequest<HttpValidationProblemDetails>, ChangedElsewhere<Pot>>
    > PutPotAsync(
        string id,
        PotBody body,
        KitchenStore store,
        CancellationToken cancellation,
        [FromHeader(Name = "If-Match"), Longest(80)] string? version = null
    )
    {
        if (string.IsNullOrWhiteSpace(body.Name))
        {
            return Nameless();
        }

        return await store.PutPotAsync(id, body, version, cancellation) switch
        {
            (null, _) => Problems.Missing("This pot"),
            ({ } pot, true) => TypedResults.Ok(pot),
            ({ } pot, false) => new ChangedElsewhere<Pot>(pot),
        };
    }

    private static async Task<Results<NoContent, NotFound<ProblemDetails>, Conflict<ProblemDetails>>> RemovePotAsync(
        string id,
        KitchenStore store,
        CancellationToken cancellation
    )
    {
        return await store.RemovePotAsync(id, cancellation) switch
        {
            null => TypedResults.Conflict(Problems.Of(Problems.LastPot, "Add another pot first, then remove this one.")),
            true => TypedResults.NoContent(),
            false => Problems.Missing("This pot"),
        };
    }

    private static async Task<Results<NoContent, NotFound<ProblemDetails>>> RestorePotAsync(
        string id,
        KitchenStore store,
        CancellationToken cancellation
    ) => await store.RestorePotAsync(id, cancellation) ? TypedResults.NoContent() : Problems.Missing("This pot");

    // A pot of the kitchen has a name; one that is only asked about needs none.
    private static BadRequest<HttpValidationProblemDetails> Nameless() =>
        TypedResults.BadRequest(Problems.Invalid("name", NeededAttribute.Missing));

    private static async Task<KitchenView> ViewAsync(KitchenStore store, CancellationToken cancellation)
    {
        var settings = await store.SettingsAsync(cancellation);
        var boiling = Math.Round(Saturation.PotCelsius(settings.AltitudeMetres, 0), 1);
        var thermometer = settings.Thermometer is { } check ? new ThermometerView(Math.Round(check.OffsetAtCore, 1), check.IsUsable) : null;
        return new KitchenView(settings, await store.PotsAsync(cancellation), boiling, thermometer, KitchenStore.VersionOf(settings));
    }
}
