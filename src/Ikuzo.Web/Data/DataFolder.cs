namespace Ikuzo.Web.Data;

/// <summary>The folder with all that the household keeps, held by one server at a time.</summary>
public sealed class DataFolder : IDisposable
{
    private const int ProbeBytes = 256 * 1024; // what the next few entries take

    private static readonly string[] Halves = ["*.part*", "ikuzo-*.tmp*"];

    private readonly FileStream _lock;

    private DataFolder(string path, FileStream held) => (Path, _lock) = (path, held);

    /// <summary>Path of the folder.</summary>
    public string Path { get; }

    /// <summary>Takes the folder, which is made when missing.</summary>
    /// <exception cref="StartRefusalException">It cannot be written, is full, or is held by another server.</exception>
    public static DataFolder Open(string path)
    {
        if (File.Exists(path))
        {
            throw new StartRefusalException($"{path} is a file; name a folder in IKUZO_DATA.");
        }

        try
        {
            Directory.CreateDirectory(path);
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException)
        {
            throw new StartRefusalException($"The folder {path} cannot be made ({error.Message}); name another in IKUZO_DATA.", error);
        }

        var held = Held(path, Lock(path));
        RemoveHalves(path);
        return new(path, held);
    }

    // What a server that was stopped had written half: nobody reads it, and it takes room.
    private static void RemoveHalves(string path)
    {
        foreach (var folder in new[] { path, System.IO.Path.Combine(path, "backups") }.Where(Directory.Exists))
        foreach (var half in Halves.SelectMany(pattern => Directory.EnumerateFiles(folder, pattern)))
        {
            File.Delete(half);
        }
    }

    private static FileStream Lock(string path)
    {
        var name = System.IO.Path.Combine(path, "ikuzo.lock");
        try
        {
            return new FileStream(name, FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None);
        }
        catch (UnauthorizedAccessException error)
        {
            throw ReadOnly(path, error);
        }
        catch (IOException error) when (Disk.IsFull(error))
        {
            throw Full(path, error);
        }
        catch (IOException error) when (error.Message.Contains("Read-only", StringComparison.OrdinalIgnoreCase))
        {
            throw ReadOnly(path, error);
        }
        catch (IOException error)
        {
            throw new StartRefusalException(
                $"Another Ikuzo serves the folder {path} already; stop that one, or name another folder in IKUZO_DATA.",
                error
            );
        }
    }

    private static FileStream Held(string path, FileStream held)
    {
        var probe = System.IO.Path.Combine(path, "ikuzo.probe");
        try
        {
            using var file = new FileStream(probe, FileMode.Create, FileAccess.Write, FileShare.None, 1, FileOptions.DeleteOnClose);
            file.Write(new byte[ProbeBytes]);
            file.Flush(flushToDisk: true);
            return held;
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException)
        {
            held.Dispose();
            throw Disk.IsFull(error) ? Full(path, error) : ReadOnly(path, error);
        }
    }

    private static StartRefusalException ReadOnly(string path, Exception error) =>
        new($"The folder {path} cannot be written ({error.Message}); let Ikuzo write there, or name another in IKUZO_DATA.", error);

    private static StartRefusalException Full(string path, Exception error) =>
        new($"The disk with {path} is full; make room, then start again. Nothing that was kept is lost.", error);

    /// <inheritdoc/>
    public void Dispose() => _lock.Dispose();
}
