using Ikuzo.Core.Cooking;
using Ikuzo.Core.Pots;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>When it is eaten, and what is done with it under pressure.</summary>
internal sealed partial class Heard
{
    // --- how it should end

    /// <summary>It should end so; the later word counts.</summary>
    public void Aims(Aim aim) => Aim = aim;

    /// <summary>It is cooked for its stock, in liquid whatever it is.</summary>
    public void IsForStock()
    {
        Aims(Poultry.Aim.Stock);
        Placement ??= Loads.Placement.InLiquid;
    }

    // --- when

    /// <summary>It is eaten at a time.</summary>
    public void Eats(Spoken said)
    {
        EatAt ??= said.Clock.Time;
        EatDay ??= said.Fit.Get<SaidDay>();
    }

    /// <summary>It is eaten on a day.</summary>
    public void EatsOn(Spoken said)
    {
        var day = said.Fit.Get<SaidDay>()!;
        EatDay ??= day;
    }

    // --- under pressure

    /// <summary>Minutes under pressure, where that is said.</summary>
    public void Hold(Spoken said)
    {
        SaysPressure(said);
        if (said.Quantity.Value > MostMinutes)
        {
            As = "changes no minutes";
            return;
        }

        As = said.Quantity.Least is null ? "minutes under pressure" : "minutes under pressure, the greater of the two";
        SetMinutes(said);
    }

    private const double MostMinutes = 240;
    private const double LongForABareTime = 30; // more without a word for it is rather the time that there is; estimate

    /// <summary>A time by itself: under pressure, likely.</summary>
    public void BareTime(Spoken said)
    {
        if (_isMarinating && MarinadeHours is null && said.Quantity.Value >= LeastMarinadeMinutes)
        {
            As = "in its marinade";
            MarinadeHours = said.Quantity.Value / 60;
            return;
        }

        if (said.Quantity.Value > MostMinutes)
        {
            As = "changes no minutes";
            return;
        }

        As = said.Quantity.Least is null ? "minutes under pressure" : "minutes under pressure, the greater of the two";
        if (
            Minutes is null
            && said.Quantity.Value >= LongForABareTime
            && !said.Text.StartsWith("for", StringComparison.OrdinalIgnoreCase)
            && Release is null
            && Meats.Count == 0
        )
        {
            Doubts.Ask(
                said.Text.ToLowerInvariant(),
                ("until it is eaten", () => EatInMinutes = said.Quantity.Value),
                ("minutes under pressure", () => Minutes = said.Quantity.Value)
            );
            return;
        }

        SetMinutes(said);
        _bare = Minutes == said.Quantity.Value ? said : _bare;
    }

    private const double LeastMarinadeMinutes = 60; // estimate
    private bool _isMarinating;

    /// <summary>It is marinated, or was; a time of hours behind is of that.</summary>
    public void Marinates() => _isMarinating = true;

    private Spoken? _bare;

    /// <summary>A time by itself beside what happened at the pot is how long that took, and no plan.</summary>
    public void MayBeOfWhatHappened()
    {
        if (_bare is { } bare && Minutes == bare.Quantity.Value && GoTo is { Place: "check" or "pot", Case: not "reading" } there)
        {
            (GoTo, Minutes) = (there with { Minutes = there.Minutes ?? bare.Quantity.Value }, null);
        }
    }

    private const double MostBrowningMinutes = 10; // of one side or both; estimate

    private bool _isBrownedSoLong;

    /// <summary>It is browned first, perhaps for so long.</summary>
    public void Browns(Spoken said)
    {
        Browned = true;
        _isBrownedSoLong = said.Fit.All<Quantity>().Any();
    }

    /// <summary>
    /// A time by itself, beside heat that nothing came of ("grill", "in the pan") or browning of a length that nobody said: it may be of
    /// that.
    /// </summary>
    public void MayBeOtherHeat(bool isNamed)
    {
        if (
            _bare is { } bare
            && Minutes == bare.Quantity.Value
            && (isNamed || (Browned is true && !_isBrownedSoLong && bare.Quantity.Value <= MostBrowningMinutes))
        )
        {
            Doubts.Ask(
                bare.Text.ToLowerInvariant(),
                ("not under pressure", () => Minutes = null),
                ("minutes under pressure", () => Minutes = bare.Quantity.Value)
            );
        }
    }

    private void SaysPressure(Spoken said)
    {
        var text = said.Text.ToLowerInvariant();
        Pressure ??=
            text.Contains("low", StringComparison.Ordinal) ? PressureSetting.Low
            : text.Contains("high", StringComparison.Ordinal) || text.Contains("hp", StringComparison.Ordinal) ? PressureSetting.High
            : null;
    }

    private void SetMinutes(Spoken said)
    {
        if (Minutes is { } known && Math.Abs(known - said.Quantity.Value) > 0.01)
        {
            Doubts.Ask(
                said.Text.ToLowerInvariant(),
                (Doubts.LeftOut, () => { }),
                ("minutes under pressure", () => Minutes = said.Quantity.Value),
                ("left alone, then vented", () => RestFor(said.Quantity.Value))
            );
            return;
        }

        Minutes = said.Quantity.Value;
    }

    /// <summary>A measure that is not used here.</summary>
    public void NotUsed(Spoken said) => Unknown.Add(said.Text);

    /// <summary>Minutes under the grill; of each side they count twice.</summary>
    public void Crisp(Spoken said)
    {
        var minutes = said.Fit.Captured.Select(c => c.Value).OfType<Quantity>().First(q => q.Dimension == Dimension.Time).Value;
        if (Meats.Count == 0 && said.Text.StartsWith("brown", StringComparison.OrdinalIgnoreCase))
        {
            As = "browned first"; // before there is anything to crisp
            (Browned, _isBrownedSoLong) = (true, true);
            return;
        }

        var isEachSide =
            said.Script.Typed(said.From, Math.Min(said.Script.Count, said.Fit.End + 2)).Contains("side", StringComparison.OrdinalIgnoreCase)
            && !said.Text.Contains("side down", StringComparison.OrdinalIgnoreCase)
            && !said.Text.Contains("side up", StringComparison.OrdinalIgnoreCase);
        CrispMinutes = minutes * (isEachSide ? 2 : 1);
    }

    // --- letting it go

    private const double UsualRestMinutes = 15; // "10 minutes natural release" may be a rest up to here

    /// <summary>"10 minutes natural release": a rest where the minutes under pressure are known, else asked.</summary>
    public void TimeOfNatural(Spoken said)
    {
        var minutes = said.Quantity.Value;
        As = "left alone, then vented";
        if (Minutes is not null)
        {
            RestFor(minutes);
        }
        else if (minutes <= UsualRestMinutes)
        {
            Doubts.Ask(
                said.Script.Typed(said.From, said.From + said.Quantity.Tokens).ToLowerInvariant(),
                (
                    "minutes under pressure",
                    () =>
                    {
                        Minutes = minutes;
                        Lets(ReleaseKind.Natural);
                    }
                ),
                ("left alone, then vented", () => RestFor(minutes))
            );
        }
        else
        {
            As = "minutes under pressure, then left until the pin drops";
            Minutes = minutes;
            Lets(ReleaseKind.Natural);
        }
    }

    /// <summary>"12 min then vent", "after 10 minutes vent": under pressure where those minutes are not known yet.</summary>
    public void TimeBeforeVent(Spoken said)
    {
        var text = said.Text.ToLowerInvariant();
        var isRest =
            Minutes is not null
            || text.Contains("rest", StringComparison.Ordinal)
            || text.Contains("wait", StringComparison.Ordinal)
            || text.StartsWith("after", StringComparison.Ordinal);
        if (isRest)
        {
            RestFor(said.Minutes);
            return;
        }

        As = "minutes under pressure, then vented";
        Minutes = said.Minutes;
        Release = ReleaseKind.Vent;
    }

    /// <summary>It is left alone for some minutes, then vented.</summary>
    public void RestFor(double minutes) => (RestMinutes, Release) = (minutes, ReleaseKind.RestThenVent);

    /// <summary>It is let go in a way: a rest that was said stays one.</summary>
    public void Lets(ReleaseKind kind) => Release = Release == ReleaseKind.RestThenVent && RestMinutes is not null ? Release : kind;

    /// <summary>It is vented: after the rest, where there is one.</summary>
    public void Vents() =>
        Release =
            RestMinutes is not null || Release is ReleaseKind.RestThenVent ? ReleaseKind.RestThenVent
            : Release == ReleaseKind.Pulsed ? ReleaseKind.Pulsed
            : ReleaseKind.Vent;

    /// <summary>"12 min, rest 10 min, vent".</summary>
    public void HoldThenRest(Spoken said)
    {
        var times = said
            .Fit.Captured.Select(c =>
                c.Value is Quantity { Dimension: Dimension.Time } time ? time.Value
                : c.Value is NumberSpan number ? number.Most
                : (double?)null
            )
            .OfType<double>()
            .ToList();
        Minutes ??= times[0];
        SaysPressure(said);
        RestFor(times[1]);
    }
}
