using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Safety;

namespace Ikuzo.Core.Reading;

/// <summary>What happens at the pot, and what stood warm.</summary>
internal sealed partial class Heard
{
    // --- what happens at the pot

    /// <summary>Something happened: it is answered in its place.</summary>
    public void Happened(string place, string @case, Spoken said)
    {
        if (GoTo is null || GoTo.Case is "reading" or "is-it-done" or "put-back")
        {
            GoTo = new(
                place,
                @case,
                Cases.Why(@case),
                said.Fit.All<Quantity>().FirstOrDefault(IsTime).Value is > 0 and var minutes ? minutes : null
            );
        }

        if (
            said.Fit.Captured.Select(c => c.Value).OfType<Quantity>().FirstOrDefault(q => q.Dimension == Dimension.Temperature) is
            { Tokens: > 0 } hot
        )
        {
            Reads(hot.Value, TemperatureScale.Celsius);
        }
    }

    private static bool IsTime(Quantity quantity) => quantity.Dimension == Dimension.Time && quantity.Tokens > 0;

    /// <summary>Something was asked that is answered elsewhere; what happened goes before it.</summary>
    public void Asked(string place, string @case) => GoTo ??= new(place, @case, Cases.Why(@case));

    /// <summary>The rack was forgotten.</summary>
    public void ForgotRack(Spoken said)
    {
        Placement = Loads.Placement.InLiquid;
        Happened("check", "no-rack", said);
    }

    /// <summary>What was named last lies underneath: to lie on, or to steam above.</summary>
    public void Underneath() => Placement ??= Beside is [.., { Food.Liquid: null }] ? Loads.Placement.OnBed : Loads.Placement.Rack;

    /// <summary>It is not computed here.</summary>
    public void Decline(string why) => Declined ??= why;

    // --- what stood warm

    /// <summary>It stood warm so long.</summary>
    public void Stood(double minutes)
    {
        StoodMinutes = Math.Max(StoodMinutes ?? 0, minutes);
        State ??= MeatState.Room;
    }

    /// <summary>It stood warm so long, and maybe in heat.</summary>
    public void Stood(Spoken said)
    {
        Stood(said.Minutes);
        StoodInHeat |= Hot.Overlaps(said.Text.ToLowerInvariant().Split(' '));
    }

    /// <summary>How warm it is where the meat stood.</summary>
    public void RoomIs(Spoken said)
    {
        var celsius =
            said.Fit.Captured[0].Value is Quantity typed ? typed.Value
            : said.Number.Most > MostRoomCelsius ? Temperatures.FromFahrenheit(said.Number.Most)
            : said.Number.Most;
        if (celsius < HotCelsius)
        {
            StoodInHeat |= FoodRules.IsHot(celsius);
        }
        else
        {
            Unknown.Add(said.Text);
        }
    }

    private const double MostRoomCelsius = 50; // more is °F

    private static readonly HashSet<string> Hot = PlainWords.Of("hot");

    /// <summary>A place that is not cold was named, and nothing came of it.</summary>
    public void MayHaveStood(string place)
    {
        if (StoodMinutes is null && Meats.Count > 0)
        {
            AskHowLong(place);
        }
    }

    private const double LongMinutes = 600; // over a night: longer than any rule

    /// <summary>It stands out of the cold, perhaps over a night.</summary>
    public void StandsOut(Spoken said)
    {
        Cold.IsOut = true;
        if (said.Text.Contains("night", StringComparison.OrdinalIgnoreCase))
        {
            Stood(LongMinutes);
        }
    }

    /// <summary>It stood warm over a night, or for hours that nobody counted.</summary>
    public void StoodLong(Spoken said) =>
        Stood(Math.Max(LongMinutes, said.Fit.Captured.Select(c => c.Value).OfType<Quantity>().Select(q => q.Value).FirstOrDefault()));

    /// <summary>It stood warm since a time; until another, or a meal or part of the day ago.</summary>
    public void StoodFrom(Spoken said)
    {
        var clocks = said.Fit.All<ClockTime>().ToList();
        if (clocks.Count >= 2)
        {
            var minutes = (clocks[^1].Minutes - clocks[0].Minutes + 1440) % 1440;
            Stood(minutes > 720 ? minutes - 720 : minutes);
            return;
        }

        if (said.Fit.Get<SaidDay>() is { Away: < 0 } or { Weekday: not null })
        {
            Stood(LongMinutes);
            return;
        }

        StoodUnknown(said);
    }

    /// <summary>It stood warm, nobody knows how long: that is asked.</summary>
    public void StoodUnknown(Spoken said)
    {
        if (StoodMinutes is not null)
        {
            return;
        }

        AskHowLong(said.Text.ToLowerInvariant());
    }

    private void AskHowLong(string text)
    {
        State ??= MeatState.Room;
        Doubts.Ask(
            text,
            ("for over two hours, or nobody knows", () => Stood(LongMinutes)),
            ("for one to two hours", () => Stood(90)),
            ("for less than an hour", () => Stood(45))
        );
    }

    /// <summary>It smells: raw meat is thrown away; what comes from the pot is burning.</summary>
    public void Smells(Spoken said)
    {
        if (GoTo is { Place: "pot" })
        {
            return;
        }

        Stops.Add("smells");
    }
}
