using System.Globalization;
using System.Net;
using System.Threading.RateLimiting;
using Ikuzo.Web.Errors;
using Microsoft.AspNetCore.Http.Timeouts;

namespace Ikuzo.Web.Serving;

/// <summary>Keeps computing apart from serving: turns, limits in time, and how often anybody may ask.</summary>
internal static class Computing
{
    private const int MostClientCharacters = 40,
        MostSecondsAfter = 60;

    /// <summary>A name that a page gives itself, so that two pages of one machine share fairly.</summary>
    public const string ClientHeader = "Ikuzo-Client";

    public static void AddComputing(this IServiceCollection services)
    {
        services.AddSingleton<ComputeThreads>();
        services.AddSingleton<WorkQueue>();
        services.AddRequestTimeouts(o =>
        {
            foreach (var work in Work.All)
            {
                o.AddPolicy(work.Name, Limit(work));
            }
        });
        services.AddRateLimiter(o =>
        {
            o.GlobalLimiter = PartitionedRateLimiter.Create<HttpContext, string>(Bucket);
            o.OnRejected = (rejected, cancellation) => new(RefuseAsync(rejected.HttpContext, TimeSpan.Zero, cancellation));
        });
    }

    /// <summary>A request that computes: it waits for its turn, on threads for that, and no longer than its kind may take.</summary>
    public static TBuilder Computes<TBuilder>(this TBuilder route, Work work)
        where TBuilder : IEndpointConventionBuilder
    {
        route.WithRequestTimeout(work.Name);
        route.AddEndpointFilter(
            async (context, next) =>
            {
                var http = context.HttpContext;
                var queue = http.RequestServices.GetRequiredService<WorkQueue>();
                if (work == Work.File)
                {
                    await ReceiveAsync(http);
                }

                return await queue.RunAsync(work, ClientOf(http), () => next(context).AsTask(), http.RequestAborted);
            }
        );
        return route;
    }

    // A file that comes slowly comes before its turn, not during it.
    private static async Task ReceiveAsync(HttpContext http)
    {
        var file = new MemoryStream();
        await http.Request.Body.CopyToAsync(file, http.RequestAborted);
        file.Position = 0;
        http.Request.Body = file;
    }

    /// <summary>Answers that somebody asked too much, and when to ask again.</summary>
    public static Task RefuseAsync(HttpContext context, TimeSpan after, CancellationToken cancellation)
    {
        var seconds = Math.Clamp((int)Math.Ceiling(after.TotalSeconds), 1, MostSecondsAfter);
        context.Response.Headers.RetryAfter = seconds.ToString(CultureInfo.InvariantCulture);
        var wait = seconds == 1 ? "Wait a second" : string.Create(CultureInfo.InvariantCulture, $"Wait {seconds} seconds");
        return Problems.WriteAsync(context, Problems.Of(Problems.TooMany, $"{wait}, then ask again."), cancellation);
    }

    /// <summary>Whose turn a request takes.</summary>
    public static string ClientOf(HttpContext http) =>
        http.Request.Headers[ClientHeader].ToString() is { Length: > 0 and <= MostClientCharacters } page
            ? $"{http.Connection.RemoteIpAddress} {page}"
            : $"{http.Connection.RemoteIpAddress}";

    private static RequestTimeoutPolicy Limit(Work work) =>
        new()
        {
            Timeout = work.Limit,
            WriteTimeoutResponse = context =>
                Problems.WriteAsync(
                    context,
                    Problems.Of(
                        Problems.TookTooLong,
                        string.Create(
                            CultureInfo.InvariantCulture,
                            $"Stopped after {work.Limit.TotalSeconds:0} seconds. Ask for less, or later. What was to be kept may be there."
                        )
                    ),
                    CancellationToken.None
                ),
        };

    // A page asks a few dozen times when it opens and a few times a second while something is dragged.
    private static RateLimitPartition<string> Bucket(HttpContext http)
    {
        const int Seconds = 10,
            AtHome = 100,
            Here = 1000; // scripts of the household on its own machine
        var address = http.Connection.RemoteIpAddress;
        var perSecond = address is null || IPAddress.IsLoopback(address) ? Here : AtHome;
        return RateLimitPartition.GetTokenBucketLimiter(
            $"{address}",
            _ =>
                new()
                {
                    TokenLimit = perSecond * Seconds,
                    TokensPerPeriod = perSecond,
                    ReplenishmentPeriod = TimeSpan.FromSeconds(1),
                    QueueLimit = 0,
                }
        );
    }
}
