using System.Collections.Concurrent;
using System.Security.Cryptography;
using Dapper;
using Ikuzo.Web.Data;

namespace Ikuzo.Web.Features.Home;

/// <summary>A phone or tablet that was let in.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Name">What the household calls it.</param>
/// <param name="IsGuest">True for who only sees when dinner is.</param>
/// <param name="LetInAt">When it was let in.</param>
/// <param name="SeenAt">When it last asked, to the hour.</param>
/// <param name="IsKeeper">True for one that the machine itself trusts with who comes in and with backups.</param>
public sealed record Device(string Id, string Name, bool IsGuest, DateTimeOffset LetInAt, DateTimeOffset SeenAt, bool IsKeeper = false);

/// <summary>Keeps who was let in. Of the key that a device holds only the fingerprint is here.</summary>
internal sealed class DeviceStore
{
    private const int KeyBytes = 32;
    private static readonly TimeSpan SeenAgain = TimeSpan.FromHours(1);

    private readonly Database _database;
    private readonly TimeProvider _clock;
    private readonly ConcurrentDictionary<string, Device> _known = new(); // by fingerprint
    private readonly Lock _lock = new();
    private int _changes; // of who may come in

    public DeviceStore(Database database, TimeProvider clock)
    {
        (_database, _clock) = (database, clock);
        database.Replaced += Forget;
    }

    /// <summary>All that may come in, the newest first.</summary>
    public async Task<IReadOnlyList<Device>> AllAsync(CancellationToken cancellation)
    {
        await using var db = await _database.OpenAsync(cancellation);
        return [.. (await db.QueryAsync<Row>($"{Select} WHERE removed_at IS NULL ORDER BY let_in_at DESC")).Select(r => r.ToDevice())];
    }

    /// <summary>Lets one in, and returns the key that it holds from now on.</summary>
    public async Task<(Device Device, string Key)> AddAsync(string name, bool isGuest, CancellationToken cancellation)
    {
        var key = Convert.ToBase64String(RandomNumberGenerator.GetBytes(KeyBytes));
        var now = _clock.GetUtcNow();
        var device = new Device(Guid.CreateVersion7().ToString("N"), name, isGuest, now, now);
        await using var db = await _database.OpenAsync(cancellation);
        await db.ExecuteAsync(
            """
            INSERT INTO devices (id, name, is_guest, key_hash, let_in_at, seen_at) VALUES (@Id, @Name, @IsGuest, @Hash, @Now, @Now)
            """,
            new
            {
                device.Id,
                device.Name,
                device.IsGuest,
                Hash = Fingerprint.Of(key),
                Now = StoredMoment.Text(now),
            }
        );
        return (device, key);
    }

    /// <summary>Who holds a key; null for nobody who may still come in.</summary>
    public async Task<Device?> FindAsync(string key, CancellationToken cancellation)
    {
        var fingerprint = Fingerprint.Of(key);
        var now = _clock.GetUtcNow();
        if (_known.TryGetValue(fingerprint, out var known) && now - known.SeenAt < SeenAgain)
        {
            return known;
        }

        var changes = Volatile.Read(ref _changes);
        await using var db = await _database.OpenAsync(cancellation);
        var rows = await db.ExecuteAsync(
            "UPDATE devices SET seen_at = @now WHERE key_hash = @fingerprint AND removed_at IS NULL",
            new { fingerprint, now = StoredMoment.Text(now) }
        );
        if (rows == 0)
        {
            _known.TryRemove(fingerprint, out _);
            return null;
        }

        var device = (await db.QuerySingleAsync<Row>($"{Select} WHERE key_hash = @fingerprint", new { fingerprint })).ToDevice();
        lock (_lock)
        {
            // Who was shown the door while this was read is not remembered.
            return changes == _changes ? _known[fingerprint] = device : null;
        }
    }

    private void Forget()
    {
        lock (_lock)
        {
            _changes++;
            _known.Clear();
        }
    }

    /// <summary>Makes one a keeper, or no longer; null when there is none, or it is a guest.</summary>
    public async Task<Device?> MakeKeeperAsync(string id, bool isKeeper, CancellationToken cancellation)
    {
        await using var db = await _database.OpenAsync(cancellation);
        await db.ExecuteAsync(
            "UPDATE devices SET is_keeper = @isKeeper WHERE id = @id AND is_guest = 0 AND removed_at IS NULL",
            new { id, isKeeper }
        );
        Forget();
        var row = await db.QuerySingleOrDefaultAsync<Row>($"{Select} WHERE id = @id AND is_guest = 0 AND removed_at IS NULL", new { id });
        return row?.ToDevice();
    }

    /// <summary>Lets one in no longer; false when there is none.</summary>
    public async Task<bool> RemoveAsync(string id, CancellationToken cancellation)
    {
        await using var db = await _database.OpenAsync(cancellation);
        var rows = await db.ExecuteAsync(
            "UPDATE devices SET removed_at = @now WHERE id = @id AND removed_at IS NULL",
            new { id, now = StoredMoment.Text(_clock.GetUtcNow()) }
        );
        Forget();
        return rows == 1;
    }

    private const string Select =
        "SELECT id AS Id, name AS Name, is_guest AS IsGuest, let_in_at AS LetInAt, seen_at AS SeenAt, is_keeper AS IsKeeper "
        + "FROM devices";

    private sealed record Row(string Id, string Name, long IsGuest, string LetInAt, string SeenAt, long IsKeeper)
    {
        public Device ToDevice() => new(Id, Name, IsGuest != 0, StoredMoment.Of(LetInAt), StoredMoment.Of(SeenAt), IsKeeper != 0);
    }
}
