namespace Ikuzo.Web.Errors;

/// <summary>Headers of every answer.</summary>
internal static class PageHeaders
{
    private const string ContentSecurityPolicy =
        "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; connect-src 'self'; worker-src "
        + "'self'; "
        + "manifest-src 'self'; object-src 'none'; base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    private static readonly string[] Served = ["/api", "/hubs", "/openapi", "/metrics"];

    private const string Again = "no-cache"; // kept, and asked about each time

    /// <summary>Every place of the page is the page; what it is about it finds out itself.</summary>
    public static IApplicationBuilder UsePages(this IApplicationBuilder app) =>
        app.Use(
            (context, next) =>
            {
                var request = context.Request;
                if (
                    (HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method))
                    && !Path.HasExtension(request.Path)
                    && !Served.Any(s => request.Path.StartsWithSegments(s))
                )
                {
                    request.Path = "/index.html";
                }

                return next(context);
            }
        );

    /// <summary>Strict headers; a page is asked about each time, so that a new version is seen, and answers are not kept at all.</summary>
    public static IApplicationBuilder UsePageHeaders(this IApplicationBuilder app) =>
        app.UseSecurityHeaders(
                new HeaderPolicyCollection().AddDefaultSecurityHeaders().AddCustomHeader("Content-Security-Policy", ContentSecurityPolicy)
            )
            .Use(
                (context, next) =>
                {
                    context.Response.OnStarting(() =>
                    {
                        var headers = context.Response.Headers;
                        if (headers.CacheControl.Count == 0)
                        {
                            headers.CacheControl = context.Request.Path.StartsWithSegments("/api") ? "no-store" : Again;
                        }

                        return Task.CompletedTask;
                    });
                    return next(context);
                }
            );

    /// <summary>Every refusal says by its media type that it is one.</summary>
    public static IApplicationBuilder UseProblemType(this IApplicationBuilder app) =>
        app.Use(
            (context, next) =>
            {
                context.Response.OnStarting(() =>
                {
                    var response = context.Response;
                    if (
                        response.StatusCode >= StatusCodes.Status400BadRequest
                        && response.ContentType?.StartsWith("application/json", StringComparison.Ordinal) == true
                        && !context.Request.Path.StartsWithSegments("/api/health")
                    )
                    {
                        response.ContentType = Problems.MediaType;
                    }

                    return Task.CompletedTask;
                });
                return next(context);
            }
        );
}
