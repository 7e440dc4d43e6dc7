using System.Globalization;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Planning;

/// <summary>Everything that may go wrong with a plan before the lid closes.</summary>
/// <remarks>
/// To add a warning, add one method and its line in the list of <see cref="PotWarnings"/>, <see cref="BesideWarnings"/> or <see
/// cref="MeatWarnings"/>.
/// </remarks>
internal static class Warnings
{
    /// <summary>A rule that looks at a request and may warn.</summary>
    internal delegate Warning? Rule(PlanRequest request, Wording say);

    /// <summary>Warnings that need no computation, stops first.</summary>
    public static IReadOnlyList<Warning> Of(PlanRequest request)
    {
        var say = new Wording(request.Units);
        return
        [
            .. PotWarnings
                .Rules.Concat(BesideWarnings.Rules)
                .Concat(MeatWarnings.Rules)
                .Select(rule => rule(request, say))
                .OfType<Warning>()
                .OrderBy(w => w.Level),
        ];
    }

    /// <summary>A stop until the cook says that it has been seen to.</summary>
    internal static Warning Checkable(PlanRequest r, string code, string text, string because, string confirmWith = "Done") =>
        new(code, r.Confirmed.Contains(code) ? WarningLevel.Note : WarningLevel.Stop, text, because) { ConfirmWith = confirmWith };

    /// <summary>The stop of a load that is never safe within the longest hold.</summary>
    public static Warning NeverSafe(PlanRequest request) =>
        new(
            "never-safe",
            WarningLevel.Stop,
            request.Load.State == MeatState.Frozen
                ? "Do not cook it like this. Thaw it first, or cut it smaller."
                : "Do not cook it like this. Cut it smaller or flatten it.",
            string.Create(
                CultureInfo.InvariantCulture,
                $"Even after {Scout.MostMinutes:0} min under pressure the middle might not reach "
                    + $"{new Wording(request.Units).Temperature(SafetyRule.CoreCelsius)}."
            )
        );

    /// <summary>The stop of a pot that never comes to pressure.</summary>
    public static Warning NoPressure() =>
        new(
            "no-pressure",
            WarningLevel.Stop,
            "Put less in, or use a stronger pot.",
            "With this load the heater may never bring the pot to pressure."
        );

    /// <summary>The stop of minutes that the cook chose and that are not safe.</summary>
    public static Warning TooShort(double chance, Spread98 coldest, double? safeMinimum, Wording say) =>
        new(
            Plan.TooShortCode,
            WarningLevel.Stop,
            safeMinimum is { } least ? Inv($"Set at least {least:0} min.") : "Choose another way to let the steam out, or thinner pieces.",
            string.Create(
                CultureInfo.InvariantCulture,
                $"In {Math.Max(1, (1 - chance) * 100):0} of 100 such cooks the middle would not reach "
                    + $"{say.Temperature(SafetyRule.CoreCelsius)}; it could be as low as {say.AtLeast(coldest.P01)}."
            )
        );

    /// <summary>The caution of meat that is past the window of the aim at the least safe minutes.</summary>
    public static Warning PastWindow(PlanRequest request, TendernessOutcome tenderness, double? safeMinimum) =>
        request.Minutes is { } minutes && safeMinimum is { } safe && safe < minutes
            ? new(
                "past-window",
                WarningLevel.Caution,
                Inv($"Expect meat that {tenderness.Label}. Fewer minutes would hold it together."),
                Inv($"It is safe after {safe:0} min; {minutes:0} min are more than this aim allows.")
            )
            : new(
                "past-window",
                WarningLevel.Caution,
                Inv($"Expect meat that {tenderness.Label}. {Instead(request.Load)} it would hold together better."),
                "Being safe in the thickest part takes longer than this aim allows."
            );

    private static string Instead(MeatLoad load) =>
        load switch
        {
            { State: MeatState.Frozen } => "Thawed first",
            { Cut.Part: Part.Whole } => "Flattened or halved",
            _ => "In thinner pieces",
        };

    /// <summary>The note that the household's usual way was not followed.</summary>
    public static Warning SchoolNotFollowed(Saying saying) =>
        new(
            "school-not-followed",
            WarningLevel.Note,
            $"Your usual way, “{saying.School.Name}”, was not followed.",
            "It would not be safe in 99 of 100 such cooks."
        );

    /// <summary>The note that the household's usual way was followed.</summary>
    public static Warning SchoolFollowed(Saying saying, Plan own) =>
        new(
            "school-followed",
            WarningLevel.Note,
            $"This is your usual way, “{saying.School.Name}”.",
            Inv($"By itself Ikuzo would set {own.Minutes:0} min.")
        );

    /// <summary>The caution of a middle that is slow through the danger zone.</summary>
    public static Warning SlowThroughDanger(double minutes, Wording say) =>
        new(
            "danger-zone",
            WarningLevel.Caution,
            "Thaw it in the fridge first.",
            string.Create(
                CultureInfo.InvariantCulture,
                $"The middle could spend {minutes:0} min between "
                    + $"{say.Between(SafetyRule.ColdHoldingCelsius, SafetyRule.HotHoldingCelsius)}; "
                    + $"{FoodRules.ThroughTheDangerZone.Spoken} is the limit."
            )
        );

    private static string Inv(FormattableString text) => FormattableString.Invariant(text);
}
