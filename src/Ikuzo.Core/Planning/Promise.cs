namespace Ikuzo.Core.Planning;

/// <summary>What minutes promise.</summary>
public enum Promise
{
    /// <summary>99 of 100 such cooks are at 74 °C when the lid opens: for those who cannot or will not measure.</summary>
    Sure,

    /// <summary>
    /// The lid opens when it is likely enough, and the thermometer decides: most are ready at the first reading, nearly all after standing
    /// covered, and the few that are left go back.
    /// </summary>
    Measured,
}

/// <summary>The other promise beside that of a plan, with the same release.</summary>
/// <param name="Promise">Which.</param>
/// <param name="Minutes">Its minutes.</param>
/// <param name="Release">Its release.</param>
/// <param name="ReadyAtFirst">Share of cooks that are done at the first reading.</param>
/// <param name="WaterLossPercent">Juice lost, likely, percent of the raw weight of the muscle.</param>
/// <param name="TotalMinutes">From lid-on to opening, likely, min.</param>
/// <param name="Text">The same in one line.</param>
public sealed record OtherPromise(
    Promise Promise,
    double Minutes,
    Cooking.Release Release,
    double ReadyAtFirst,
    double WaterLossPercent,
    double TotalMinutes,
    string Text
);
