using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Ikuzo.Web.Features.Dishes;

/// <summary>JSON Schema of our own dish file, made from <see cref="DishDocument"/>; a copy is published in docs/dish.schema.json.</summary>
internal sealed class DishSchema(IOptions<JsonOptions> json)
{
    public const string ContentType = "application/schema+json";

    public JsonObject Document { get; } = Make(json.Value.SerializerOptions);

    private static JsonObject Make(JsonSerializerOptions options)
    {
        var schema = options
            .GetJsonSchemaAsNode(typeof(DishDocument), new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true })
            .AsObject();
        schema["properties"]!["format"] = new JsonObject { ["const"] = DishDocument.FormatName };
        schema["properties"]!["version"] = new JsonObject
        {
            ["type"] = "integer",
            ["minimum"] = 1,
            ["maximum"] = DishDocument.NewestVersion,
        };
        schema["required"] = new JsonArray("format", "version", "name", "servings", "items");
        schema.Insert(0, "$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.Insert(1, "title", "A dish of Ikuzo");
        return schema;
    }
}
