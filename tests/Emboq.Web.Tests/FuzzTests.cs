using System.Text;
using System.Text.Json.Nodes;

namespace Emboq.Web.Tests;

/// <summary>Odd values in every place that the API's own description names: whatever comes, the answer is never a 500 and a refusal is always in words.
/// EMBOQ_FUZZ sets how many requests; the seed is fixed, so that a failure comes again.</summary>
public sealed class FuzzTests(Server server)
{
    private static readonly string[] OddTexts =
    [
        "", " ", "0", "-1", "1e999", "NaN", "51.2", "2 1/64", "1/0", "'; drop table reading; --", "\u0000", "ä中🛶", "../../etc/passwd", new('9', 5000), "[]",
            "null", "00000000-0000-0000-0000-000000000000", "first", "inside", "caliper", "part",
        "0,0 40,40 40,0 0,40", "0,0 1e308,0 0,1e308", "∞", "1/3\"", "51,2", "A\u0001B",
    ];

    private static readonly string[] OddValues = ["null", "true", "0", "-1", "1e999", "1e-320", "[]", "{}", "[[[]]]", "[null]", "[null,{}]", "{\"x\":null}",
        "\"\"", "\"x\"", "123456789012345678901234567890", "{\"id\":3}", "\"\\ud800\""];

    private readonly Random random = new(20261124);

    [Fact]
    public async Task No_odd_request_breaks_the_server()
    {
        var count = int.Parse(Environment.GetEnvironmentVariable("EMBOQ_FUZZ") ?? "1500", System.Globalization.CultureInfo.InvariantCulture);
        var description = await server.Get("/openapi/v1.json");
        var schemas = description["components"]!["schemas"]!.AsObject();
        var operations = (
            from path in description["paths"]!.AsObject()
            // A stream of what a device shows does not end by itself.
            where !path.Key.EndsWith("/stream", StringComparison.Ordinal)
            from operation in path.Value!.AsObject()
            select (Path: path.Key, Method: new HttpMethod(operation.Key.ToUpperInvariant()), Operation: operation.Value!)).ToList();
        var known = await KnownIds();
        var statuses = new SortedDictionary<int, int>();
        for (var i = 0; i < count; i++)
        {
            var (path, method, operation) = operations[random.Next(operations.Count)];
            var body = operation["requestBody"]?["content"]?["application/json"]?["schema"] is { } schema ? Body(schema, schemas, known, 0) : null;
            var (status, text) = await Ask(method, Address(path, operation, known), body);
            statuses[status] = statuses.GetValueOrDefault(status) + 1;
            status.ShouldBeLessThan(500, $"{method} {path} {body}\n{text}");
            if (status >= 400)
            {
                text.ShouldStartWith("{\"type\":", Case.Sensitive, $"{status} {method} {path} {body}");
            }
        }

        // The requests reach past the door: some are accepted, some refused.
        statuses.Keys.ShouldContain(200);
        statuses.Keys.ShouldContain(400);
        statuses.Keys.ShouldContain(404);
    }

    private string Address(string path, JsonNode operation, IReadOnlyList<string> known)
    {
        var query = new List<string>();
        foreach (var parameter in operation["parameters"]?.AsArray() ?? [])
        {
            var name = (string)parameter!["name"]!;
            var value = name switch
            {
                "id" => random.Next(4) == 0 ? Odd(OddTexts) : Odd(known),
                "file" => random.Next(2) == 0 ? "1.stl" : Odd(OddTexts),
                "number" => random.Next(2) == 0 ? "1" : Odd(OddTexts),
                _ => Odd(OddTexts),
            };
            // A NUL in an address is refused by the web server itself, without words of ours.
            var escaped = Uri.EscapeDataString((value.Length > 200 ? value[..200] : value).Replace("\0", "", StringComparison.Ordinal));
            if ((string)parameter["in"]! == "path")
            {
                path = path.Replace($"{{{name}}}", escaped.Length == 0 ? "%20" : escaped, StringComparison.Ordinal);
            }
            else if (random.Next(4) > 0)
            {
                query.Add($"{name}={escaped}");
            }
        }

        return path + (query.Count > 0 ? "?" + string.Join('&', query) : "");
    }

    /// <summary>JSON of a schema, mostly of the right kind, with something odd now and then.</summary>
    private string Body(JsonNode schema, JsonObject schemas, IReadOnlyList<string> known, int depth)
    {
        if (depth > 6 || random.Next(12) == 0)
        {
            return Odd(OddValues);
        }

        if ((string?)schema["$ref"] is { } reference)
        {
            return Body(schemas[reference.Split('/')[^1]]!, schemas, known, depth + 1);
        }

        if (schema["enum"] is JsonArray choices)
        {
            return choices[random.Next(choices.Count)]?.ToJsonString() ?? "null";
        }

        var kinds = schema["type"] is JsonArray several ? [.. several.Select(t => (string)t!)] : new[] { (string?)schema["type"] ?? "object" };
        return kinds[random.Next(kinds.Length)] switch
        {
            "null" => "null",
            "boolean" => "true",
            "integer" or "number" => random.Next(3) == 0 ? Odd(OddValues) : random.Next(-3, 100).ToString(System.Globalization.CultureInfo.InvariantCulture),
            "string" => JsonValue.Create((string?)schema["format"] == "uuid" ? Odd(known) : Odd(OddTexts)).ToJsonString(),
            "array" => $"[{string.Join(',', Enumerable.Range(0, random.Next(4)).Select(_ =>
                Body(schema["items"] ?? new JsonObject(), schemas, known, depth + 1)))}]",
            _ => Object(schema, schemas, known, depth),
        };
    }

    private string Object(JsonNode schema, JsonObject schemas, IReadOnlyList<string> known, int depth)
    {
        var members = (schema["properties"]?.AsObject() ?? []).Where(_ => random.Next(8) > 0).Select(p =>
            $"\"{p.Key}\":{Body(p.Value!, schemas, known, depth + 1)}").ToList();
        if (schema["additionalProperties"] is JsonObject values)
        {
            string[] keys = ["first", "second", "wall", "coneAngle", "inside", "airFlow", "__proto__", ""];
            members.AddRange(Enumerable.Range(0, random.Next(4)).Select(i =>
                $"{JsonValue.Create(keys[(i + random.Next(keys.Length)) % keys.Length]).ToJsonString()}:{Body(values, schemas, known, depth + 1)}"));
        }

        return $"{{{string.Join(',', members)}}}";
    }

    private async Task<(int Status, string Text)> Ask(HttpMethod method, string address, string? body)
    {
        using var request = new HttpRequestMessage(method, address)
        {
            Content = body is null ? null
            : new StringContent(body, Encoding.UTF8, "application/json")
        };
        using var response = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
        return ((int)response.StatusCode, await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    /// <summary>Ids of things that are there, so that requests get past the first look-up.</summary>
    private async Task<IReadOnlyList<string>> KnownIds()
    {
        var part = await server.NewPart("fuzz");
        await server.Post($"/api/parts/{part["id"]}/revisions", new { bodies = new[] { "part" } });
        return [(string)part["id"]!, (string)part["job"]!, (string)part["state"]!["process"]!,
            .. part["state"]!["interfaces"]!.AsObject().Select(i => (string)i.Value!)];
    }

    private string Odd(IReadOnlyList<string> values) => values[random.Next(values.Count)];
}
