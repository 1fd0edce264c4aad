using System.Text.Json.Nodes;

namespace Emboq.Core.Solids;

/// <summary>A tree of solids as JSON, for keeping a revision's shape. Reading back gives an equal tree, whatever order the keys are kept in.</summary>
public static class SolidJson
{
    private const string Kind = "solid";

    /// <summary>Writes a tree.</summary>
    public static JsonObject Write(Solid solid) => solid switch
    {
        Solid.Cylinder c => new() { [Kind] = "cylinder", ["radius"] = c.Radius, ["height"] = c.Height },
        Solid.Box b => new() { [Kind] = "box", ["width"] = b.Width, ["depth"] = b.Depth, ["height"] = b.Height },
        Solid.Revolved r => new() { [Kind] = "revolved", ["outline"] = Outline(r.Profile) },
        Solid.Helical h => new() { [Kind] = "helical", ["outline"] = Outline(h.Profile), ["height"] = h.Height, ["lead"] = h.Lead },
        Solid.Extruded e => new() { [Kind] = "extruded", ["outline"] = Outline(e.Profile), ["height"] = e.Height },
        Solid.Lofted l => new()
        {
            [Kind] = "lofted",
            ["sections"] = new JsonArray([.. l.Sections.Select(s =>
            (JsonNode)new JsonObject { ["outline"] = Outline(s.Outline), ["height"] = s.Height })])
        },
        Solid.Lettering l => new()
        {
            [Kind] = "lettering",
            ["text"] = l.Text,
            ["size"] = l.Size,
            ["room"] = l.Room,
            ["thickness"] = l.Thickness,
            ["growth"] = l.Growth
        },
        Solid.Moved m => new() { [Kind] = "moved", ["of"] = Write(m.Of), ["by"] = new JsonArray(m.By.X, m.By.Y, m.By.Z) },
        Solid.Turned t => new() { [Kind] = "turned", ["of"] = Write(t.Of), ["axis"] = t.Axis.ToString(), ["degrees"] = t.Degrees },
        Solid.Mirrored m => new() { [Kind] = "mirrored", ["of"] = Write(m.Of), ["axis"] = m.Axis.ToString() },
        Solid.Hulled h => new() { [Kind] = "hulled", ["of"] = new JsonArray([.. h.Of.Select(s => (JsonNode)Write(s))]) },
        Solid.Padded p => new() { [Kind] = "padded", ["of"] = Write(p.Of), ["radius"] = p.Radius, ["thickness"] = p.Thickness },
        Solid.Ribbed r => new()
        {
            [Kind] = "ribbed",
            ["of"] = Write(r.Of),
            ["layer"] = r.Rule.Layer,
            ["line"] = r.Rule.Line,
            ["hangs"] = r.Rule.Hangs,
            ["bridges"] = r.Rule.Bridges,
            ["apart"] = r.Rule.Apart
        },
        Solid.Swept s => new()
        {
            [Kind] = "swept",
            ["outline"] = Outline(s.Outline),
            ["path"] = new JsonArray([.. s.Path.Select(p => (JsonNode)new JsonArray(p.X, p.Y, p.Z))])
        },
        Solid.Meshed m => new()
        {
            [Kind] = "meshed",
            ["corners"] = Convert.ToBase64String(m.Bytes.Corners),
            ["triangles"] = Convert.ToBase64String(m.Bytes.Triangles)
        },
        Solid.Union u => Pair("union", u.A, u.B),
        Solid.Difference d => Pair("difference", d.From, d.Cut),
        Solid.Intersection i => Pair("intersection", i.A, i.B),
        _ => throw new InvalidOperationException($"No JSON is defined for {solid.GetType().Name}."),
    };

    /// <summary>Reads what <see cref="Write"/> wrote.</summary>
    /// <exception cref="FormatException">The JSON is not a tree of solids.</exception>
    public static Solid Read(JsonNode? node) => node is JsonObject o
        ? (string?)o[Kind] switch
        {
            "cylinder" => new Solid.Cylinder(Number(o, "radius"), Number(o, "height")),
            "box" => new Solid.Box(Number(o, "width"), Number(o, "depth"), Number(o, "height")),
            "revolved" => new Solid.Revolved(Outline(o)),
            "helical" => new Solid.Helical(Outline(o), Number(o, "height"), Number(o, "lead")),
            "extruded" => new Solid.Extruded(Outline(o), Number(o, "height")),
            "lofted" => new Solid.Lofted(o["sections"]!.AsArray().Select(s => new Solid.Section(Outline(s!.AsObject()), Number(s.AsObject(), "height")))),
            "lettering" => new Solid.Lettering((string)o["text"]!, Number(o, "size"), Number(o, "room"), Number(o, "thickness"), (double?)o["growth"] ?? 0),
            "moved" => Read(o["of"]).At((double)o["by"]![0]!, (double)o["by"]![1]!, (double)o["by"]![2]!),
            "turned" => new Solid.Turned(Read(o["of"]), Enum.Parse<Axis>((string?)o["axis"] ?? "X"), Number(o, "degrees")),
            "mirrored" => new Solid.Mirrored(Read(o["of"]), Enum.Parse<Axis>((string)o["axis"]!)),
            "hulled" => new Solid.Hulled([.. o["of"]!.AsArray().Select(Read)]),
            "padded" => new Solid.Padded(Read(o["of"]), Number(o, "radius"), Number(o, "thickness")),
            "ribbed" => new Solid.Ribbed(Read(o["of"]), new(Number(o, "layer"), Number(o, "line"), Number(o, "hangs"), Number(o, "bridges"),
                Number(o, "apart"))),
            "swept" => new Solid.Swept(Outline(o), [.. o["path"]!.AsArray().Select(p => new Point3((double)p![0]!, (double)p[1]!, (double)p[2]!))]),
            "meshed" => Solid.Meshed.Of(new(Convert.FromBase64String((string)o["corners"]!), Convert.FromBase64String((string)o["triangles"]!))),
            "union" => new Solid.Union(Read(o["a"]), Read(o["b"])),
            "difference" => new Solid.Difference(Read(o["a"]), Read(o["b"])),
            "intersection" => new Solid.Intersection(Read(o["a"]), Read(o["b"])),
            var kind => throw new FormatException($"'{kind}' is not a kind of solid."),
        }
        : throw new FormatException("A solid is an object that names its kind.");

    private static JsonObject Pair(string kind, Solid a, Solid b) => new() { [Kind] = kind, ["a"] = Write(a), ["b"] = Write(b) };

    private static double Number(JsonObject o, string key) => (double)(o[key] ?? throw new FormatException($"A solid of kind '{o[Kind]}' needs '{key}'."));

    private static JsonArray Outline(Profile profile) => new([.. profile.Corners.Select(c => (JsonNode)(c.Bulge == 0 ? new JsonArray(c.At.X, c.At.Y)
        : new JsonArray(c.At.X, c.At.Y, c.Bulge)))]);

    private static Profile Outline(JsonObject o) => Profile.Of(o["outline"]!.AsArray().Select(p => p!.AsArray()).Select(p =>
        new Corner(new((double)p[0]!, (double)p[1]!), p.Count > 2 ? (double)p[2]! : 0)));
}
