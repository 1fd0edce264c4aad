using System.Text.Json;
using System.Text.Json.Serialization;

namespace Emboq.Store;

/// <summary>How values are written into jsonb columns.</summary>
internal static class StoreJson
{
    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web) { Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) } };

    public static string Write<T>(T value) => JsonSerializer.Serialize(value, Options);

    public static T Read<T>(string json) => JsonSerializer.Deserialize<T>(json, Options) ?? throw new JsonException("A kept value is null.");
}
