using System.Text;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Cooks;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Serving;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Ikuzo.Web.Features.Book;

internal static class BookEndpoints
{
    public static void MapBook(this IEndpointRouteBuilder routes)
    {
        var book = routes.MapGroup("/api/book").WithTags("Book");
        book.MapGet("", ListAsync).WithName("listBook");
        book.MapPost("", WriteInAsync).WithName("writeIn").Computes(Work.Learning);
        book.MapGet("/export", ExportAsync).WithName("exportBook").Computes(Work.File).Produces<BookFile>();
        book.MapPost("/import", ImportAsync)
            .WithName("importBook")
            .Computes(Work.File)
            .Accepts<System.Text.Json.Nodes.JsonNode>("application/json", "text/csv")
            .WithMetadata(new RequestSizeLimitAttribute(3 * BookFile.MostBytes));
        book.MapPost("/import/look", LookAsync)
            .WithName("lookAtTable")
            .Computes(Work.File)
            .Accepts<string>("text/csv")
            .WithMetadata(new RequestSizeLimitAttribute(3 * BookFile.MostBytes));
        book.MapGet("/{cookId}", PageAsync).WithName("getBookPage").Computes(Work.Learning);
        book.MapPut("/{cookId}/tasting", TasteAsync).WithName("putTasting");
        book.MapDelete("/{cookId}", RemoveAsync).WithName("removeFromBook");
        book.MapPost("/{cookId}/restore", RestoreAsync).WithName("restoreToBook");
        var learned = routes.MapGroup("/api/learned").WithTags("Learned");
        learned.MapGet("", LearnedAsync).WithName("getLearned").Computes(Work.Learning);
        learned.MapGet("/calibration", CalibrationAsync).WithName("getCalibration").Computes(Work.Learning);
        learned.MapPost("/exclude", ExcludeAsync).WithName("excludeCook").Computes(Work.Learning);
        learned.MapPost("/include", IncludeAsync).WithName("includeCook").Computes(Work.Learning);
        learned.MapPost("/forget", ForgetAsync).WithName("forgetLearned").Computes(Work.Learning);
        learned.MapPost("/remember", RememberAsync).WithName("rememberLearned").Computes(Work.Learning);
    }

    private static async Task<Results<Ok<BookList>, BadRequest<HttpValidationProblemDetails>>> ListAsync(
        BookService book,
        CancellationToken cancellation,
        [Longest(100)] string? query = null,
        [Longest(60), CutId] string? cut = null,
        [Moment] DateTimeOffset? from = null,
        [Moment] DateTimeOffset? to = null,
        [Limits(1, 100_000)] int page = 1,
        [Limits(1, 100)] int pageSize = 50
    ) => TypedResults.Ok(await book.ListAsync(new(query, cut, from, to, page, pageSize), cancellation));

    private static async Task<Results<Created<BookPage>, BadRequest<HttpValidationProblemDetails>>> WriteInAsync(
        WriteInBody body,
        BookService book,
        CancellationToken cancellation
    )
    {
        var (page, problem) = await book.WriteInAsync(body, cancellation);
        return page is null
            ? TypedResults.BadRequest(Problems.Invalid("text", problem!))
            : TypedResults.Created($"/api/book/{page.Item.Id}", page);
    }

    private static async Task<IResult> ExportAsync(BookFiles files, CancellationToken cancellation, [Longest(10)] string format = "json") =>
        format == "csv"
            ? TypedResults.Stream(to => files.WriteTableAsync(to, cancellation), "text/csv; charset=utf-8", "book.csv")
            : TypedResults.Ok(await files.FileAsync(cancellation));

    private static Task<Results<Ok<BookImported>, UnprocessableEntity<ProblemDetails>>> ImportAsync(
        HttpRequest request,
        BookFiles files,
        CancellationToken cancellation
    )
    {
        var isTable = request.ContentType?.StartsWith("text/csv", StringComparison.OrdinalIgnoreCase) == true;
        return OfFileAsync(
            request,
            file =>
                isTable ? files.TakeTableAsync(Text(file), Mapping(request.Query), cancellation) : files.TakeFileAsync(file, cancellation),
            cancellation
        );
    }

    private static Task<Results<Ok<TableLook>, UnprocessableEntity<ProblemDetails>>> LookAsync(
        HttpRequest request,
        BookFiles files,
        CancellationToken cancellation
    ) => OfFileAsync(request, file => files.LookAsync(Text(file), Mapping(request.Query), cancellation), cancellation);

    private static string Text(byte[] file) => Characters.OfFile(new UTF8Encoding(false, true).GetString(file));

    private static async Task<Results<Ok<T>, UnprocessableEntity<ProblemDetails>>> OfFileAsync<T>(
        HttpRequest request,
        Func<byte[], Task<T>> read,
        CancellationToken cancellation
    )
    {
        try
        {
            using var bytes = new MemoryStream();
            await request.Body.CopyToAsync(bytes, cancellation);
            if (bytes.Length > BookFile.MostBytes)
            {
                throw new FormatException($"The file is larger than {BookFile.MostBytes / (1024 * 1024)} MB. Divide it.");
            }

            return TypedResults.Ok(await read(bytes.ToArray()));
        }
        catch (Exception error) when (error is FormatException or CsvHelper.CsvHelperException or DecoderFallbackException)
        {
            return TypedResults.UnprocessableEntity(
                Problems.Of(
                    Problems.UnusableFile,
                    error is FormatException ? error.Message : "The file is not readable as a table in UTF-8."
                )
            );
        }
    }

    // Columns with other names: ?map.Kerntemperatur=celsius.
    private static Dictionary<string, string> Mapping(IQueryCollection query)
    {
        const string Prefix = "map.";
        return query
            .Where(q => q.Key.StartsWith(Prefix, StringComparison.Ordinal))
            .ToDictionary(q => q.Key[Prefix.Length..], q => q.Value.ToString());
    }

    private static async Task<Results<Ok<BookPage>, NotFound<ProblemDetails>>> PageAsync(
        string cookId,
        BookService book,
        CancellationToken cancellation
    ) => await book.PageAsync(cookId, cancellation) is { } page ? TypedResults.Ok(page) : Missing();

    private static async Task<
        Results<Ok<BookPage>, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>, Conflict<ProblemDetails>>
    > TasteAsync(string cookId, TastingBody body, CookService cooks, BookService book, CancellationToken cancellation)
    {
        var clientId = body.ClientId ?? Guid.CreateVersion7().ToString();
        return await cooks.AppendAsync(cookId, clientId, CookEventKind.Tasted, null, body.Tasted(), cancellation) switch
        {
            { Cook: null } => Missing(),
            { Refusal: { } refusal } => TypedResults.Conflict(Problems.NotNow(refusal)),
            _ => await book.PageAsync(cookId, cancellation) is { } page ? TypedResults.Ok(page) : Missing(),
        };
    }

    private static async Task<Results<NoContent, NotFound<ProblemDetails>>> RemoveAsync(
        string cookId,
        BookService book,
        CancellationToken cancellation
    ) => await book.RemoveAsync(cookId, back: false, cancellation) ? TypedResults.NoContent() : Missing();

    private static async Task<Results<NoContent, NotFound<ProblemDetails>>> RestoreAsync(
        string cookId,
        BookService book,
        CancellationToken cancellation
    ) => await book.RemoveAsync(cookId, back: true, cancellation) ? TypedResults.NoContent() : Missing();

    private static async Task<Ok<LearnedView>> LearnedAsync(BookService book, CancellationToken cancellation) =>
        TypedResults.Ok(await book.LearnedAsync(cancellation));

    private static async Task<Ok<Calibration>> CalibrationAsync(BookService book, CancellationToken cancellation) =>
        TypedResults.Ok(await book.CalibrationAsync(cancellation));

    private static async Task<Results<NoContent, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>>> ExcludeAsync(
        CookIdBody body,
        BookService book,
        CancellationToken cancellation
    ) => await book.LeaveOutAsync(body.CookId!, leaveOut: true, cancellation) ? TypedResults.NoContent() : Missing();

    private static async Task<Results<NoContent, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>>> IncludeAsync(
        CookIdBody body,
        BookService book,
        CancellationToken cancellation
    ) => await book.LeaveOutAsync(body.CookId!, leaveOut: false, cancellation) ? TypedResults.NoContent() : Missing();

    private static async Task<Results<NoContent, BadRequest<HttpValidationProblemDetails>>> ForgetAsync(
        ForgetBody? body,
        HttpRequest request,
        BookService book,
        KitchenStore kitchen,
        CancellationToken cancellation
    )
    {
        const string Target = "name a potId or a cut, or send the word null for everything.";
        var isEverything = body is null && request.ContentLength > 0;
        if (!isEverything && body is not ({ PotId: not null, Cut: null } or { PotId: null, Cut: not null }))
        {
            return TypedResults.BadRequest(Problems.Invalid("body", Target));
        }

        if (body?.PotId is { } pot && !(await kitchen.PotsAsync(cancellation)).Any(p => p.Id == pot))
        {
            return TypedResults.BadRequest(Problems.Invalid("potId", "is no pot of this kitchen."));
        }

        await book.ForgetAsync(body ?? new(null, null), cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>>> RememberAsync(
        RememberBody body,
        BookService book,
        CancellationToken cancellation
    ) => await book.RememberAsync(body.Id!.Value, cancellation) ? TypedResults.NoContent() : Problems.Missing("What was forgotten");

    private static NotFound<ProblemDetails> Missing() => Problems.Missing("This cook");
}
