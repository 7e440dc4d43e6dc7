using Ikuzo.Web.Serving;

namespace Ikuzo.Web.Errors;

/// <summary>
/// Turns away what a page of another site sends through the cook's browser, and whoever calls this server by a name that is not its own: it
/// is not the cook who asks.
/// </summary>
internal static class OwnPages
{
    public static IApplicationBuilder UseOwnPages(this IApplicationBuilder app) =>
        app.Use(
            async (context, next) =>
            {
                var addresses = context.RequestServices.GetRequiredService<Addresses>();
                if (addresses.Knows(context.Request.Host) && IsOwn(context.Request))
                {
                    await next(context);
                    return;
                }

                await Problems.WriteAsync(
                    context,
                    Problems.Of(Problems.OtherSite, "Open Ikuzo at its own address. A further name of this machine goes into IKUZO_HOSTS."),
                    context.RequestAborted
                );
            }
        );

    private static bool IsOwn(HttpRequest request)
    {
        var origin = request.Headers.Origin.ToString();
        return IsOwn(origin, request) && IsOwn(request.Headers["Sec-Fetch-Site"].ToString(), IsNavigation(request));
    }

    // The scheme counts: a page that came unencrypted is not the one that came encrypted.
    private static bool IsOwn(string origin, HttpRequest request) =>
        origin.Length == 0
        || (
            Uri.TryCreate(origin, UriKind.Absolute, out var from)
            && from.Scheme == request.Scheme
            && from.Authority.Equals(request.Host.Value, StringComparison.OrdinalIgnoreCase)
        );

    // A link from elsewhere may open a page, and do nothing else.
    private static bool IsOwn(string site, bool isNavigation) => site is "" or "same-origin" or "none" || isNavigation;

    private static bool IsNavigation(HttpRequest request) =>
        HttpMethods.IsGet(request.Method)
        && request.Headers["Sec-Fetch-Mode"] == "navigate"
        && !request.Path.StartsWithSegments("/api")
        && !request.Path.StartsWithSegments("/hubs");
}
