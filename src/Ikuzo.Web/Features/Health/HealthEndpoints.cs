namespace Ikuzo.Web.Features.Health;

/// <summary>State of the server.</summary>
/// <param name="Status">"ok" once it is ready.</param>
public sealed record Health(string Status);

internal static class HealthEndpoints
{
    public static void MapHealth(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/health", () => TypedResults.Ok(new Health("ok"))).WithTags("Health").WithName("getHealth");
}
