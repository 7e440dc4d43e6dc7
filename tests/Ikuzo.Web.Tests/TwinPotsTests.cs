namespace Ikuzo.Web.Tests;

/// <summary>A kitchen with two pots of one make.</summary>
public sealed class TwinPotsTests(IkuzoServer server) : CookTests(server), IClassFixture<IkuzoServer>
{
    [Fact]
    public async Task TwoPotsOfOneMake_AreToldApartByTheirIds()
    {
        async Task<string> PotAsync(string name)
        {
            var (status, pot) = await Server.PostAsync(
                "/api/kitchen/pots",
                new
                {
                    name,
                    capacityLitres = 6.5,
                    heaterWatts = 1100,
                }
            );
            Assert.Equal(201, status);
            return (string)pot!["id"]!;
        }

        var (first, second) = (await PotAsync("Left"), await PotAsync("Right"));
        object load = new
        {
            cut = "chicken-breast-boneless",
            pieces = 3,
            totalKg = 0.7,
        };
        object pot = new
        {
            id = second,
            capacityLitres = 6.5,
            heaterWatts = 1100,
        };
        var id = await StartAsync(
            new
            {
                load,
                pot,
                minutes = 15,
                release = new { kind = "vent" },
            }
        );
        (string Kind, double Ago)[] entries = [("lid-on", 58), ("pressure-reached", 46), ("vented", 31), ("pin-down", 29), ("opened", 28)];
        foreach (var (kind, ago) in entries)
        {
            Assert.Equal(200, (await DoAsync(id, kind, Ago(ago))).Status);
        }

        await ReadAsync(id, 90);
        await ReadAsync(id, 91);
        Assert.Equal(200, (await DoAsync(id, "finished")).Status);
        var learned = (await Server.GetAsync("/api/learned")).Body!["pots"]!.AsArray().Select(p => (string)p!["potId"]!).ToList();
        Assert.Contains(second, learned);
        Assert.DoesNotContain(first, learned);
    }
}
