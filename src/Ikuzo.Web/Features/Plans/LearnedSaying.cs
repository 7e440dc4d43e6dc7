using Ikuzo.Core.Book;
using Ikuzo.Core.Planning;
using Ikuzo.Web.Features.Kitchen;

namespace Ikuzo.Web.Features.Plans;

/// <summary>Says in a plan what the household has learned, and what it changed.</summary>
internal static class LearnedSaying
{
    /// <summary>The words; null where nothing was learned, or nothing is wanted of it.</summary>
    /// <param name="learned">All that was learned.</param>
    /// <param name="pot">The pot; null for none of the household's.</param>
    /// <param name="request">The question.</param>
    /// <param name="minutesMore">Minutes more than who has learned nothing would set; null where that was not asked.</param>
    public static LearnedWord? Of(Learned learned, Pot? pot, PlanRequest request, double? minutesMore = null)
    {
        if (request.Learned.TeachesNothing())
        {
            return null;
        }

        var (cut, litres) = (request.Load.Cut, request.Pot.CapacityLitres);
        var change = minutesMore is { } more ? LearnedWords.Change(learned, pot?.Name ?? "this pot", pot?.Id, litres, cut, more) : null;
        var known = LearnedWords.OfCut(learned, cut).Concat(pot is null ? [] : LearnedWords.OfPot(learned, pot.Id, pot.Name, litres));
        string?[] text = [change, .. known.Select(t => t.Text)];
        return new(learned.CooksOfCut(cut.Id), [.. text.OfType<string>()]);
    }
}
