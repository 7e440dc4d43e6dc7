namespace Ikuzo.Web.Errors;

/// <summary>Turns away what a page of another site sends through the cook's browser: it is not the cook who asks.</summary>
internal static class SameOrigin
{
    public static IApplicationBuilder UseSameOrigin(this IApplicationBuilder app) =>
        app.Use(
            async (context, next) =>
            {
                var origin = context.Request.Headers.Origin.ToString();
                if (
                    origin.Length == 0
                    || (Uri.TryCreate(origin, UriKind.Absolute, out var from) && from.Authority == context.Request.Host.Value)
                )
                {
                    await next(context);
                    return;
                }

                await Problems.WriteAsync(
                    context,
                    Problems.Of(Problems.OtherSite, "Open Ikuzo at its own address."),
                    context.RequestAborted
                );
            }
        );
}
