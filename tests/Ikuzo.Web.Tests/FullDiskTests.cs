using System.Net.Http.Json;

namespace Ikuzo.Web.Tests;

public sealed class FullDiskTests : FolderTests
{
    // A disk of a megabyte: whatever is to be kept is refused with what to do, and nothing is left half.
    [Fact]
    public async Task EveryWrite_SaysThatTheDiskIsFull()
    {
        var before = await StartTests.InMountsAsync($"mount -t tmpfs -o size=1m tmpfs '{Folder}' && exec \"$@\"");
        using var server = await ServerProcess.StartAsync(Folder, new() { ["IKUZO_LOG_FILES"] = "false" }, before);
        async Task<(int Status, string Said)> SayAsync(string path, object body)
        {
            using var answer = await server.Http.PostAsJsonAsync(path, body, TestContext.Current.CancellationToken);
            return ((int)answer.StatusCode, await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
        }

        var request = new
        {
            load = new
            {
                cut = "duck-leg",
                pieces = 4,
                totalKg = 1,
            },
        };
        var status = 201;
        for (var i = 0; i < 2000 && status == 201; i++)
        {
            (status, _) = await SayAsync("/api/plans", new { name = $"{i}", request });
        }

        (string Path, object Body)[] writes =
        [
            ("/api/plans", new { name = "more", request }),
            ("/api/dishes", Dish("More")),
            ("/api/store", new { text = "stock 1 l freezer" }),
            ("/api/book", new { text = "yesterday, 8 drumsticks, 12 min, vented, 85 °C" }),
            ("/api/backups", new { }),
        ];
        foreach (var (path, body) in writes)
        {
            // What was refused may leave room for what is smaller: until that is gone too, it is kept.
            var (refused, said) = (201, "");
            for (var i = 0; i < 200 && refused == 201; i++)
            {
                (refused, said) = await SayAsync(path, body);
            }

            Assert.True(refused == 507, $"{path} {refused} {said}");
            Assert.Contains("Make room on the disk", said, StringComparison.Ordinal);
        }

        using var health = await server.Http.GetAsync("/api/health", TestContext.Current.CancellationToken);
        Assert.Equal(503, (int)health.StatusCode);
        Assert.Contains(
            "Make room",
            await health.Content.ReadAsStringAsync(TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );
        Assert.Equal(200, (int)(await server.Http.GetAsync("/api/plans", TestContext.Current.CancellationToken)).StatusCode);
    }
}
