using System.IO.Compression;
using System.Reflection;
using System.Text.Json;
using System.Text.Json.Serialization;
using Ikuzo.Web;
using Ikuzo.Web.Data;
using Ikuzo.Web.Demo;
using Ikuzo.Web.Devices;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Asking;
using Ikuzo.Web.Features.Book;
using Ikuzo.Web.Features.Catalogue;
using Ikuzo.Web.Features.Cooks;
using Ikuzo.Web.Features.Dishes;
using Ikuzo.Web.Features.Engine;
using Ikuzo.Web.Features.Health;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.LineUps;
using Ikuzo.Web.Features.Plans;
using Ikuzo.Web.Features.Store;
using Microsoft.AspNetCore.ResponseCompression;
using Serilog;
using Serilog.Formatting.Compact;

const long mostBodyBytes = 64 * 1024;
const string contentSecurityPolicy =
    "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; connect-src 'self'; worker-src "
    + "'self'; "
    + "manifest-src 'self'; object-src 'none'; base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

var builder = WebApplication.CreateBuilder(args);
var configuration = builder.Configuration;
var describing = Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";

builder.WebHost.UseUrls(configuration["IKUZO_URLS"] ?? "http://127.0.0.1:5180");
builder.WebHost.ConfigureKestrel(o => o.Limits.MaxRequestBodySize = mostBodyBytes);
builder.Services.AddSerilog(log => log.ReadFrom.Configuration(configuration).WriteTo.Console(new RenderedCompactJsonFormatter()));
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
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddSingleton(_ => new Database(configuration["IKUZO_DATA"] ?? Path.Combine(Directory.GetCurrentDirectory(), "data")));
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
builder.Services.AddSingleton<AdviceCache>();
builder.Services.AddSingleton<CookService>();
builder.Services.AddSingleton<CookRecord>();
builder.Services.AddSingleton<BookStore>();
builder.Services.AddSingleton<BookKeeper>();
builder.Services.AddSingleton<BookService>();
builder.Services.AddSingleton<BookFiles>();
builder.Services.AddSingleton<ColdStore>();
builder.Services.AddSingleton<IDeviceMaker, SimulatedDevices>();
builder.Services.AddSingleton<DeviceRunner>();
builder
    .Services.AddSignalR()
    .AddJsonProtocol(o => o.PayloadSerializerOptions.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower)));
if (!describing)
{
    builder.Services.AddHostedService(services => services.GetRequiredService<DeviceRunner>());
    builder.Services.AddHostedService(services => services.GetRequiredService<BookKeeper>());
}

var app = builder.Build();
if (!describing)
{
    app.Services.GetRequiredService<Database>().Migrate();
    if (configuration.GetValue<bool>("IKUZO_DEMO"))
    {
        await DemoData.FillAsync(app.Services, CancellationToken.None);
    }
}

app.UseSerilogRequestLogging(); // outside the exception handler, so that a refused request is not logged as a failure
app.UseResponseCompression();
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseSecurityHeaders(
    new HeaderPolicyCollection().AddDefaultSecurityHeaders().AddCustomHeader("Content-Security-Policy", contentSecurityPolicy)
);
app.UseSameOrigin();
app.MapOpenApi();
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
app.MapStaticAssets();
app.Map("/api/{**rest}", () => Problems.Missing("This address")).ExcludeFromDescription();
app.MapFallbackToFile("index.html");
await app.RunAsync();

/// <summary>Entry point, visible to tests.</summary>
public partial class Program;
