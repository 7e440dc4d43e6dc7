using System.Text.Json.Nodes;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Reading;
using static Ikuzo.Web.Features.Dishes.RecipeFile;

namespace Ikuzo.Web.Features.Dishes;

/// <summary>Writes a dish as a recipe.</summary>
internal static class RecipeWriter
{
    /// <summary>The recipe of a dish. The stages are for people: they are computed anew when it is read.</summary>
    public static JsonObject Write(DishDocument dish, IReadOnlyList<DishItem> items, DishPlan plan) =>
        new()
        {
            ["@context"] = "https://schema.org",
            ["@type"] = "Recipe",
            ["name"] = dish.Name,
            ["recipeYield"] = FormattableString.Invariant($"{dish.Servings} servings"),
            ["recipeIngredient"] = Texts(items.Select(DishLine.Write).Concat(dish.Aromatics ?? [])),
            ["recipeInstructions"] = new JsonArray(
                Section(Before, BeforeSteps(dish)),
                Section(
                    UnderPressure,
                    (plan.Best?.Stages ?? []).Select(
                        (s, i) =>
                            FormattableString.Invariant(
                                $"Stage {i + 1}: {s.LiquidMl:0} ml of thin liquid, {s.Minutes:0} min at high pressure. {s.Why}"
                            )
                    )
                ),
                Section(Meanwhile, (dish.Meanwhile ?? []).Select(j => FormattableString.Invariant($"{j.Text} ({j.Minutes:0} min)"))),
                Section(AtTheEnd, EndSteps(dish))
            ),
            ["totalTime"] = plan.Best is { } best ? FormattableString.Invariant($"PT{Math.Ceiling(best.TotalMinutes.P95):0}M") : null,
            ["comment"] = Texts(dish.Notes ?? []),
        };

    private static IEnumerable<string> BeforeSteps(DishDocument dish)
    {
        if (dish.Thaw is ThawWay.Fridge or ThawWay.ColdWater)
        {
            yield return dish.Thaw == ThawWay.Fridge ? "Thaw in the fridge." : "Thaw in cold water.";
        }

        if (dish.Seasoning is { } seasoning)
        {
            yield return $"Season with {seasoning}.";
        }

        if (dish.MarinadeHours > 0)
        {
            yield return FormattableString.Invariant($"Marinate for {dish.MarinadeHours:0.##} hours in the fridge.");
        }

        if (dish.Brown == true)
        {
            yield return $"Brown in batches{(dish.DeglazeWith is { } with ? $" and loosen with {with}" : "")}.";
        }
    }

    private static IEnumerable<string> EndSteps(DishDocument dish)
    {
        if (dish.RestMinutes is { } rest)
        {
            yield return FormattableString.Invariant($"Rest for {rest:0.##} minutes.");
        }

        if (dish.CrispMinutes > 0)
        {
            yield return FormattableString.Invariant($"Crisp for {dish.CrispMinutes:0.##} minutes under the grill.");
        }

        foreach (var line in dish.Finish ?? [])
        {
            yield return line;
        }
    }

    private static JsonObject Section(string name, IEnumerable<string> steps) =>
        new()
        {
            ["@type"] = "HowToSection",
            ["name"] = name,
            ["itemListElement"] = new JsonArray([.. steps.Select(text => new JsonObject { ["@type"] = "HowToStep", ["text"] = text })]),
        };

    private static JsonArray Texts(IEnumerable<string> texts) => new([.. texts.Select(t => JsonValue.Create(t))]);
}
