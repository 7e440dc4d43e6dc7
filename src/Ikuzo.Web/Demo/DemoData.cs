using Ikuzo.Core.Dishes;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;
using Ikuzo.Web.Features.Cooks;
using Ikuzo.Web.Features.Dishes;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.Plans;
using Ikuzo.Web.Features.Store;

namespace Ikuzo.Web.Demo;

/// <summary>A made-up household high up in the hills, with two pots, a few kept plans and nine dishes.</summary>
internal static class DemoData
{
    private const string FirstPotId = "first"; // comes with the empty database

    private static readonly Pot BigPot = new()
    {
        Id = "bertha",
        Name = "Bertha",
        CapacityLitres = 5.7,
        HeaterWatts = 1000,
        MinimumLiquidMl = 250,
        HighGaugeKpa = 75,
        LowGaugeKpa = 40,
        IsDefault = true,
    };

    private static readonly Pot SmallPot = new()
    {
        Id = "pip",
        Name = "Pip",
        CapacityLitres = 3,
        HeaterWatts = 700,
        MinimumLiquidMl = 250,
        HighGaugeKpa = 70,
        LowGaugeKpa = 40,
        IsDefault = false,
    };

    private static readonly (string Name, LoadBody Load, Aim Aim, double? LiquidMl, CompanionBody[] Companions)[] Plans =
    [
        (
            "Duck legs with prunes and fennel",
            new()
            {
                Cut = "duck-leg",
                Pieces = 4,
                TotalKg = 1.0,
                Placement = Placement.OnBed,
            },
            Aim.FallApart,
            300,
            [new("prunes", 120), new("fennel", 300)]
        ),
        (
            "Crown for Sunday",
            new()
            {
                Cut = "turkey-crown",
                Pieces = 1,
                TotalKg = 2.2,
                ThicknessMm = 62,
            },
            Aim.Slice,
            400,
            []
        ),
        (
            "Lemon chicken for six",
            new()
            {
                Cut = "chicken-whole",
                Pieces = 1,
                TotalKg = 1.8,
            },
            Aim.Slice,
            250,
            []
        ),
        (
            "Barley and frozen thighs",
            new()
            {
                Cut = "chicken-thigh-bone-in",
                Pieces = 6,
                TotalKg = 1.2,
                State = MeatState.Frozen,
                Placement = Placement.OnBed,
            },
            Aim.Pull,
            700,
            [new("pearl-barley", 250)]
        ),
        (
            "Tuesday breasts",
            new()
            {
                Cut = "chicken-breast-boneless",
                Pieces = 4,
                TotalKg = 0.9,
                ThicknessMm = 30,
            },
            Aim.Slice,
            300,
            []
        ),
    ];

    /// <summary>Fills a new database once.</summary>
    public static async Task FillAsync(IServiceProvider services, CancellationToken cancellation)
    {
        var kitchen = services.GetRequiredService<KitchenStore>();
        if (await kitchen.HasKnownAsync(BigPot.Id, cancellation))
        {
            return;
        }

        await kitchen.SaveAsync(
            new KitchenSettings
            {
                Name = "Hill House",
                AltitudeMetres = 1350,
                HasThermometer = true,
                RoomCelsius = 21,
                Units = UnitSystem.Metric,
            },
            version: null,
            cancellation
        );
        await kitchen.AddPotAsync(BigPot, cancellation);
        await kitchen.AddPotAsync(SmallPot, cancellation);
        await kitchen.RemovePotAsync(FirstPotId, cancellation);
        var usual = await kitchen.UsualAsync(cancellation);
        var store = services.GetRequiredService<PlanStore>();
        foreach (var (name, load, aim, liquidMl, companions) in Plans)
        {
            var request = new PreviewBody
            {
                Load = load,
                Aim = aim,
                LiquidMl = liquidMl,
                Companions = companions,
            };
            var plan = Together.Compute(request.ToRequest(usual), cancellation);
            await store.AddAsync(Guid.CreateVersion7(), name, request, plan.Minutes, plan.Release, cancellation);
        }

        var dishes = services.GetRequiredService<DishStore>();
        foreach (var dish in DemoDishes.All)
        {
            await dishes.AddAsync(dish, cancellation);
        }

        var now = services.GetRequiredService<TimeProvider>().GetUtcNow();
        await DemoYear.FillAsync(services.GetRequiredService<CookStore>(), usual, now, cancellation);
        await DemoStore.FillAsync(services.GetRequiredService<ColdStore>(), now, cancellation);
    }
}
