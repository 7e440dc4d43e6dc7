using System.IO.Compression;
using System.Reflection;
using System.Text.Json;
using System.Text.Json.Serialization;
using Ikuzo.Web;
using Ikuzo.Web.Data;
using Ikuzo.Web.Devices;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Asking;
using Ikuzo.Web.Features.Backup;
using Ikuzo.Web.Features.Book;
using Ikuzo.Web.Features.Catalogue;
using Ikuzo.Web.Features.Cooks;
using Ikuzo.Web.Features.Dishes;
using Ikuzo.Web.Features.Engine;
using Ikuzo.Web.Features.Health;
using Ikuzo.Web.Features.Home;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.LineUps;
using Ikuzo.Web.Features.Plans;
using Ikuzo.Web.Features.Store;
using Ikuzo.Web.Serving;
using Microsoft.AspNetCore.ResponseCompression;
using Prometheus;
using Serilog;

const long mostBodyBytes = 64 * 1024;

try
{
    var describing = Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";
    var builder = WebApplication.CreateBuilder(args);
    var configuration = builder.Configuration;
    var folder = configuration["IKUZO_DATA"] ?? Path.Combine(Directory.GetCurrentDirectory(), "data");
    if (!describing && Opening.IsTool(args, folder))
    {
        return 0;
    }

    Opening.GiveHome(folder);
    var home = configuration.GetValue<bool>("IKUZO_HOME");
    var port = configuration.GetValue("IKUZO_HOME_PORT", 5443);
    var addresses = new Addresses(configuration["IKUZO_URLS"], home, port, configuration["IKUZO_HOSTS"]);
    builder.WebHost.UseUrls(addresses.Listening(isServing: !describing));
    builder.WebHost.ConfigureKestrel(o =>
    {
        o.Limits.MaxRequestBodySize = mostBodyBytes;
        o.AddServerHeader = false;
        o.ConfigureHttpsDefaults(https =>
            https.ServerCertificate = o.ApplicationServices.GetRequiredService<HouseKeys>().Certificate?.Serving
        );
    });
    builder.Services.Configure<HostOptions>(o => o.ShutdownTimeout = TimeSpan.FromSeconds(1)); // whatever is being computed
    builder.Services.AddSerilog(log => Logs.Configure(log, configuration, folder));
    builder.Services.ConfigureHttpJsonOptions(o =>
    {
        o.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
        o.SerializerOptions.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower, allowIntegerValues: false));
    });
    builder.Services.Configure<RouteHandlerOptions>(o => o.ThrowOnBadRequest = true);
    builder.Services.AddValidation();
    builder.Services.AddProblemDetails(o => o.CustomizeProblemDetails = Problems.Complete);
    builder.Services.AddExceptionHandler<ProblemHandler>();
    builder.Services.AddOpenApi(o =>
        o.AddDocumentTransformer(
            (document, _, _) =>
            {
                (document.Info.Title, document.Info.Version) = (Product.Name, Product.Version);
                return Task.CompletedTask;
            }
        )
    );
    builder.Services.AddResponseCompression(); // what is shipped is packed already; this is for answers
    builder.Services.Configure<BrotliCompressionProviderOptions>(o => o.Level = CompressionLevel.Optimal);
    builder.Services.AddSingleton<TimeProvider, HouseClock>();
    builder.Services.AddSingleton(addresses);
    builder.Services.AddSingleton(_ => DataFolder.Open(folder));
    builder.Services.AddSingleton(_ => new Database(folder));
    builder.Services.AddSingleton<Backups>();
    builder.Services.AddSingleton<TableWatch>();
    builder.Services.AddSingleton<Unreadable>();
    builder.Services.AddSingleton<LearnedNow>();
    builder.Services.AddSingleton<KitchenStore>();
    builder.Services.AddSingleton<PlanStore>();
    builder.Services.AddSingleton<DishStore>();
    builder.Services.AddSingleton<BodyCheck>();
    builder.Services.AddSingleton<DishImport>();
    builder.Services.AddSingleton<DishSchema>();
    builder.Services.AddSingleton<LineUpService>();
    builder.Services.AddSingleton<CookStore>();
    builder.Services.AddSingleton<CookMaker>();
    builder.Services.AddSingleton<Consequences>();
    builder.Services.AddSingleton<AdviceCache>();
    builder.Services.AddSingleton<Listeners>();
    builder.Services.AddSingleton<ClockWatch>();
    builder.Services.AddSingleton<CookService>();
    builder.Services.AddComputing();
    builder.Services.AddSingleton<CookRecord>();
    builder.Services.AddSingleton<BookStore>();
    builder.Services.AddSingleton<BookKeeper>();
    builder.Services.AddSingleton<BookService>();
    builder.Services.AddSingleton<BookFiles>();
    builder.Services.AddSingleton<ColdStore>();
    builder.Services.AddSingleton<IDeviceMaker, SimulatedDevices>();
    builder.Services.AddSingleton<DeviceRunner>();
    builder.Services.AddHome(configuration, folder);
    builder
        .Services.AddSignalR()
        .AddJsonProtocol(o => o.PayloadSerializerOptions.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower)));
    if (!describing)
    {
        builder.Services.AddHostedService(services => services.GetRequiredService<DeviceRunner>());
        builder.Services.AddHostedService(services => services.GetRequiredService<BookKeeper>());
        builder.Services.AddHostedService<DailyBackup>();
        builder.Services.AddHostedService<ClockKeeper>();
        builder.Services.AddHostedService(services => services.GetRequiredService<TableWatch>());
        builder.Services.AddHostedService<ReadyToAnswer>();
    }

    var app = builder.Build();
    if (!describing)
    {
        await Opening.OpenAsync(app.Services, configuration.GetValue<bool>("IKUZO_DEMO"));
    }

    app.UsePages();
    app.UseRouting();
    app.UseSerilogRequestLogging(); // outside the exception handler, so that a refused request is not logged as a failure
    app.UseResponseCompression();
    app.UseProblemType();
    app.UseExceptionHandler();
    app.UseStatusCodePages();
    app.UsePageHeaders();
    app.UseOwnPages();
    app.UseRateLimiter();
    app.UseDoor();
    app.UseHttpMetrics();
    app.UseKnownCharsets();
    app.UseRequestTimeouts();
    app.MapOpenApi();
    app.MapMetrics();
    app.MapHealth();
    app.MapCatalogue();
    app.MapAsking();
    app.MapPlans();
    app.MapKitchen();
    app.MapEngine();
    app.MapDishes();
    app.MapLineUps();
    app.MapCooks();
    app.MapBook();
    app.MapStore();
    app.MapBackups();
    app.MapHome();
    app.MapStaticAssets();
    await app.RunAsync();
    return 0;
}
catch (StartRefusalException refusal)
{
    await Console.Error.WriteLineAsync(refusal.Message);
    return 1;
}
catch (Exception error) when (Addresses.IsTaken(error))
{
    await Console.Error.WriteLineAsync($"{error.Message} Something else listens there already: stop it, or choose another in IKUZO_URLS.");
    return 1;
}

/// <summary>Entry point, visible to tests.</summary>
public partial class Program;
