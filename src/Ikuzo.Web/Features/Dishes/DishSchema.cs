using System.ComponentModel.DataAnnotations;
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
            .GetJsonSchemaAsNode(
                typeof(DishDocument),
                new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true, TransformSchemaNode = Limited }
            )
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

    // The limits that the server holds it to.
    private static JsonNode Limited(JsonSchemaExporterContext context, JsonNode schema)
    {
        if (schema is not JsonObject node || context.PropertyInfo?.AttributeProvider is not { } property)
        {
            return schema;
        }

        foreach (var attribute in property.GetCustomAttributes(typeof(ValidationAttribute), inherit: true))
        {
            (string Name, JsonNode Value)[] limits = attribute switch
            {
                RangeAttribute range =>
                [
                    ("minimum", JsonValue.Create((double)range.Minimum)),
                    ("maximum", JsonValue.Create((double)range.Maximum)),
                ],
                StringLengthAttribute length => [("maxLength", JsonValue.Create(length.MaximumLength))],
                LengthAttribute length =>
                [
                    ("minItems", JsonValue.Create(length.MinimumLength)),
                    ("maxItems", JsonValue.Create(length.MaximumLength)),
                ],
                _ => [],
            };
            foreach (var (name, value) in limits)
            {
                node[name] = value;
            }
        }

        return node;
    }
}
