using System.Data.Common;
using System.Text.Json;
using Dapper;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Quantities;
using Ikuzo.Web.Data;

namespace Ikuzo.Web.Features.Kitchen;

/// <summary>Reads and writes the kitchen and its pots.</summary>
public sealed class KitchenStore(Database database, TimeProvider clock, LearnedNow learned)
{
    private const string PotColumns = """
        id AS Id, name AS Name, capacity_litres AS CapacityLitres, heater_watts AS HeaterWatts, minimum_liquid_ml AS MinimumLiquidMl,
        high_gauge_kpa AS HighGaugeKpa, low_gauge_kpa AS LowGaugeKpa, is_default AS IsDefault,
        inner_diameter_mm AS InnerDiameterMm, usable_height_mm AS UsableHeightMm, rack_mm AS RackMm,
        fill_mark_litres AS FillMarkLitres, half_mark_litres AS HalfMarkLitres,
        keeps_warm AS KeepsWarm, keep_warm_celsius AS KeepWarmCelsius
        """;

    /// <summary>The version of some settings.</summary>
    internal static string VersionOf(KitchenSettings settings) => Versions.Of(JsonSerializer.Serialize(settings));

    /// <summary>The settings.</summary>
    public async Task<KitchenSettings> SettingsAsync(CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return await SettingsAsync(db, null);
    }

    private static async Task<KitchenSettings> SettingsAsync(DbConnection db, DbTransaction? transaction)
    {
        var row = await db.QuerySingleAsync<(
            string Name,
            double Altitude,
            double Room,
            string Units,
            string? School,
            double? Ice,
            double? Boiling,
            long? HasThermometer,
            string? UsualPromise,
            double? MostReturns,
            double? RawDays,
            double? CookedDays
        )>(
            """
            SELECT name, altitude_metres, room_celsius, units, default_school, ice_celsius, boiling_celsius, has_thermometer,
              usual_promise, most_returns, raw_days, cooked_days
            FROM kitchen WHERE id = 1
            """,
            transaction: transaction
        );
        return new KitchenSettings
        {
            Name = row.Name,
            AltitudeMetres = row.Altitude,
            RoomCelsius = row.Room,
            Units = Enum.Parse<UnitSystem>(row.Units, ignoreCase: true),
            DefaultSchool = row.School,
            IceCelsius = row.Ice,
            BoilingCelsius = row.Boiling,
            HasThermometer = row.HasThermometer is { } has ? has != 0 : null,
            UsualPromise = row.UsualPromise is { } promise ? Enum.Parse<Promise>(promise, ignoreCase: true) : null,
            MostReturns = row.MostReturns,
            RawDays = row.RawDays,
            CookedDays = row.CookedDays,
        };
    }

    /// <summary>Replaces the settings; false where they are of another version than is named, and stay as they are.</summary>
    public async Task<bool> SaveAsync(KitchenSettings settings, string? version, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation); // one after the other: SQLite has one writer
        if (!Versions.Match(version, VersionOf(await SettingsAsync(db, transaction))))
        {
            return false;
        }

        await db.ExecuteAsync(
            """
            UPDATE kitchen SET name = @Name, altitude_metres = @AltitudeMetres, room_celsius = @RoomCelsius, units = @Units,
              default_school = @DefaultSchool,
              ice_celsius = @IceCelsius, boiling_celsius = @BoilingCelsius, has_thermometer = @HasThermometer,
              usual_promise = @UsualPromise, most_returns = @MostReturns, raw_days = @RawDays, cooked_days = @CookedDays
            WHERE id = 1
            """,
            new
            {
                Name = settings.Name.Trim(),
                settings.AltitudeMetres,
                settings.RoomCelsius,
                Units = settings.Units.ToString().ToLowerInvariant(),
                settings.DefaultSchool,
                settings.IceCelsius,
                settings.BoilingCelsius,
                settings.HasThermometer,
                UsualPromise = settings.UsualPromise?.ToString().ToLowerInvariant(),
                settings.MostReturns,
                settings.RawDays,
                settings.CookedDays,
            },
            transaction
        );
        await transaction.CommitAsync(cancellation);
        return true;
    }

    /// <summary>All pots, the default first.</summary>
    public async Task<IReadOnlyList<Pot>> PotsAsync(CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return await PotsAsync(db, null);
    }

    private static async Task<IReadOnlyList<Pot>> PotsAsync(DbConnection db, DbTransaction? transaction) =>
        [
            .. await db.QueryAsync<Pot>(
                $"SELECT {PotColumns} FROM pots WHERE removed_at IS NULL ORDER BY is_default DESC, capacity_litres DESC, name",
                transaction: transaction
            ),
        ];

    /// <summary>What a question is computed with when it does not say otherwise.</summary>
    internal async Task<UsualKitchen> UsualAsync(CancellationToken cancellation) =>
        new(await SettingsAsync(cancellation), await PotsAsync(cancellation), learned.Learned);

    /// <summary>True for a pot that is or ever was here.</summary>
    public async Task<bool> HasKnownAsync(string potId, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return await db.ExecuteScalarAsync<bool>("SELECT EXISTS (SELECT 1 FROM pots WHERE id = @potId)", new { potId });
    }

    /// <summary>Adds a pot.</summary>
    public async Task AddPotAsync(Pot pot, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation);
        await WriteAsync(pot, db, transaction);
        await transaction.CommitAsync(cancellation);
    }

    /// <summary>
    /// Replaces a pot: what it is then, and true; what it is, and false, where it is of another version than is named and stays as it
    /// is; null where there is none.
    /// </summary>
    public async Task<(Pot? Pot, bool Saved)> PutPotAsync(string id, PotBody body, string? version, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation);
        var before = (await PotsAsync(db, transaction)).FirstOrDefault(p => p.Id == id);
        if (before is null || !Versions.Match(version, before.Version))
        {
            return (before, false);
        }

        var pot = (body with { IsDefault = body.IsDefault ?? before.IsDefault }).ToPot(id);
        await WriteAsync(pot, db, transaction);
        await transaction.CommitAsync(cancellation);
        return (pot, true);
    }

    private async Task WriteAsync(Pot pot, DbConnection db, DbTransaction transaction)
    {
        await db.ExecuteAsync(
            """
            INSERT INTO pots (id, name, capacity_litres, heater_watts, minimum_liquid_ml, high_gauge_kpa, low_gauge_kpa, is_default,
              created_at,
              inner_diameter_mm, usable_height_mm, rack_mm, fill_mark_litres, half_mark_litres, keeps_warm, keep_warm_celsius)
            VALUES (@Id, @Name, @CapacityLitres, @HeaterWatts, @MinimumLiquidMl, @HighGaugeKpa, @LowGaugeKpa, @IsDefault, @CreatedAt,
              @InnerDiameterMm, @UsableHeightMm, @RackMm, @FillMarkLitres, @HalfMarkLitres, @KeepsWarm, @KeepWarmCelsius)
            ON CONFLICT (id) DO UPDATE SET name = @Name, capacity_litres = @CapacityLitres, heater_watts = @HeaterWatts,
              minimum_liquid_ml = @MinimumLiquidMl, high_gauge_kpa = @HighGaugeKpa, low_gauge_kpa = @LowGaugeKpa,
              is_default = @IsDefault,
              inner_diameter_mm = @InnerDiameterMm, usable_height_mm = @UsableHeightMm, rack_mm = @RackMm,
              fill_mark_litres = @FillMarkLitres, half_mark_litres = @HalfMarkLitres,
              keeps_warm = @KeepsWarm, keep_warm_celsius = @KeepWarmCelsius
            """,
            new
            {
                pot.Id,
                pot.Name,
                pot.CapacityLitres,
                pot.HeaterWatts,
                pot.MinimumLiquidMl,
                pot.HighGaugeKpa,
                pot.LowGaugeKpa,
                pot.IsDefault,
                pot.InnerDiameterMm,
                pot.UsableHeightMm,
                pot.RackMm,
                pot.FillMarkLitres,
                pot.HalfMarkLitres,
                pot.KeepsWarm,
                pot.KeepWarmCelsius,
                CreatedAt = StoredMoment.Text(clock.GetUtcNow()),
            },
            transaction
        );
        if (pot.IsDefault)
        {
            await db.ExecuteAsync("UPDATE pots SET is_default = 0 WHERE id <> @Id", new { pot.Id }, transaction);
        }

        await KeepOneDefaultAsync(db, transaction);
    }

    /// <summary>Removes a pot so that it can be brought back; false when it is not there, null when it is the last.</summary>
    public async Task<bool?> RemovePotAsync(string id, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        await using var transaction = await db.BeginTransactionAsync(cancellation);
        var ids = (await db.QueryAsync<string>("SELECT id FROM pots WHERE removed_at IS NULL", transaction: transaction)).ToList();
        if (ids is [var last] && last == id)
        {
            return null;
        }

        var rows = await db.ExecuteAsync(
            "UPDATE pots SET removed_at = @Now, is_default = 0 WHERE id = @Id AND removed_at IS NULL",
            new { Id = id, Now = StoredMoment.Text(clock.GetUtcNow()) },
            transaction
        );
        await KeepOneDefaultAsync(db, transaction);
        await transaction.CommitAsync(cancellation);
        return rows == 1;
    }

    /// <summary>Brings a removed pot back; false when there is none.</summary>
    public async Task<bool> RestorePotAsync(string id, CancellationToken cancellation)
    {
        await using var db = await database.OpenAsync(cancellation);
        return await db.ExecuteAsync("UPDATE pots SET removed_at = NULL WHERE id = @Id", new { Id = id }) == 1;
    }

    private static async Task KeepOneDefaultAsync(DbConnection db, DbTransaction transaction) =>
        await db.ExecuteAsync(
            """
            UPDATE pots SET is_default = 1
            WHERE id = (SELECT id FROM pots WHERE removed_at IS NULL ORDER BY capacity_litres DESC, created_at LIMIT 1)
              AND NOT EXISTS (SELECT 1 FROM pots WHERE removed_at IS NULL AND is_default = 1)
            """,
            transaction: transaction
        );
}
