namespace Ikuzo.Core.Poultry;

/// <summary>What bones and skin give to water that covers them, whatever the meat on them does: the end of stock.</summary>
/// <remarks>
/// Extraction of the first order, with the activation energy of collagen: what leaves the meat as gelatin is what its collagen becomes.
/// </remarks>
public static class Gelatin
{
    /// <summary>
    /// Rate over that at which leg meat gives its collagen away: half of what bones and skin have is out after about half an hour at
    /// 115 °C, where leg meat needs six minutes. Estimate, after household stock of 45 to 120 minutes under pressure.
    /// </summary>
    public const double Rate = 0.2;

    /// <summary>Share given at which stock has body: it coats a spoon. Estimate.</summary>
    public const double HasBody = 0.6;

    /// <summary>
    /// Share given from which stock sets in the fridge, and from which more time gives little: where plans end. Estimate.
    /// </summary>
    public const double Sets = 0.84;

    /// <summary>Stock in kitchen words, to complete "bones that ...".</summary>
    /// <param name="share">Share of the gelatin that is out, 0 to 1.</param>
    public static string Label(double share) =>
        Math.Round(share, 2) switch
        {
            >= Sets => "gives stock that sets when cold",
            >= HasBody => "gives stock with body",
            _ => "gives thin stock",
        };
}
