using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Reading;

/// <summary>What is not computed, and what must not go on.</summary>
internal sealed partial class Resolving
{
    private string? Refusal()
    {
        if (heard.Declined is { } why)
        {
            return why;
        }

        var raw = heard.Meats.Where(m => !IsDone(m)).ToList();
        if (heard.NotComputed is [var (text, kind), ..])
        {
            var sentence = $"{Wording.Capital(text)} {NotComputedWhy(kind)}.";
            if (raw.Count == 0)
            {
                return sentence;
            }

            _assumed.Add(sentence);
        }

        if (heard.Meats.Count > 0 && raw.Count == 0)
        {
            return $"{Wording.Capital(heard.Meats[0].Text)} {CookedAlready}.";
        }

        heard.Meats.RemoveAll(IsDone);
        if (
            heard.Meats.All(m => m.Species is null)
            && heard.Others.FirstOrDefault(o =>
                o.Kind == FoodKind.Bird || (heard.Meats.Count == 0 && o.Kind is FoodKind.Meat or FoodKind.Fish)
            )
                is { Name: { } other } meat
        )
        {
            return $"{Wording.Capital(other)} {(meat.Kind == FoodKind.Bird ? OtherBird : OtherMeat)}.";
        }

        return heard.Meats.Any(IsChickenCrown) ? NoCrown
            : heard.Meats.Any(IsBonedBird) ? BonedBird
            : heard.Meats.Any(m => m.IsJointed) ? $"{Wording.Capital(heard.Meats.First(m => m.IsJointed).Text)} {Jointed}."
            : null;
    }

    // Bones of a roast are raw enough for stock.
    private bool IsDone(MeatHeard meat) => (meat.IsCooked || heard.IsCooked) && meat.Part != Part.Carcass;

    private static string NotComputedWhy(string kind) =>
        kind switch
        {
            "mince" => Minced,
            "ready" => ReadyMade,
            _ => OtherPart,
        };

    private const string OtherBird = "is not computed here; Ikuzo knows chicken, turkey and duck";
    private const string OtherPart = "are not computed here: they are small and done by eye in minutes in a pan";
    private const string OtherMeat = "is not poultry; Ikuzo knows chicken, turkey and duck";
    private const string Minced = "is minced: a block of it has no thickness to go by. Form meatballs, or brown it in a pan";
    private const string ReadyMade = "comes ready made: follow what its packet says";
    private const string Jointed = "means pieces of several kinds: name them, as 2 legs and 2 breasts with bone";
    private static readonly string CookedAlready =
        $"is done once: minutes here are for raw meat. Warm it through, to {SafetyRule.CoreInBoth}";

    private static bool IsBonedBird(MeatHeard meat) =>
        meat is { CutId: null, Part: null or Part.Whole } and ({ BoneIn: false } or { IsRolled: true });

    private static bool IsChickenCrown(MeatHeard meat) => meat.Part == Part.Crown && (meat.Species ?? Species.Chicken) == Species.Chicken;

    private const string NoMeat = "No bird or cut in it. Try: 6 frozen thighs 1.3 kg, or: duck legs x4 800 g.";

    // Neither its breasts without bone nor a small bird: each would be thinner.
    private const string NoCrown =
        "A crown of chicken is not computed here. Ask for the whole bird that it comes from, about twice its weight, and measure.";

    private const string BonedBird =
        "Without its bones it is no whole bird: say breasts, thighs or diced. Boned and rolled it is as thick as a boneless turkey breast "
        + "of its weight: ask for that, and measure.";

    private IEnumerable<ReadStop> Stops()
    {
        var isHot =
            heard.StoodInHeat
            || new[] { heard.StartCelsius, heard.ReadingCelsius }.Any(c =>
                c is { } celsius && FoodRules.IsHot(celsius) && celsius < SafetyRule.HotHoldingCelsius
            );
        var say = new Wording(units);
        var (cool, hot) = (FoodRules.OutOfTheCold(SafetyRule.HotRoomCelsius), FoodRules.OutOfTheCold(double.MaxValue));
        var above = say.Temperature(SafetyRule.HotRoomCelsius);
        if (heard.StoodMinutes > (isHot ? hot : cool).Hours * 60)
        {
            yield return new(
                "stood-warm",
                $"Meat that stood between {say.Between(SafetyRule.ColdHoldingCelsius, SafetyRule.HotHoldingCelsius)} for more than "
                    + $"{cool.Spoken}, {hot.Spoken} above {above}, is thrown away: cooking does not make it safe."
            );
        }
        else if (heard.StoodMinutes > hot.Hours * 60)
        {
            _assumed.Add($"Above {above} raw meat may stand for {hot.Spoken} only: then throw it away.");
        }

        if (heard.Stops.Contains("smells"))
        {
            yield return new("smells", Smells);
        }

        if (heard.Stops.Contains("stuffed"))
        {
            yield return new("stuffed", Stuffed);
        }
    }

    private const string Smells = "Meat that smells, or is slimy, is thrown away. No cooking makes it good, and tasting it is no test.";

    private const string Stuffed =
        "Stuffing does not go into a pressure-cooked bird: the middle would stay cold. Take it out and cook it beside.";

    // "A whole chicken cut up: 2 breasts, 2 thighs": the parts are what goes in.
    private void DropJointed()
    {
        if (heard.Meats.Count > 1 && heard.Meats.Exists(m => !m.IsJointed))
        {
            heard.Meats.RemoveAll(m => m.IsJointed);
        }
    }

    // "Chicken for sandwiches, 3 breasts", "legs and thighs: 4 drumsticks, 4 thighs": what is named without an amount, and then again
    // with one, is not there twice.
    private void DropAnnounced()
    {
        bool IsAnnounced(MeatHeard m) =>
            m is { CutId: null, Count: null, Kg: null, Packs: null, IsOne: false }
            && (
                m is { Part: null, IsPlural: false, BoneIn: null }
                    ? heard.Meats.Exists(o => o != m && o.IsNamed && (o.Species ?? m.Species) == m.Species)
                    : m.Part is not null
                        && heard.Meats.Exists(o =>
                            o != m
                            && (o.Count is not null || o.Kg is not null)
                            && IsOf(o, m.Part.Value)
                            && (o.Species ?? m.Species) == (m.Species ?? o.Species)
                        )
            );
        static bool IsOf(MeatHeard of, Part part) => of.Part == part || (part == Part.Leg && of.Part is Part.Thigh or Part.Drumstick);
        foreach (var bird in heard.Meats.Where(IsAnnounced).ToList())
        {
            foreach (var part in heard.Meats.Where(m => m != bird))
            {
                part.Species ??= bird.Species;
                part.Aim ??= bird.Aim;
                part.State ??= bird.State;
                part.BoneIn ??= part.Part == bird.Part ? bird.BoneIn : null;
            }

            heard.Meats.Remove(bird);
        }
    }
}
