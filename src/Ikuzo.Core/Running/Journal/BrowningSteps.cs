using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Running.Aftercare;

namespace Ikuzo.Core.Running.Journal;

/// <summary>Browning at the pot: a timer for each side of each batch, and for what is fried before and after the meat.</summary>
public static class BrowningSteps
{
    /// <summary>The steps, in order.</summary>
    /// <param name="cook">The cook.</param>
    public static IReadOnlyList<CookStep> Of(PlannedCook cook)
    {
        if (!cook.Request.Browned)
        {
            return [];
        }

        var browning = Browning.Of([.. cook.Meats.Select(m => m.Request.Load)]);
        return
        [
            .. cook.Frying.Where(f => f.IsBeforeMeat).Select(Fried),
            .. from batch in Enumerable.Range(1, browning.Batches)
            from side in Enumerable.Range(1, browning.Sides)
            select new CookStep(
                FormattableString.Invariant($"brown-{batch}-{side}"),
                Words(browning, batch, side),
                browning.SideMinutes,
                Waits: true
            )
            {
                Title = browning.Batches == 1 ? Side(side) : FormattableString.Invariant($"Batch {batch} of {browning.Batches}"),
            },
            .. cook.Frying.Where(f => !f.IsBeforeMeat).Select(Fried),
        ];
    }

    private static CookStep Fried(FryStep step) => new(step.Id, step.Text, step.Minutes) { Title = step.Title };

    private static string Words(Browning browning, int batch, int side) =>
        side > 1 ? $"{Turn(browning)} Leave it until it lets go by itself."
        : batch == 1 ? "Pat it dry, into the hot fat. Leave it until it lets go by itself: too early and it tears."
        : "The batch before comes out; the next goes into the fat.";

    private static string Turn(Browning browning) => browning.IsWhole ? "Turn it over." : "Turn every piece.";

    private static string Side(int side) => side == 1 ? "First side" : "Other side";
}
