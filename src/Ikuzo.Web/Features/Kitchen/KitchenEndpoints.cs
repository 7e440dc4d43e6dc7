using Ikuzo.Core.Physics;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Errors;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Ikuzo.Web.Features.Kitchen;

internal static class KitchenEndpoints
{
    private const int MostNameCharacters = 60;

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

    private static async Task<Results<Ok<KitchenView>, BadRequest<HttpValidationProblemDetails>>> PutAsync(
        KitchenSettings settings,
        KitchenStore store,
        CancellationToken cancellation
    )
    {
        var errors = settings.Check();
        if (!errors.None)
        {
            return TypedResults.BadRequest(Problems.Invalid(errors.ToDictionary()));
        }

        await store.SaveAsync(settings, cancellation);
        return TypedResults.Ok(await ViewAsync(store, cancellation));
    }

    private static async Task<Results<Created<Pot>, BadRequest<HttpValidationProblemDetails>>> AddPotAsync(
        PotBody body,
        KitchenStore store,
        CancellationToken cancellation
    )
    {
        if (Check(body) is { } problem)
        {
            return problem;
        }

        var pot = body.ToPot(Guid.CreateVersion7().ToString("N"));
        await store.PutPotAsync(pot, cancellation);
        return TypedResults.Created($"/api/kitchen/pots/{pot.Id}", pot);
    }

    private static async Task<Results<Ok<Pot>, NotFound<ProblemDetails>, BadRequest<HttpValidationProblemDetails>>> PutPotAsync(
        string id,
        PotBody body,
        KitchenStore store,
        CancellationToken cancellation
    )
    {
        if (Check(body) is { } problem)
        {
            return problem;
        }

        var before = (await store.PotsAsync(cancellation)).FirstOrDefault(p => p.Id == id);
        if (before is null)
        {
            return Problems.Missing("This pot");
        }

        var pot = (body with { IsDefault = body.IsDefault ?? before.IsDefault }).ToPot(id);
        await store.PutPotAsync(pot, cancellation);
        return TypedResults.Ok(pot);
    }

    private static async Task<Results<NoContent, NotFound<ProblemDetails>, Conflict<ProblemDetails>>> RemovePotAsync(
        string id,
        KitchenStore store,
        CancellationToken cancellation
    )
    {
        var pots = await store.PotsAsync(cancellation);
        if (pots.Count == 1 && pots[0].Id == id)
        {
            return TypedResults.Conflict(Problems.Of(Problems.LastPot, "Add another pot first, then remove this one."));
        }

        return await store.RemovePotAsync(id, cancellation) ? TypedResults.NoContent() : Problems.Missing("This pot");
    }

    private static async Task<Results<NoContent, NotFound<ProblemDetails>>> RestorePotAsync(
        string id,
        KitchenStore store,
        CancellationToken cancellation
    ) => await store.RestorePotAsync(id, cancellation) ? TypedResults.NoContent() : Problems.Missing("This pot");

    private static BadRequest<HttpValidationProblemDetails>? Check(PotBody body)
    {
        var errors = new FieldErrors();
        errors.RequiredText("name", body.Name, MostNameCharacters);
        body.Check(errors, "");
        return errors.None ? null : TypedResults.BadRequest(Problems.Invalid(errors.ToDictionary()));
    }

    private static async Task<KitchenView> ViewAsync(KitchenStore store, CancellationToken cancellation)
    {
        var settings = await store.SettingsAsync(cancellation);
        var boiling = Math.Round(Saturation.PotCelsius(settings.AltitudeMetres, 0), 1);
        var thermometer = settings.Thermometer is { } check ? new ThermometerView(Math.Round(check.OffsetAtCore, 1), check.IsUsable) : null;
        return new KitchenView(settings, await store.PotsAsync(cancellation), boiling, thermometer);
    }
}
