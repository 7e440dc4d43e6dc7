using System.Security.Cryptography;
using System.Text;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Running.Aftercare;
using Ikuzo.Core.Running.Journal;
using Ikuzo.Core.Safety;
using Ikuzo.Core.Store;
using Ikuzo.Web.Data;
using Ikuzo.Web.Devices;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.LineUps;
using Ikuzo.Web.Features.Store;
using Ikuzo.Web.Serving;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Ikuzo.Web.Features.Cooks;

internal static class CookEndpoints
{
    public static void MapCooks(this IEndpointRouteBuilder routes)
    {
        var cooks = routes.MapGroup("/api/cooks").WithTags("Cooks");
        cooks.MapPost("", StartAsync).WithName("startCook").Computes(Work.Keep);
        cooks.MapPost("/outline", OutlineAsync).WithName("outlineCook").Computes(Work.Plan);
        cooks.MapGet("", ListAsync).WithName("listCooks");
        cooks.MapGet("/{id}", FindAsync).WithName("getCook");
        cooks.MapPost("/{id}/events", EventAsync).WithName("addCookEvent");
        cooks.MapPost("/{id}/readings", ReadingAsync).WithName("addCookReading");
        cooks.MapPost("/{id}/simulate", SimulateAsync).WithName("simulateCook");
        cooks.MapGet("/{id}/probe", ProbeAsync).WithName("readProbe");
        cooks.MapGet("/{id}/aftercare", AftercareAsync).WithName("cookAftercare").Computes(Work.Plan);
        cooks.MapGet("/{id}/lineup", LineUpAsync).WithName("cookLineUp").Computes(Work.Plan);
        cooks
            .MapGet("/{id}/lineup.ics", CalendarAsync)
            .WithName("cookCalendar")
            .Computes(Work.Plan)
            .Produces<string>(contentType: CalendarFile.ContentType);
        cooks.MapGet("/{id}/curves", CurvesAsync).WithName("cookCurves").Computes(Work.Plan);
        cooks.MapGet("/{id}/journal", JournalAsync).WithName("cookJournal").Computes(Work.Plan);
        cooks
            .MapGet("/{id}/journal.csv", TableAsync)
            .WithName("cookJournalTable")
            .Computes(Work.Plan)
            .Produces<string>(contentType: "text/csv");
        cooks
            .MapPost("/{id}/temperatures", TemperaturesAsync)
            .WithName("importTemperatures")
            .Computes(Work.File)
            .Accepts<string>("text/csv")
            .WithMetadata(new RequestSizeLimitAttribute(TemperatureLog.MostBytes));
        routes.MapGet("/api/cooling", Cool).WithName("coolLeftovers").WithTags("Cooks");
        routes.MapHub<CookHub>(CookHub.Path);
    }

    private static async Task<
        Results<Created<CookView>, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>, Conflict<ProblemDetails>>
    > StartAsync(
        StartBody body,
        CookMaker maker,
        CookStore store,
        CookService cooks,
        KitchenStore kitchen,
        ColdStore shelf,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var id = (body.Id ?? Guid.CreateVersion7()).ToString("N");
        if (body.Id is null || await store.FindAsync(id, cancellation) is null)
        {
            var made = await maker.OfAsync(body, cancellation);
            if (made is null)
            {
                return Problems.Missing("This dish");
            }

            // What is done is done: a pot that was closed already was closed as it was, and no stop undoes that.
            var begins = body is { OpenedMinutesAgo: null, BegunAt: null };
            if (made.Planned is not { } planned || (begins && made.Stop is not null))
            {
                return TypedResults.Conflict(Problems.Of(Problems.NoPlan, made.Stop));
            }

            if (begins && made.ToConfirm.Count > 0)
            {
                return TypedResults.Conflict(Problems.ToConfirm(made.ToConfirm));
            }

            var now = clock.GetUtcNow();
            var journal = body.OpenedMinutesAgo is { } ago
                ? BackDated.Journal(planned.ToCook(await kitchen.UsualAsync(cancellation)), now.AddMinutes(-ago))
                : [];
            var begun = body.BegunAt is { } at && at < now ? at : now;
            await store.AddAsync(KeptCook.New(id, made.Called(body.Name), planned, begun), journal, cancellation);
        }

        if (body.StoreId is { } taken)
        {
            await shelf.MoveAsync(taken, id, Core.Store.StorePlace.Gone, null, id, null, cancellation);
        }

        return TypedResults.Created($"/api/cooks/{id}", await cooks.FindAsync(id, cancellation));
    }

    // What a client needs to begin it when the server is away.
    private static async Task<
        Results<Ok<CookOutline>, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>, Conflict<ProblemDetails>>
    > OutlineAsync(
        StartBody body,
        CookMaker maker,
        CookService cooks,
        KitchenStore kitchen,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var made = await maker.OfAsync(body, cancellation);
        if (made is null)
        {
            return Problems.Missing("This dish");
        }

        if (made is not { Planned: { } planned, Stop: null })
        {
            return TypedResults.Conflict(Problems.Of(Problems.NoPlan, made.Stop));
        }

        var cook = KeptCook.New("", made.Called(body.Name), planned, clock.GetUtcNow());
        var usual = await kitchen.UsualAsync(cancellation);
        return TypedResults.Ok(new CookOutline(cooks.View(new LiveCook(cook, planned.ToCook(usual), [])), made.ToConfirm));
    }

    private static async Task<Results<Ok<CookListItem[]>, BadRequest<HttpValidationProblemDetails>>> ListAsync(
        [Longest(10)] string? state,
        CookStore store,
        CookService cooks,
        CancellationToken cancellation,
        [Limits(1, Page.MostPages)] int page = 1,
        [Limits(1, Page.MostRows)] int pageSize = Page.UsualRows
    )
    {
        bool? ended = state switch
        {
            "active" => false,
            "ended" => true,
            _ => null,
        };
        if (ended is null && state is not null)
        {
            return TypedResults.BadRequest(Problems.Invalid("state", "must be active or ended."));
        }

        List<CookListItem> list = [];
        foreach (var cook in await store.AllAsync(ended, new(page, pageSize), cancellation))
        {
            if ((cook.Ended ? CookPhase.Done : (await cooks.FindAsync(cook.Id, cancellation))?.Phase) is not { } phase)
            {
                continue; // it cannot be read
            }

            list.Add(new(cook.Id, cook.Name, phase, cook.Verdict, cook.CreatedAt, cook.Simulated));
        }

        return TypedResults.Ok(list.ToArray());
    }

    private static async Task<Results<Ok<CookView>, NotFound<ProblemDetails>>> FindAsync(
        string id,
        CookService cooks,
        CancellationToken cancellation
    ) => await cooks.FindAsync(id, cancellation) is { } cook ? TypedResults.Ok(cook) : Missing();

    private static async Task<
        Results<Ok<CookView>, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>, Conflict<ProblemDetails>>
    > EventAsync(
        string id,
        EventBody body,
        CookService cooks,
        CookRecord record,
        ColdStore shelf,
        DeviceRunner devices,
        CancellationToken cancellation
    )
    {
        // What the pot itself knows better is not written down against it.
        if (body.Kind is CookEventKind.PinDown or CookEventKind.Opened && devices.IsPinUp(id))
        {
            return TypedResults.Conflict(
                Problems.NotNow(
                    new JournalRefusal(
                        false,
                        "The pin of this pot is still up. Wait until it drops, or open the valve; never force the lid.",
                        [CookEventKind.Vented, CookEventKind.Note]
                    )
                )
            );
        }

        var appended = await cooks.AppendAsync(id, body.ClientId!, body.Kind!.Value, body.At, body.Kept(), cancellation, null, body.Known);
        if (body.Kind == CookEventKind.Finished && appended is { Cook: not null, Refusal: null })
        {
            await SetAsideAsync(id, cooks, record, shelf, cancellation);
        }

        return appended switch
        {
            { Cook: null } => Missing(),
            { Refusal: { IsTime: true } refusal } => TypedResults.BadRequest(WrongTime(refusal)),
            { Refusal: { } refusal } => TypedResults.Conflict(Problems.NotNow(refusal)),
            { Cook: { } cook } => TypedResults.Ok(cook),
        };
    }

    // Named after the cook, so that an end that is told twice fills the shelf once.
    private static async Task SetAsideAsync(
        string id,
        CookService cooks,
        CookRecord record,
        ColdStore shelf,
        CancellationToken cancellation
    )
    {
        if (await cooks.LoadAsync(id, cancellation) is not { } live || live.IsSimulated)
        {
            return;
        }

        var left = live.Planned.Request.IsForStock ? record.PlanOf(live, cancellation).Liquid?.AtEndMl.P50 : null;
        foreach (var (item, number) in SetAside.Of(live.Planned, live.Cook.Name, left, live.Journal[^1].Event.At).Select((i, n) => (i, n)))
        {
            await shelf.AddAsync(item, $"{id}/aside-{number}", id, cancellation);
        }
    }

    private static async Task<
        Results<Ok<CookReadingView>, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>, Conflict<ProblemDetails>>
    > ReadingAsync(string id, CookReadingBody body, CookService cooks, KitchenStore kitchen, CancellationToken cancellation)
    {
        var settings = await kitchen.SettingsAsync(cancellation);
        var check = settings.Thermometer;
        var shown = body.Celsius!.Value;
        var celsius = check is null ? shown : Math.Round(check.Correct(shown), 2);
        var data = new CookEventData
        {
            Spot = body.Spot,
            Celsius = celsius,
            Piece = body.Piece,
            ShownCelsius = celsius == shown ? null : shown,
            Scale = body.Scale ?? Temperatures.ScaleOf(settings.Units),
        };
        return (
            await cooks.AppendAsync(id, body.ClientId!, CookEventKind.Reading, body.At, data, cancellation, body.Check, body.Known)
        ) switch
        {
            { Errors: { } errors } => TypedResults.BadRequest(Problems.Invalid(errors)),
            { Cook: null } => Missing(),
            { Refusal: { IsTime: true } refusal } => TypedResults.BadRequest(WrongTime(refusal)),
            { Refusal: { } refusal } => TypedResults.Conflict(Problems.NotNow(refusal)),
            { Cook: { } cook } => TypedResults.Ok(CookReadingView.Of(cook)),
        };
    }

    private static async Task<
        Results<Ok<CookView>, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>, Conflict<ProblemDetails>>
    > SimulateAsync(string id, SimulateBody body, CookService cooks, CancellationToken cancellation)
    {
        var data = new CookEventData
        {
            Speed = body.Speed ?? 1,
            Seed = body.Seed ?? RandomNumberGenerator.GetInt32(int.MaxValue),
            Faults = body.Faults ?? [],
        };
        return await cooks.AppendAsync(id, Guid.CreateVersion7().ToString(), CookEventKind.Simulated, null, data, cancellation) switch
        {
            { Cook: null } => Missing(),
            { Refusal: { } refusal } => TypedResults.Conflict(Problems.NotNow(refusal)),
            { Cook: { } cook } => TypedResults.Ok(cook),
        };
    }

    private static async Task<Results<Ok<ProbeView>, NotFound<ProblemDetails>>> ProbeAsync(
        string id,
        [Longest(100)] string spot,
        CookService cooks,
        DeviceRunner devices,
        CancellationToken cancellation
    ) => await cooks.FindAsync(id, cancellation) is null ? Missing() : TypedResults.Ok(new ProbeView(devices.Probe(id, spot)));

    private static async Task<Results<Ok<AftercareView>, NotFound<ProblemDetails>>> AftercareAsync(
        string id,
        CookService cooks,
        CookRecord record,
        CancellationToken cancellation
    ) =>
        await cooks.LoadAsync(id, cancellation) is { } live
            ? TypedResults.Ok(
                new AftercareView(
                    AfterPot.HasSkin(live.Planned.Request) ? AfterPot.Crisping(live.Planned.Request.Load, live.Planned.Request.Units) : [],
                    record.PlanOf(live, cancellation).Liquid,
                    AfterPot.SetAside(live.Planned.After),
                    SafetyRule.HotHoldingCelsius,
                    [.. FoodRules.Cooling.Select(limit => new CoolingLimit(limit.Celsius, limit.Rule.Hours))],
                    AfterPot.Keeping(live.Planned.Request.Units)
                )
            )
            : Missing();

    private static async Task<Results<Ok<LineUp>, BadRequest<HttpValidationProblemDetails>, NotFound<ProblemDetails>>> LineUpAsync(
        string id,
        CookService cooks,
        CancellationToken cancellation,
        [Longest(60), Zone] string timeZone = "UTC"
    ) =>
        await cooks.LoadAsync(id, cancellation) is { } live
            ? TypedResults.Ok(cooks.LineUp(live, TimeZoneInfo.FindSystemTimeZoneById(timeZone)))
            : Missing();

    private static async Task<Results<FileContentHttpResult, NotFound<ProblemDetails>>> CalendarAsync(
        string id,
        CookService cooks,
        CancellationToken cancellation
    ) =>
        await cooks.LoadAsync(id, cancellation) is { } live
            ? TypedResults.File(CalendarFile.Of(cooks.LineUp(live, TimeZoneInfo.Utc)), CalendarFile.ContentType, "dinner.ics")
            : Missing();

    private static async Task<Results<Ok<CookCurves>, NotFound<ProblemDetails>>> CurvesAsync(
        string id,
        CookService cooks,
        CookRecord record,
        CancellationToken cancellation
    ) => await cooks.LoadAsync(id, cancellation) is { } live ? TypedResults.Ok(await record.CurvesAsync(live, cancellation)) : Missing();

    private static async Task<Results<Ok<CookFile>, NotFound<ProblemDetails>>> JournalAsync(
        string id,
        CookService cooks,
        CookRecord record,
        CancellationToken cancellation
    ) => await cooks.LoadAsync(id, cancellation) is { } live ? TypedResults.Ok(await record.FileAsync(live, cancellation)) : Missing();

    private static async Task<Results<FileContentHttpResult, NotFound<ProblemDetails>>> TableAsync(
        string id,
        CookService cooks,
        CookRecord record,
        CancellationToken cancellation
    ) =>
        await cooks.LoadAsync(id, cancellation) is { } live
            ? TypedResults.File(await record.TableAsync(live, cancellation), "text/csv; charset=utf-8", "cook.csv")
            : Missing();

    private static async Task<Results<Ok<CookCurves>, NotFound<ProblemDetails>, UnprocessableEntity<ProblemDetails>>> TemperaturesAsync(
        string id,
        HttpRequest request,
        CookService cooks,
        CookStore store,
        CookRecord record,
        CancellationToken cancellation
    )
    {
        using var reader = new StreamReader(request.Body, Encoding.UTF8);
        var text = await reader.ReadToEndAsync(cancellation);
        if (await cooks.LoadAsync(id, cancellation) is not { } live)
        {
            return Missing();
        }

        try
        {
            await store.SaveTemperaturesAsync(
                id,
                TemperatureLog.Read(Characters.OfFile(text), CookRecord.LidOnAt(live), cancellation),
                cancellation
            );
            return TypedResults.Ok(await record.CurvesAsync(live, cancellation));
        }
        catch (Exception error) when (error is FormatException or CsvHelper.CsvHelperException)
        {
            return TypedResults.UnprocessableEntity(
                Problems.Of(Problems.UnusableFile, error is FormatException ? error.Message : "The file is not readable as CSV.")
            );
        }
    }

    private static Results<Ok<IReadOnlyList<CoolingCourse>>, BadRequest<HttpValidationProblemDetails>> Cool(
        bool iceWater = false,
        [Limits(Cooling.LeastDepthMm, Cooling.MostDepthMm, "mm")] double? depthMm = null
    ) => TypedResults.Ok(Cooling.Of(depthMm is { } depth ? [depth] : [20, 30, 50, 75, 100], iceWater));

    private static HttpValidationProblemDetails WrongTime(JournalRefusal refusal) => Problems.Invalid("at", refusal.Why);

    private static NotFound<ProblemDetails> Missing() => Problems.Missing("This cook");
}

/// <summary>What a probe says.</summary>
/// <param name="Celsius">°C; null while it is silent or the lid is on.</param>
public sealed record ProbeView(double? Celsius);

/// <summary>What comes after the pot.</summary>
/// <param name="Crisping">Ways to crisp the skin.</param>
/// <param name="Liquid">What is left in the pot, and what thickens it.</param>
/// <param name="SetAside">What goes into boxes for another meal.</param>
/// <param name="HotHoldingCelsius">Hot food is held at this or more, °C.</param>
/// <param name="Cooling">Limits of cooling, the first first.</param>
/// <param name="Keeping">How long it keeps, in the fridge and frozen.</param>
public sealed record AftercareView(
    IReadOnlyList<CrispAdvice> Crisping,
    Core.Filling.LiquidOutcome? Liquid,
    IReadOnlyList<string> SetAside,
    double HotHoldingCelsius,
    IReadOnlyList<CoolingLimit> Cooling,
    IReadOnlyList<string> Keeping
);

/// <summary>A limit of cooling.</summary>
/// <param name="Celsius">What it is cooled to, °C.</param>
/// <param name="Hours">Within so many hours.</param>
public sealed record CoolingLimit(double Celsius, double Hours);
