using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Running.Rehearsal;
using Ikuzo.Web.Devices;
using Ikuzo.Web.Features.Cooks;
using Microsoft.Extensions.DependencyInjection;

namespace Ikuzo.Web.Tests;

/// <summary>A pot and a probe that are not simulated, behind the same seam.</summary>
public class DeviceRunnerTests
{
    private const double InTheMiddle = 71.5;

    private sealed class Scripted : IMulticooker, IProbe
    {
        private readonly List<Announcement> _said = [];
        private bool _lidOn;

        public CookerReport Report => new(_lidOn, PinUp: false, Heats: false, Celsius: 20);

        public void Take(CookEvent entry)
        {
            _lidOn = entry.Kind == CookEventKind.LidOn;
            if (_lidOn)
            {
                _said.Add(new(CookEventKind.PressureReached, entry.At));
            }
        }

        public void AdvanceTo(DateTimeOffset until) { }

        public IReadOnlyList<Announcement> TakeAnnouncements()
        {
            Announcement[] said = [.. _said];
            _said.Clear();
            return said;
        }

        public double? Read(string spotId) => InTheMiddle;
    }

    private sealed class Maker : IDeviceMaker
    {
        public bool Serves(KeptCook cook) => true;

        public Attached? Make(LiveCook live)
        {
            var pot = new Scripted();
            return new(pot, pot);
        }
    }

    private static readonly object Plan = new
    {
        load = new
        {
            cut = "chicken-cutlet",
            pieces = 3,
            totalKg = 0.4,
        },
    };

    private static readonly object Note = new
    {
        clientId = "a",
        kind = "note",
        data = new { text = "hello" },
    };

    // A cook to which nothing was done yet, when what was on is read anew.
    [Fact]
    public async Task ACookWithoutEntries_DoesNotStopTheDevices()
    {
        await using var server = new IkuzoServer(false, null, s => s.AddSingleton<IDeviceMaker, Maker>());
        var id = (string)(await server.PostAsync("/api/cooks", new { plan = Plan })).Body!["id"]!;
        var name = (string)(await server.SendAsync(HttpMethod.Post, "/api/backups")).Body!["name"]!;
        Assert.Equal(200, (await server.SendAsync(HttpMethod.Post, $"/api/restore?backup={name}")).Status);
        await Task.Delay(TimeSpan.FromSeconds(1), TestContext.Current.CancellationToken); // some beats

        await server.PostAsync($"/api/cooks/{id}/events", Note);
        await server.PostAsync($"/api/cooks/{id}/events", new { clientId = "b", kind = "lid-on" });
        await Deadline.UntilAsync(async () => (string)(await server.GetAsync($"/api/cooks/{id}")).Body!["phase"]!, p => p == "holding");
    }

    [Fact]
    public async Task WhatAPotSays_GoesIntoTheJournal_AndItsProbeIsRead()
    {
        await using var server = new IkuzoServer(false, null, s => s.AddSingleton<IDeviceMaker, Maker>());
        var id = (string)(await server.PostAsync("/api/cooks", new { plan = Plan })).Body!["id"]!;
        await server.PostAsync($"/api/cooks/{id}/events", Note);
        Assert.Equal(InTheMiddle, (double?)(await server.GetAsync($"/api/cooks/{id}/probe?spot=centre")).Body!["celsius"]);
        await server.PostAsync($"/api/cooks/{id}/events", new { clientId = "b", kind = "lid-on" });
        await Deadline.UntilAsync(async () => (string)(await server.GetAsync($"/api/cooks/{id}")).Body!["phase"]!, p => p == "holding");
    }
}
