using Ikuzo.Core.Companions;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Running.Journal;

/// <summary>What goes into the pot, in which order, into which bowl and with how much: from the floor up.</summary>
public static class Layering
{
    /// <summary>One line for each thing, from the floor of the pot up.</summary>
    /// <param name="cook">The cook.</param>
    public static IReadOnlyList<string> Lines(PlannedCook cook)
    {
        var request = cook.Request;
        var say = new Wording(request.Units);
        var beside = request.Companions.Where(c => c.Companion != Companion.OtherMeat).ToList();
        var fried = request.Browned ? cook.Frying.SelectMany(f => f.What).ToHashSet() : [];
        string Fried(string what, string words) => fried.Contains(what) ? $"{words}, fried" : words;
        return
        [
            .. beside.Where(c => !c.InBowl && Depth(c.Companion) == 0).Select(c => $"{c.Words(say)}, under the liquid"),
            .. cook.Liquids.Count > 0 ? cook.Liquids : [$"{say.Pour(request.Liquid)} thin liquid"],
            .. beside.Where(c => !c.InBowl && Depth(c.Companion) == 1).Select(c => Fried(c.Companion.Id, c.Words(say))),
            .. cook.Aromatics.Select(text => Fried(text, text)),
            .. cook.Meats.Any(m => IsOnRack(m.Request)) ? ["the rack"] : Array.Empty<string>(),
            .. cook.Meats.Select(m => $"{m.Request.Load.Words}, {Place(m.Request)}"),
            .. beside.Where(c => !c.InBowl && Depth(c.Companion) == 2).Select(c => $"{c.Words(say)}, on top; do not stir"),
            .. beside.Where(c => c.InBowl).Select(c => $"on the rack, in a bowl: {c.Words(say)}{Water(say, c)}"),
        ];
    }

    // Grain and pulses drink, so they lie under the liquid; what is thick scorches on the floor, so it stays on top.
    private static int Depth(Companion companion) =>
        companion.Is(CompanionTraits.Thick) || companion.Is(CompanionTraits.Sweet) ? 2
        : companion.Kind is CompanionKind.Grain or CompanionKind.Pulse or CompanionKind.Pasta ? 0
        : companion.Kind is CompanionKind.Dough ? 2
        : 1;

    private static string Water(Wording say, CompanionLoad load) =>
        load.Companion.AbsorbsMlPerGram > 0 ? $" with {say.Pour(load.Grams * load.Companion.AbsorbsMlPerGram)} water" : "";

    // Dice and balls would fall through it.
    private static bool IsOnRack(PlanRequest meat) =>
        meat.Placement == Placement.Rack && meat.Load.Cut.Part is not (Poultry.Part.Diced or Poultry.Part.Meatball);

    private static string Place(PlanRequest meat) =>
        (meat.Placement, meat.Load.Cut.Part) switch
        {
            (Placement.Rack, _) when !IsOnRack(meat) => "spread out on top",
            (Placement.Rack, Poultry.Part.Whole or Poultry.Part.Crown or Poultry.Part.Half) => "breast up, on the rack",
            (Placement.Rack, _) => "on the rack",
            (Placement.InLiquid, Poultry.Part.Carcass) => "broken up, into the liquid",
            (Placement.InLiquid, _) => "into the liquid",
            _ => "on top of it",
        };
}
