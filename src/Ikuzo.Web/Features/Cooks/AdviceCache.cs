using System.Security.Cryptography;
using System.Text.Json;
using System.Text.Json.Serialization;
using Ikuzo.Core.Running.Rescue;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>Remembers advice, which takes some tens of milliseconds and depends on nothing but its request: on all of it.</summary>
internal sealed class AdviceCache
{
    private const int MostRemembered = 500;
    private static readonly JsonSerializerOptions Everything = new()
    {
        NumberHandling = JsonNumberHandling.AllowNamedFloatingPointLiterals,
    };

    private readonly Remembered<string, RescueAdvice> _known = new(MostRemembered);

    /// <summary>The advice for a request.</summary>
    public RescueAdvice Of(RescueRequest request) => _known.Of(Key(request), () => RescuePlanner.Advise(request));

    /// <summary>A name that two requests share only when they ask the same.</summary>
    internal static string Key(RescueRequest request) =>
        Convert.ToHexString(SHA256.HashData(JsonSerializer.SerializeToUtf8Bytes(request, Everything)));
}
