using System.Collections;
using System.Collections.Concurrent;
using System.Reflection;
using System.Text.Json;

namespace Emboq.Web;

/// <summary>Looks through everything that a body was read into. Refuses lists and maps with holes: a null where a thing is wanted slips past the annotations
/// that guard single values;
/// and texts that cannot be kept, wherever they stand.</summary>
internal sealed class BodyGate : IEndpointFilter
{
    private static readonly ConcurrentDictionary<Type, PropertyInfo[]> Read = [];

    public async ValueTask<object?> InvokeAsync(EndpointFilterInvocationContext context, EndpointFilterDelegate next)
    {
        var wrong = context.Arguments.Where(IsOurs).SelectMany(a => Look(a!, "")).Take(20).ToList();
        return wrong.Count > 0 ? Problems.Bad(wrong) : await next(context);
    }

    private static bool IsOurs(object? value) => value?.GetType() is { IsValueType: false } type
        && (type.Namespace?.StartsWith("Emboq", StringComparison.Ordinal) ?? false);

    private static IEnumerable<Problem> Look(object value, string path) => value switch
    {
        string text => TextGate.Of(path.TrimStart('.'), text) is { } odd ? [odd] : [],
        IDictionary map => map.Keys.Cast<object>().SelectMany(key => (key is string name && TextGate.Of($"{path} key".TrimStart('.'), name) is { } odd ? [odd]
            : Array.Empty<Problem>()).Concat(Of(map[key], $"{path}.{key}"))),
        IEnumerable list => list.Cast<object?>().SelectMany((item, i) => Of(item, $"{path}.{i}")),
        _ when IsOurs(value) => Read.GetOrAdd(value.GetType(), t => [.. t.GetProperties(BindingFlags.Public | BindingFlags.Instance).Where(p =>
            p.GetIndexParameters().Length == 0 && !p.PropertyType.IsValueType && p.CanWrite)])
            .Select(p => (Value: p.GetValue(value), p.Name)).Where(p => p.Value is not null).SelectMany(p =>
                Look(p.Value!, $"{path}.{JsonNamingPolicy.CamelCase.ConvertName(p.Name)}")),
        _ => [],
    };

    private static IEnumerable<Problem> Of(object? item, string path) => item is null
        ? [new Problem(path.TrimStart('.'), null, "Nothing stands where something is wanted.", "Leave it out, or give it a value.")]
        : Look(item, path);
}
