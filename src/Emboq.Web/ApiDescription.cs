using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace Emboq.Web;

/// <summary>The description of the API, at /openapi/v1.json.</summary>
internal static class ApiDescription
{
    public static void Describe(OpenApiOptions options)
    {
        options.AddDocumentTransformer((document, _, _) =>
        {
            document.Info = new()
            {
                Title = "Emboq",
                Version = "1",
                Description = "Lengths are mm, angles degrees, masses grams. What is wrong with a request is told as problem details (RFC 9457) with "
                    + "one entry for each field."
            };
            document.Servers?.Clear();
            return Task.CompletedTask;
        });
        options.AddSchemaTransformer((schema, context, _) =>
        {
            // What Emboq answers, it answers whole; only requests may leave something out.
            if (schema.Properties is { Count: > 0 } properties && !context.JsonTypeInfo.Type.Name.EndsWith("Request", StringComparison.Ordinal))
            {
                schema.Required = properties.Keys.ToHashSet();
            }

            // Texts have a reader of their own, which no description sees through.
            if (context.JsonTypeInfo.Type == typeof(string) && schema.Type is null)
            {
                schema.Type = JsonSchemaType.String | (context.JsonPropertyInfo is { IsGetNullable: true } ? JsonSchemaType.Null : 0);
            }
            else if (context.JsonTypeInfo is { ElementType: var of, Kind: var kind } && of == typeof(string))
            {
                var text = new OpenApiSchema { Type = JsonSchemaType.String };
                schema.Items = kind == JsonTypeInfoKind.Enumerable ? text : null;
                schema.AdditionalProperties = kind == JsonTypeInfoKind.Dictionary ? text : null;
            }

            // An entry is a number or a text in workshop notation.
            if (context.JsonTypeInfo.Type == typeof(IReadOnlyDictionary<string, JsonElement>))
            {
                schema.AdditionalProperties = new OpenApiSchema { Type = JsonSchemaType.String | JsonSchemaType.Number };
            }

            return Task.CompletedTask;
        });
    }
}
