using System.Net;
using Ikuzo.Web.Errors;

namespace Ikuzo.Web.Features.Home;

/// <summary>
/// Who may ask for what: the machine itself for all, and a phone that it made its keeper; a device that was let in for all that is cooked,
/// but not for who else comes in, nor for backups; a guest for when dinner is, everybody else for the page that asks for a code.
/// </summary>
internal static class Door
{
    /// <summary>What a device holds.</summary>
    public const string Cookie = "ikuzo-key";

    /// <summary>Address by which a device is let in.</summary>
    public const string LetInPath = "/api/let-in";

    /// <summary>Address with when dinner is.</summary>
    public const string DinnerPath = "/api/dinner";

    private const string Asking = "ikuzo.asking";

    public static IApplicationBuilder UseDoor(this IApplicationBuilder app) =>
        app.Use(
            async (context, next) =>
            {
                var problem = await ProblemAsync(context);
                if (problem is null)
                {
                    await next(context);
                    return;
                }

                context.Response.Headers.CacheControl = "no-store";
                await Problems.WriteAsync(context, problem, context.RequestAborted);
            }
        );

    /// <summary>The device that asks; null for the machine itself.</summary>
    public static Device? Device(this HttpContext context) => context.Items[Asking] as Device;

    /// <summary>True for the machine itself.</summary>
    public static bool IsHere(this HttpContext context) =>
        context.Connection is { RemoteIpAddress: { } remote, LocalIpAddress: { } local }
        && IPAddress.IsLoopback(remote)
        && IPAddress.IsLoopback(local);

    private static async Task<Microsoft.AspNetCore.Mvc.ProblemDetails?> ProblemAsync(HttpContext context)
    {
        var path = context.Request.Path;
        var isOpen = !IsKept(path) || path.Equals(LetInPath, StringComparison.OrdinalIgnoreCase);
        if (context.IsHere())
        {
            return null;
        }

        var device = context.Request.Cookies[Cookie] is { Length: > 0 and < 100 } key
            ? await context.RequestServices.GetRequiredService<DeviceStore>().FindAsync(key, context.RequestAborted)
            : null;
        context.Items[Asking] = device;
        return path.StartsWithSegments("/metrics") ? Problems.Of(Problems.NotLetIn, "Figures are for the machine itself.")
            : isOpen ? null
            : device is null ? Problems.Of(Problems.NotLetIn, "Ask for a code in the Kitchen of the machine that Ikuzo runs on.")
            : device.IsGuest && !path.Equals(DinnerPath, StringComparison.OrdinalIgnoreCase)
                ? Problems.Of(Problems.GuestsOnly, "As a guest you see when dinner is.")
            : IsOfTheKeeper(context.Request, device) && !device.IsKeeper
                ? Problems.Of(Problems.KeepersOnly, "Do this at the machine that Ikuzo runs on, or make this phone its keeper there.")
            : null;
    }

    /// <summary>True where who asks may do what belongs to the machine.</summary>
    public static bool MayKeep(this HttpContext context) => context.IsHere() || context.Device() is { IsKeeper: true };

    // A device may show itself the door.
    private static bool IsOfTheKeeper(HttpRequest request, Device device) =>
        request.Path.StartsWithSegments("/api/backup")
        || request.Path.StartsWithSegments("/api/backups")
        || request.Path.StartsWithSegments("/api/restore")
        || (
            request.Path.StartsWithSegments("/api/home")
            && !HttpMethods.IsGet(request.Method)
            && !(HttpMethods.IsDelete(request.Method) && request.Path.Equals($"/api/home/devices/{device.Id}", StringComparison.Ordinal))
        );

    // The page itself is the same for everybody; what the household keeps is not.
    private static bool IsKept(PathString path) =>
        path.StartsWithSegments("/api")
        || path.StartsWithSegments("/hubs")
        || path.StartsWithSegments("/metrics")
        || path.StartsWithSegments("/openapi");
}
