using System.Globalization;
using Ikuzo.Web.Features.Cooks;

namespace Ikuzo.Web.Tests;

public class TemperatureLogTests
{
    private static readonly DateTimeOffset LidOn = new(2026, 12, 6, 17, 0, 0, TimeSpan.Zero);

    [Theory]
    [InlineData("minutes,core\n0,4\n10,60", "0 10", "4 60")]
    [InlineData("minutes;core\n0;4,5\n10,5;60,25", "0 10.5", "4.5 60.25")]
    [InlineData("time\tcore\n0\t4\n10\t60", "0 10", "4 60")]
    [InlineData("seconds,core\n0,4\n600,60", "0 10", "4 60")]
    [InlineData("time (s),core\n0,4\n90,60", "0 1.5", "4 60")]
    [InlineData("time,core\n0:00:00,4\n0:10:30,60", "0 10.5", "4 60")]
    [InlineData("time,core\n2026-12-06T17:00:00Z,4\n2026-12-06T18:10:00+01:00,60", "0 10", "4 60")]
    [InlineData("minutes,core °F\n0,32\n10,212", "0 10", "0 100")]
    [InlineData("minutes,core (F)\n0,50\n10,165", "0 10", "10 73.89")]
    [InlineData("minutes,core Fahrenheit\r\n0,50\r\n10,165\r\n", "0 10", "10 73.89")]
    [InlineData("minutes,core\n0,4\n5,\n10,60", "0 10", "4 60")] // a probe that was silent
    public void Log_IsReadInItsOwnUnits(string text, string minutes, string celsius)
    {
        var channel = Assert.Single(TemperatureLog.Read(text, LidOn, TestContext.Current.CancellationToken));
        Assert.Equal(Numbers(minutes), channel.Minutes);
        Assert.Equal(Numbers(celsius), channel.Celsius);
    }

    [Fact]
    public void ManyChannels_KeepTheirNamesAndUnits()
    {
        var channels = TemperatureLog.Read("minutes,core °C,air °F,\n0,4,212,20\n1,5,,21", null, TestContext.Current.CancellationToken);
        Assert.Equal(["core °C", "air °F", "channel 3"], channels.Select(c => c.Name));
        Assert.Equal([100], channels[1].Celsius);
        Assert.Equal([20, 21], channels[2].Celsius);
    }

    [Theory]
    [InlineData("minutes\n0", "first line")]
    [InlineData("minutes,core", "no temperature")]
    [InlineData("minutes,core\nsoon,4", "soon")]
    [InlineData("time,core\n2026-12-06T17:00:00Z,4", "not a time")] // without lid-on there is nothing to count from
    [InlineData("minutes,core\n0,nan", "nan")]
    [InlineData("minutes,core\n0,-300", "-300")]
    [InlineData("minutes,core\n1e9,20", "more than a day")]
    public void WhatIsNoLog_IsRefusedWithItsLine(string text, string said) =>
        Assert.Contains(
            said,
            Assert.Throws<FormatException>(() => TemperatureLog.Read(text, null, TestContext.Current.CancellationToken)).Message
        );

    [Fact]
    public void TooManyLines_AreRefused() =>
        Assert.Contains(
            "more than",
            Assert
                .Throws<FormatException>(() =>
                    TemperatureLog.Read(
                        "minutes,core\n" + string.Concat(Enumerable.Repeat("1,20\n", 20_100)),
                        null,
                        TestContext.Current.CancellationToken
                    )
                )
                .Message
        );

    private static double[] Numbers(string text) => [.. text.Split(' ').Select(n => double.Parse(n, CultureInfo.InvariantCulture))];
}
