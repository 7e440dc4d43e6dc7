using System.Globalization;
using CsvHelper;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Devices;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>Curves of a cook: what was expected, and what was measured.</summary>
/// <param name="Predicted">From the plan: pot, coldest spot with its band, surface.</param>
/// <param name="Measured">Curves of thermometers, and of the simulated pot in a rehearsal.</param>
public sealed record CookCurves(HeatCurve? Predicted, IReadOnlyList<TemperatureChannel> Measured);

/// <summary>A whole cook for other programs.</summary>
/// <param name="Format">"ikuzo-cook".</param>
/// <param name="Version">1.</param>
/// <param name="Cook">The cook with its journal.</param>
/// <param name="Curves">Its curves.</param>
public sealed record CookFile(string Format, int Version, CookView Cook, CookCurves Curves)
{
    /// <summary>Value of <see cref="Format"/>.</summary>
    public const string FormatName = "ikuzo-cook";
}

/// <summary>Curves and files of a cook.</summary>
internal sealed class CookRecord(CookService cooks, CookStore store, DeviceRunner devices, TimeProvider clock)
{
    private const string PotChannel = "simulated pot",
        MeatChannel = "simulated coldest spot";
    private const int MostRemembered = 50;

    private readonly Remembered<string, Plan> _plans = new(MostRemembered);

    /// <summary>What was expected and what was measured.</summary>
    public async Task<CookCurves> CurvesAsync(LiveCook live, CancellationToken cancellation)
    {
        List<TemperatureChannel> measured = [.. await store.TemperaturesAsync(live.Cook.Id, cancellation)];
        var until = live.Cook.Ended ? live.Journal[^1].Event.At : live.Time.At(clock.GetUtcNow());
        if (devices.Curve(live, until) is { Count: > 0 } curve)
        {
            double[] minutes = [.. curve.Select(c => c.Minutes)];
            measured.Add(new(PotChannel, minutes, [.. curve.Select(c => c.Pot)]));
            measured.Add(new(MeatChannel, minutes, [.. curve.Select(c => c.Coldest)]));
        }

        return new(PlanOf(live, cancellation).Curve, measured);
    }

    /// <summary>The plan of a cook. It never changes, and an open panel asks for it every few seconds.</summary>
    public Plan PlanOf(LiveCook live, CancellationToken cancellation) =>
        _plans.Of(live.Cook.Id, () => Planner.Compute(live.Planned.Request, cancellation));

    /// <summary>Everything as JSON.</summary>
    public async Task<CookFile> FileAsync(LiveCook live, CancellationToken cancellation) =>
        new(CookFile.FormatName, 1, cooks.View(live), await CurvesAsync(live, cancellation));

    /// <summary>Events and curves as one table.</summary>
    public async Task<byte[]> TableAsync(LiveCook live, CancellationToken cancellation)
    {
        using var bytes = new MemoryStream();
        await using (var csv = new CsvWriter(new StreamWriter(bytes, leaveOpen: true), CultureInfo.InvariantCulture))
        {
            var lidOn = LidOnAt(live);
            void Row(params object?[] fields)
            {
                foreach (var field in fields)
                {
                    csv.WriteField(field);
                }

                csv.NextRecord();
            }

            Row("what", "name", "at", "minutes since lid-on", "celsius", "text");
            if (live.Cook.Planned.TooShort is { } tooShort)
            {
                Row("warning", tooShort.Code, null, null, null, $"{tooShort.Text} {tooShort.Because}");
            }

            foreach (var entry in cooks.View(live).Events)
            {
                Row(
                    entry.Standing ? "event" : "undone event",
                    entry.Kind.ToString(),
                    entry.At.ToString("O"),
                    lidOn is { } lid ? Math.Round((entry.At - lid).TotalMinutes, 3) : null,
                    entry.Data.Celsius,
                    Safe(entry.Data.Text ?? entry.Data.Spot)
                );
            }

            var curves = await CurvesAsync(live, cancellation);
            foreach (var channel in Channels(curves))
            {
                for (var i = 0; i < channel.Minutes.Count; i++)
                {
                    Row("curve", Safe(channel.Name), null, channel.Minutes[i], channel.Celsius[i], null);
                }
            }
        }

        return bytes.ToArray();
    }

    /// <summary>When the lid first went on; null when it never did.</summary>
    public static DateTimeOffset? LidOnAt(LiveCook live) =>
        CookJournal.Standing(live.Events).FirstOrDefault(e => e.Kind == CookEventKind.LidOn)?.At;

    private static IEnumerable<TemperatureChannel> Channels(CookCurves curves) =>
        curves.Predicted is not { } p
            ? curves.Measured
            :
            [
                new("predicted pot", p.Minutes, p.Pot),
                new("predicted coldest spot, 1 %", p.Minutes, p.Coldest.P01),
                new("predicted coldest spot, 50 %", p.Minutes, p.Coldest.P50),
                new("predicted coldest spot, 99 %", p.Minutes, p.Coldest.P99),
                .. curves.Measured,
            ];

    /// <summary>A text that no spreadsheet takes for a formula, neither by plain signs nor by fullwidth ones, nor after a space.</summary>
    public static string? Safe(string? text) =>
        text?.TrimStart() is ['=' or '+' or '-' or '@' or '\uFF1D' or '\uFF0B' or '\uFF0D' or '\uFF20' or '\t' or '\r', ..]
            ? $"'{text.Trim()}"
            : text;
}
