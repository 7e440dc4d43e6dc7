namespace Ikuzo.Core.Reading;

/// <summary>What was said of a thing in the cold.</summary>
internal sealed class ColdHeard
{
    /// <summary>Where: fridge, freezer, thawing, cold-water; null where nobody said.</summary>
    public string? Place { get; set; }

    /// <summary>True where it stands out of the cold.</summary>
    public bool IsOut { get; set; }

    /// <summary>The day that is printed on it.</summary>
    public SaidDay? UseBy { get; set; }

    /// <summary>Since when, by what was said last of its place; what was bought earlier counts less.</summary>
    public (SaidDay Day, TimeOnly? Time)? Since { get; private set; }

    private bool _isBought;

    /// <summary>Portions or boxes.</summary>
    public double? Portions { get; set; }

    /// <summary>How much in all, ml.</summary>
    public double? Ml { get; private set; }

    /// <summary>What the meal is called.</summary>
    public string? MealName { get; private set; }

    /// <summary>True for what was eaten or thrown away.</summary>
    public bool IsGone { get; set; }

    /// <summary>It happened on a day, or at a time of today.</summary>
    public void Happened(Spoken said)
    {
        var text = said.Text.ToLowerInvariant();
        if (text.Contains("fro", StringComparison.Ordinal) || text.Contains("freez", StringComparison.Ordinal))
        {
            Place ??=
                text.Contains("from", StringComparison.Ordinal) && !text.Contains("froz", StringComparison.Ordinal) ? Place : "freezer";
        }

        Place ??= text.Contains("thaw", StringComparison.Ordinal) || text.Contains("defrost", StringComparison.Ordinal) ? "thawing" : null;
        var isBought = text.Contains("bought", StringComparison.Ordinal) || text.Contains("opened", StringComparison.Ordinal);
        var day = said.Fit.Get<SaidDay>();
        var time = said.Fit.Get<ClockTime>()?.Time;
        if (Since is { } known && day is null && known.Time is null)
        {
            Since = (known.Day, time);
            return;
        }

        if (
            Since is null
            || _isBought && !isBought
            || Since.Value.Day.Away == 0 && Since.Value.Time is null && day is { Away: not 0 } && !isBought
        )
        {
            (Since, _isBought) = ((day ?? new SaidDay { Away = 0 }, time), isBought);
        }
    }

    /// <summary>It came out of the freezer on a day, into the fridge.</summary>
    public void ThawsSince(Spoken said)
    {
        Place = "thawing";
        Since ??= (said.Fit.Get<SaidDay>()!, null);
    }

    /// <summary>It was so many days ago.</summary>
    public void Ago(Spoken said) => Since ??= (new SaidDay { Away = -(int)(said.Quantity.Value / 1440) }, null);

    /// <summary>Several of one volume.</summary>
    public void Several(Spoken said)
    {
        Portions = said.Number.Most;
        Ml = said.Number.Most * said.Quantity.Value;
    }

    /// <summary>It is a meal of its own name.</summary>
    public void IsMeal(Spoken said) => MealName ??= said.Text;
}
