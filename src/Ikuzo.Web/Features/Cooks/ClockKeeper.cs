namespace Ikuzo.Web.Features.Cooks;

/// <summary>Looks each second whether the clock was set, so that the page is true before anybody does anything.</summary>
internal sealed partial class ClockKeeper(CookService cooks, TimeProvider clock, ILogger<ClockKeeper> log) : BackgroundService
{
    private static readonly TimeSpan Beat = TimeSpan.FromSeconds(1);

    /// <inheritdoc/>
    public override async Task StartAsync(CancellationToken cancellationToken)
    {
        await cooks.SettleAsync(cancellationToken); // before anything is added to a journal
        await base.StartAsync(cancellationToken);
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Beat, clock);
        while (await timer.WaitForNextTickAsync(stoppingToken))
        {
            try
            {
                await cooks.SettleAsync(stoppingToken);
            }
            catch (Exception error) when (error is not OperationCanceledException)
            {
                LogNotSettled(log, error);
            }
        }
    }

    [LoggerMessage(LogLevel.Error, "The clock was set, and what is on the stove could not be told")]
    private static partial void LogNotSettled(ILogger log, Exception error);
}
