using Ikuzo.Core.Dishes;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Running;
using Ikuzo.Web.Features.Dishes;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.Plans;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>Makes a cook of a plan or of a kept dish, with everything that it needs to be understood later.</summary>
internal sealed class CookMaker(KitchenStore kitchen, DishStore dishes)
{
    /// <summary>A cook to keep.</summary>
    /// <param name="Name">What it is called unless the household says otherwise.</param>
    /// <param name="Planned">What is kept; null when no safe plan can be made.</param>
    /// <param name="Why">Why not.</param>
    public sealed record Made(string Name, PlannedBody? Planned, string? Why);

    /// <summary>Of a plan that has been checked.</summary>
    public async Task<Made> OfAsync(PreviewBody plan, CancellationToken cancellation)
    {
        var whole = await WholeAsync(plan, cancellation);
        return Of(whole, 0, [], [], await kitchen.UsualAsync(cancellation), cancellation);
    }

    /// <summary>Of a kept dish: its stage with meat; null when there is no such dish.</summary>
    public async Task<Made?> OfDishAsync(string id, CancellationToken cancellation)
    {
        if (await dishes.FindAsync(id, cancellation) is not { Document: var dish })
        {
            return null;
        }

        var usual = await kitchen.UsualAsync(cancellation);
        var request = dish.ToRequest(usual);
        if (DishSolver.Solve(request, cancellation).Best is not { } order || order.Stages.FirstOrDefault(s => Meat(request, s) is not null) is not { } stage)
        {
            return new(dish.Name!, null, "This dish cannot be arranged; look at it under Dishes.");
        }

        var others = order.Stages.Where(s => s != stage).Select(s => $"Another time under the lid: {string.Join(", ", s.Items)}, {s.Minutes:0} min.");
        var whole = await WholeAsync(StagePlan(dish, request, stage), cancellation);
        return Of(whole, dish.CrispMinutes ?? 0, [.. others, .. dish.Finish ?? []], dish.Meanwhile ?? [], usual, cancellation) with { Name = dish.Name! };
    }

    private static MeatItem? Meat(DishRequest dish, DishStage stage) => dish.Items.OfType<MeatItem>().FirstOrDefault(m => stage.Items.Contains(m.Key));

    private static PreviewBody StagePlan(DishDocument dish, DishRequest request, DishStage stage)
    {
        var meat = Meat(request, stage)!;
        return new PreviewBody
        {
            Pot = dish.Pot,
            AltitudeMetres = dish.AltitudeMetres,
            Load = LoadBody.Of(meat.Load),
            Aim = meat.WantedAim,
            LiquidMl = stage.LiquidMl,
            Companions = [.. request.Items.OfType<BesideItem>().Where(b => stage.Items.Contains(b.Key)).Select(b => new CompanionBody(b.Companion.Id, b.Grams, b.InBowl))],
            Minutes = stage.Minutes,
            Release = new ReleaseBody(stage.Release.Kind, stage.Release.RestMinutes),
            Browned = dish.Brown,
            Confirmed = ["giblets", "lump"],
        };
    }

    private static Made Of(PreviewBody whole, double crispMinutes, IReadOnlyList<string> finish, IReadOnlyList<JobBody> meanwhile, UsualKitchen usual, CancellationToken cancellation)
    {
        var request = whole.ToRequest(usual);
        var plan = Planner.Compute(request, cancellation);
        var stop = plan.Warnings.FirstOrDefault(w => w.Level == WarningLevel.Stop && w.Code != Plan.TooShortCode);
        if (plan is not { Minutes: { } minutes, Release: { } release, ToPressureMinutes: { } up, ReleaseMinutes: { } down } || stop is not null)
        {
            return new("", null, stop?.Text ?? "No minutes make this safe.");
        }

        return new(
            request.Load.Words,
            new PlannedBody
            {
                Request = whole with { Minutes = minutes, Release = new ReleaseBody(release.Kind, release.RestMinutes), LidOnAt = null },
                ToPressureMinutes = up,
                ReleaseMinutes = down,
                After = Aftercare.Steps(request, crispMinutes, finish),
                Meanwhile = meanwhile,
            },
            null);
    }

    // Whatever changes in the kitchen later, this cook stays what it was.
    private async Task<PreviewBody> WholeAsync(PreviewBody plan, CancellationToken cancellation)
    {
        var settings = await kitchen.SettingsAsync(cancellation);
        var pots = await kitchen.PotsAsync(cancellation);
        return plan with
        {
            Pot = plan.Pot ?? pots[0].ToBody(),
            AltitudeMetres = plan.AltitudeMetres ?? settings.AltitudeMetres,
            RoomCelsius = plan.RoomCelsius ?? settings.RoomCelsius,
            School = plan.School ?? settings.DefaultSchool,
            Units = plan.Units ?? settings.Units,
        };
    }
}
