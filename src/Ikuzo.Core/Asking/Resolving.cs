using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Asking;

/// <summary>Makes a question of what was heard, and says what it assumes where nothing was said.</summary>
internal static class Resolving
{
    /// <summary>The question; null when no bird or cut is named.</summary>
    public static Question? ToQuestion(Heard heard)
    {
        if (heard.Meaning is { Species: null, Part: null, CutId: null })
        {
            return null;
        }

        var assumed = new List<string>();
        var cut = CutOf(heard, assumed);
        var pieces = (int)(heard.Count ?? GuessPieces(heard, cut, assumed));
        var total = heard.MassKg is { } mass ? (heard.Each ? mass * pieces : mass) : Typical(cut, pieces, assumed);
        return new Question
        {
            Cut = cut,
            Pieces = pieces,
            TotalKg = total,
            ThicknessMm = heard.ThicknessMm,
            State = heard.Meaning.State,
            StartCelsius = heard.StartCelsius,
            Arrangement = heard.Meaning.Arrangement,
            Placement = heard.Meaning.Placement,
            Aim = heard.Meaning.Aim,
            Pressure = heard.Meaning.Pressure,
            PotLitres = heard.PotMl / 1000,
            LiquidMl = heard.LiquidMl,
            Understood = heard.Understood,
            Unknown = heard.Unknown,
            Assumed = assumed,
        };
    }

    private static Cut CutOf(Heard heard, List<string> assumed)
    {
        if (heard.Meaning.CutId is { } id)
        {
            return CutCatalogue.Find(id)!;
        }

        var species = heard.Meaning.Species ?? Species.Chicken;
        var part = heard.Meaning.Part ?? Part.Whole;
        var cuts = OfPart(species, part, assumed);
        var cut = cuts.FirstOrDefault(c => c.BoneIn == heard.Meaning.BoneIn) ?? cuts.First(c => c.Usual);
        if (heard.Meaning.Species is null)
        {
            assumed.Add("Chicken, since no bird was named.");
        }

        if (heard.Meaning.BoneIn is { } bone && cut.BoneIn != bone)
        {
            assumed.Add($"{cut.Name}: we know this cut only {(cut.BoneIn ? "with" : "without")} bone.");
        }
        else if (heard.Meaning.BoneIn is null && cuts.Count > 1)
        {
            assumed.Add(cut.BoneIn ? "Bone in, as is usual for this cut." : "No bone, as is usual for this cut.");
        }

        return cut;
    }

    private static List<Cut> OfPart(Species species, Part part, List<string> assumed)
    {
        List<Cut> Cuts(Part p) => [.. CutCatalogue.All.Where(c => c.Species == species && c.Part == p && c.Id != "poussin-whole")];
        if (Cuts(part) is { Count: > 0 } found)
        {
            return found;
        }

        Part[] nearest = part switch
        {
            Part.Leg => [Part.Drumstick],
            Part.Thigh or Part.Drumstick => [Part.Leg],
            Part.Cutlet or Part.Tender or Part.Diced => [Part.Breast],
            Part.Crown => [Part.Breast],
            _ => [Part.Whole],
        };
        var near = nearest.SelectMany(Cuts).ToList();
        assumed.Add($"The nearest cut that we know: {near.First(c => c.Usual).Name}.");
        return near;
    }

    private static double GuessPieces(Heard heard, Cut cut, List<string> assumed)
    {
        if (heard.Each || (heard.MassKg is null && cut.TypicalKg.Value >= UsualLoad.LargePieceKg))
        {
            assumed.Add("One piece.");
            return 1;
        }

        var guess = heard.MassKg is { } mass
            ? Math.Clamp(Math.Round(mass / cut.TypicalKg.Value), 1, MeatLoad.MostPieces)
            : UsualLoad.FewPieces;
        assumed.Add(
            guess == 1
                ? "One piece."
                : FormattableString.Invariant(
                    $"{guess:0} pieces, {(heard.MassKg is null ? "since no number was given" : "from the weight")}."
                )
        );
        return guess;
    }

    private static double Typical(Cut cut, int pieces, List<string> assumed)
    {
        assumed.Add("A typical weight; weigh it for a surer answer.");
        return Math.Round(cut.TypicalKg.Value * pieces, 3);
    }
}
