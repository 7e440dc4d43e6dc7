using System.Globalization;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Running.Rescue;

/// <summary>What is said to a cook who measured: what to do, then the cause in one sentence.</summary>
internal static class RescueWords
{
    private const string EnoughBesideTheMiddle = "It is enough, even where the probe was beside the middle.";

    public static IReadOnlyList<string> Done(RescueRequest request, int restMinutes, double likely, ProbeReading lowest)
    {
        var say = new Wording(request.Plan.Units);
        return restMinutes > 0
                ?
                [
                    Rest(restMinutes),
                    $"It reads {say.AtLeast(lowest.Celsius)}, perhaps beside the middle; the outer meat is hotter, and by then the "
                        + $"coldest spot is at {say.AtLeast(likely)} or more in 99 of 100 such cooks.",
                ]
            : SafetyRule.IsReached(likely, lowest.Scale)
                ? [$"The readings and the cook agree: {say.AtLeast(likely)} or more at the coldest spot in 99 of 100 such cooks."]
            : [$"It reads {say.AtLeast(lowest.Celsius)}. {EnoughBesideTheMiddle}"];
    }

    public static IReadOnlyList<string> ReadAgain(RescueRequest request, ProbeReading lowest)
    {
        var say = new Wording(request.Plan.Units);
        return [MeasureAgain(request), $"It reads {say.AtLeast(lowest.Celsius)}. {WhatFor(request, lowest.SpotId)}"];
    }

    // What a further reading is for, not what it might be at worst.
    private static string WhatFor(RescueRequest request, string spotId)
    {
        var (pieces, read) = (request.Plan.Load.Pieces, request.Counting.Count(r => r.SpotId == spotId));
        return pieces > read
            ? Inv($"{read} of {pieces} {(read == 1 ? "was" : "were")} read, and another may be thicker.")
            : "A probe beside the middle reads too hot: the lower of two readings tells.";
    }

    public static IReadOnlyList<string> LeaveCovered(RescueRequest request, int minutes, double foretold, ProbeReading lowest)
    {
        var say = new Wording(request.Plan.Units);
        return
        [
            Inv($"Lay the lid on, heater off, and measure again in {minutes} min.")
                + (request.Plan.Load.Pieces > 1 ? " Pieces that are done may come out." : ""),
            $"It reads {say.AtLeast(lowest.Celsius)}; the outer meat is hotter, and the middle is likely at {say.AtLeast(foretold)} by "
                + "then.",
        ];
    }

    public static IReadOnlyList<string> Short(RescueRequest request, WayOn way, double likely, ProbeReading lowest)
    {
        var say = new Wording(request.Plan.Units);
        return
        [
            Act(request, way),
            lowest.IsSafe
                ? Beside(say, likely, lowest)
                : $"It reads {say.AtLeast(lowest.Celsius)}; {say.Temperature(SafetyRule.CoreCelsius)} is needed at every spot, and "
                    + "standing covered would not bring it there.",
            Again(),
        ];
    }

    public static IReadOnlyList<string> TooCold(RescueRequest request, WayOn way, double expected, ProbeReading lowest) =>
        [
            Act(request, way),
            Expected(request, expected, lowest)
                + " So it is taken as cold all through as it reads. Was the pot really under pressure all the time, was the meat "
                + "heavier, or frozen? If not, see what the thermometer says in boiling water.",
            Again(),
        ];

    public static IReadOnlyList<string> ReadAgainThan(RescueRequest request, double expected, ProbeReading lowest) =>
        [MeasureAgain(request), Expected(request, expected, lowest)];

    public static IReadOnlyList<string> DoneByReadings(RescueRequest request, int restMinutes, double expected, ProbeReading lowest) =>
        restMinutes == 0
            ? [Expected(request, expected, lowest) + $" {EnoughBesideTheMiddle}"]
            : [Rest(restMinutes), Expected(request, expected, lowest) + " The readings agree, and it warms while it stands."];

    public static IReadOnlyList<string> TooHot(RescueRequest request, double expected, double readCelsius)
    {
        var say = new Wording(request.Plan.Units);
        return
        [
            "Measure again, with the tip in the very middle of the thickest place, away from bone and out of the liquid.",
            $"It reads {say.AtLeast(readCelsius)}, where {say.AtLeast(expected)} at most was to be expected in 99 of 100 such "
                + "cooks: a probe that is not in the middle reads too hot.",
        ];
    }

    public static IReadOnlyList<string> ColderThanItWentIn(RescueRequest request, ProbeReading lowest)
    {
        var say = new Wording(request.Plan.Units);
        return
        [
            "See what the thermometer says in ice water and in boiling water, then measure again.",
            $"It reads {say.AtLeast(lowest.Celsius)}, and the meat was to go in at {say.AtLeast(request.Plan.Load.Celsius)}: it "
                + "cannot have got colder in there. If it went in frozen, plan it as new, as frozen.",
        ];
    }

    public static IReadOnlyList<string> Separate(RescueRequest request, WayOn way, double lowest)
    {
        var say = new Wording(request.Plan.Units);
        var act = way.Ending is null
            ? "Take the lump apart and cook the pieces as new, from the plan."
            : Inv($"Take the lump apart, spread the pieces out, and hold them {Held(way)} min under pressure.");
        return
        [
            act,
            $"Together they heat like one thick piece; the coldest reading is {say.AtLeast(lowest)}, and it may be colder elsewhere.",
            Again(),
        ];
    }

    private static string Act(RescueRequest request, WayOn way) =>
        way switch
        {
            { Ending: null } => "No time that we can compute is enough. Cut the meat smaller and plan it as new.",
            { Method: RescueMethod.SimmerCovered } => Inv(
                $"Simmer with the lid on, not locked, for {Held(way)} min from when it bubbles{Stirring(request)}."
            ),
            _ => Inv($"Close the lid and hold {Held(way)} min under pressure. Check first that at least ")
                + $"{new Wording(request.Plan.Units).Volume(request.Plan.Pot.MinimumLiquidMl)} of thin liquid is left.",
        };

    private static string Stirring(RescueRequest request) => request.LiquidIsThick ? ", stirring now and then" : "";

    private static string Held(WayOn way) => way.Ending!.Outcome.Branch.HoldMinutes.ToString("0", CultureInfo.InvariantCulture);

    private static string Expected(RescueRequest request, double expected, ProbeReading lowest)
    {
        var say = new Wording(request.Plan.Units);
        return $"It reads {say.AtLeast(lowest.Celsius)}, where {say.AtLeast(expected)} or more was to be expected.";
    }

    private static string Beside(Wording say, double likely, ProbeReading lowest) =>
        $"It reads {say.AtLeast(lowest.Celsius)}, but a probe beside the middle reads too hot; it could be {say.AtLeast(likely)} where it "
        + "is coldest.";

    private static string MeasureAgain(RescueRequest request) =>
        request.Plan.Load.Pieces > 1 ? "Measure again, in the next thickest piece." : "Measure again, a finger beside the last place.";

    private static string Rest(int minutes) => Inv($"Leave it covered for {minutes} min before you serve it.");

    private static string Again() => "Then measure again. It is not done until the thermometer says so.";

    private static string Inv(FormattableString text) => FormattableString.Invariant(text);
}
