using System.Globalization;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Book;

/// <summary>One thing that was learned, in numbers and words.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Unit">Unit of its numbers.</param>
/// <param name="Prior">What the catalogue expects.</param>
/// <param name="Now">What is believed now, from one day to another.</param>
/// <param name="Text">In kitchen words; null where nothing is worth a sentence.</param>
public sealed record LearnedThing(string Id, string Unit, Spread90 Prior, Spread90 Now, string? Text);

/// <summary>What was learned, in kitchen words.</summary>
public static class LearnedWords
{
    private const double NormalAt95 = 1.6449; // 95th percentile of the standard normal
    private const double Worth = 0.35; // standard deviations below which nobody notices

    /// <summary>What was learned of a pot.</summary>
    /// <param name="learned">All that was learned.</param>
    /// <param name="potId">The pot.</param>
    /// <param name="name">Its name.</param>
    /// <param name="litres">Its capacity, l.</param>
    public static IReadOnlyList<LearnedThing> OfPot(Learned learned, string potId, string name, double litres)
    {
        var cooks = Cooks(learned.CooksOfPot(potId));
        return
        [
            Thing(
                learned,
                Uncertain.HeaterPower,
                "power",
                potId,
                litres,
                "",
                p => $"{name} heats {Percent(p, "stronger", "weaker")} than its plate says, {cooks}."
            ),
            Thing(
                learned,
                Uncertain.HeatLoss,
                "losses",
                potId,
                litres,
                "",
                p => $"{name} loses {Percent(p, "more", "less")} heat than usual, {cooks}."
            ),
            Thing(
                learned,
                Uncertain.Purge,
                "purge",
                potId,
                litres,
                "",
                p => $"{name} lets {Percent(p, "more", "less")} steam go before its valve closes, {cooks}."
            ),
            Thing(
                learned,
                Uncertain.GaugePressure,
                "pressure",
                potId,
                litres,
                "",
                p => $"{name} holds {Percent(p, "more", "less")} pressure than set, {cooks}."
            ),
        ];
    }

    /// <summary>What was learned of a cut.</summary>
    /// <param name="learned">All that was learned.</param>
    /// <param name="cut">The cut.</param>
    public static IReadOnlyList<LearnedThing> OfCut(Learned learned, Cut cut)
    {
        var cooks = Cooks(learned.CooksOfCut(cut.Id));
        var ours = char.ToUpperInvariant(cut.Plural[0]) + cut.Plural[1..];
        return
        [
            Thing(
                learned,
                Uncertain.OwnThickness,
                "thickness",
                null,
                0,
                cut.Id,
                p => $"{ours}: {Percent(p, "thicker", "thinner")} for their weight than usual, {cooks}.",
                cut.Spread.Ours
            ),
            Thing(
                learned,
                Uncertain.WaterLoss,
                "juice",
                null,
                0,
                cut.Id,
                p => $"{ours}: {Percent(p, "more", "less")} juice lost than usual, {cooks}."
            ),
            Thing(
                learned,
                Uncertain.Collagen,
                "tenderness",
                null,
                0,
                cut.Id,
                p => $"{ours}: tender {Percent(p, "sooner", "later")} than usual, {cooks}."
            ),
        ];
    }

    /// <summary>How soft it is liked here; null where nobody can tell yet.</summary>
    public static string? OfTaste(Learned learned)
    {
        var (mean, deviation) = learned.Softer;
        return Math.Abs(mean) < Math.Max(0.15, deviation / 2) ? null
            : mean > 0 ? "You like what is pulled softer than most: it gets a little longer."
            : "You like what is pulled firmer than most: it gets a little less.";
    }

    /// <summary>What may have happened in a cook that is unlike the others.</summary>
    /// <param name="what">What was seen.</param>
    /// <param name="isMore">True when it was more than was foreseen.</param>
    public static string Question(Sight what, bool isMore) =>
        (what, isMore) switch
        {
            (Sight.ComeUp, true) => "It took unusually long to come to pressure. Was the valve open, or something stuck to the floor?",
            (Sight.ComeUp, false) => "It was up unusually soon. Was the pot hot already?",
            (Sight.Release, true) => "The pin stayed up unusually long. Was it noticed late?",
            (Sight.Release, false) => "The pin fell unusually soon. Was the valve opened?",
            (Sight.Reading, true) => "The thermometer showed unusually much. Did it touch bone, or miss the middle?",
            (Sight.Reading, false) => "The thermometer showed unusually little. Was the meat thicker or colder than was said?",
            (Sight.WeightLost, _) => "The weights do not fit. Was everything weighed, both times?",
            _ => "It ate unlike what was expected. Was something else different?",
        };

    /// <summary>What was learned and changes a plan by so many minutes, in one sentence; null when it changes nothing.</summary>
    /// <param name="learned">All that was learned.</param>
    /// <param name="potName">Name of the pot.</param>
    /// <param name="potId">The pot; null for one that is not kept.</param>
    /// <param name="litres">Its capacity, l.</param>
    /// <param name="cut">The cut.</param>
    /// <param name="minutesMore">Minutes more than without it; negative for fewer.</param>
    public static string? Change(Learned learned, string potName, string? potId, double litres, Cut cut, double minutesMore)
    {
        if (minutesMore == 0)
        {
            return null;
        }

        var why = Reason(learned, potName, potId, litres, cut, minutesMore > 0);
        return string.Create(
            CultureInfo.InvariantCulture,
            $"{Math.Abs(minutesMore):0} min {(minutesMore > 0 ? "longer" : "shorter")}: {why}."
        );
    }

    private static string Reason(Learned learned, string potName, string? potId, double litres, Cut cut, bool longer)
    {
        var thick = learned.Of(Uncertain.OwnThickness, potId, litres, cut.Id).Mean;
        var soft = learned.Softer.Mean;
        var power = learned.Of(Uncertain.HeaterPower, potId, litres, cut.Id).Mean;
        return longer
            ? thick > Worth
                ? "yours are thicker than usual"
                : soft > Worth
                    ? "you like it softer"
                    : power > Worth
                        ? $"{potName} comes up fast, and the meat has less time on the way"
                        : "so your last ones say"
            : thick < -Worth
                ? "yours are thinner than usual"
                : soft < -Worth
                    ? "you like it firmer"
                    : $"your thermometer has agreed {learned.AgreeingLike(cut.Id)} times, so less has to be left to doubt";
    }

    private static LearnedThing Thing(
        Learned learned,
        Uncertain quantity,
        string id,
        string? potId,
        double litres,
        string cut,
        Func<double, string> words,
        double? spread = null
    )
    {
        var one = spread ?? Spreads.Of(quantity).Value;
        var (mean, deviation) = learned.Of(quantity, potId, litres, cut);
        var now = Math.Min(1, Math.Sqrt(deviation * deviation + 1 - Lasting.Of(quantity).LastingShare));
        var isSure = Math.Abs(mean) > Math.Max(Worth, deviation);
        return new(id, "percent", Spread(0, one), Spread(mean * one, now * one), isSure ? words(mean * one) : null);
    }

    private static Spread90 Spread(double middle, double deviation) =>
        new(Round(middle - NormalAt95 * deviation), Round(middle), Round(middle + NormalAt95 * deviation));

    private static double Round(double share) => Math.Round(share * 100, 1);

    private static string Percent(double share, string more, string less) =>
        string.Create(CultureInfo.InvariantCulture, $"{Math.Abs(share) * 100:0} % {(share > 0 ? more : less)}");

    private static string Cooks(int cooks) => cooks == 1 ? "from 1 cook" : $"from {cooks} cooks";
}
