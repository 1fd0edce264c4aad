using System.Text.Json;
using System.Text.Json.Serialization;

namespace Emboq.Store;

/// <summary>How values are written into jsonb columns.</summary>
internal static class StoreJson
{
    /// <summary>A tree of solids grows by a level with every hole.</summary>
    private const int Depth = 2000;

    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web)
    {
        MaxDepth = Depth,
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) }
    };

    public static string Write<T>(T value) => JsonSerializer.Serialize(value, Options);

    public static T Read<T>(string json) => JsonSerializer.Deserialize<T>(json, Options) ?? throw new JsonException("A kept value is null.");
}
