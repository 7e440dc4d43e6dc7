using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>Which words of birds and parts are one noun: "chicken thigh fillets", "breast of turkey", "whole chicken, halved".</summary>
internal static class MeatNoun
{
    /// <summary>True where a further word belongs to the same noun.</summary>
    public static bool Joins(Item item, Sense said)
    {
        var senses = item.Nouns.Select(n => n.Value.Sense).ToList();
        if (said.Kind == SenseKind.NotComputed)
        {
            return senses.Count <= 2 && senses.All(s => s.Kind == SenseKind.Meat) && item.End == item.Nouns[^1].End;
        }

        if (senses.Exists(s => s.Kind == SenseKind.NotComputed) && item.End != item.Nouns[^1].End)
        {
            return false;
        }

        if (senses.Exists(s => s.CutId is not null) || (said.CutId is not null && senses.Exists(s => s.Part is not null)))
        {
            return said.CutId is null && said.Species is null && said.Part is Part.Whole;
        }

        if (said.Species is { } bird && senses.Select(s => s.Species).OfType<Species>().Any(s => s != bird))
        {
            return false;
        }

        if (said.Part is not { } part)
        {
            return senses.Count(s => s.Species is not null && s.Part is null) < 2; // "chicken chicken thighs"
        }

        return senses.Select(s => s.Part).OfType<Part>().All(known => Together(known, part)) && senses.Count < 6;
    }

    // "whole legs", "leg drumsticks", "crown of breast", "halved breasts".
    private static bool Together(Part known, Part said) =>
        known == said
        || IsShape(known)
        || IsShape(said)
        || (known, said) is (Part.Whole, _) or (_, Part.Whole) or (Part.Breast, Part.Crown) or (Part.Crown, Part.Breast)
        || IsCutUp(known) != IsCutUp(said)
        || ((known, said) is (Part.Leg, Part.Drumstick or Part.Thigh) && known != said);

    /// <summary>True for a part into which another is cut up.</summary>
    public static bool IsCutUp(Part? part) => part is Part.Diced or Part.Tender or Part.Cutlet;

    /// <summary>True for what a bird may be made into, which is no part of its own beside one.</summary>
    public static bool IsShape(Part? part) => part is Part.Half or Part.Spatchcocked;

    /// <summary>The narrower of two parts that are said of one thing.</summary>
    public static Part Narrower(Part one, Part other) =>
        one == other ? one
        : one is Part.Whole ? other
        : other is Part.Whole ? one
        : IsShape(one) != IsShape(other) ? (IsShape(one) ? other : one) // halved breasts are breasts
        : one is Part.Leg ? other
        : other is Part.Leg or Part.Breast ? one
        : other;

    /// <summary>What an item of meat says, as it is taken further.</summary>
    public static MeatHeard Of(Item item, Script script)
    {
        var senses = item.Nouns.Select(n => n.Value.Sense).ToList();
        var meat = new MeatHeard
        {
            Species = senses.Select(s => s.Species).FirstOrDefault(s => s is not null),
            CutId = senses.Select(s => s.CutId).FirstOrDefault(id => id is not null),
            BoneIn =
                item.Says.Select(s => s.Value.BoneIn).FirstOrDefault(b => b is not null)
                ?? senses.Select(s => s.BoneIn).FirstOrDefault(b => b is not null),
            Text = script.Typed(item.Nouns[0].From, item.Nouns[^1].End),
            IsOne = item.HasArticle && !item.Nouns.Any(n => n.Value.Sense.IsPlural),
            IsPlural = item.Nouns.Any(n => n.Value.Sense.IsPlural),
            Size = item.Size,
            HeaviestKg = item.HeaviestKg,
            State = StateOf(item),
            Arrangement = item.Says.Select(s => s.Value.Lies).FirstOrDefault(l => l is not null),
            IsPerPerson = item.IsPerPerson,
            IsThawing = item.Says.Any(s =>
                script.Typed(s.From, s.End).Contains("ing", StringComparison.OrdinalIgnoreCase) && s.Value.State is not null
            ),
            IsCooked = item.Is(s => s.IsCooked),
            IsRoast = item.Is(s => s.IsRoast || s.IsWay),
            IsPoached = item.Says.Any(s =>
                s.Value.IsWay && script.Typed(s.From, s.End).Contains("poach", StringComparison.OrdinalIgnoreCase)
            ),
        };
        foreach (var part in senses.Select(s => s.Part).OfType<Part>())
        {
            Name(meat, part);
        }

        Amount(meat, item, script);
        Made(meat, item, script);
        return meat;
    }

    // What is not thawed throughout is frozen.
    private static Loads.MeatState? StateOf(Item item)
    {
        var states = item.Says.Select(s => s.Value.State).OfType<Loads.MeatState>().ToList();
        return states.Count == 0 ? null
            : states[^1] == Loads.MeatState.Chilled ? Loads.MeatState.Chilled // "frozen thighs, thawed"
            : states.Contains(Loads.MeatState.Frozen) ? Loads.MeatState.Frozen
            : states[0];
    }

    private static void Name(MeatHeard meat, Part part)
    {
        if (meat.Part is null)
        {
            meat.Part = part;
        }
        else if (meat.Part == part)
        {
            return;
        }
        else if (IsCutUp(part))
        {
            (meat.CutFrom, meat.Part) = (meat.Part, part);
        }
        else if (IsCutUp(meat.Part))
        {
            meat.CutFrom ??= part;
        }
        else
        {
            meat.Part = Narrower(meat.Part.Value, part);
        }
    }

    private static void Amount(MeatHeard meat, Item item, Script script)
    {
        // Behind its noun a pack is one that it all comes in: "leg quarters, 10 lb bag".
        var isPacked =
            item.Container is { Value: "packet" or "can" or "jar" or "batch" } pack
            && !(item.Count is { } counted && item.Nouns[0].From > counted.From && item.Nouns[0].From < pack.From);
        meat.Count = item.IsPortions ? null : item.Count?.Value;
        meat.Portions = item.IsPortions ? item.Count?.Value.Most : null;
        if (isPacked && (item.Count is not null || item.HasArticle) && !(item.Count is { } many && many.From > item.Container!.Value.From))
        {
            // "2 packs of thighs 500 g each": what is counted are the packs.
            (meat.Packs, meat.Count) = (item.Count?.Value.Most ?? 1, null);
        }

        if (item is { Mass: null, Volume: { } poured } && meat.IsCooked)
        {
            meat.Kg = poured.Value.Middle * CookedKgPerMl;
        }

        if (item.Mass is { } mass)
        {
            meat.Kg =
                mass.Value.Value
                * (
                    meat.Packs is { } packs
                    && (
                        item.MassOf == WeightOf.Each
                        || item.Mass.Value.From < item.Container!.Value.From
                        || packs > 1 && item.MassOf == WeightOf.Unsaid
                    )
                        ? packs
                        : 1
                );
            meat.WeightOf = meat.Packs is not null ? WeightOf.All : item.MassOf;
            meat.WeightText = script.Typed(mass.From, mass.End).ToLowerInvariant();
        }
    }

    private const double CookedKgPerMl = 0.135 / Wording.CupMl; // shredded or diced: USDA FoodData Central, 125 to 140 g a cup

    // What describing words make of it.
    private static void Made(MeatHeard meat, Item item, Script script)
    {
        foreach (var (says, from, end) in item.Says)
        {
            switch (says.Prep)
            {
                case Prep.Diced
                or Prep.Chunks
                or Prep.Chopped
                or Prep.Pieces
                or Prep.Strips when meat.Part is Part.Whole or Part.Half && says.Prep is Prep.Pieces:
                    meat.IsJointed = true;
                    break;
                case Prep.Diced
                or Prep.Chunks
                or Prep.Chopped
                or Prep.Pieces
                or Prep.Strips when meat.Part is not (Part.Carcass or Part.Meatball or Part.Wing or Part.Drumstick or Part.Diced):
                    if (meat.Part is Part.Whole)
                    {
                        meat.Part = null;
                    }

                    Name(meat, Part.Diced);
                    break;
                case Prep.Whole when meat.Part is null && meat.CutId is null:
                    meat.Part = Part.Whole;
                    break;
                case Prep.Thin:
                    Name(meat, Part.Cutlet);
                    break;
                case Prep.Sliced when script.Word(from) is "in" or "cut":
                    Name(meat, Part.Cutlet);
                    break;
                case Prep.Sliced:
                    meat.Aim ??= Aim.Slice;
                    break;
                case Prep.Halved when meat.Part is null or Part.Whole:
                    meat.Part = Part.Half;
                    break;
                case Prep.Split when meat.Part is Part.Breast:
                    meat.BoneIn ??= true;
                    break;
                case Prep.Split when meat.Part is null or Part.Whole:
                    meat.Part = Part.Half;
                    break;
                case Prep.Quartered when meat.Part is null or Part.Whole or Part.Half:
                    meat.IsJointed = true;
                    break;
                case Prep.Quartered when meat.Part is Part.Breast or Part.Thigh:
                    Name(meat, Part.Diced);
                    break;
                case Prep.Grated or Prep.Pulled:
                    meat.Aim ??= Aim.Pull;
                    break;
                case Prep.Rolled:
                    meat.IsRolled = true;
                    break;
            }
        }

        if (item.Is(s => s.IsMini) && item.Nouns.Any(n => script.Word(n.End - 1)!.StartsWith("fil", StringComparison.Ordinal)))
        {
            Name(meat, Part.Tender);
        }

        if (item.Is(s => s.IsThin) && meat.Part is Part.Breast)
        {
            Name(meat, Part.Cutlet);
        }
    }
}
