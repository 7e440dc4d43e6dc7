using Ikuzo.Web.Serving;

namespace Ikuzo.Web.Features.Home;

internal static class HomeServices
{
    /// <summary>What lets phones of the house in.</summary>
    public static void AddHome(this IServiceCollection services, IConfiguration configuration, string folder)
    {
        services.AddSingleton<LetIn>();
        services.AddSingleton<DeviceStore>();
        services.AddSingleton(provider =>
        {
            var addresses = provider.GetRequiredService<Addresses>();
            return new HouseKeys(
                !addresses.IsHome ? null
                : configuration["IKUZO_CERTIFICATE"] is { Length: > 0 } given
                    ? HouseCertificate.Given(given, configuration["IKUZO_CERTIFICATE_PASSWORD"])
                : HouseCertificate.Own(folder, addresses, provider.GetRequiredService<TimeProvider>().GetUtcNow())
            );
        });
    }
}
