using Ikuzo.Core.Cooking;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Book;

/// <summary>A cook that is unlike what the household's other cooks lead to expect.</summary>
/// <param name="CookId">The cook.</param>
/// <param name="What">What of it.</param>
/// <param name="Deviations">How many standard deviations; negative for less.</param>
/// <param name="Question">What may have happened, as a question.</param>
public sealed record OddCook(string CookId, Sight What, double Deviations, string Question);

/// <summary>A reading against what was foreseen before it was learned from.</summary>
/// <param name="CookId">The cook.</param>
/// <param name="Cut">Its cut.</param>
/// <param name="Seen">The reading, less what readings are usually too hot, °C.</param>
/// <param name="Foreseen">What was expected with all that was learned before it, °C.</param>
/// <param name="Deviation">Its standard deviation, K.</param>
public sealed record Foretold(string CookId, string Cut, double Seen, double Foreseen, double Deviation)
{
    private const double NormalAt99 = 2.3263; // 99th percentile of the standard normal

    /// <summary>Half of the band that holds 98 of 100 readings, K.</summary>
    public double HalfBand => NormalAt99 * Deviation;
}

/// <summary>What a household has learned, after its cooks in the order in which they were cooked.</summary>
/// <remarks>
/// Every quantity is a sum: of a pot, what its size shares and its own; of a cut, what all meat shares, its species and its own. A new
/// pot learns from its size, a new cut from its species and the others. Cook after cook is taken by <see cref="Gaussian"/>; what is far
/// from what was foreseen weighs little (a Student-like tail) and is asked about.
/// </remarks>
public sealed class Learned
{
    /// <summary>Measured cooks of a species that must agree before minutes may fall below those of who has learned nothing.</summary>
    public const int CooksToShorten = 3;

    /// <summary>Beyond so many standard deviations it weighs little.</summary>
    private const double Surprising = 2;

    /// <summary>Beyond so many the cook is asked about.</summary>
    private const double Odd = 3;

    // How a quantity divides into what is shared and what is its own. Choices; the squares add up to 1.
    private static readonly double[] PotShares = [Math.Sqrt(0.3), Math.Sqrt(0.7)],
        CutShares = [Math.Sqrt(0.3), Math.Sqrt(0.3), Math.Sqrt(0.4)];

    // How unlike the usual taste of households is, in marks. Estimate.
    private const double TasteMarks = 0.8;
    private const double MostMarks = 1; // further no taste moves a plan
    private const string Taste = "taste/tender";

    private readonly Gaussian _belief;
    private readonly Dictionary<string, int> _cooks;
    private readonly Dictionary<string, int> _agreeing;
    private readonly List<OddCook> _odd;
    private readonly List<Foretold> _foretold;

    private Learned(Gaussian belief, Learned? before)
    {
        _belief = belief;
        _cooks = before is null ? [] : new(before._cooks);
        _agreeing = before is null ? [] : new(before._agreeing);
        _odd = before is null ? [] : [.. before._odd];
        _foretold = before is null ? [] : [.. before._foretold];
    }

    /// <summary>Before the first cook.</summary>
    public static Learned Nothing => new(new(), null);

    /// <summary>Cooks that were unlike what was expected, in the order of cooking.</summary>
    public IReadOnlyList<OddCook> OddCooks => _odd;

    /// <summary>Every reading against what was foreseen, in the order of cooking.</summary>
    public IReadOnlyList<Foretold> Readings => _foretold;

    /// <summary>What many cooks teach.</summary>
    /// <param name="lessons">Lessons in any order; those of an earlier cook count first.</param>
    public static Learned Of(IEnumerable<Lesson> lessons)
    {
        var learned = Nothing;
        foreach (var lesson in InOrder(lessons))
        {
            learned.Take(lesson);
        }

        return learned;
    }

    /// <summary>The order in which cooks teach: by when they were cooked, whatever arrived first.</summary>
    public static IOrderedEnumerable<Lesson> InOrder(IEnumerable<Lesson> lessons) =>
        lessons.OrderBy(l => l.At).ThenBy(l => l.CookId, StringComparer.Ordinal);

    /// <summary>The same after one cook more, which is the latest.</summary>
    public Learned After(Lesson lesson)
    {
        var after = new Learned(_belief.Copy(), this);
        after.Take(lesson);
        return after;
    }

    /// <summary>How many cooks of a pot were learned from.</summary>
    public int CooksOfPot(string potId) => _cooks.GetValueOrDefault(Pot(potId));

    /// <summary>How many cooks of a cut were learned from.</summary>
    public int CooksOfCut(string cut) => _cooks.GetValueOrDefault(cut);

    /// <summary>How many measured cooks of the species of a cut agree with what was foreseen.</summary>
    public int AgreeingLike(string cut) => _agreeing.GetValueOrDefault(SpeciesOf(cut));

    /// <summary>Cuts of which something was learned.</summary>
    public IEnumerable<string> Cuts => _cooks.Keys.Where(k => CutCatalogue.Find(k) is not null).Order(StringComparer.Ordinal);

    /// <summary>How a quantity lies, in standard deviations of its spread: mean, and what is left of the part that lasts.</summary>
    /// <param name="quantity">A quantity of the pot or the cut.</param>
    /// <param name="potId">The pot; null for one that is not kept.</param>
    /// <param name="potLitres">Its capacity, l.</param>
    /// <param name="cut">The cut.</param>
    public (double Mean, double Deviation) Of(Uncertain quantity, string? potId, double potLitres, string cut) =>
        _belief.Of([.. Parts(quantity, potId, potLitres, cut)]);

    /// <summary>How much softer than usual it is liked, in marks: mean and standard deviation.</summary>
    public (double Mean, double Deviation) Softer
    {
        get
        {
            var (mean, deviation) = _belief.Of([(Taste, TasteMarks)]);
            return (Math.Clamp(-mean, -MostMarks, MostMarks), deviation);
        }
    }

    /// <summary>What it does to the draws of a plan.</summary>
    /// <param name="potId">The pot; null for one that is not kept.</param>
    /// <param name="potLitres">Its capacity, l.</param>
    /// <param name="cut">The cut.</param>
    public LearnedDraws Draws(string? potId, double potLitres, string cut)
    {
        Dictionary<Uncertain, Moved> moved = [];
        foreach (var quantity in Teaching.OfPot.Concat(Teaching.OfCut))
        {
            var (mean, deviation) = Of(quantity, potId, potLitres, cut);
            var lasting = Lasting.Of(quantity).LastingShare;
            var scale = Math.Min(1, Math.Sqrt(deviation * deviation + 1 - lasting));
            if (Math.Abs(mean) > Hardly || scale < 1 - Hardly)
            {
                moved[quantity] = new(Math.Round(mean, 6), Math.Round(scale, 6));
            }
        }

        return moved.Count == 0
            ? LearnedDraws.Nothing
            : new()
            {
                Moved = moved,
                MayShorten = AgreeingLike(cut) >= CooksToShorten,
                Softer = Math.Round(Softer.Mean * Teaching.TenderPerMark, 6),
            };
    }

    private const double Hardly = 1e-6;

    private void Take(Lesson lesson)
    {
        _cooks[lesson.Cut] = CooksOfCut(lesson.Cut) + 1;
        if (lesson.PotId is { } pot)
        {
            _cooks[Pot(pot)] = CooksOfPot(pot) + 1;
        }

        var agrees = lesson.IsMeasured;
        foreach (var sighting in lesson.Sightings)
        {
            var sum = Sum(lesson, sighting);
            var foreseen = _belief.Foresee(sum, sighting.Noise);
            var surprise = (sighting.Seen - sighting.Expected - foreseen.Mean) / foreseen.Deviation;
            if (sighting.What == Sight.Reading)
            {
                _foretold.Add(new(lesson.CookId, lesson.Cut, sighting.Seen, sighting.Expected + foreseen.Mean, foreseen.Deviation));
                agrees &= Math.Abs(surprise) <= Surprising;
            }

            if (Math.Abs(surprise) > Odd)
            {
                _odd.Add(new(lesson.CookId, sighting.What, Math.Round(surprise, 1), LearnedWords.Question(sighting.What, surprise > 0)));
            }

            // A Student-like tail: beyond what is surprising the noise grows with the square of the surprise.
            var doubt = Math.Max(1, Math.Abs(surprise) / Surprising);
            _belief.See(sum, sighting.Seen - sighting.Expected, foreseen.Deviation * (doubt * doubt - 1) + sighting.Noise);
        }

        if (agrees)
        {
            _agreeing[SpeciesOf(lesson.Cut)] = AgreeingLike(lesson.Cut) + 1;
        }
    }

    private static List<(string, double)> Sum(Lesson lesson, Sighting sighting)
    {
        List<(string, double)> sum =
        [
            .. sighting.Slopes.SelectMany(s =>
                Parts(s.Key, lesson.PotId, lesson.PotLitres, lesson.Cut).Select(part => (part.Name, part.Weight * s.Value))
            ),
        ];
        if (sighting.What == Sight.Tender)
        {
            sum.Add((Taste, TasteMarks));
        }

        return sum;
    }

    // The part of a quantity that lasts, as a sum of what is shared and what is its own, each standard normal.
    private static IEnumerable<(string Name, double Weight)> Parts(Uncertain quantity, string? potId, double potLitres, string cut)
    {
        var lasting = Math.Sqrt(Lasting.Of(quantity).LastingShare);
        if (Teaching.OfPot.Contains(quantity))
        {
            yield return (FormattableString.Invariant($"size/{Size(potLitres)}/{quantity}"), PotShares[0] * lasting);
            yield return ($"{Pot(potId ?? "unknown")}/{quantity}", PotShares[1] * lasting);
        }
        else
        {
            yield return ($"meat/{quantity}", CutShares[0] * lasting);
            yield return ($"{SpeciesOf(cut)}/{quantity}", CutShares[1] * lasting);
            yield return ($"{cut}/{quantity}", CutShares[2] * lasting);
        }
    }

    // Pots that are called the same size in shops.
    private static double Size(double litres) => new[] { 3, 5.7, 8, 10 }.MinBy(s => Math.Abs(s - litres));

    private static string SpeciesOf(string cut) => $"{CutCatalogue.Find(cut)!.Species}";

    private static string Pot(string id) => $"pot/{id}";
}
