using Ikuzo.Core.Loads;
using Ikuzo.Core.Reading;
using Ikuzo.Web.Features.Plans;

namespace Ikuzo.Web.Features.Asking;

/// <summary>The plan that a question asks for.</summary>
internal static class AskedPlan
{
    /// <summary>Its request; what was not said is as usual.</summary>
    public static PreviewBody Of(Question question) =>
        new()
        {
            Load = LoadBody.Of(
                new MeatLoad
                {
                    Cut = question.Meat!.Cut,
                    Pieces = question.Meat.Pieces,
                    TotalKg = Math.Round(question.Meat.TotalKg, 3),
                    ThicknessMm = question.ThicknessMm,
                    HeaviestKg = question.HeaviestKg,
                    State = question.State ?? MeatState.Chilled,
                    StartCelsius = question.StartCelsius,
                    Arrangement = question.Arrangement ?? Arrangement.Single,
                    Placement = question.Placement ?? Placement.Rack,
                }
            ),
            Aim = question.Aim,
            Pressure = question.Pressure,
            Promise = question.Promise,
            Browned = question.Browned,
        };
}
