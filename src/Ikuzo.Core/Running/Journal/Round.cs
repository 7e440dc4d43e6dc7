using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Core.Running.Journal;

/// <summary>One time under the lid.</summary>
internal sealed record Round(DateTimeOffset HeatOnAt, double Minutes, bool Simmers)
{
    public DateTimeOffset? PressureAt { get; set; }

    public DateTimeOffset? HoldOverAt { get; set; }

    public DateTimeOffset? VentedAt { get; set; }

    public DateTimeOffset? OpenedAt { get; set; }

    /// <summary>How long it was left closed after the pin had dropped, min.</summary>
    public double LeftClosedMinutes { get; set; }

    /// <summary>True for the first time under the lid.</summary>
    public bool IsFirst { get; init; }

    /// <summary>Since when it stands covered; null unless it does.</summary>
    public DateTimeOffset? CoveredAt { get; set; }

    /// <summary>How long it should, min.</summary>
    public double CoverMinutes { get; set; }

    /// <summary>True when its lump was taken apart afterwards.</summary>
    public bool EndsLump { get; set; }

    public List<CountedReading> Readings { get; private init; } = [];

    /// <summary>Readings that still say how it is: while it stands covered, and after it, not those that were short.</summary>
    public IReadOnlyList<CountedReading> Counting
    {
        get
        {
            var counting = ReadingsThatCount.Of(Readings, r => r.Spot, r => r.CoveredMinutes, r => r.IsSafe);
            return CoveredAt is null ? counting
                : counting.All(r => r.IsSafe) ? [] // it stands although nothing reads short: all is read again
                : [.. counting.GroupBy(r => r.Spot).Where(of => of.All(r => r.IsSafe)).SelectMany(of => of)];
        }
    }

    /// <summary>The same, to go on from without changing this one.</summary>
    public Round Copy() => this with { Readings = [.. Readings] };

    /// <summary>Minutes at pressure or at a simmer.</summary>
    public double MinutesHeld => Math.Clamp(((HoldOverAt - (Simmers ? HeatOnAt : PressureAt)) ?? TimeSpan.Zero).TotalMinutes, 0, 240);
}
