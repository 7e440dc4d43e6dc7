namespace Ikuzo.Core.Running.Aftercare;

/// <summary>What a dish wants once its meat is done.</summary>
public sealed record AfterMeat
{
    /// <summary>What is tasted of what stood beside the meat, and what is done if it is firm.</summary>
    public IReadOnlyList<string> Taste { get; init; } = [];

    /// <summary>What is cooked on its own after the meat, in the liquid that it left.</summary>
    public IReadOnlyList<CookStep> Stages { get; init; } = [];

    /// <summary>What is stirred in and what else is done at the end, in order.</summary>
    public IReadOnlyList<string> Finish { get; init; } = [];

    /// <summary>Minutes under the grill; 0 for none.</summary>
    public double CrispMinutes { get; init; }

    /// <summary>A sauce of which a half was kept clean; null for none.</summary>
    public string? Sauce { get; init; }

    /// <summary>What is done for another day once it is served.</summary>
    public IReadOnlyList<string> Later { get; init; } = [];

    /// <summary>Minutes that the meat rests; null for what is usual.</summary>
    public double? RestMinutes { get; init; }
}
