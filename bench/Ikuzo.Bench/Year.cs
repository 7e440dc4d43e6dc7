using System.Text.Json;
using System.Text.Json.Serialization;
using Ikuzo.Core.Book;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rehearsal;

namespace Ikuzo.Bench;

/// <summary>
/// Makes a year of cooks of the demo household: its pots and its butcher are truly unlike the catalogue, its cooks follow the journal, and
/// now and then something goes wrong. Same seed, same year.
/// </summary>
internal static class Year
{
    private const int Cooks = 120;
    private const double DaysOfYear = 362;
    private const double AltitudeMetres = 1350;

    private static readonly JsonSerializerOptions Short = new() { DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull };

    private sealed record Wish(string Cut, int Pieces, double Kg, Aim Aim, string Name, string Pot = "bertha");

    private static readonly Wish[] Wishes =
    [
        new("chicken-thigh-bone-in", 6, 1.15, Aim.Pull, "Thighs for the pan of rice"),
        new("chicken-thigh-bone-in", 4, 0.8, Aim.Pull, "Supper thighs", "pip"),
        new("chicken-breast-boneless", 4, 0.85, Aim.Slice, "Tuesday breasts"),
        new("chicken-breast-boneless", 2, 0.42, Aim.Slice, "Two breasts", "pip"),
        new("chicken-whole", 1, 1.7, Aim.Slice, "Sunday bird"),
        new("chicken-drumstick", 8, 0.95, Aim.FallApart, "Drumsticks with white beans and prunes"),
        new("chicken-leg-quarter", 3, 1.0, Aim.Pull, "Legs for soup"),
        new("turkey-breast-bone-in", 1, 1.6, Aim.Slice, "Turkey breast for guests"),
        new("duck-leg", 4, 1.0, Aim.FallApart, "Duck legs with beetroot and apples"),
        new("turkey-thigh-bone-in", 2, 1.3, Aim.Pull, "Turkey thighs, pulled"),
    ];

    private static readonly int[] Often = [0, 0, 0, 1, 1, 2, 2, 2, 3, 4, 4, 5, 5, 6, 7, 8, 8, 9];

    /// <summary>Writes the year.</summary>
    /// <param name="path">File.</param>
    public static void Write(string path)
    {
        var random = new SplitMix64(20260101);
        var cooks = Enumerable.Range(0, Cooks).Select(i => Cook(i, random)).Where(c => c is not null).ToList();
        File.WriteAllText(path, $"[\n{string.Join(",\n", cooks.Select(c => JsonSerializer.Serialize(c, Short)))}\n]\n");
    }

    // Bertha is weak and tight, Pip strong and loose; the butcher's thighs are thick, the breasts thin and the duck young.
    private static LearnedDraws Truth(Wish wish)
    {
        var bertha = wish.Pot == "bertha";
        Dictionary<Uncertain, double> truth = new()
        {
            [Uncertain.HeaterPower] = bertha ? -1.5 : 1.1,
            [Uncertain.HeatLoss] = bertha ? -0.9 : 1.2,
            [Uncertain.Purge] = 0.6,
            [Uncertain.OwnThickness] = wish.Cut switch
            {
                "chicken-thigh-bone-in" => 1.3,
                "chicken-breast-boneless" => -1.1,
                "chicken-whole" => -0.8,
                _ => 0.3,
            },
            [Uncertain.WaterLoss] = wish.Cut.Contains("breast", StringComparison.Ordinal) ? -0.9 : 0.4,
            [Uncertain.Collagen] = wish.Cut == "duck-leg" ? 1 : 0,
        };
        return new() { Moved = truth.ToDictionary(t => t.Key, t => new Moved(t.Value, 0.5)) };
    }

    private static object? Cook(int number, SplitMix64 random)
    {
        var wish = Wishes[Often[(int)(random.Share() * Often.Length)]];
        var frozen = random.Share() < 0.15 && wish.Pieces > 1;
        var kg = Math.Round(wish.Kg * (0.88 + 0.24 * random.Share()), 2);
        var pot =
            wish.Pot == "bertha"
                ? PotDefaults.For(5.7) with
                {
                    HighGaugeKpa = 75,
                }
                : PotDefaults.For(3) with
                {
                    HeaterWatts = 700,
                    HighGaugeKpa = 70,
                };
        var request = new PlanRequest
        {
            Pot = pot,
            AltitudeMetres = AltitudeMetres,
            Aim = wish.Aim,
            Promise = random.Share() < 0.7 ? Promise.Measured : Promise.Sure,
            Load = new()
            {
                Cut = CutCatalogue.Find(wish.Cut)!,
                Pieces = wish.Pieces,
                TotalKg = kg,
                State = frozen ? MeatState.Frozen : MeatState.Chilled,
            },
            Confirmed = ["giblets", "lump"],
        };
        var plan = Planner.Compute(request);
        if (PlannedCook.Of(request, plan) is not { } cook)
        {
            return null;
        }

        SimulatedFault[] faults =
            random.Share() < 0.05 ? [SimulatedFault.MisplacedProbe]
            : random.Share() < 0.03 ? [SimulatedFault.ValveOpen]
            : [];
        var measured = random.Share() < 0.75;
        var start = DateTimeOffset.UnixEpoch;
        var (device, hand) = (new SimulatedPot(cook, (long)(random.Next() >> 2), faults, Truth(wish)), new ObedientHand(cook));
        hand.Do(device, CookEventKind.LidOn, start);
        hand.UntilOpen(device);
        if (measured)
        {
            Follow(hand, device);
        }

        if (hand.State().Verdict != CookVerdict.Done)
        {
            hand.Do(device, CookEventKind.NotMeasured, hand.Now.AddMinutes(1));
        }

        if (random.Share() < 0.12)
        {
            hand.Do(device, CookEventKind.Note, hand.Now.AddMinutes(2), new() { Text = Notes[(int)(random.Share() * Notes.Length)] });
        }

        hand.Do(device, CookEventKind.Finished, hand.Now.AddMinutes(6));
        var tasted = random.Share() < 0.6 ? Taste(cook, hand, random) : null;
        return new
        {
            daysAgo = Math.Round(DaysOfYear * (Cooks - number) / Cooks + random.Share(), 3),
            name = wish.Name,
            pot = wish.Pot,
            cut = wish.Cut,
            pieces = wish.Pieces,
            kg,
            frozen,
            aim = wish.Aim.ToString(),
            promise = request.Promise.ToString(),
            minutes = cook.Minutes,
            release = cook.Release.Kind.ToString(),
            rest = cook.Release.RestMinutes,
            up = new[] { cook.ToPressureMinutes.P05, cook.ToPressureMinutes.P50, cook.ToPressureMinutes.P95 },
            down = new[] { cook.ReleaseMinutes.P05, cook.ReleaseMinutes.P50, cook.ReleaseMinutes.P95 },
            verdict = hand.State().Verdict.ToString(),
            events = hand.Journal.Select(e => new
            {
                kind = e.Kind.ToString(),
                at = Math.Round((e.At - start).TotalMinutes, 2),
                spot = e.Data.Spot,
                celsius = e.Data.Celsius,
                minutes = e.Data.Minutes,
                simmer = e.Data.Simmer,
                text = e.Data.Text,
            }),
            tasted,
        };
    }

    private static void Follow(ObedientHand hand, SimulatedPot device)
    {
        for (var rounds = 0; rounds < 4; rounds++)
        {
            var state = hand.MeasureAndWait(device);
            if (state.Verdict == CookVerdict.Done || state.Advice?.Minutes is null)
            {
                return;
            }

            hand.Do(device, CookEventKind.BackUnderPressure, hand.Now.AddMinutes(1));
            hand.UntilOpen(device);
        }
    }

    // Drier the hotter it was; this household likes what is pulled a little softer than most.
    private static object Taste(PlannedCook cook, ObedientHand hand, SplitMix64 random)
    {
        var happened = Happened.Of(cook, hand.Journal);
        var hot = (happened.LowestCelsius ?? 82) - 82;
        int Mark(double value) => (int)Math.Clamp(Math.Round(value + 0.5 * random.Normal()), -2, 2);
        var loss = 0.27 + 0.004 * hot + 0.015 * random.Normal();
        var weighed = random.Share() < 0.4;
        return new
        {
            juicy = Mark(-hot / 9),
            tender = Mark(cook.Request.WantedAim == Aim.Slice ? 0 : -0.7),
            rawGrams = weighed ? Math.Round(cook.Request.Load.TotalKg * 1000) : (double?)null,
            cookedGrams = weighed ? Math.Round(cook.Request.Load.TotalKg * 1000 * (1 - loss) / 5) * 5 : (double?)null,
            nextTime = random.Share() < 0.15 ? Next[(int)(random.Share() * Next.Length)] : null,
        };
    }

    private static readonly string[] Notes =
    [
        "Lid hissed at first, settled by itself.",
        "Half of it went into the soup.",
        "Guests came late; it waited closed.",
        "Juniper was too much.",
    ];

    private static readonly string[] Next =
    [
        "Brown the skin side longer.",
        "More salt, less pepper.",
        "Take six, four were not enough.",
        "Start the potatoes earlier.",
    ];
}
