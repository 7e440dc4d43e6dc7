using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Running.Journal;

/// <summary>Why an entry was not taken, and what would be.</summary>
/// <param name="IsTime">True when only its time is wrong.</param>
/// <param name="Why">In words.</param>
/// <param name="Possible">Kinds that make sense now.</param>
public sealed record JournalRefusal(bool IsTime, string Why, IReadOnlyList<CookEventKind> Possible)
{
    /// <summary>What a hand may do now, in words: "reaching pressure, giving up".</summary>
    public string PossibleWords =>
        string.Join(
            ", ",
            Possible
                .Where(k => k != CookEventKind.Note)
                .Select(Transitions.Of)
                .Where(t => t.IsOfHands)
                .Select(t => char.ToLowerInvariant(t.Name[0]) + t.Name[1..])
        );
}

/// <summary>What came of trying an entry.</summary>
/// <param name="Entry">
/// The entry, with what it left to the advice of the moment written out, so that the journal says what was done.
/// </param>
/// <param name="Before">The state without it.</param>
/// <param name="After">The journal with it; null when it was refused.</param>
/// <param name="Refusal">Why not; null when it may be added.</param>
public sealed record Tried(CookEvent Entry, CookState Before, FoldedJournal? After, JournalRefusal? Refusal);

/// <summary>A journal that was folded once. Whatever is asked of it is answered from a fork, so that it stays as it is.</summary>
public sealed class FoldedJournal
{
    private readonly PlannedCook _cook;
    private readonly IReadOnlyList<CookEvent> _events;
    private readonly Func<RescueRequest, RescueAdvice> _advise;
    private readonly CookFold _fold;

    internal FoldedJournal(PlannedCook cook, IReadOnlyList<CookEvent> events, Func<RescueRequest, RescueAdvice> advise, CookFold fold)
    {
        _cook = cook;
        _events = events;
        _advise = advise;
        _fold = fold;
    }

    /// <summary>The state at a moment.</summary>
    /// <param name="now">Moment on the clock of the cook.</param>
    public CookState State(DateTimeOffset now) => At(now).State(now, _events.Any(e => e.Kind == CookEventKind.NotMeasured));

    /// <summary>Kinds of entries that make sense at a moment.</summary>
    /// <param name="state">The state at that moment.</param>
    public IReadOnlyList<CookEventKind> Possible(CookState state) =>
        At(state.Now).Possible(hasStep: state.Next.Any(n => n.Kind == CookEventKind.StepDone));

    /// <summary>What follows step by step, for whoever is cut off.</summary>
    /// <param name="state">The state at the present moment.</param>
    public IReadOnlyList<CookAhead> Ahead(CookState state) => CookAhead.Of(_fold, state);

    /// <summary>Tries an entry: the state before it, the journal after it, or why it is refused.</summary>
    /// <remarks>
    /// Nothing that was pressed is refused for its time alone: what cannot have happened when it is said to have, and may happen now, is
    /// taken as of now, with what was said beside it.
    /// </remarks>
    /// <param name="entry">The entry.</param>
    /// <param name="now">Moment on the clock of the cook.</param>
    public Tried Try(CookEvent entry, DateTimeOffset now)
    {
        var before = State(now);
        var tried = TryAsSaid(entry, before);
        return tried.Refusal is { } refusal && IsOfItsTime(refusal, entry)
            ? TryAsSaid(entry with { At = Present(now), Data = entry.Data with { SaidAt = entry.At } }, before)
            : tried;
    }

    /// <summary>When that happens which happens now: after all that was said, also by a client whose clock is a little ahead.</summary>
    /// <param name="now">Moment on the clock of the cook.</param>
    public DateTimeOffset Present(DateTimeOffset now) =>
        _events.Select(e => e.At).Where(at => at <= now + CookJournal.MostAhead).Append(now).Max();

    // What somebody moves by hand is where they want it, or nowhere.
    private static bool IsOfItsTime(JournalRefusal refusal, CookEvent entry) =>
        entry is { Kind: not (CookEventKind.Corrected or CookEventKind.Undone), Data.SaidAt: null }
        && (refusal.IsTime || refusal.Possible.Contains(entry.Kind));

    private Tried TryAsSaid(CookEvent entry, CookState before)
    {
        var now = before.Now;
        entry = entry.Kind switch
        {
            CookEventKind.BackUnderPressure => entry with { Data = CookFold.Complete(entry.Data, before.Advice, before.Thick) },
            CookEventKind.Covered => entry with { Data = CookFold.CompleteCover(entry.Data, before.Advice) },
            _ => entry,
        };

        if (RefuseUnseen(entry, before) is { } unseen)
        {
            return new(entry, before, null, unseen);
        }

        var after = With(entry);
        var ignored = after.State(now).Ignored;
        var refusal =
            ignored.Contains(entry.Id) ? Senseless(entry, before)
            : entry.Kind != CookEventKind.Undone && ignored.Except(before.Ignored).Any() ? Unfitting(before)
            : null;
        return new(entry, before, refusal is null ? after : null, refusal);
    }

    /// <summary>The same journal with the name under which its newest entry is kept.</summary>
    /// <param name="tried">Name with which it was tried.</param>
    /// <param name="kept">The entry as it is kept.</param>
    public FoldedJournal Kept(string tried, CookEvent kept)
    {
        var fold = _fold.Fork();
        fold.Rename(tried, kept.Id);
        return new(_cook, [.. _events.Select(e => e.Id == tried ? kept : e)], _advise, fold);
    }

    // What happened after all else is taken on top; what lies further back, or takes something back, needs the whole journal.
    private FoldedJournal With(CookEvent entry)
    {
        CookEvent[] events = [.. _events, entry];
        var isNewest =
            entry.Kind is not (CookEventKind.Undone or CookEventKind.Corrected) && CookJournal.Standing(_events).All(e => e.At <= entry.At);
        if (!isNewest)
        {
            return CookJournal.Fold(_cook, events, _advise);
        }

        var fold = _fold.Fork();
        fold.Take(entry);
        return new(_cook, events, _advise, fold);
    }

    // The clock alone may have moved it on since its last entry.
    private CookFold At(DateTimeOffset now)
    {
        var fold = _fold.Fork();
        fold.AdvanceTo(now);
        return fold;
    }

    private JournalRefusal? RefuseUnseen(CookEvent entry, CookState before) =>
        entry switch
        {
            { Kind: not (CookEventKind.Finished or CookEventKind.Abandoned) } when _events.Count >= CookJournal.MostEntries => new(
                false,
                $"This journal is full with {CookJournal.MostEntries} entries. Finish this cook and begin another.",
                []
            ),
            _ when entry.At > before.Now + CookJournal.MostAhead => new(true, "This time is in the future.", []),
            _ when entry.At < before.Now - CookJournal.MostBehind => new(true, "This time is more than a week ago.", []),
            { Kind: CookEventKind.Undone or CookEventKind.Corrected }
                when !_events.Any(e => e.Id == entry.Data.Of && CanBeTakenBack(e.Kind, entry.Kind)) => new(
                true,
                "There is no such entry in this journal, or it is of a kind that stays.",
                []
            ),
            // What was begun with meat stays what it is; a rehearsal may run at another speed.
            { Kind: CookEventKind.Simulated } when before.Phase != CookPhase.Ready && _events.All(e => e.Kind != CookEventKind.Simulated) =>
                Senseless(entry, before),
            _ => null,
        };

    private JournalRefusal Senseless(CookEvent entry, CookState before) =>
        new(false, $"{Transitions.Of(entry.Kind).Name} makes no sense while it is {CookWords.Name(before.Phase)}.", Possible(before));

    private JournalRefusal Unfitting(CookState before) =>
        new(true, "At that time it does not fit what came before or after it.", Possible(before));

    private static bool CanBeTakenBack(CookEventKind kind, CookEventKind how) =>
        kind is not (CookEventKind.Simulated or CookEventKind.Corrected or CookEventKind.ClockSet)
        && (how == CookEventKind.Undone || kind != CookEventKind.Undone);
}
