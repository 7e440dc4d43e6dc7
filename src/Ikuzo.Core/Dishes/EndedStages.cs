using System.Collections.Concurrent;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Dishes;

/// <summary>A stage that was computed: what each meat, or the pot without any, sees.</summary>
/// <param name="Minutes">Minutes under pressure.</param>
/// <param name="Release">The release.</param>
/// <param name="Runs">One for each meat, or one of the pot.</param>
/// <param name="Branch">Which ending of each run these minutes are.</param>
internal sealed record Ended(int Minutes, Release Release, IReadOnlyList<EnsembleResult> Runs, int Branch)
{
    /// <summary>The run whose pot comes up slowest.</summary>
    public EnsembleResult Slowest => Runs.MaxBy(r => PlanReport.Ninety(r.ToPressureMinutes).P50)!;
}

/// <summary>
/// Stages of a dish that were computed in full, each once: the runner-up and a changed dish often have one of them again.
/// </summary>
internal sealed class EndedStages
{
    private readonly ConcurrentDictionary<Key, Ended?> _known;

    /// <param name="particles">Which possible cooks.</param>
    public EndedStages(ParticleSource particles)
        : this(particles, []) { }

    private EndedStages(ParticleSource particles, ConcurrentDictionary<Key, Ended?> known) => (Particles, _known) = (particles, known);

    /// <summary>Which possible cooks a stage is computed for.</summary>
    public ParticleSource Particles { get; }

    /// <summary>What is known, and from now on computed for a few cooks only: about how long something takes.</summary>
    public EndedStages Roughly() => new(ParticleSource.Few, new(_known));

    /// <summary>How a stage ends; null when it cannot be made safe.</summary>
    /// <param name="draft">The stage.</param>
    /// <param name="isFirst">True in a pot that is cold.</param>
    /// <param name="openMl">Liquid for what is simmered with the lid off, ml.</param>
    /// <param name="compute">Computes it where it is not known.</param>
    public Ended? Of(StageDraft draft, bool isFirst, double openMl, Func<Ended?> compute) =>
        _known.GetOrAdd(new(draft, isFirst, openMl), _ => compute());

    // The same things at the same draft are the same stage, whatever else is in the dish.
    private sealed record Key(StageDraft Draft, bool IsFirst, double OpenMl)
    {
        public bool Equals(Key? other) =>
            other is not null
            && (IsFirst, OpenMl) == (other.IsFirst, other.OpenMl)
            && (Draft.Minutes, Draft.Least) == (other.Draft.Minutes, other.Draft.Least)
            && Draft.Release == other.Draft.Release
            && Draft.Items.SequenceEqual(other.Draft.Items);

        public override int GetHashCode() =>
            Draft.Items.Aggregate(HashCode.Combine(IsFirst, Draft.Minutes, Draft.Release), HashCode.Combine);
    }
}
