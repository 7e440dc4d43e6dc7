using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Core.Planning;

/// <summary>What would make a stop go: the words of its button, and what changes in the question. What is null stays.</summary>
/// <param name="Text">What the button says.</param>
public sealed record Mend(string Text)
{
    /// <summary>Thin liquid, ml.</summary>
    public double? LiquidMl { get; init; }

    /// <summary>Minutes to set, min.</summary>
    public double? Minutes { get; init; }

    /// <summary>How to let the pressure go.</summary>
    public Release? Release { get; init; }

    /// <summary>True to leave minutes and release to the computation.</summary>
    public bool ByItself { get; init; }

    /// <summary>Where the meat lies.</summary>
    public Placement? Placement { get; init; }

    /// <summary>State that the meat is brought into first.</summary>
    public MeatState? State { get; init; }

    /// <summary>Id of the cut that the meat is made into, of the same weight.</summary>
    public string? Cut { get; init; }

    /// <summary>Pieces that are cooked now, with <see cref="TotalKg"/>.</summary>
    public int? Pieces { get; init; }

    /// <summary>What they weigh, kg.</summary>
    public double? TotalKg { get; init; }

    /// <summary>Id of another pot of the kitchen.</summary>
    public string? PotId { get; init; }

    /// <summary>Ids of companions that are left out.</summary>
    public IReadOnlyList<string> LeaveOut { get; init; } = [];

    /// <summary>The question with what changes.</summary>
    /// <param name="request">The question before.</param>
    public PlanRequest To(PlanRequest request)
    {
        var load = request.Load;
        return request with
        {
            Pot = request.OtherPots.FirstOrDefault(p => p.Id == PotId)?.Pot ?? request.Pot,
            Load = load with
            {
                Cut = CutCatalogue.Find(Cut ?? "") ?? load.Cut,
                Placement = Placement ?? load.Placement,
                State = State ?? load.State,
                StartCelsius = State is null ? load.StartCelsius : null,
                Arrangement = State is null ? load.Arrangement : Arrangement.Single,
                Pieces = Pieces ?? load.Pieces,
                TotalKg = TotalKg ?? load.TotalKg,
                HeaviestKg = Pieces is null ? load.HeaviestKg : null,
                ThicknessMm = Cut is null ? load.ThicknessMm : null,
            },
            LiquidMl = LiquidMl ?? (PotId is null ? request.LiquidMl : null),
            Minutes = ByItself ? null : Minutes ?? request.Minutes,
            Release = ByItself ? null : Release ?? request.Release,
            Companions = [.. request.Companions.Where(c => !LeaveOut.Contains(c.Companion.Id))],
        };
    }
}
