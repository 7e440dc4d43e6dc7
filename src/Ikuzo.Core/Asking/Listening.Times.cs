using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Asking;

/// <summary>What each time is: under pressure, left alone, or nothing that counts.</summary>
internal sealed partial class Listening
{
    private const double UsualRestMinutes = 15; // "10 minutes natural release" may be a rest up to here

    private int TakeTime(int at, Quantity time)
    {
        const double Day = 1440,
            Hour = 60;
        if (MarkAt(at + 1) == Mark.Per)
        {
            return NotKnown(at, Math.Min(3, _words.Count - at));
        }

        if (time.Value >= Day)
        {
            _heard.DaysInFridge = time.Value / Day;
            return Note(at, 1, "days in the fridge");
        }

        if (MeaningAt(Before(at)) is { State: MeatState.Chilled })
        {
            return Note(at, 1, "how long it thawed"); // "thawed 10 minutes in water"
        }

        if (Follows(at, Mark.Marinated) || MarkAt(at + 1) == Mark.Marinated)
        {
            _heard.MarinadeHours = time.Value / Hour;
            return Note(at, 1, "in its marinade");
        }

        // "12 min, crispy" is the time under pressure; a second one is not.
        if (Follows(at, Mark.Crisped) || (MarkAt(at + 1) == Mark.Crisped && _heard.Minutes is not null))
        {
            _heard.CrispMinutes = time.Value;
            return Note(at, 1, "crisped after");
        }

        if (time.Value > 4 * Hour)
        {
            return Note(at, 1, "changes no minutes");
        }

        return IsRest(at) is { } isRest ? TakeRest(at, time.Value, isRest) : TakeMinutes(at, time);
    }

    // With a filler between: "for".
    private bool Follows(int at, Mark mark) =>
        !_words[at].IsApart && (MarkAt(at - 1) == mark || (MarkAt(at - 2) == mark && !_words[at - 1].IsApart));

    // Null where the minutes are those under pressure.
    private bool? IsRest(int at)
    {
        var next = MarkAt(at + 1) == Mark.Of || IsFiller(at + 1) ? at + 2 : at + 1;
        var before = MarkAt(at - 1) == Mark.For ? at - 2 : at - 1;
        if (
            Word(next + 1) is { IsApart: false } own
            && (own.Is(Dimension.Time) || own.Number is not null)
            && MeaningAt(next)?.Release is not null
        )
        {
            next = -1; // that has minutes of its own
        }

        return (MeaningAt(next)?.Release, Word(next)?.IsApart, MeaningAt(before)?.Release) switch
        {
            (ReleaseKind.RestThenVent, false, _) or (_, _, ReleaseKind.RestThenVent) => true,
            (ReleaseKind.Natural, false, _) when _heard.Minutes is not null => true,
            (ReleaseKind.Natural, false, _) when VentsAfter(next) => true,
            (ReleaseKind.Natural, false, _) when _words[at].Quantity!.Value.Value <= UsualRestMinutes => false,
            (_, _, ReleaseKind.Natural) when _heard.Minutes is not null => true,
            _ => null,
        };
    }

    private bool VentsAfter(int at) => Enumerable.Range(at + 1, 3).Any(i => MeaningAt(i)?.Release == ReleaseKind.Vent);

    private int TakeRest(int at, double minutes, bool isSure)
    {
        if (isSure)
        {
            Rest(minutes);
            return Note(at, 1, "left alone before venting");
        }

        _doubts.Ask(
            _words[at].Text,
            ("minutes under pressure", () => _heard.Minutes = minutes),
            ("left alone, then vented", () => Rest(minutes))
        );
        return 1;
    }

    private void Rest(double minutes) => (_heard.RestMinutes, _heard.Release) = (minutes, ReleaseKind.RestThenVent);

    private int TakeMinutes(int at, Quantity time)
    {
        if (_heard.Minutes is not null)
        {
            _doubts.Ask(
                _words[at].Text,
                (Doubts.LeftOut, () => { }),
                ("minutes under pressure", () => _heard.Minutes = time.Value),
                ("left alone, then vented", () => Rest(time.Value))
            );
            return 1;
        }

        _heard.Minutes = time.Value;
        return Note(at, 1, time.Least is null ? "minutes under pressure" : "minutes under pressure, the greater of the two");
    }
}
