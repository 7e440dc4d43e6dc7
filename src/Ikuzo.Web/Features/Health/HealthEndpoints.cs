using Ikuzo.Web.Data;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Ikuzo.Web.Features.Health;

/// <summary>State of the server.</summary>
/// <param name="Status">"ok", or "failing" when nothing could be kept now.</param>
/// <param name="Problems">What is wrong, each in a sentence; also what does not keep it from serving.</param>
public sealed record Health(string Status, IReadOnlyList<string> Problems);

internal static class HealthEndpoints
{
    private const long LeastFreeBytes = 50L * 1024 * 1024;

    public static void MapHealth(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/health", GetAsync).WithTags("Health").WithName("getHealth");

    private static async Task<Results<Ok<Health>, JsonHttpResult<Health>>> GetAsync(
        Database database,
        Unreadable unreadable,
        CancellationToken cancellation
    )
    {
        List<string> failing = [.. await OfTheDatabaseAsync(database, cancellation), .. OfTheDisk(database.Folder)];
        return failing.Count == 0
            ? TypedResults.Ok(new Health("ok", [.. unreadable.All]))
            : TypedResults.Json(
                new Health("failing", [.. failing, .. unreadable.All]),
                statusCode: StatusCodes.Status503ServiceUnavailable
            );
    }

    private static async Task<IEnumerable<string>> OfTheDatabaseAsync(Database database, CancellationToken cancellation) =>
        await database.AnswersAsync(cancellation)
            ? []
            : ["The database is gone or cannot be read. Stop Ikuzo and start it again: it says what to do."];

    private static IEnumerable<string> OfTheDisk(string folder)
    {
        try
        {
            return new DriveInfo(Path.GetFullPath(folder)).AvailableFreeSpace < LeastFreeBytes
                ? ["The disk is nearly full: soon nothing more can be kept."]
                : [];
        }
        catch (Exception error) when (error is IOException or ArgumentException or UnauthorizedAccessException)
        {
            return []; // a disk that does not say how full it is
        }
    }
}
