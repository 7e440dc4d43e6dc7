using System.Text.Json;
using Ikuzo.Web.Data;
using Ikuzo.Web.Serving;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.Data.Sqlite;

namespace Ikuzo.Web.Errors;

/// <summary>Turns what is thrown while a request is read or answered into problem details.</summary>
internal sealed partial class ProblemHandler(ILogger<ProblemHandler> logger) : IExceptionHandler
{
    public async ValueTask<bool> TryHandleAsync(HttpContext context, Exception exception, CancellationToken cancellationToken)
    {
        if (exception is OperationCanceledException && context.RequestAborted.IsCancellationRequested)
        {
            context.Response.StatusCode = StatusCodes.Status499ClientClosedRequest;
            return true;
        }

        if (exception is TooManyWaitException { After: var after })
        {
            await Computing.RefuseAsync(context, after, cancellationToken);
            return true;
        }

        var problem = exception switch
        {
            BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } => Problems.Of(
                Problems.BodyTooLarge,
                "Send at most 64 kB; a file with a dish may have 1 MB."
            ),
            BadHttpRequestException { StatusCode: StatusCodes.Status415UnsupportedMediaType } => Problems.Of(
                Problems.WrongType,
                "Send JSON, with Content-Type: application/json."
            ),
            BadHttpRequestException bad => Unreadable(bad),
            _ when Disk.IsFull(exception) => Problems.Of(Problems.DiskFull, Disk.MakeRoom),
            SqliteException damage when Database.IsDamage(damage) => Problems.Of(Problems.Damaged, "See /api/health for what to do."),
            _ => Unexpected(exception),
        };
        await Problems.WriteAsync(context, problem, cancellationToken);
        return true;
    }

    private static HttpValidationProblemDetails Unreadable(BadHttpRequestException bad)
    {
        var field = bad.InnerException is JsonException { Path: { Length: > 2 } path } ? path[2..] : "body";
        var message =
            bad.InnerException is JsonException
                ? "is not readable: check the type of this value and the JSON around it."
                : "is missing. Send a JSON object.";
        return Problems.Invalid(field, message);
    }

    private Microsoft.AspNetCore.Mvc.ProblemDetails Unexpected(Exception exception)
    {
        LogUnexpected(logger, exception);
        return Problems.Of(Problems.Unexpected, "Try again; if it stays, look at the server's log.");
    }

    [LoggerMessage(Level = LogLevel.Error, Message = "Unexpected error")]
    private static partial void LogUnexpected(ILogger logger, Exception exception);
}
