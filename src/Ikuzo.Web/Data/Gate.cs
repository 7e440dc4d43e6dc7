namespace Ikuzo.Web.Data;

/// <summary>A gate through which many go at once, and which one closes for as long as it must be alone.</summary>
internal sealed class Gate
{
    private readonly Lock _lock = new();
    private int _inside;
    private TaskCompletionSource? _opens,
        _empty;

    /// <summary>Goes in, as soon as it is open.</summary>
    public async ValueTask EnterAsync(CancellationToken cancellation)
    {
        while (true)
        {
            Task opens;
            lock (_lock)
            {
                if (_opens is null)
                {
                    _inside++;
                    return;
                }

                opens = _opens.Task;
            }

            await opens.WaitAsync(cancellation);
        }
    }

    /// <summary>Goes out.</summary>
    public void Leave()
    {
        lock (_lock)
        {
            _inside--;
            if (_inside == 0)
            {
                _empty?.TrySetResult();
            }
        }
    }

    /// <summary>Closes it, and waits until nobody is inside; false where somebody stays, or another closed it.</summary>
    /// <param name="longest">How long it waits.</param>
    public async Task<bool> CloseAsync(TimeSpan longest)
    {
        Task empty;
        lock (_lock)
        {
            if (_opens is not null)
            {
                return false;
            }

            _opens = new(TaskCreationOptions.RunContinuationsAsynchronously);
            _empty = new(TaskCreationOptions.RunContinuationsAsynchronously);
            empty = _inside == 0 ? Task.CompletedTask : _empty.Task;
        }

        try
        {
            await empty.WaitAsync(longest);
            return true;
        }
        catch (TimeoutException)
        {
            Open();
            return false;
        }
    }

    /// <summary>Opens it again.</summary>
    public void Open()
    {
        lock (_lock)
        {
            _opens?.TrySetResult();
            (_opens, _empty) = (null, null);
        }
    }
}
