using System.Text.Json;
using System.Text.Json.Nodes;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.Reading;
using Ikuzo.Web.Data;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Serving;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Microsoft.Extensions.Options;

namespace Ikuzo.Web.Features.Dishes;

internal static class DishEndpoints
{
    public static void MapDishes(this IEndpointRouteBuilder routes)
    {
        var dishes = routes.MapGroup("/api/dishes").WithTags("Dishes");
        dishes.MapPost("/solve", SolveAsync).WithName("solveDish").Computes(Work.Dish);
        dishes.MapPost("/item", Read).WithName("readDishItem");
        dishes.MapPost("", AddAsync).WithName("addDish");
        dishes.MapGet("", ListAsync).WithName("listDishes");
        dishes
            .MapGet("/schema", (DishSchema schema) => TypedResults.Json(schema.Document, contentType: DishSchema.ContentType))
            .WithName("dishSchema")
            .Produces<JsonObject>(contentType: DishSchema.ContentType);
        dishes.MapGet("/{id}", FindAsync).WithName("getDish");
        dishes.MapPut("/{id}", PutAsync).WithName("putDish");
        dishes.MapDelete("/{id}", RemoveAsync).WithName("removeDish");
        dishes.MapPost("/{id}/restore", RestoreAsync).WithName("restoreDish");
        dishes
            .MapGet("/{id}/recipe", RecipeAsync)
            .WithName("dishRecipe")
            .Computes(Work.Dish)
            .Produces<JsonObject>(contentType: RecipeFile.ContentType);
        dishes.MapGet("/{id}/file", FileAsync).WithName("dishFile").Produces<DishDocument>();
        dishes.MapPost("/{id}/scale", ScaleAsync).WithName("scaleDish").Computes(Work.Dish);
        dishes
            .MapPost("/import", ImportAsync)
            .WithName("importDish")
            .Computes(Work.File)
            .Accepts<JsonNode>("application/json", RecipeFile.ContentType)
            .WithMetadata(new RequestSizeLimitAttribute(DishImport.MostBytes));
    }

    private static async Task<Results<Ok<DishView>, BadRequest<HttpValidationProblemDetails>>> SolveAsync(
        DishBody body,
        DishStore store,
        KitchenStore kitchen,
        CancellationToken cancellation
    ) => TypedResults.Ok(DishView.Of(DishSolver.Solve(body.ToRequest(await store.UsualAsync(kitchen, cancellation)), cancellation)));

    private static async Task<Results<Created<KeptDish>, BadRequest<HttpValidationProblemDetails>>> AddAsync(
        DishDocument document,
        DishStore store,
        CancellationToken cancellation
    )
    {
        var dish = await store.AddAsync(document, cancellation);
        return TypedResults.Created($"/api/dishes/{dish.Id}", dish);
    }

    private static async Task<Results<Ok<IReadOnlyList<KeptDish>>, BadRequest<HttpValidationProblemDetails>>> ListAsync(
        DishStore store,
        CancellationToken cancellation,
        [Limits(1, Page.MostPages)] int page = 1,
        [Limits(1, Page.MostRows)] int pageSize = Page.UsualRows
    ) => TypedResults.Ok(await store.AllAsync(new(page, pageSize), cancellation));

    private static async Task<Results<Ok<KeptDish>, NotFound<ProblemDetails>>> FindAsync(
        string id,
        DishStore store,
        CancellationToken cancellation
    ) => await store.FindAsync(id, cancellation) is { } dish ? TypedResults.Ok(dish) : Missing();

    private static async Task<
        Results<Ok<KeptDish>, NotFound<ProblemDetails>, BadRequest<HttpValidationProblemDetails>, ChangedElsewhere<KeptDish>>
    > PutAsync(
        string id,
        DishDocument document,
        DishStore store,
        CancellationToken cancellation,
        [FromHeader(Name = "If-Match"), Longest(80)] string? version = null
    ) =>
        await store.PutAsync(id, document, version, cancellation) switch
        {
            (null, _) => Missing(),
            ({ } dish, true) => TypedResults.Ok(dish),
            ({ } dish, false) => new ChangedElsewhere<KeptDish>(dish),
        };

    private static async Task<Results<NoContent, NotFound<ProblemDetails>>> RemoveAsync(
        string id,
        DishStore store,
        CancellationToken cancellation
    ) => await store.RemoveAsync(id, cancellation) ? TypedResults.NoContent() : Missing();

    private static async Task<Results<NoContent, NotFound<ProblemDetails>>> RestoreAsync(
        string id,
        DishStore store,
        CancellationToken cancellation
    ) => await store.RestoreAsync(id, cancellation) ? TypedResults.NoContent() : Missing();

    private static async Task<Results<JsonHttpResult<JsonObject>, NotFound<ProblemDetails>>> RecipeAsync(
        string id,
        DishStore store,
        KitchenStore kitchen,
        CancellationToken cancellation
    )
    {
        if (await store.FindAsync(id, cancellation) is not { Document: var document })
        {
            return Missing();
        }

        var request = document.ToRequest(await store.UsualAsync(kitchen, cancellation));
        return TypedResults.Json(
            RecipeWriter.Write(document, [.. document.Items!.Select(i => i.ToItem())], DishSolver.Arrange(request, cancellation)),
            contentType: RecipeFile.ContentType
        );
    }

    private static async Task<Results<FileContentHttpResult, NotFound<ProblemDetails>>> FileAsync(
        string id,
        DishStore store,
        IOptions<Microsoft.AspNetCore.Http.Json.JsonOptions> json,
        CancellationToken cancellation
    ) =>
        await store.FindAsync(id, cancellation) is { Document: var document }
            ? TypedResults.File(
                JsonSerializer.SerializeToUtf8Bytes(document, json.Value.SerializerOptions),
                "application/json",
                "dish.json"
            )
            : Missing();

    private static async Task<
        Results<Ok<ScaledView>, NotFound<ProblemDetails>, BadRequest<HttpValidationProblemDetails>, Conflict<ProblemDetails>>
    > ScaleAsync(
        string id,
        [FromQuery, Limits(1, DishDocument.MostServings)] int servings,
        DishStore store,
        KitchenStore kitchen,
        CancellationToken cancellation
    )
    {
        if (await store.FindAsync(id, cancellation) is not { Document: var document })
        {
            return Missing();
        }

        return document.For(servings, await store.UsualAsync(kitchen, cancellation), cancellation) is { } scaled
            ? TypedResults.Ok(scaled)
            : TypedResults.Conflict(
                Problems.Of(
                    Problems.NoPlan,
                    $"This pot would have to be filled more than {Scaling.MostBatches} times. Take a bigger pot, or cook for fewer."
                )
            );
    }

    private static Results<Ok<ReadItem>, BadRequest<HttpValidationProblemDetails>> Read(IngredientBody body)
    {
        return DishLine.Read(body.Text!, body.Key!) is { } item
            ? TypedResults.Ok(new ReadItem(item))
            : TypedResults.BadRequest(
                Problems.Invalid(
                    "text",
                    "is empty or longer than a line. Try \"6 chicken thighs 1.2 kg\", \"1 cup rice\" or \"300 ml stock\"."
                )
            );
    }

    private static async Task<
        Results<Created<ImportView>, BadRequest<HttpValidationProblemDetails>, UnprocessableEntity<ProblemDetails>>
    > ImportAsync(HttpRequest request, DishImport import, BodyCheck check, DishStore store, CancellationToken cancellation)
    {
        using var file = new MemoryStream();
        await request.Body.CopyToAsync(file, cancellation);
        try
        {
            var (document, notMapped) = import.Read(file.GetBuffer().AsMemory(0, (int)file.Length), cancellation);
            if (await check.ErrorsOfAsync(document, cancellation) is { } errors)
            {
                return TypedResults.BadRequest(Problems.Invalid(errors));
            }

            var dish = await store.AddAsync(document, cancellation);
            return TypedResults.Created($"/api/dishes/{dish.Id}", new ImportView(dish, notMapped));
        }
        catch (FormatException error)
        {
            return TypedResults.UnprocessableEntity(Problems.Of(Problems.UnusableFile, error.Message));
        }
    }

    private static NotFound<ProblemDetails> Missing() => Problems.Missing("This dish");
}
