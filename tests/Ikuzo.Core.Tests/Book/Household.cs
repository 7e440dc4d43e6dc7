using Ikuzo.Core.Book;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Tests.Book;

/// <summary>A household whose pot and meat are truly unlike the catalogue, in ways that nobody told it.</summary>
internal sealed class Household
{
    public const string Pot = "pot";

    private static readonly DateTimeOffset Start = new(2025, 1, 4, 17, 0, 0, TimeSpan.Zero);
    private static readonly string[] Usual = ["chicken-thigh-bone-in", "chicken-breast-boneless", "chicken-whole", "turkey-breast-bone-in"];
    private readonly SplitMix64 _random;
    private readonly Dictionary<string, LearnedDraws> _truths = [];
    private readonly Dictionary<Uncertain, double> _pot;
    private readonly double _meat,
        _species;
    private readonly PotModel _model;
    private readonly int _sign;

    /// <param name="seed">Same seed, same household; an odd one mirrors the even one before it, so that many are as the catalogue.</param>
    public Household(ulong seed)
    {
        _random = new(seed / 2);
        _sign = seed % 2 == 0 ? 1 : -1;
        for (var i = 0; i < 8; i++)
        {
            _random.Next(); // neighbouring seeds begin alike
        }

        _pot = Teaching.OfPot.ToDictionary(q => q, q => Math.Sqrt(Lasting.Of(q).LastingShare) * Normal());
        (_meat, _species) = (Normal(), Normal());
        _model = PotDefaults.For(_random.Share() < 0.3 ? 8 : 5.7);
    }

    /// <summary>What is true every day of its pot and a cut.</summary>
    public LearnedDraws Truth(string cut)
    {
        if (!_truths.TryGetValue(cut, out var truth))
        {
            double Own(Uncertain q) => Math.Sqrt(Lasting.Of(q).LastingShare) * (0.55 * _meat + 0.55 * _species + 0.63 * Normal());
            var quantities = Teaching.OfPot.ToDictionary(q => q, q => _pot[q]);
            foreach (var q in Teaching.OfCut)
            {
                quantities[q] = Own(q);
            }

            _truths[cut] = truth = new()
            {
                Moved = quantities.ToDictionary(q => q.Key, q => new Moved(q.Value, Math.Sqrt(1 - Lasting.Of(q.Key).LastingShare) + 1e-9)),
            };
        }

        return truth;
    }

    /// <summary>What it cooks the n-th time.</summary>
    public PlanRequest Wish(int number, Promise promise)
    {
        var cut = CutCatalogue.Find(Usual[number % Usual.Length])!;
        var pieces = cut.TypicalKg.Value > 0.8 ? 1 : 4;
        return new()
        {
            Pot = _model,
            Promise = promise,
            Load = new MeatLoad
            {
                Cut = cut,
                Pieces = pieces,
                TotalKg = Math.Round(pieces * cut.TypicalKg.Value * (0.9 + 0.2 * _random.Share()), 2),
            },
        };
    }

    // How a cook truly goes, in one lane of a block; of several pieces the eye does not always take the thickest.
    private (double ComeUp, double Release, double Core, double Read) Truly(PlanRequest request, Branch branch)
    {
        var model = ModelBuilder.Build(request) with { Learned = Truth(request.Load.Cut.Id) };
        var chance = ParticleSource.Chance(_random.Next());
        var run = Ensemble.Run(model, chance, [branch]);
        ProbeReading first = new(request.Load.Cut.Spots[0].Id, 0, 0.5);
        using var pot = OpenedPot.Cook(model, chance, branch, [first], [], CancellationToken.None);
        var at = pot.AtReading[0];
        var taken = at.Average is { } average && _random.Share() > ProbeError.ThickestTaken ? average : at.Thickest;
        return (run.ToPressureMinutes[0], run.Outcomes[0].ReleaseMinutes[0], run.Outcomes[0].SpotCelsius[0][0], taken[0]);
    }

    /// <summary>A cook and its journal.</summary>
    /// <param name="number">Its number.</param>
    /// <param name="request">What is cooked.</param>
    /// <param name="branch">Minutes and release.</param>
    /// <param name="measured">True when the thermometer was read.</param>
    /// <param name="wrongKelvin">What the thermometer shows too much, K.</param>
    public (PlannedCook Cook, CookEvent[] Journal, double Core) Cook(
        int number,
        PlanRequest request,
        Branch branch,
        bool measured,
        double wrongKelvin = 0
    )
    {
        var (up, down, core, read) = Truly(request, branch);
        PlannedCook cook = new()
        {
            Request = request,
            Minutes = branch.HoldMinutes,
            Release = branch.Release,
            ToPressureMinutes = new(up, up, up),
            ReleaseMinutes = new(down, down, down),
        };
        var (id, at) = (0, Start.AddDays(3 * number));
        CookEvent Entry(CookEventKind kind, double minutes, CookEventData? data = null) =>
            new($"{id++}", kind, at.AddMinutes(minutes), data ?? CookEventData.None);
        var open = up + branch.HoldMinutes + down;
        var spot = request.Load.Cut.Spots[0].Id;
        return (
            cook,
            [
                Entry(CookEventKind.LidOn, 0),
                Entry(CookEventKind.PressureReached, up),
                Entry(CookEventKind.PinDown, open),
                Entry(CookEventKind.Opened, open),
                .. measured
                    ?
                    [
                        Entry(
                            CookEventKind.Reading,
                            open + 0.5,
                            new() { Spot = spot, Celsius = Math.Round(read + wrongKelvin + ProbeError.Draw(_random), 1) }
                        ),
                    ]
                    : Array.Empty<CookEvent>(),
                Entry(CookEventKind.Finished, open + 6),
            ],
            core
        );
    }

    private double Normal() => _sign * Math.Clamp(_random.Normal(), -2.5, 2.5);
}
