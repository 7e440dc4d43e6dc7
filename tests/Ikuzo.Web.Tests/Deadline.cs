namespace Ikuzo.Web.Tests;

/// <summary>How long a test waits for what must come: only a server that hangs is so late, however busy the machine is.</summary>
internal static class Deadline
{
    public static readonly TimeSpan Most = TimeSpan.FromSeconds(120);

    private static readonly TimeSpan Between = TimeSpan.FromMilliseconds(100);

    /// <summary>Asks until it is enough, and says what came last when it never is.</summary>
    public static async Task<T> UntilAsync<T>(Func<Task<T>> ask, Func<T, bool> enough)
    {
        var late = DateTime.UtcNow + Most;
        while (true)
        {
            var answer = await ask();
            if (enough(answer))
            {
                return answer;
            }

            Assert.True(DateTime.UtcNow < late, $"It never came to that. The last: {answer}");
            await Task.Delay(Between, TestContext.Current.CancellationToken);
        }
    }

    /// <summary>Waits for something that is told.</summary>
    public static Task<T> ForAsync<T>(Task<T> told) => told.WaitAsync(Most, TestContext.Current.CancellationToken);
}
