using Serilog;
using Serilog.Formatting.Compact;

namespace Ikuzo.Web.Serving;

/// <summary>What is written down for whoever runs the server: each request with its time, and none of the household's words.</summary>
internal static class Logs
{
    private const int MostFiles = 14;
    private const long MostBytes = 10 * 1024 * 1024;

    public static void Configure(LoggerConfiguration log, IConfiguration configuration, string folder)
    {
        log.ReadFrom.Configuration(configuration).WriteTo.Console(new RenderedCompactJsonFormatter());
        if (configuration.GetValue("IKUZO_LOG_FILES", true))
        {
            log.WriteTo.File(
                new CompactJsonFormatter(),
                Path.Combine(folder, "logs", "ikuzo-.log"),
                rollingInterval: RollingInterval.Day,
                rollOnFileSizeLimit: true,
                fileSizeLimitBytes: MostBytes,
                retainedFileCountLimit: MostFiles
            );
        }
    }
}
