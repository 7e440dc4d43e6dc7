using System.ComponentModel.DataAnnotations;
using Ikuzo.Core.LineUps;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Dishes;
using Ikuzo.Web.Features.Kitchen;

namespace Ikuzo.Web.Features.LineUps;

/// <summary>A dish with what happens before and after the pot.</summary>
public record MealBody : DishBody
{
    /// <summary>Minutes under the grill at the end, 0 to 60.</summary>
    [Limits(0, 60, "min")]
    public double? CrispMinutes { get; init; }

    /// <summary>Hours in a marinade, 0 to 48.</summary>
    [Limits(0, 48, "h")]
    public double? MarinadeHours { get; init; }

    /// <summary>Minutes that the meat rests, 0 to 60; 5 unless given.</summary>
    [Limits(0, 60, "min")]
    public double? RestMinutes { get; init; }

    /// <summary>How frozen meat is thawed first.</summary>
    public ThawWay? Thaw { get; init; }

    /// <summary>Adds what only a kept dish says.</summary>
    internal virtual LineUpRequest Detail(LineUpRequest meal) => meal;
}

/// <summary>A meal to schedule back from the table.</summary>
public sealed record LineUpBody : IValidatableObject
{
    /// <summary>What is cooked.</summary>
    public MealBody? Dish { get; init; }

    /// <summary>A kept dish instead of <see cref="Dish"/>.</summary>
    [Longest(60)]
    public string? DishId { get; init; }

    /// <summary>For how many the kept dish is cooked, 1 to 40; as it says unless given.</summary>
    [Limits(1, DishDocument.MostServings)]
    public int? Servings { get; init; }

    /// <summary>How often the pot is filled, 1 to 4; for other servings it is computed.</summary>
    [Limits(1, Core.Dishes.Scaling.MostBatches)]
    public int? Batches { get; init; }

    /// <summary>When it is eaten, with offset.</summary>
    [Needed]
    [Moment]
    public DateTimeOffset? ServeAt { get; init; }

    /// <summary>The moment from which on there is time; the present one unless given.</summary>
    public DateTimeOffset? Now { get; init; }

    /// <summary>Time zone in which instants are written, as in "Europe/Vienna"; the offset of serveAt unless given.</summary>
    [Longest(60)]
    [Zone]
    public string? TimeZone { get; init; }

    /// <summary>A dish, or the name of a kept one.</summary>
    public IEnumerable<ValidationResult> Validate(ValidationContext validationContext)
    {
        if (Dish is null && DishId is null)
        {
            yield return new(NeededAttribute.Missing, [nameof(Dish)]);
        }
    }

    internal LineUpRequest ToRequest(UsualKitchen kitchen, TimeProvider clock) =>
        Dish!.Detail(
            new LineUpRequest
            {
                Dish = Dish.ToRequest(kitchen),
                ServeAt = ServeAt!.Value,
                Now = Now ?? clock.GetUtcNow(),
                Zone = TimeZone is null ? null : TimeZoneInfo.FindSystemTimeZoneById(TimeZone),
                Brown = Dish.Brown ?? false,
                CrispMinutes = Dish.CrispMinutes ?? 0,
                MarinadeHours = Dish.MarinadeHours ?? 0,
                RestMinutes = Dish.RestMinutes ?? 5,
                Thaw = Dish.Thaw ?? ThawWay.None,
                Batches = Batches ?? 1,
            }
        );
}
