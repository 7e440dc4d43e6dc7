using Ikuzo.Core.Planning;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rescue;
using Ikuzo.Web.Features.Plans;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>An entry of a journal as clients see it.</summary>
/// <param name="Id">Its name within the cook.</param>
/// <param name="Kind">What happened.</param>
/// <param name="At">When, on the clock of the cook.</param>
/// <param name="Data">What belongs to it.</param>
/// <param name="WrittenAt">When it was written, on the wall.</param>
/// <param name="Standing">False for what was undone, or makes no sense since something was undone.</param>
public sealed record EventView(
    string Id,
    CookEventKind Kind,
    DateTimeOffset At,
    CookEventData Data,
    DateTimeOffset WrittenAt,
    bool Standing
);

/// <summary>A spot of the meat to measure.</summary>
/// <param name="Id">Unique within the cook.</param>
/// <param name="Where">Where the probe goes.</param>
/// <param name="Meat">Key of the meat that it is in; empty for the only or first.</param>
/// <param name="Cut">Cut of that meat.</param>
/// <param name="SpotOfCut">Spot of that cut.</param>
/// <param name="Pieces">Pieces of that meat.</param>
public sealed record SpotView(string Id, string Where, string Meat, string Cut, string SpotOfCut, int Pieces);

/// <summary>A cook with its state.</summary>
public sealed record CookView
{
    /// <summary>Stable name.</summary>
    public required string Id { get; init; }

    /// <summary>What the household calls it.</summary>
    public required string Name { get; init; }

    /// <summary>Where it is.</summary>
    public required CookPhase Phase { get; init; }

    /// <summary>Since when.</summary>
    public required DateTimeOffset Since { get; init; }

    /// <summary>The present moment on the clock of the cook.</summary>
    public required DateTimeOffset Now { get; init; }

    /// <summary>How many times faster than the wall that clock runs.</summary>
    public required double Speed { get; init; }

    /// <summary>
    /// Moment of that clock from which on it waits for the hand, as fast as the wall; null while the pot works alone.
    /// </summary>
    public required DateTimeOffset? FastUntil { get; init; }

    /// <summary>How long it waits there, s; null for as long as it takes.</summary>
    public required double? WaitsSeconds { get; init; }

    /// <summary>True for a rehearsal on the simulated pot.</summary>
    public required bool Simulated { get; init; }

    /// <summary>The rest of the state.</summary>
    public required CookState State { get; init; }

    /// <summary>What may happen next, the most likely first.</summary>
    public required IReadOnlyList<NextStep> Next { get; init; }

    /// <summary>What follows step by step, for a client that loses the connection.</summary>
    public required IReadOnlyList<CookAhead> Ahead { get; init; }

    /// <summary>What is known about the meat.</summary>
    public required CookVerdict Verdict { get; init; }

    /// <summary>The journal.</summary>
    public required IReadOnlyList<EventView> Events { get; init; }

    /// <summary>The question, with minutes and release.</summary>
    public required PreviewBody Plan { get; init; }

    /// <summary>What is wrong with the minutes that the cook chose against the plan; null for minutes that are safe.</summary>
    public required Warning? TooShort { get; init; }

    /// <summary>From lid-on until pressure, as expected, min.</summary>
    public required Spread90 ToPressureMinutes { get; init; }

    /// <summary>
    /// Minutes more to set while it is under pressure, since it was up early; 0 for none, and once they are set.
    /// </summary>
    public required int MinutesMore { get; init; }

    /// <summary>Spots of the cut.</summary>
    public required IReadOnlyList<SpotView> Spots { get; init; }

    internal static CookView Of(LiveCook live, CookState state, IReadOnlyList<CookAhead> ahead, int minutesMore)
    {
        var (cook, planned, journal) = (live.Cook, live.Planned, live.Journal);
        var standing = CookJournal.Standing(live.Events).Select(e => e.Id).Except(state.Ignored).ToHashSet();
        return new CookView
        {
            Id = cook.Id,
            Name = cook.Name,
            Phase = state.Phase,
            Since = state.Since,
            Now = state.Now,
            Speed = live.Time.Speed,
            FastUntil = live.Time.FastUntil,
            WaitsSeconds = live.Time.WaitsSeconds,
            Simulated = live.IsSimulated,
            State = state,
            Next = state.Next,
            Ahead = ahead,
            Verdict = state.Verdict,
            Events =
            [
                .. journal.Select(j => new EventView(
                    j.Event.Id,
                    j.Event.Kind,
                    j.Event.At,
                    j.Event.Data,
                    j.WrittenAt,
                    j.Event.Kind is CookEventKind.Undone or CookEventKind.Corrected || standing.Contains(j.Event.Id)
                )),
            ],
            Plan = cook.Planned.Request,
            TooShort = cook.Planned.TooShort,
            ToPressureMinutes = cook.Planned.ToPressureMinutes,
            MinutesMore = minutesMore,
            Spots =
            [
                .. planned.Spots.Select(s => new SpotView(
                    s.Id,
                    s.Where,
                    s.Meat.Key,
                    s.Meat.Request.Load.Cut.Id,
                    s.Spot.Id,
                    s.Meat.Request.Load.Pieces
                )),
            ],
        };
    }
}

/// <summary>A cook as it would begin now; nothing is kept.</summary>
/// <param name="Cook">It, without a name of its own.</param>
/// <param name="ToConfirm">Stops that wait for a word of the cook first.</param>
public sealed record CookOutline(CookView Cook, IReadOnlyList<Warning> ToConfirm);

/// <summary>What a reading leads to.</summary>
/// <param name="Verdict">Done, short, or measure more.</param>
/// <param name="Method">How to cook on.</param>
/// <param name="Minutes">Minutes to cook on; 0 when done; null when no time that we compute is enough.</param>
/// <param name="Why">In sentences.</param>
/// <param name="Spots">The spots after the rescue, or as they are.</param>
/// <param name="Cook">The cook after it.</param>
public sealed record CookReadingView(
    CookVerdict Verdict,
    RescueMethod Method,
    double? Minutes,
    IReadOnlyList<string> Why,
    IReadOnlyList<SpotOutcome> Spots,
    CookView Cook
)
{
    internal static CookReadingView Of(CookView cook) =>
        cook.State.Advice is { } advice
            ? new(cook.Verdict, advice.Method, advice.Minutes, advice.Why, advice.Spots, cook)
            : new(cook.Verdict, RescueMethod.None, null, [], [], cook);
}

/// <summary>A cook in a list.</summary>
/// <param name="Id">Stable name.</param>
/// <param name="Name">What the household calls it.</param>
/// <param name="Phase">Where it is.</param>
/// <param name="Verdict">What is known about the meat.</param>
/// <param name="CreatedAt">When it was begun.</param>
/// <param name="Simulated">True for a rehearsal.</param>
public sealed record CookListItem(string Id, string Name, CookPhase Phase, CookVerdict Verdict, DateTimeOffset CreatedAt, bool Simulated);
