using System.Text.Json.Nodes;

namespace Emboq.Core.Solids;

/// <summary>A tree of solids as JSON, for keeping a revision's shape. Reading back gives an equal tree.</summary>
public static class SolidJson
{
    /// <summary>Writes a tree.</summary>
    public static JsonObject Write(Solid solid) => solid switch
    {
        Solid.Cylinder c => new() { ["cylinder"] = new JsonArray(c.Radius, c.Height) },
        Solid.Box b => new() { ["box"] = new JsonArray(b.Width, b.Depth, b.Height) },
        Solid.Revolved r => new() { ["revolved"] = Outline(r.Profile) },
        Solid.Extruded e => new() { ["extruded"] = Outline(e.Profile), ["height"] = e.Height },
        Solid.Moved m => new() { ["moved"] = Write(m.Of), ["by"] = new JsonArray(m.By.X, m.By.Y, m.By.Z) },
        Solid.Turned t => new() { ["turned"] = Write(t.Of), ["degrees"] = t.Degrees },
        Solid.Union u => new() { ["union"] = new JsonArray(Write(u.A), Write(u.B)) },
        Solid.Difference d => new() { ["difference"] = new JsonArray(Write(d.From), Write(d.Cut)) },
        Solid.Intersection i => new() { ["intersection"] = new JsonArray(Write(i.A), Write(i.B)) },
        _ => throw new InvalidOperationException($"No JSON is defined for {solid.GetType().Name}."),
    };

    /// <summary>Reads what <see cref="Write"/> wrote.</summary>
    /// <exception cref="FormatException">The JSON is not a tree of solids.</exception>
    public static Solid Read(JsonNode? node) => node is JsonObject o && o.FirstOrDefault() is { Key: { } kind, Value: { } content }
        ? kind switch
        {
            "cylinder" => new Solid.Cylinder(Number(content, 0), Number(content, 1)),
            "box" => new Solid.Box(Number(content, 0), Number(content, 1), Number(content, 2)),
            "revolved" => new Solid.Revolved(Outline(content)),
            "extruded" => new Solid.Extruded(Outline(content), (double)o["height"]!),
            "moved" => Read(content).At(Number(o["by"]!, 0), Number(o["by"]!, 1), Number(o["by"]!, 2)),
            "turned" => new Solid.Turned(Read(content), (double)o["degrees"]!),
            "union" => new Solid.Union(Read(content[0]), Read(content[1])),
            "difference" => new Solid.Difference(Read(content[0]), Read(content[1])),
            "intersection" => new Solid.Intersection(Read(content[0]), Read(content[1])),
            _ => throw new FormatException($"'{kind}' is not a kind of solid."),
        }
        : throw new FormatException("A solid is an object that names its kind.");

    private static double Number(JsonNode list, int index) => (double)list[index]!;

    private static JsonArray Outline(Profile profile) => new([.. profile.Points.Select(p => (JsonNode)new JsonArray(p.X, p.Y))]);

    private static Profile Outline(JsonNode points) => new(points.AsArray().Select(p => new Point2(Number(p!, 0), Number(p!, 1))));
}
