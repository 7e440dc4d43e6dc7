using System.Diagnostics;

namespace Ikuzo.Web.Serving;

/// <summary>So many wait already that this one is not taken.</summary>
/// <param name="after">When it is worth asking again.</param>
internal sealed class TooManyWaitException(TimeSpan after) : Exception
{
    /// <summary>When it is worth asking again.</summary>
    public TimeSpan After => after;
}

/// <summary>
/// Who may compute: a few at a time, one of each client after the other, of one client in the order that the kind of work says. The last
/// of a client that asks too much is turned away.
/// </summary>
internal sealed class WorkQueue(ComputeThreads threads)
{
    /// <summary>Most that wait of one client.</summary>
    public const int MostWaiting = 24;

    private const double NewestShare = 0.1, // of how long a turn takes usually
        MostSeconds = 5; // of one turn that says something of the next

    private static readonly int AtOnce = Math.Max(2, Environment.ProcessorCount - 1); // two, so that a long one keeps no short one waiting
    private static readonly TimeSpan Soon = TimeSpan.FromSeconds(1);

    private readonly Lock _lock = new();
    private readonly LinkedList<Client> _clients = []; // those with somebody waiting, the next first
    private int _free = AtOnce;
    private double _usualSeconds;

    /// <summary>Computes when it is this one's turn.</summary>
    /// <param name="work">What kind it is.</param>
    /// <param name="client">Whose it is.</param>
    /// <param name="job">The computation, on threads for that; it looks at the cancellation itself.</param>
    /// <param name="cancellation">Stops the waiting, and who waits for the result.</param>
    /// <exception cref="TooManyWaitException">
    /// The client has too many waiting, or it would wait for longer than its kind of work may.
    /// </exception>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public async Task<T> RunAsync<T>(Work work, string client, Func<Task<T>> job, CancellationToken cancellation)
    {
        await TurnAsync(work, client, cancellation);
        var began = Stopwatch.GetTimestamp();
        var running = Task.Factory.StartNew(job, CancellationToken.None, TaskCreationOptions.DenyChildAttach, threads).Unwrap();
        // The turn lasts as long as the computation, whoever hangs up.
        _ = running.ContinueWith(
            _ => Next(Stopwatch.GetElapsedTime(began)),
            CancellationToken.None,
            TaskContinuationOptions.ExecuteSynchronously,
            TaskScheduler.Default
        );
        return await running.WaitAsync(cancellation);
    }

    private async Task TurnAsync(Work work, string name, CancellationToken cancellation)
    {
        var waiting = new Waiting(work.Order);
        lock (_lock)
        {
            if (_free > 0)
            {
                _free--;
                return;
            }

            var client = _clients.FirstOrDefault(c => c.Name == name) ?? _clients.AddLast(new Client(name, [])).Value;
            client.Add(waiting);
            if (client.Waiting.Count > MostWaiting)
            {
                var last = client.Waiting.Last!.Value;
                client.Waiting.RemoveLast();
                last.Turn.TrySetException(new TooManyWaitException(Soon));
            }

            // One of each client has its turn before; those of its own that are newer are not known yet.
            var expected = TimeSpan.FromSeconds(_usualSeconds * _clients.Count / AtOnce);
            if (expected > work.MostWait)
            {
                waiting.Turn.TrySetException(new TooManyWaitException(expected));
            }
        }

        await using var stop = cancellation.UnsafeRegister(_ => waiting.Turn.TrySetCanceled(cancellation), null);
        using var late = new CancellationTokenSource(work.MostWait);
        await using var tooLate = late.Token.UnsafeRegister(_ => waiting.Turn.TrySetException(new TooManyWaitException(Soon)), null);
        await waiting.Turn.Task;
    }

    private void Next(TimeSpan took)
    {
        lock (_lock)
        {
            _usualSeconds += (Math.Min(took.TotalSeconds, MostSeconds) - _usualSeconds) * NewestShare;
            while (_clients.First is { Value: var client })
            {
                var next = client.Waiting.First!.Value;
                client.Waiting.RemoveFirst();
                _clients.RemoveFirst();
                if (client.Waiting.Count > 0)
                {
                    _clients.AddLast(client);
                }

                if (next.Turn.TrySetResult())
                {
                    return;
                }
            }

            _free++;
        }
    }

    private sealed record Client(string Name, LinkedList<Waiting> Waiting)
    {
        public void Add(Waiting waiting)
        {
            var behind = Waiting.First;
            while (behind is not null && behind.Value.GoesBefore(waiting))
            {
                behind = behind.Next;
            }

            if (behind is null)
            {
                Waiting.AddLast(waiting);
            }
            else
            {
                Waiting.AddBefore(behind, waiting);
            }
        }
    }

    private sealed record Waiting(WaitingOrder Order)
    {
        /// <summary>True where this one, which came earlier, has its turn earlier too.</summary>
        public bool GoesBefore(Waiting later) => Order < later.Order || (Order == later.Order && Order != WaitingOrder.NewestFirst);

        public TaskCompletionSource Turn { get; } = new(TaskCreationOptions.RunContinuationsAsynchronously);
    }
}
