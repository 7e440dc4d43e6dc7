namespace Ikuzo.Core.Quantities;

/// <summary>
/// Work on many cores, by whoever runs the caller: a task on a scheduler of its own keeps its parts there, so that a server decides in one
/// place what computing may take from serving.
/// </summary>
public static class InParallel
{
    /// <summary>Does some work for each index. The parts may run in any order and must not depend on each other.</summary>
    /// <param name="count">Indices from 0, excluded.</param>
    /// <param name="work">The work for one.</param>
    /// <param name="cancellation">Stops before the next part.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static void For(int count, Action<int> work, CancellationToken cancellation = default) =>
        Parallel.For(0, count, new ParallelOptions { TaskScheduler = TaskScheduler.Current, CancellationToken = cancellation }, work);

    /// <summary>What becomes of each, in their order.</summary>
    /// <param name="items">The items.</param>
    /// <param name="of">What becomes of one.</param>
    /// <param name="cancellation">Stops before the next.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static TResult[] Select<T, TResult>(IReadOnlyList<T> items, Func<T, TResult> of, CancellationToken cancellation)
    {
        var results = new TResult[items.Count];
        For(items.Count, i => results[i] = of(items[i]), cancellation);
        return results;
    }

    /// <summary>Two computations that do not depend on each other.</summary>
    /// <param name="one">The first.</param>
    /// <param name="other">The second.</param>
    /// <param name="cancellation">Stops before what has not begun.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public static (TOne One, TOther Other) Both<TOne, TOther>(Func<TOne> one, Func<TOther> other, CancellationToken cancellation = default)
    {
        (TOne One, TOther Other) both = default;
        For(
            2,
            i =>
            {
                if (i == 0)
                {
                    both.One = one();
                }
                else
                {
                    both.Other = other();
                }
            },
            cancellation
        );
        return both;
    }
}
