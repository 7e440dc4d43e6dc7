namespace Ikuzo.Core.Quantities;

/// <summary>5th, 50th and 95th percentile.</summary>
public readonly record struct Spread90(double P05, double P50, double P95);

/// <summary>1st, 50th and 99th percentile.</summary>
public readonly record struct Spread98(double P01, double P50, double P99);

/// <summary>A median.</summary>
public readonly record struct MedianOnly(double P50);

/// <summary>A low percentile, the one that matters for safety.</summary>
public readonly record struct LowOnly(double P01);

/// <summary>Likely and late.</summary>
public readonly record struct LikelyAndLate(double P50, double P95);
