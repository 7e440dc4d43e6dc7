using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Cooks;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Serving;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using QRCoder;

namespace Ikuzo.Web.Features.Home;

internal static class HomeEndpoints
{
    private const string CertificateType = "application/x-x509-ca-cert";
    private static readonly TimeSpan CookieLife = TimeSpan.FromDays(400); // the longest that browsers keep one

    public static void MapHome(this IEndpointRouteBuilder routes)
    {
        var home = routes.MapGroup("/api/home").WithTags("Home");
        home.MapGet("", GetAsync).WithName("getHome");
        home.MapPost("/codes", AddCode).WithName("addEntryCode");
        home.MapPut("/devices/{id}/keeper", MakeKeeperAsync).WithName("makeKeeper");
        home.MapDelete("/devices/{id}", RemoveAsync).WithName("removeDevice");
        routes.MapPost(Door.LetInPath, LetInAsync).WithTags("Home").WithName("letIn");
        routes.MapGet(Door.DinnerPath, DinnerAsync).WithTags("Home").WithName("getDinner");
        routes.MapGet("/home/certificate.crt", Certificate).ExcludeFromDescription(); // for phones that are not in yet
    }

    private static async Task<Ok<HomeView>> GetAsync(
        HttpContext context,
        Addresses addresses,
        DeviceStore devices,
        HouseKeys keys,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            new HomeView(
                addresses.IsHome,
                addresses.ForPhones(),
                keys.Certificate?.ToTrust is not null,
                await devices.AllAsync(cancellation),
                context.Device()?.Id,
                context.MayKeep(),
                context.IsHere()
            )
        );

    private static Results<Created<CodeView>, Conflict<ProblemDetails>> AddCode(
        CodeBody body,
        HttpContext context,
        Addresses addresses,
        LetIn letIn
    )
    {
        const int Pixels = 5;
        if (addresses.ForPhones() is not { } address)
        {
            return TypedResults.Conflict(Problems.Of(Problems.NotNowCode, "Start Ikuzo with ./ikuzo serve --home to let phones in."));
        }

        var code = letIn.New(body.IsGuest, context.Device()?.Id);
        var url = $"{address}/let-in?code={code.Code}";
        using var generator = new QRCodeGenerator();
        using var data = generator.CreateQrCode(url, QRCodeGenerator.ECCLevel.M);
        using var picture = new SvgQRCode(data);
        return TypedResults.Created("/api/home", new CodeView(code.Code, code.Until, url, picture.GetGraphic(Pixels)));
    }

    private static async Task<Results<Ok<Device>, NotFound<ProblemDetails>, JsonHttpResult<ProblemDetails>>> MakeKeeperAsync(
        string id,
        KeeperBody body,
        HttpContext context,
        DeviceStore devices,
        CancellationToken cancellation
    ) =>
        !context.IsHere() ? Problems.Answer(Problems.Of(Problems.KeepersOnly, "Only the machine that Ikuzo runs on makes keepers."))
        : await devices.MakeKeeperAsync(id, body.IsKeeper!.Value, cancellation) is { } device ? TypedResults.Ok(device)
        : Problems.Missing("This device");

    // What it has opened is closed, and what it gave others to come in with is good no longer.
    private static async Task<Results<NoContent, NotFound<ProblemDetails>>> RemoveAsync(
        string id,
        DeviceStore devices,
        LetIn letIn,
        Listeners listeners,
        CancellationToken cancellation
    )
    {
        if (!await devices.RemoveAsync(id, cancellation))
        {
            return Problems.Missing("This device");
        }

        letIn.Forget(id);
        listeners.Close(id);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<Device>, BadRequest<HttpValidationProblemDetails>, JsonHttpResult<ProblemDetails>>> LetInAsync(
        LetInBody body,
        HttpContext context,
        LetIn letIn,
        DeviceStore devices,
        CancellationToken cancellation
    )
    {
        if (
            !letIn.TryTake(
                new string([.. body.Code!.Where(char.IsAsciiDigit)]),
                LetIn.NameOf(context.Connection.RemoteIpAddress),
                out var code
            )
        )
        {
            return Problems.Answer(Problems.Of(Problems.TooMany, "Five codes a minute are taken. Wait a minute, then try again."));
        }

        if (code is null)
        {
            return Problems.Answer(
                Problems.Of(Problems.NotLetIn, "This code is not good, or was used already. Ask for another in the Kitchen.")
            );
        }

        var (device, key) = await devices.AddAsync(body.Name!.Trim(), code.IsGuest, cancellation);
        context.Response.Cookies.Append(
            Door.Cookie,
            key,
            new CookieOptions
            {
                HttpOnly = true,
                Secure = context.Request.IsHttps,
                SameSite = SameSiteMode.Strict,
                MaxAge = CookieLife,
                Path = "/",
            }
        );
        return TypedResults.Ok(device);
    }

    private static async Task<Ok<DinnerView>> DinnerAsync(
        CookStore store,
        CookService cooks,
        KitchenStore kitchen,
        CancellationToken cancellation
    )
    {
        const int Most = 5;
        List<Dinner> dinners = [];
        foreach (var cook in (await store.AllAsync(ended: false, new(1, Most), cancellation)).Where(c => !c.Simulated))
        {
            if (await cooks.LoadAsync(cook.Id, cancellation) is { } live)
            {
                dinners.Add(new(cook.Name, cooks.LineUp(live, TimeZoneInfo.Utc).Tasks.Select(t => (DateTimeOffset?)t.End).Max()));
            }
        }

        return TypedResults.Ok(
            new DinnerView((await kitchen.SettingsAsync(cancellation)).Name, [.. dinners.OrderBy(d => d.At ?? DateTimeOffset.MaxValue)])
        );
    }

    private static Results<FileContentHttpResult, NotFound<ProblemDetails>> Certificate(HouseKeys keys) =>
        keys.Certificate?.ToTrust is { } file
            ? TypedResults.File(file, CertificateType, "ikuzo.crt")
            : Problems.Missing("A certificate of this household");
}

/// <summary>What the server proves itself with; nothing where phones may not come in.</summary>
/// <param name="Certificate">The certificate.</param>
internal sealed record HouseKeys(HouseCertificate? Certificate);
