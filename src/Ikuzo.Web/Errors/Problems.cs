using System.Text.Json;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Running.Journal;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Ikuzo.Web.Errors;

/// <summary>Every error that the server answers with: code, status and what to do. RFC 9457 problem details.</summary>
public static class Problems
{
    /// <summary>A field is wrong: 400.</summary>
    public const string InvalidInput = "invalid-input";

    /// <summary>The body is too large: 413.</summary>
    public const string BodyTooLarge = "body-too-large";

    /// <summary>There is no such thing: 404.</summary>
    public const string NotFound = "not-found";

    /// <summary>It would leave the kitchen without a pot: 409.</summary>
    public const string LastPot = "last-pot";

    /// <summary>The cook has a stop, so there is nothing to compute on: 409.</summary>
    public const string NoPlan = "no-plan";

    /// <summary>Something must be seen to before it begins: 409, with what in "toConfirm".</summary>
    public const string ToConfirmCode = "to-confirm";

    /// <summary>A file that cannot be taken: 422.</summary>
    public const string UnusableFile = "unusable-file";

    /// <summary>It makes no sense in this phase of the cook: 409, with what does in "possible".</summary>
    public const string NotNowCode = "not-now";

    /// <summary>A page of another site asks: 403.</summary>
    public const string OtherSite = "other-site";

    /// <summary>Somebody asks more than can be computed: 429.</summary>
    public const string TooMany = "too-many";

    /// <summary>It took longer than it may: 503.</summary>
    public const string TookTooLong = "took-too-long";

    /// <summary>Another window changed it: 412, with what it is now in "current".</summary>
    public const string ChangedElsewhereCode = "changed-elsewhere";

    /// <summary>There is such an address, and it takes no such request: 405.</summary>
    public const string WrongMethod = "wrong-method";

    /// <summary>The body is of a kind that is not taken here: 415.</summary>
    public const string WrongType = "wrong-type";

    /// <summary>A device that was not let in: 401.</summary>
    public const string NotLetIn = "not-let-in";

    /// <summary>A guest asks for more than guests see: 403.</summary>
    public const string GuestsOnly = "guests-only";

    /// <summary>It belongs to the machine itself, or to its keeper: 403.</summary>
    public const string KeepersOnly = "keepers-only";

    /// <summary>A backup could not be made: 507.</summary>
    public const string NotBackedUp = "not-backed-up";

    /// <summary>The disk is full: 507.</summary>
    public const string DiskFull = "disk-full";

    /// <summary>What is kept is damaged: 503.</summary>
    public const string Damaged = "damaged";

    /// <summary>Our fault: 500.</summary>
    public const string Unexpected = "unexpected";

    /// <summary>Media type of every problem.</summary>
    public const string MediaType = "application/problem+json";

    private const string InvalidInputType = $"/problems/{InvalidInput}";

    private static readonly Dictionary<string, (int Status, string Title)> Catalogue = new()
    {
        [InvalidInput] = (StatusCodes.Status400BadRequest, "Something in the request is not right."),
        [BodyTooLarge] = (StatusCodes.Status413PayloadTooLarge, "The request is too large."),
        [OtherSite] = (StatusCodes.Status403Forbidden, "This came from a page of another site."),
        [NotFound] = (StatusCodes.Status404NotFound, "There is no such thing here."),
        [LastPot] = (StatusCodes.Status409Conflict, "A kitchen needs at least one pot."),
        [NoPlan] = (StatusCodes.Status409Conflict, "There is no safe plan for this yet."),
        [ToConfirmCode] = (StatusCodes.Status409Conflict, "See to this first, and say so."),
        [NotNowCode] = (StatusCodes.Status409Conflict, "This makes no sense now; nothing was stored."),
        [UnusableFile] = (StatusCodes.Status422UnprocessableEntity, "This file cannot be taken in; nothing was stored."),
        [ChangedElsewhereCode] = (StatusCodes.Status412PreconditionFailed, "Another window changed this meanwhile; nothing was stored."),
        [WrongMethod] = (StatusCodes.Status405MethodNotAllowed, "This address takes no such request."),
        [WrongType] = (StatusCodes.Status415UnsupportedMediaType, "This kind of body is not taken here."),
        [NotLetIn] = (StatusCodes.Status401Unauthorized, "This device was not let in."),
        [GuestsOnly] = (StatusCodes.Status403Forbidden, "Guests do not see this."),
        [KeepersOnly] = (StatusCodes.Status403Forbidden, "This belongs to the machine itself."),
        [NotBackedUp] = (StatusCodes.Status507InsufficientStorage, "The backup was not made."),
        [DiskFull] = (StatusCodes.Status507InsufficientStorage, "The disk is full; nothing was stored."),
        [Damaged] = (StatusCodes.Status503ServiceUnavailable, "What is kept here is damaged; nothing was stored."),
        [TooMany] = (StatusCodes.Status429TooManyRequests, "Too much was asked at once."),
        [TookTooLong] = (StatusCodes.Status503ServiceUnavailable, "This took too long and was stopped."),
        [Unexpected] = (StatusCodes.Status500InternalServerError, "Something went wrong on our side; nothing was stored."),
    };

    /// <summary>All codes.</summary>
    public static IReadOnlyCollection<string> Codes => Catalogue.Keys;

    /// <summary>The problem of a code.</summary>
    /// <param name="code">One of the codes above.</param>
    /// <param name="detail">What happened and what to do.</param>
    public static ProblemDetails Of(string code, string? detail = null) =>
        new()
        {
            Type = $"/problems/{code}",
            Title = Catalogue[code].Title,
            Status = Catalogue[code].Status,
            Detail = detail,
        };

    /// <summary>The problem of wrong fields.</summary>
    /// <param name="errors">Messages by field, as in "load.totalKg".</param>
    public static HttpValidationProblemDetails Invalid(IDictionary<string, string[]> errors) =>
        new(errors)
        {
            Type = $"/problems/{InvalidInput}",
            Title = Catalogue[InvalidInput].Title,
            Status = StatusCodes.Status400BadRequest,
            Detail = string.Join(" ", errors.SelectMany(e => e.Value.Select(message => $"{e.Key}: {message}"))),
        };

    /// <summary>Errors of one field.</summary>
    internal static IDictionary<string, string[]> OneField(string field, string message) =>
        new Dictionary<string, string[]> { [field] = [message] };

    /// <summary>The problem of one wrong field.</summary>
    public static HttpValidationProblemDetails Invalid(string field, string message) => Invalid(OneField(field, message));

    /// <summary>Gives a problem that the framework wrote the words and the fields of ours: "Load.TotalKg" is "load.totalKg".</summary>
    internal static void Complete(ProblemDetailsContext context)
    {
        if (context.ProblemDetails is HttpValidationProblemDetails { Type: not InvalidInputType } validation)
        {
            context.ProblemDetails = Invalid(ByContract(validation.Errors));
        }

        var code = context.ProblemDetails.Status switch
        {
            StatusCodes.Status404NotFound => NotFound,
            StatusCodes.Status405MethodNotAllowed => WrongMethod,
            StatusCodes.Status415UnsupportedMediaType => WrongType,
            _ => null,
        };
        if (code is not null && context.ProblemDetails.Type?.StartsWith("/problems/", StringComparison.Ordinal) != true)
        {
            (context.ProblemDetails.Type, context.ProblemDetails.Title) = ($"/problems/{code}", Catalogue[code].Title);
            context.ProblemDetails.Detail ??= "Addresses and what they take are listed at /openapi/v1.json.";
        }

        if (context.ProblemDetails.Status == StatusCodes.Status413PayloadTooLarge)
        {
            context.ProblemDetails.Type = $"/problems/{BodyTooLarge}";
            context.ProblemDetails.Title = Catalogue[BodyTooLarge].Title;
            context.ProblemDetails.Extensions["errors"] = new Dictionary<string, string[]> { ["body"] = ["is larger than 64 kB."] };
        }
    }

    /// <summary>Errors by the names of the contract.</summary>
    internal static IDictionary<string, string[]> ByContract(IEnumerable<KeyValuePair<string, string[]>> errors) =>
        errors.ToDictionary(e => string.Join('.', e.Key.Split('.').Select(JsonNamingPolicy.CamelCase.ConvertName)), e => e.Value);

    /// <summary>The problem of an entry that makes no sense in the phase of a cook.</summary>
    public static ProblemDetails NotNow(JournalRefusal refusal)
    {
        var possible = refusal.Possible.Select(k => JsonNamingPolicy.KebabCaseLower.ConvertName(k.ToString())).ToArray();
        var problem = Of(NotNowCode, $"{refusal.Why} Possible now: {refusal.PossibleWords}.");
        problem.Extensions["possible"] = possible;
        return problem;
    }

    /// <summary>The problem of stops that wait for a word.</summary>
    /// <param name="stops">At least one.</param>
    public static ProblemDetails ToConfirm(IReadOnlyList<Warning> stops)
    {
        var problem = Of(ToConfirmCode, string.Join(" ", stops.Select(s => s.Text)));
        problem.Extensions["toConfirm"] = stops
            .Select(s => new
            {
                s.Code,
                s.Text,
                s.Because,
                s.ConfirmWith,
            })
            .ToArray();
        return problem;
    }

    /// <summary>Answers with a problem.</summary>
    internal static Task WriteAsync(HttpContext context, ProblemDetails problem, CancellationToken cancellation)
    {
        context.Response.StatusCode = problem.Status!.Value;
        return context.Response.WriteAsJsonAsync(problem, problem.GetType(), options: null, MediaType, cancellation);
    }

    /// <summary>Any problem as an answer of its own status.</summary>
    internal static JsonHttpResult<ProblemDetails> Answer(ProblemDetails problem) =>
        TypedResults.Json(problem, contentType: MediaType, statusCode: problem.Status);

    /// <summary>404 with a problem.</summary>
    public static NotFound<ProblemDetails> Missing(string what) =>
        TypedResults.NotFound(Of(NotFound, $"{what} does not exist, or was removed."));
}
