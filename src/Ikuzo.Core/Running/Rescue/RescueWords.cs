using System.Globalization;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Running.Rescue;

/// <summary>What is said to a cook whose meat is short: what to do, then why.</summary>
internal static class RescueWords
{
    public static IReadOnlyList<string> Short(
        RescueRequest request,
        RescueMethod method,
        BranchOutcome? enough,
        double likely,
        ProbeReading lowest
    )
    {
        var say = new Wording(request.Plan.Units);
        return [Act(request, method, enough), Because(say, likely, lowest), Again()];
    }

    public static IReadOnlyList<string> Separate(RescueRequest request, BranchOutcome? enough, double lowest)
    {
        var say = new Wording(request.Plan.Units);
        var act = enough is null
            ? "Take the lump apart and cook the pieces as new, from the plan."
            : FormattableString.Invariant(
                $"Take the lump apart, spread the pieces out, and hold them {enough.Branch.HoldMinutes:0} min under pressure."
            );
        return
        [
            act,
            $"Together they heat like one thick piece; the coldest reading is {say.AtLeast(lowest)}, and it may be colder elsewhere.",
            Again(),
        ];
    }

    private static string Act(RescueRequest request, RescueMethod method, BranchOutcome? enough) =>
        (method, enough) switch
        {
            (_, null) => "No time that we can compute is enough. Cut the meat smaller and plan it as new.",
            (RescueMethod.SimmerCovered, _) => FormattableString.Invariant(
                $"Simmer with the lid on for {enough.Branch.HoldMinutes:0} min from when it bubbles, stirring now and then."
            ),
            _ => string.Create(
                CultureInfo.InvariantCulture,
                $"Close the lid and hold {enough.Branch.HoldMinutes:0} min under pressure. Check first that at least "
                    + $"{new Wording(request.Plan.Units).Volume(request.Plan.Pot.MinimumLiquidMl)} of thin liquid is left."
            ),
        };

    private static string Because(Wording say, double likely, ProbeReading lowest) =>
        !lowest.IsSafe
            ? $"It reads {say.AtLeast(lowest.Celsius)}; {say.Temperature(SafetyRule.CoreCelsius)} is needed at every spot."
            : $"It reads {say.AtLeast(lowest.Celsius)}, but a probe beside the middle reads too hot; it could be "
                + $"{say.AtLeast(likely)} where it is coldest.";

    private static string Again() => "Then measure again. It is not done until the thermometer says so.";
}
