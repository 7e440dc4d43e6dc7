using System.Security.Cryptography.X509Certificates;
using Ikuzo.Web.Features.Home;
using Ikuzo.Web.Serving;
using Microsoft.Extensions.Time.Testing;

namespace Ikuzo.Web.Tests;

public sealed class LetInTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("ikuzo-let-in-").FullName;

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    [Fact]
    public void Codes_AreTriedFiveTimesAMinute_AndForgottenAfterTen()
    {
        var clock = new FakeTimeProvider();
        var letIn = new LetIn(clock);
        var code = letIn.New(isGuest: false).Code;
        for (var i = 0; i < 5; i++)
        {
            Assert.True(letIn.TryTake("99999999x", "phone", out var none));
            Assert.Null(none);
        }

        Assert.False(letIn.TryTake(code, "phone", out _));
        Assert.True(letIn.TryTake("99999999", "another", out _)); // it slows down who tries, and not the house
        clock.Advance(TimeSpan.FromSeconds(61));
        Assert.True(letIn.TryTake(code, "phone", out var taken));
        Assert.Equal(code, taken!.Code);
        Assert.True(letIn.TryTake(code, "phone", out var again));
        Assert.Null(again);
        var late = letIn.New(isGuest: true).Code;
        clock.Advance(TimeSpan.FromMinutes(10.1));
        Assert.True(letIn.TryTake(late, "phone", out var forgotten));
        Assert.Null(forgotten);
    }

    [Fact]
    public void Certificate_IsKept_AndMadeAnewWhenItEnds()
    {
        var addresses = new Addresses(null, isHome: true, 5443, "kitchen.home.arpa");
        var now = DateTimeOffset.UtcNow;
        var first = HouseCertificate.Own(_folder, addresses, now);
        Assert.Equal(first.Serving.Thumbprint, HouseCertificate.Own(_folder, addresses, now.AddDays(300)).Serving.Thumbprint);
        var later = HouseCertificate.Own(_folder, addresses, now.AddDays(380));
        Assert.NotEqual(first.Serving.Thumbprint, later.Serving.Thumbprint);
        Assert.Equal(first.ToTrust, later.ToTrust); // phones go on trusting it
        Assert.Contains(
            "kitchen.home.arpa",
            first.Serving.Extensions.OfType<X509SubjectAlternativeNameExtension>().Single().EnumerateDnsNames()
        );
        Assert.True(first.Serving.NotAfter < now.AddDays(398).UtcDateTime);
        if (!OperatingSystem.IsWindows())
        {
            var mode = File.GetUnixFileMode(Path.Combine(_folder, "certificate", "root.pfx"));
            Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite, mode);
        }
    }
}
