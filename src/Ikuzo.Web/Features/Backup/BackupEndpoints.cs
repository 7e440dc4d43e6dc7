using Ikuzo.Web.Data;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Serving;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Ikuzo.Web.Features.Backup;

/// <summary>A backup before it is brought back.</summary>
/// <param name="Look">What is in it.</param>
/// <param name="Here">What is here now; null where that cannot be read.</param>
public sealed record RestoreLook(BackupLook Look, BackupLook? Here);

/// <summary>A backup that was brought back.</summary>
/// <param name="Look">What is here now.</param>
/// <param name="WayBack">What was here before, as a backup.</param>
public sealed record Restored(BackupLook Look, BackupFile WayBack);

internal static class BackupEndpoints
{
    private const long MostBytes = 1L << 30;

    public static void MapBackups(this IEndpointRouteBuilder routes)
    {
        var backups = routes.MapGroup("/api").WithTags("Backup");
        backups.MapGet("/backups", (Backups all) => TypedResults.Ok(all.List())).WithName("listBackups");
        backups.MapPost("/backups", Make).WithName("makeBackup").Computes(Work.File);
        backups.MapGet("/backups/{name}", Download).WithName("downloadBackup").Produces<byte[]>(contentType: "application/octet-stream");
        backups
            .MapGet("/backup", EverythingAsync)
            .WithName("downloadEverything")
            .Computes(Work.File)
            .Produces<byte[]>(contentType: "application/zip");
        TakesABackup(backups.MapPost("/restore/look", LookAsync).WithName("lookAtBackup"));
        TakesABackup(backups.MapPost("/restore", RestoreAsync).WithName("restoreBackup"));
    }

    private static void TakesABackup(RouteHandlerBuilder route) =>
        route.Accepts<byte[]>("application/octet-stream", "application/zip").WithMetadata(new RequestSizeLimitAttribute(MostBytes));

    private static Results<Created<BackupFile>, JsonHttpResult<ProblemDetails>> Make(Backups backups)
    {
        try
        {
            var made = backups.Make(BackupWhy.ByHand);
            return TypedResults.Created($"/api/backups/{made.Name}", made);
        }
        catch (Exception error) when (error is IOException or Microsoft.Data.Sqlite.SqliteException)
        {
            return Problems.Answer(Problems.Of(Problems.NotBackedUp, Said(error)));
        }
    }

    private static string Said(Exception error) => Disk.IsFull(error) ? $"The disk is full. {Disk.MakeRoom}" : error.Message;

    private static Results<PhysicalFileHttpResult, NotFound<ProblemDetails>> Download(string name, Backups backups) =>
        backups.PathOf(name) is { } path
            ? TypedResults.PhysicalFile(Path.GetFullPath(path), "application/octet-stream", name)
            : Problems.Missing("This backup");

    // One file: the database, and the same for other programs. It is gone once it was sent.
    private static async Task<FileStreamHttpResult> EverythingAsync(Backups backups, TimeProvider clock, CancellationToken cancellation)
    {
        var (copy, packed) = (backups.Temporary("everything"), backups.Temporary("packed"));
        try
        {
            backups.CopyTo(copy);
            await Everything.PackAsync(copy, packed, cancellation);
            var file = new FileStream(packed, FileMode.Open, FileAccess.Read, FileShare.None, 1 << 16, FileOptions.DeleteOnClose);
            return TypedResults.File(file, "application/zip", FormattableString.Invariant($"ikuzo-{clock.GetUtcNow():yyyy-MM-dd}.zip"));
        }
        catch
        {
            File.Delete(packed);
            throw;
        }
        finally
        {
            Backups.Forget(copy);
        }
    }

    private static Task<
        Results<Ok<RestoreLook>, NotFound<ProblemDetails>, UnprocessableEntity<ProblemDetails>, JsonHttpResult<ProblemDetails>>
    > LookAsync(
        HttpRequest request,
        Backups backups,
        Database database,
        CancellationToken cancellation,
        [Longest(100)] string? backup = null
    ) =>
        WithFileAsync(
            request,
            backups,
            backup,
            path =>
                Backups.Look(path) switch
                {
                    ({ } look, _) => Task.FromResult(new RestoreLook(look, Backups.Look(database.Path).Look)),
                    (_, var wrong) => throw new InvalidDataException(wrong),
                },
            cancellation
        );

    private static Task<
        Results<Ok<Restored>, NotFound<ProblemDetails>, UnprocessableEntity<ProblemDetails>, JsonHttpResult<ProblemDetails>>
    > RestoreAsync(HttpRequest request, Backups backups, CancellationToken cancellation, [Longest(100)] string? backup = null) =>
        WithFileAsync(
            request,
            backups,
            backup,
            // What was begun is finished, whoever hangs up.
            async path =>
            {
                var (look, back) = await backups.RestoreAsync(path);
                return new Restored(look, back);
            },
            cancellation
        );

    // A backup that is here by its name, or a file that comes: a database, or all that was downloaded.
    private static async Task<
        Results<Ok<T>, NotFound<ProblemDetails>, UnprocessableEntity<ProblemDetails>, JsonHttpResult<ProblemDetails>>
    > WithFileAsync<T>(HttpRequest request, Backups backups, string? name, Func<string, Task<T>> use, CancellationToken cancellation)
    {
        var brought = backups.Temporary("brought");
        try
        {
            if (name is null)
            {
                await Everything.ReceiveAsync(request.Body, brought, MostBytes, cancellation);
            }

            if ((name is null ? brought : backups.PathOf(name)) is not { } path)
            {
                return Problems.Missing("This backup");
            }

            return TypedResults.Ok(await use(path));
        }
        catch (InvalidDataException error)
        {
            return TypedResults.UnprocessableEntity(Problems.Of(Problems.UnusableFile, error.Message));
        }
        catch (Exception error) when (error is IOException or Microsoft.Data.Sqlite.SqliteException)
        {
            return Problems.Answer(Problems.Of(Problems.NotBackedUp, $"{Said(error)} Nothing was changed."));
        }
        finally
        {
            Backups.Forget(brought);
        }
    }
}
