using System.Text.Json;
using Ikuzo.Core.Cooking;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Web.Features.Cooks;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.Plans;

namespace Ikuzo.Web.Demo;

/// <summary>A year of cooks of the demo household, made by "bench -- year" from truths that nobody told it.</summary>
internal static class DemoYear
{
    private const string Resource = "Ikuzo.Web.Demo.year.json";
    private static readonly JsonSerializerOptions Plain = new(JsonSerializerDefaults.Web);

    private sealed record Entry(string Kind, double At, string? Spot, double? Celsius, double? Minutes, bool? Simmer, string? Text);

    private sealed record Tasted(int? Juicy, int? Tender, double? RawGrams, double? CookedGrams, string? NextTime);

    private sealed record Cook(
        double DaysAgo,
        string Name,
        string Pot,
        string Cut,
        int Pieces,
        double Kg,
        bool Frozen,
        string Aim,
        string Promise,
        double Minutes,
        string Release,
        double Rest,
        double[] Up,
        double[] Down,
        string Verdict,
        Entry[] Events,
        Tasted? Tasted
    );

    /// <summary>Keeps the year, its last cook a few days ago.</summary>
    public static async Task FillAsync(CookStore cooks, UsualKitchen usual, DateTimeOffset now, CancellationToken cancellation)
    {
        await using var file = typeof(DemoYear).Assembly.GetManifestResourceStream(Resource)!;
        var year = (await JsonSerializer.DeserializeAsync<Cook[]>(file, Plain, cancellation))!;
        foreach (var (cook, number) in year.Select((c, i) => (c, i)))
        {
            var start = now.AddDays(-cook.DaysAgo);
            List<(string, CookEvent)> journal =
            [
                .. cook.Events.Select((e, i) => ($"year-{number}-{i}", new CookEvent($"{i}", Kind(e), start.AddMinutes(e.At), Data(e)))),
            ];
            if (cook.Tasted is { } said)
            {
                var tasted = new CookEventData
                {
                    Juicy = said.Juicy,
                    Tender = said.Tender,
                    RawGrams = said.RawGrams,
                    CookedGrams = said.CookedGrams,
                    NextTime = said.NextTime,
                };
                journal.Add(
                    ($"year-{number}-tasted", new("tasted", CookEventKind.Tasted, start.AddMinutes(cook.Events[^1].At + 40), tasted))
                );
            }

            await cooks.AddEndedAsync(
                $"year{number:000}",
                cook.Name,
                Planned(cook, usual),
                journal,
                Enum.Parse<CookVerdict>(cook.Verdict),
                cancellation
            );
        }
    }

    private static CookEventKind Kind(Entry entry) => Enum.Parse<CookEventKind>(entry.Kind);

    private static CookEventData Data(Entry entry) =>
        new()
        {
            Spot = entry.Spot,
            Celsius = entry.Celsius,
            Minutes = entry.Minutes,
            Simmer = entry.Simmer,
            Text = entry.Text,
        };

    private static PlannedBody Planned(Cook cook, UsualKitchen usual) =>
        PlannedBody.Over(
            usual,
            usual.Kept.First(p => p.Id == cook.Pot),
            new()
            {
                Load = LoadBody.Of(
                    new()
                    {
                        Cut = CutCatalogue.Find(cook.Cut)!,
                        Pieces = cook.Pieces,
                        TotalKg = cook.Kg,
                        State = cook.Frozen ? MeatState.Frozen : MeatState.Chilled,
                    }
                ),
                Aim = Enum.Parse<Aim>(cook.Aim),
                Promise = Enum.Parse<Promise>(cook.Promise),
                Minutes = cook.Minutes,
                Release = ReleaseBody.Of(new Release(Enum.Parse<ReleaseKind>(cook.Release), cook.Rest)),
            },
            new(cook.Up[0], cook.Up[1], cook.Up[2]),
            new(cook.Down[0], cook.Down[1], cook.Down[2])
        );
}
