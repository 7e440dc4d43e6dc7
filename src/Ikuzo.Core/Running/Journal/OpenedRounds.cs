using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Running.Journal;

/// <summary>The times under the lid of a pot that was opened, as a rescue asks for them: with what really happened.</summary>
/// <param name="cook">What was planned.</param>
/// <param name="rounds">Times under the lid, the last one open.</param>
/// <param name="thick">True when dairy or starch is in.</param>
/// <param name="separatedAtCelsius">Coldest reading of a lump when it was taken apart, °C; null for all else.</param>
internal sealed class OpenedRounds(PlannedCook cook, List<Round> rounds, bool thick, double? separatedAtCelsius)
{
    private const double VentedAtOnceMinutes = 0.75; // a hand is not faster
    private const double MostReadingMinutes = 60;

    /// <summary>
    /// True when the readings of a meat still say how it is: it was read since the pot was last opened, and where a reading was short, also
    /// since it last stood covered.
    /// </summary>
    public bool IsRead(PlannedMeat meat)
    {
        var readings = rounds[^1].Readings;
        var last = readings.FindLastIndex(r => IsOf(meat, r));
        return last >= 0 && (ReadingsOf(meat, rounds[^1]).All(r => r.IsSafe) || readings.Skip(last + 1).All(r => r.CoveredMinutes == 0));
    }

    /// <summary>Coldest reading of what is frozen together, °C; null when there is none.</summary>
    public double? ColdestOfLumps() =>
        cook.Meats.Where(IsLump).SelectMany(m => ReadingsOf(m, rounds[^1])).Select(r => (double?)r.Celsius).Min();

    /// <summary>The pot as it was opened, each time with what really happened, as one of its meats sees it.</summary>
    public RescueRequest AsSeenBy(PlannedMeat meat)
    {
        var first = rounds[0];
        var apart = IsLump(meat) ? separatedAtCelsius : null;
        var from = 1 + (apart is null ? 0 : rounds.FindIndex(r => r.EndsLump));
        return new RescueRequest(meat.Request, first.MinutesHeld, Release(first), ProbeReadings(meat, first), thick)
        {
            Later =
            [
                .. rounds
                    .Skip(from)
                    .Select(
                        (r, i) =>
                            new RescueRound(!r.Simmers, r.MinutesHeld, Release(r), ProbeReadings(meat, r))
                            {
                                ReclosedAfterMinutes = Pause(meat, rounds[from + i - 1], r),
                            }
                    ),
            ],
            SeparatedAtCelsius = apart,
        };
    }

    private static bool IsLump(PlannedMeat meat) => meat.Request.Load is { Arrangement: Arrangement.Lump, Pieces: > 1 };

    private bool IsOf(PlannedMeat meat, CountedReading reading) =>
        cook.Others.Count == 0 || meat.Request.Load.Cut.Spots.Any(s => meat.SpotId(s) == reading.Spot);

    private List<CountedReading> ReadingsOf(PlannedMeat meat, Round round) => [.. round.Readings.Where(r => IsOf(meat, r))];

    private double Pause(PlannedMeat meat, Round before, Round after) =>
        Math.Clamp(
            (after.HeatOnAt - (ReadingsOf(meat, before) is [.., var last] ? last.At : before.OpenedAt!.Value)).TotalMinutes,
            0,
            MostReadingMinutes
        );

    // It stood covered for all meat of the pot, whichever was read first afterwards.
    private List<ProbeReading> ProbeReadings(PlannedMeat meat, Round round)
    {
        List<ProbeReading> readings = [];
        var covered = 0.0;
        foreach (var r in round.Readings)
        {
            covered += r.CoveredMinutes;
            if (IsOf(meat, r))
            {
                readings.Add(Probed(r, round.OpenedAt!.Value, covered));
                covered = 0;
            }
        }

        return readings;
    }

    private static ProbeReading Probed(CountedReading reading, DateTimeOffset openedAt, double coveredMinutes) =>
        new(
            reading.Spot[(reading.Spot.LastIndexOf('/') + 1)..],
            reading.Celsius,
            Math.Clamp((reading.At - openedAt).TotalMinutes, 0, MostReadingMinutes)
        )
        {
            Scale = reading.Scale,
            CoveredMinutes = Math.Min(MostReadingMinutes, coveredMinutes),
        };

    private Release Release(Round round)
    {
        if (round.VentedAt is not { } vented || round.HoldOverAt is not { } over)
        {
            return Cooking.Release.Natural;
        }

        var rested = (vented - over).TotalMinutes;
        return rested > VentedAtOnceMinutes ? Cooking.Release.RestThenVent(Math.Min(120, rested))
            : cook.Release.Kind == ReleaseKind.Pulsed ? Cooking.Release.Pulsed
            : Cooking.Release.Vent;
    }
}
