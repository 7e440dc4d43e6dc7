using System.Text.Json;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Ikuzo.Web.Features.Dishes;

/// <summary>Reads a file with a dish: our own format or a schema.org Recipe. Refuses with a reason what it cannot trust.</summary>
public sealed class DishImport(IOptions<JsonOptions> json)
{
    /// <summary>Largest file, bytes.</summary>
    public const int MostBytes = 1024 * 1024;

    private const int MostDepth = 24;

    /// <summary>The dish in a file, and what could not be taken over.</summary>
    /// <param name="file">The bytes, at most <see cref="MostBytes"/>.</param>
    /// <param name="cancellation">Stops it.</param>
    /// <exception cref="FormatException">The file is broken, nested too deeply, or is no dish.</exception>
    public (DishDocument Dish, IReadOnlyList<string> NotMapped) Read(ReadOnlyMemory<byte> file, CancellationToken cancellation)
    {
        try
        {
            using var document = JsonDocument.Parse(file, new JsonDocumentOptions { MaxDepth = MostDepth });
            var root = document.RootElement;
            return root.ValueKind == JsonValueKind.Object && root.TryGetProperty("format", out _)
                ? (root.Deserialize<DishDocument>(json.Value.SerializerOptions) ?? throw new FormatException("The file is empty."), [])
                : RecipeReader.Read(root, cancellation);
        }
        catch (JsonException error)
        {
            throw new FormatException(
                $"The file is not readable as JSON, or is nested more than {MostDepth} deep: look at line "
                    + $"{error.LineNumber + 1}{(error.Path is { Length: > 2 } path ? $", {path[2..]}" : "")}.",
                error
            );
        }
    }
}
