using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Reading;

/// <summary>What follows from a production.</summary>
/// <param name="Does">What follows.</param>
/// <param name="Not">What follows where it is said not to be; null where then nothing is known.</param>
internal sealed record Follows(Action<Heard, Spoken> Does, Action<Heard>? Not = null);

/// <summary>What follows from each production of <c>Words/grammar.txt</c>, by its name there.</summary>
internal static partial class Grammar
{
    private const double OvernightHours = 8; // estimate
    private const double NightMinutes = 600; // estimate: longer than any rule
    private const double GolfBallMm = 43; // 42.7 mm at least by the rules of golf
    private const double MileMetres = 1609;

    private static readonly Dictionary<string, string> Declines = new()
    {
        ["slow-cooking"] =
            "Slow cooking is not computed here: Ikuzo plans poultry under pressure. Ask with a cut and its weight for minutes.",
        ["water-bath"] = "Cooking in a water bath is not computed here: Ikuzo plans poultry under pressure.",
        ["frying"] = "Never fry under pressure: hot fat bursts from valve and lid. Brown it in the open pot, or ask for minutes in liquid.",
        ["canning"] =
            "Canning is not computed here: jars must be held hotter and longer than this pot proves. Follow a tested canning guide.",
    };

    private static readonly Dictionary<string, Follows> Actions = new()
    {
        ["nothing"] = new((_, _) => { }, _ => { }),
        // when
        ["eats"] = new((h, s) => h.Eats(s)),
        ["eats-of"] = new(
            (h, s) =>
            {
                h.Servings = s.Number.Most;
                h.Eats(s);
            }
        ),
        ["eats-on"] = new((h, s) => h.EatsOn(s)),
        ["eat-in"] = new((h, s) => h.EatInMinutes ??= s.Minutes),
        // under pressure
        ["hold"] = new((h, s) => h.Hold(s)),
        ["hold-then-rest"] = new((h, s) => h.HoldThenRest(s)),
        ["bare-time"] = new((h, s) => h.BareTime(s)),
        ["pressure-low"] = new((h, _) => h.Pressure = PressureSetting.Low),
        ["pressure-high"] = new((h, _) => h.Pressure = PressureSetting.High),
        ["not-used"] = new((h, s) => h.NotUsed(s)),
        // letting it go
        ["rest-for"] = new((h, s) => h.RestFor(s.Minutes)),
        ["time-of-natural"] = new((h, s) => h.TimeOfNatural(s)),
        ["time-before-vent"] = new((h, s) => h.TimeBeforeVent(s)),
        ["natural"] = new((h, _) => h.Lets(ReleaseKind.Natural)),
        ["rests"] = new((h, _) => h.Lets(ReleaseKind.RestThenVent)),
        ["vents"] = new((h, _) => h.Vents()),
        ["pulsed"] = new((h, _) => h.Release = ReleaseKind.Pulsed),
        // before and after
        ["browned"] = new((h, s) => h.Browns(s), h => h.Browned = false),
        ["crisp"] = new((h, s) => h.Crisp(s), h => h.CrispMinutes = 0),
        ["crisp-usual"] = new((h, _) => h.CrispMinutes ??= KitchenTimes.CrispMinutes, h => h.CrispMinutes = 0),
        ["marinade"] = new((h, s) => h.MarinadeHours = s.Minutes / 60),
        ["marinates"] = new((h, _) => h.Marinates(), _ => { }),
        ["marinade-night"] = new((h, _) => h.MarinadeHours ??= OvernightHours),
        // how it lies and should end
        ["rack"] = new((h, _) => h.Placement = Placement.Rack, h => h.Placement = Placement.InLiquid),
        ["in-liquid"] = new((h, _) => h.Placement = Placement.InLiquid),
        ["in-liquid-if-unsaid"] = new((h, _) => h.Placement ??= Placement.InLiquid),
        ["on-bed"] = new((h, _) => h.Placement = Placement.OnBed),
        ["underneath"] = new((h, _) => h.Underneath()),
        ["single"] = new((h, _) => h.Arrangement = Arrangement.Single),
        ["overlapping"] = new((h, _) => h.Arrangement = Arrangement.Overlapping, h => h.Arrangement = Arrangement.Single),
        ["slice"] = new((h, _) => h.Aims(Aim.Slice), h => h.NotAims.Add(Aim.Slice)),
        ["pull"] = new((h, _) => h.Aims(Aim.Pull), h => h.NotAims.Add(Aim.Pull)),
        ["fall-apart"] = new((h, _) => h.Aims(Aim.FallApart), h => h.NotAims.Add(Aim.FallApart)),
        ["stock"] = new((h, _) => h.IsForStock()),
        ["chilled"] = new((h, _) => h.State = MeatState.Chilled),
        ["frozen"] = new((h, _) => h.State = MeatState.Frozen),
        ["aged"] = new((h, s) => h.Aged(s)),
        ["thick"] = new((h, s) => h.Thick(s)),
        ["bare-thick"] = new((h, s) => h.BareThick(s)),
        ["golf-balls"] = new((h, _) => h.ThicknessMm ??= GolfBallMm),
        ["heaviest"] = new((h, s) => h.HeaviestKg = s.Quantity.Value),
        ["temperature"] = new((h, s) => h.Warm(s)),
        // the kitchen and who eats
        ["pot"] = new((h, s) => h.PotMl = s.Quantity.Value),
        ["height"] = new((h, s) => h.AltitudeMetres = s.Quantity.Value),
        ["mile-high"] = new((h, _) => h.AltitudeMetres = MileMetres),
        ["sea-level"] = new((h, _) => h.AltitudeMetres = 0),
        ["sure"] = new((h, _) => h.Promise = Promise.Sure),
        ["sure-if-unsaid"] = new((h, _) => h.Promise ??= Promise.Sure),
        ["measured"] = new((h, _) => h.Promise ??= Promise.Measured),
        ["servings"] = new((h, s) => h.Servings = s.Number.Most),
        ["for-number"] = new((h, s) => h.ForNumber(s)),
        // what stood warm, smells, is stuffed
        ["stood"] = new((h, s) => h.Stood(s)),
        ["stood-long"] = new((h, s) => h.StoodLong(s)),
        ["stood-night"] = new((h, _) => h.Stood(NightMinutes)),
        ["stood-from"] = new((h, s) => h.StoodFrom(s)),
        ["stood-unknown"] = new((h, s) => h.StoodUnknown(s)),
        ["room"] = new((h, s) => h.RoomIs(s)),
        ["smells"] = new((h, s) => h.Smells(s)),
        ["stuffed"] = new((h, _) => h.Stops.Add("stuffed"), _ => { }),
        // at the pot
        ["open"] = new((h, _) => h.IsOpen = true),
        ["reads"] = new((h, s) => h.Read(s)),
        ["reads-hot"] = new((h, s) => h.ReadHot(s)),
        ["reads-bare"] = new((h, s) => h.ReadBare(s)),
        ["forgot-rack"] = new((h, s) => h.ForgotRack(s)),
        // in the cold
        ["use-by"] = new((h, s) => h.Cold.UseBy ??= s.Fit.Get<SaidDay>()),
        ["since"] = new((h, s) => h.Cold.Happened(s)),
        ["thaws-since"] = new((h, s) => h.Cold.ThawsSince(s)),
        ["ago"] = new((h, s) => h.Cold.Ago(s)),
        ["stands-out"] = new((h, s) => h.StandsOut(s)),
        ["portions"] = new((h, s) => h.Cold.Portions = s.Number.Most),
        ["one-portion"] = new((h, _) => h.Cold.Portions ??= 1),
        ["several"] = new((h, s) => h.Cold.Several(s)),
        ["meal"] = new((h, s) => h.Cold.IsMeal(s)),
        ["gone"] = new((h, _) => h.Cold.IsGone = true),
        ["cooked"] = new((h, _) => h.IsCooked = true),
        // in a line of a dish
        ["stirred-together"] = new((h, _) => h.IsStirredTogether = true),
        ["in-bowl"] = new((h, _) => h.IsInBowl = true),
    };

    // "happened pot scorched": with what it is about behind its name.
    private static Follows ActionOf(string name) =>
        name.Split(' ') switch
        {
            ["happened", var place, var @case] => new((h, s) => h.Happened(place, @case, s), _ => { }),
            ["asked", var place, var @case] => new((h, _) => h.Asked(place, @case)),
            ["decline", var what] => new((h, _) => h.Decline(Declines[what])),
            ["put", var place] => new((h, _) => h.Cold.Place = place),
            ["stands", var place] => new((h, _) => h.Cold.Place ??= place),
            _ => Actions.TryGetValue(name, out var follows)
                ? follows
                : throw new FormatException($"The grammar says \"{name}\", of which nothing follows."),
        };
}
