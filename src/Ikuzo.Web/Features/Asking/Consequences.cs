using Ikuzo.Core.Dishes;
using Ikuzo.Core.Reading;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Serving;

namespace Ikuzo.Web.Features.Asking;

/// <summary>What follows from each way to read a doubtful word: the minutes that it would make, or that it would stop.</summary>
internal sealed class Consequences(KitchenStore kitchen, WorkQueue queue)
{
    private const int MostChoices = 4; // of one question; the rest is asked without

    /// <summary>The doubts with what follows from each choice of the first; a doubt that changes no minutes says nothing.</summary>
    /// <param name="doubts">The doubts.</param>
    /// <param name="read">Reads the text again with one more answer.</param>
    /// <param name="http">Whose turn it is.</param>
    /// <param name="cancellation">Stops it.</param>
    public async Task<IReadOnlyList<DoubtView>> OfAsync(
        IReadOnlyList<Doubt> doubts,
        Func<Settled, Question> read,
        HttpContext http,
        CancellationToken cancellation
    )
    {
        if (doubts is not [{ Or.Count: > 0 } first, ..])
        {
            return [.. doubts.Select(d => new DoubtView(d.Text, d.Reading, d.Or, []))];
        }

        var usual = await kitchen.UsualAsync(cancellation);
        var follows = await queue.RunAsync(
            Work.Plan,
            Computing.ClientOf(http),
            () =>
                Task.FromResult<IReadOnlyList<string>>([
                    .. new[] { first.Reading }
                        .Concat(first.Or)
                        .Take(MostChoices)
                        .Select(choice => Words(read(new(first.Text, choice)), usual, cancellation)),
                ]),
            cancellation
        );
        var differs = follows.Distinct().Count() > 1;
        return
        [
            new(first.Text, first.Reading, first.Or, differs ? follows : []),
            .. doubts.Skip(1).Select(d => new DoubtView(d.Text, d.Reading, d.Or, [])),
        ];
    }

    private static string Words(Question question, UsualKitchen usual, CancellationToken cancellation)
    {
        if (question.Stops.Count > 0)
        {
            return "stop";
        }

        if (question.ReadingCelsius is not null)
        {
            return "to Check";
        }

        if (question.Meat is null)
        {
            return "no answer";
        }

        var plan = Together.Compute(AskedPlan.Of(question).ToRequest(usual), cancellation);
        return plan.Minutes is { } minutes ? FormattableString.Invariant($"{minutes:0} min") : "stop";
    }
}
