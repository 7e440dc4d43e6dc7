using System.Collections.Concurrent;
using System.Runtime.InteropServices;

namespace Ikuzo.Web.Serving;

/// <summary>
/// Threads that compute and nothing else, one for each core, each politer than all that serves: while both want a core, serving has it.
/// </summary>
internal sealed partial class ComputeThreads : TaskScheduler, IDisposable
{
    private const int Politeness = 5, // of 19: a third of what a thread that serves gets where both want the core
        ThisThread = 0;

    private readonly BlockingCollection<Task> _tasks = [];

    public ComputeThreads()
    {
        for (var i = 0; i < Environment.ProcessorCount; i++)
        {
            new Thread(Run) { IsBackground = true, Name = $"compute {i}" }.Start(); // the process ends without waiting for it
        }
    }

    [ThreadStatic]
    private static ComputeThreads? _here;

    public override int MaximumConcurrencyLevel => Environment.ProcessorCount;

    protected override IEnumerable<Task> GetScheduledTasks() => _tasks;

    protected override void QueueTask(Task task) => _tasks.Add(task);

    protected override bool TryExecuteTaskInline(Task task, bool taskWasPreviouslyQueued) => _here == this && TryExecuteTask(task);

    private void Run()
    {
        _here = this;
        if (OperatingSystem.IsLinux())
        {
            _ = SetPriority(0, ThisThread, Politeness); // where it is not allowed it computes as before
        }

        foreach (var task in _tasks.GetConsumingEnumerable())
        {
            TryExecuteTask(task);
        }
    }

    public void Dispose() => _tasks.CompleteAdding();

    // On Linux 0 is the calling thread.
    [LibraryImport("libc", EntryPoint = "setpriority")]
    private static partial int SetPriority(int which, int who, int value);
}
