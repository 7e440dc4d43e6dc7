namespace Ikuzo.Web.Tests;

/// <summary>What the household's cooks changed in a plan is asked for once the plan is there.</summary>
public sealed class LearnedInPlanTests(IkuzoServer server) : CookTests(server), IClassFixture<IkuzoServer>
{
    // Three that read as was expected: from then on minutes may fall.
    [Fact]
    public async Task WhatWasLearned_IsComparedWithWhoHasNot_OnceThePlanIsThere()
    {
        for (var i = 0; i < 3; i++)
        {
            await CookAsync(86);
        }

        await Server.GetAsync("/api/learned"); // waits until they are learned from
        var question = new
        {
            load = new
            {
                cut = "chicken-breast-boneless",
                pieces = 4,
                totalKg = 0.9,
            },
        };
        var plan = (await Server.PostAsync("/api/plans/preview", question)).Body!;
        var asked = new
        {
            request = question,
            minutes = (double)plan["recommendedMinutes"]!,
            release = new { kind = (string)plan["release"]!["kind"]! },
        };
        var (status, learned) = await Server.PostAsync("/api/plans/learned", asked);
        Assert.Equal(200, status);
        Assert.Equal((int)plan["learned"]!["cooks"]!, (int)learned!["cooks"]!);
        var unlearned = new
        {
            question.load,
            asked.release,
            learned = false,
        };
        var before = (double)(await Server.PostAsync("/api/plans/preview", unlearned)).Body!["minutes"]!;
        Assert.StartsWith($"{before - asked.minutes:0} min shorter: your thermometer has agreed 3 times", (string)learned["text"]![0]!);
        Assert.DoesNotContain(plan["learned"]!["text"]!.AsArray(), t => ((string)t!).Contains(" min shorter"));
        Assert.Equal(400, (await Server.PostAsync("/api/plans/learned", new { request = question })).Status);
        var nothing = new
        {
            request = new { question.load, learned = false },
            asked.minutes,
            asked.release,
        };
        Assert.Equal(404, (await Server.PostAsync("/api/plans/learned", nothing)).Status);
    }
}
