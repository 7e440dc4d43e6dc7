using Ikuzo.Web.Serving;

namespace Ikuzo.Web.Tests;

public sealed class WorkQueueTests : IDisposable
{
    private readonly ComputeThreads _threads = new();
    private readonly WorkQueue _queue;
    private readonly List<int> _order = [];
    private readonly List<TaskCompletionSource<int>> _held = [];

    public WorkQueueTests()
    {
        _queue = new WorkQueue(_threads);
        for (var i = 0; i < Math.Max(2, Environment.ProcessorCount - 1); i++)
        {
            var gate = new TaskCompletionSource<int>();
            _held.Add(gate);
            _ = _queue.RunAsync(Work.File, "held", () => gate.Task, CancellationToken.None);
        }
    }

    public void Dispose()
    {
        _held.ForEach(gate => gate.TrySetResult(0));
        _threads.Dispose();
    }

    private Task<int> Ask(Work work, string client, int number, CancellationToken cancellation = default) =>
        _queue.RunAsync(
            work,
            client,
            () =>
            {
                lock (_order)
                {
                    _order.Add(number);
                }

                return Task.FromResult(number);
            },
            cancellation
        );

    // One turn is free at a time, so that the order is that of the turns.
    private void LetOne() => _held[0].SetResult(0);

    [Fact]
    public async Task Turns_GoFromPageToPage_WhatIsKeptFirst_ThenTheNewestPlan_FilesInTheirOrder()
    {
        Task<int>[] all =
        [
            Ask(Work.Plan, "a", 1),
            Ask(Work.Keep, "a", 2),
            Ask(Work.Plan, "a", 3),
            Ask(Work.Keep, "a", 4),
            Ask(Work.File, "b", 10),
            Ask(Work.File, "b", 20),
            Ask(Work.Plan, "b", 30),
        ];
        LetOne();
        await Deadline.ForAsync(Task.WhenAll(all));
        Assert.Equal([2, 30, 4, 10, 3, 20, 1], _order);
    }

    [Fact]
    public async Task WhatIsKept_IsNotTurnedAwayForWhatIsOnlyLookedAt()
    {
        var kept = Ask(Work.Keep, "many", 0);
        var many = Enumerable.Range(1, WorkQueue.MostWaiting).Select(i => Ask(Work.Plan, "many", i)).ToArray();
        await Assert.ThrowsAsync<TooManyWaitException>(() => many[0]);
        LetOne();
        await Deadline.ForAsync(Task.WhenAll(many.Skip(1).Append(kept)));
        Assert.Equal(0, _order[0]);
    }

    [Fact]
    public async Task TooManyOfOnePage_TurnAwayWhatWaitsLongest_AndNobodyElse()
    {
        var other = Ask(Work.Plan, "other", 100);
        var many = Enumerable.Range(0, WorkQueue.MostWaiting + 1).Select(i => Ask(Work.Plan, "many", i)).ToArray();
        await Assert.ThrowsAsync<TooManyWaitException>(() => many[0]);
        LetOne();
        await Deadline.ForAsync(Task.WhenAll(many.Skip(1).Append(other)));
        Assert.DoesNotContain(0, _order);
        Assert.Equal(100, _order[0]);
    }

    private static readonly Work Hurried = new("hurried", TimeSpan.FromMinutes(1), WaitingOrder.NewestFirst)
    {
        MostWait = TimeSpan.FromSeconds(0.2),
    };

    [Fact]
    public async Task WhatWaitsLongerThanItMay_IsRefused_AndTakesNoTurn()
    {
        var late = Ask(Hurried, "a", 1);
        var patient = Ask(Work.Plan, "b", 2);
        await Deadline.ForAsync(Assert.ThrowsAsync<TooManyWaitException>(() => late));
        LetOne();
        await Deadline.ForAsync(patient);
        Assert.Equal([2], _order);
    }

    [Fact]
    public async Task WhatWouldWaitLongerThanItMay_IsRefusedAtOnce_WithWhenToAskAgain()
    {
        await Task.Delay(500);
        LetOne(); // the turns take half a second each and more
        await Deadline.ForAsync(Ask(Work.Plan, "first", 0));
        var gate = new TaskCompletionSource<int>();
        _ = _queue.RunAsync(Work.File, "held", () => gate.Task, CancellationToken.None); // and none is free
        var patient = Enumerable.Range(1, 40).Select(i => Ask(Work.File, $"page {i}", i)).ToArray();
        var refused = Ask(Hurried, "one more", 99);
        Assert.True(refused.IsFaulted); // at once
        Assert.True((await Assert.ThrowsAsync<TooManyWaitException>(() => refused)).After > Hurried.MostWait);
        gate.SetResult(0);
        await Deadline.ForAsync(Task.WhenAll(patient));
        Assert.Equal(Enumerable.Range(0, 41), _order);
    }

    [Fact]
    public async Task WhoeverHangsUp_IsNotComputedFor()
    {
        using var stop = new CancellationTokenSource();
        var gone = Ask(Work.Plan, "a", 1, stop.Token);
        var stays = Ask(Work.Plan, "a", 2);
        await stop.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => gone);
        LetOne();
        Assert.Equal(2, await Deadline.ForAsync(stays));
        Assert.Equal([2], _order);
    }
}
