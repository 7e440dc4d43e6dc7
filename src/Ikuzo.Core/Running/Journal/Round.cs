namespace Ikuzo.Core.Running.Journal;

/// <summary>One time under the lid.</summary>
internal sealed record Round(DateTimeOffset HeatOnAt, double Minutes, bool Simmers)
{
    public DateTimeOffset? PressureAt { get; set; }

    public DateTimeOffset? HoldOverAt { get; set; }

    public DateTimeOffset? VentedAt { get; set; }

    public DateTimeOffset? OpenedAt { get; set; }

    /// <summary>True when its lump was taken apart afterwards.</summary>
    public bool EndsLump { get; set; }

    public List<CountedReading> Readings { get; private init; } = [];

    /// <summary>The same, to go on from without changing this one.</summary>
    public Round Copy() => this with { Readings = [.. Readings] };

    /// <summary>Minutes at pressure or at a simmer.</summary>
    public double MinutesHeld => Math.Clamp(((HoldOverAt - (Simmers ? HeatOnAt : PressureAt)) ?? TimeSpan.Zero).TotalMinutes, 0, 240);
}
