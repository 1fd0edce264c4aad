using System.Text.Json;
using System.Text.Json.Serialization;

namespace Emboq.Web;

/// <summary>Every text that comes in is brought to Unicode's normal form C: letters with marks are written in one way, so that what looks alike is
/// alike.</summary>
internal sealed class ComposedText : JsonConverter<string>
{
    public override string? Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        reader.TokenType == JsonTokenType.String ? reader.GetString()!.Normalize() : throw new JsonException($"A text is wanted, not a {reader.TokenType}.");

    public override void Write(Utf8JsonWriter writer, string value, JsonSerializerOptions options) => writer.WriteStringValue(value);

    /// <summary>Keys of maps are left as they are: they are the application's own.</summary>
    public override string ReadAsPropertyName(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) => reader.GetString()!;

    public override void WriteAsPropertyName(Utf8JsonWriter writer, string value, JsonSerializerOptions options) => writer.WritePropertyName(value);
}
