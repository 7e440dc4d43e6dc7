using Ikuzo.Core.Dishes;
using Ikuzo.Core.Reading;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.Plans;

namespace Ikuzo.Web.Features.Asking;

/// <summary>
/// Takes words, grammar and engine up while the first page is drawn, so that the first text and the first plan do not wait for them: on a
/// busy machine that takes longer than an answer may. Once, and not in turn: who asks meanwhile shares what is up already.
/// </summary>
internal sealed partial class ReadyToAnswer(IHostApplicationLifetime life, KitchenStore kitchen, ILogger<ReadyToAnswer> log)
    : BackgroundService
{
    // One of each kind of thing that is said, and what a new household is asked about first.
    private const string Usual = "6 frozen thighs 1.3 kg bone in with rice and a cup of stock, 12 min high then vent, eat at 7";
    private static readonly PreviewBody First = new()
    {
        Load = new LoadBody
        {
            Cut = "chicken-thigh-bone-in",
            Pieces = 6,
            TotalKg = 1.3,
        },
    };

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        var started = new TaskCompletionSource(TaskCreationOptions.RunContinuationsAsynchronously);
        await using (life.ApplicationStarted.Register(started.SetResult))
        {
            await started.Task.WaitAsync(stoppingToken);
        }

        try
        {
            _ = CounterText.Read(Usual);
            _ = Together.Compute(First.ToRequest(await kitchen.UsualAsync(stoppingToken)), stoppingToken);
        }
        catch (Exception error) when (error is not OperationCanceledException)
        {
            LogNotReady(log, error); // who asks first takes it up
        }
    }

    [LoggerMessage(LogLevel.Warning, "Words and engine could not be taken up at the start")]
    private static partial void LogNotReady(ILogger log, Exception error);
}
