using Ikuzo.Core.Dishes;
using Ikuzo.Core.LineUps;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Dishes;
using Ikuzo.Web.Features.Kitchen;

namespace Ikuzo.Web.Features.LineUps;

/// <summary>A dish with what happens before and after the pot.</summary>
public record MealBody : DishBody
{
    /// <summary>True to brown the meat first.</summary>
    public bool? Brown { get; init; }

    /// <summary>Minutes under the grill at the end, 0 to 60.</summary>
    public double? CrispMinutes { get; init; }

    /// <summary>Hours in a marinade, 0 to 48.</summary>
    public double? MarinadeHours { get; init; }

    /// <summary>Minutes that the meat rests, 0 to 60; 5 unless given.</summary>
    public double? RestMinutes { get; init; }

    /// <summary>How frozen meat is thawed first.</summary>
    public ThawWay? Thaw { get; init; }

    /// <summary>Adds what only a kept dish says.</summary>
    internal virtual LineUpRequest Detail(LineUpRequest meal) => meal;

    internal override void Check(FieldErrors errors, string at)
    {
        base.Check(errors, at);
        errors.Range($"{at}crispMinutes", CrispMinutes, 0, 60, "min");
        errors.Range($"{at}marinadeHours", MarinadeHours, 0, 48, "h");
        errors.Range($"{at}restMinutes", RestMinutes, 0, 60, "min");
    }
}

/// <summary>A meal to schedule back from the table.</summary>
public sealed record LineUpBody
{
    /// <summary>What is cooked.</summary>
    public MealBody? Dish { get; init; }

    /// <summary>A kept dish instead of <see cref="Dish"/>.</summary>
    public string? DishId { get; init; }

    /// <summary>For how many the kept dish is cooked, 1 to 40; as it says unless given.</summary>
    public int? Servings { get; init; }

    /// <summary>How often the pot is filled, 1 to 4; for other servings it is computed.</summary>
    public int? Batches { get; init; }

    /// <summary>When it is eaten, with offset.</summary>
    public DateTimeOffset? ServeAt { get; init; }

    /// <summary>The moment from which on there is time; the present one unless given.</summary>
    public DateTimeOffset? Now { get; init; }

    /// <summary>Time zone in which instants are written, as in "Europe/Vienna"; the offset of serveAt unless given.</summary>
    public string? TimeZone { get; init; }

    internal FieldErrors Check()
    {
        var errors = new FieldErrors();
        (Dish ?? new MealBody()).Check(errors, "dish.");
        errors.Range("servings", Servings, 1, DishDocument.MostServings, "");
        errors.Range("batches", Batches, 1, Core.Dishes.Scaling.MostBatches, "");
        if (ServeAt is not { Year: >= 2000 and <= 2200 })
        {
            errors.Add("serveAt", "must be a moment with offset between the years 2000 and 2200.");
        }

        errors.TimeZone("timeZone", TimeZone);
        return errors;
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
