using Ikuzo.Core.Reading;

namespace Ikuzo.Web.Features.Asking;

/// <summary>Takes words and grammar up while the first page is drawn, so that the first text does not wait for them.</summary>
internal sealed class ReadyToRead(IHostApplicationLifetime life) : BackgroundService
{
    // One of each kind of thing that is said.
    private const string Usual = "6 frozen thighs 1.3 kg bone in with rice and a cup of stock, 12 min high then vent, eat at 7";

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        var started = new TaskCompletionSource(TaskCreationOptions.RunContinuationsAsynchronously);
        await using (life.ApplicationStarted.Register(started.SetResult))
        {
            await started.Task.WaitAsync(stoppingToken);
        }

        _ = CounterText.Read(Usual);
    }
}
