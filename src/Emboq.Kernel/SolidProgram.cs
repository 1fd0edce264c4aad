using System.Globalization;
using System.Text.Json.Nodes;

namespace Emboq.Kernel;

/// <summary>A tree of solids as a flat list of instructions for the engine; shared subtrees appear once.
/// Rounds of material are inscribed and rounds that are cut away are circumscribed, so that facets never tighten a fit.</summary>
internal sealed class SolidProgram(double chordError)
{
    private readonly JsonArray instructions = [];
    private readonly Dictionary<(string Hash, bool Cut), int> done = [];

    public static string Of(IReadOnlyList<Solid> solids, double chordError)
    {
        var program = new SolidProgram(chordError);
        var results = solids.Select(s => (JsonNode)program.Add(s, cut: false)).ToArray();
        return new JsonObject { ["instructions"] = program.instructions, ["results"] = new JsonArray(results) }.ToJsonString();
    }

    private int Add(Solid solid, bool cut)
    {
        if (done.TryGetValue((solid.Hash, cut), out var index))
        {
            return index;
        }

        var instruction = Instruction(solid, cut);
        instruction["key"] = string.Create(CultureInfo.InvariantCulture, $"{solid.Hash}{(cut ? "-" : "+")}{chordError:R}");
        instructions.Add(instruction);
        return done[(solid.Hash, cut)] = instructions.Count - 1;
    }

    private JsonObject Instruction(Solid solid, bool cut) => solid switch
    {
        Solid.Cylinder c => Cylinder(c, cut),
        Solid.Box b => new() { ["op"] = "box", ["width"] = b.Width, ["depth"] = b.Depth, ["height"] = b.Height },
        Solid.Revolved r => Revolve(r, cut),
        Solid.Helical h => Thread(h),
        Solid.Extruded e => new() { ["op"] = "extrude", ["height"] = e.Height, ["outline"] = Outline(Facets.Of(e.Profile, cut, chordError)) },
        Solid.Lofted l => new()
        {
            ["op"] = "loft",
            ["heights"] = new JsonArray([.. l.Sections.Select(s => (JsonNode)s.Height)]),
            ["outlines"] = new JsonArray([.. l.Sections.Select(s => (JsonNode)Outline(s.Outline))])
        },
        Solid.Lettering l => new()
        {
            ["op"] = "letter",
            ["height"] = l.Thickness,
            ["growth"] = l.Growth,
            ["outlines"] = Letters.Outlines(l.Text, l.Size, l.Room, chordError)
        },
        Solid.Moved m => new() { ["op"] = "move", ["of"] = Add(m.Of, cut), ["by"] = new JsonArray(m.By.X, m.By.Y, m.By.Z) },
        Solid.Turned t => new() { ["op"] = "turn", ["of"] = Add(t.Of, cut), ["axis"] = t.Axis.ToString(), ["degrees"] = t.Degrees },
        Solid.Mirrored m => new() { ["op"] = "mirror", ["of"] = Add(m.Of, cut), ["axis"] = m.Axis.ToString() },
        Solid.Hulled h => new() { ["op"] = "hull", ["of"] = new JsonArray([.. h.Of.Select(s => (JsonNode)Add(s, cut))]) },
        Solid.Padded p => new() { ["op"] = "pad", ["of"] = Add(p.Of, cut), ["radius"] = p.Radius, ["thickness"] = p.Thickness },
        Solid.Ribbed r => new()
        {
            ["op"] = "rib",
            ["of"] = Add(r.Of, cut),
            ["height"] = r.Rule.Layer,
            ["lineWidth"] = r.Rule.Line,
            ["hangs"] = r.Rule.Hangs,
            ["bridges"] = r.Rule.Bridges,
            ["apart"] = r.Rule.Apart
        },
        Solid.Swept s => new()
        {
            ["op"] = "sweep",
            ["outline"] = Outline(Facets.Of(s.Outline, cut, chordError)),
            ["path"] = new JsonArray([.. s.Path.Select(p => (JsonNode)new JsonArray(p.X, p.Y, p.Z))])
        },
        Solid.Meshed m => new()
        {
            ["op"] = "mesh",
            ["corners"] = Convert.ToBase64String(m.Bytes.Corners),
            ["triangles"] = Convert.ToBase64String(m.Bytes.Triangles)
        },
        Solid.Union u => new() { ["op"] = "union", ["of"] = new JsonArray([.. Several(u).Select(s => (JsonNode)Add(s, cut))]) },
        Solid.Difference d => new() { ["op"] = "difference", ["a"] = Add(d.From, cut), ["b"] = Add(d.Cut, !cut) },
        Solid.Intersection i => new() { ["op"] = "intersection", ["a"] = Add(i.A, cut), ["b"] = Add(i.B, cut) },
        _ => throw new InvalidOperationException($"No instruction is defined for {solid.GetType().Name}."),
    };

    /// <summary>What is united, in one go: apart bodies are then put together without being cut into each other.</summary>
    private static IEnumerable<Solid> Several(Solid solid) => solid is Solid.Union u ? Several(u.A).Concat(Several(u.B)) : [solid];

    private JsonObject Cylinder(Solid.Cylinder c, bool cut)
    {
        var facets = Facets.Count(c.Radius, chordError);
        return new() { ["op"] = "cylinder", ["height"] = c.Height, ["radius"] = c.Radius * (cut ? Facets.Circumscribed(facets) : 1), ["facets"] = facets };
    }

    /// <summary>A thread by its edges: the corners of its outline where the way out from the axis does not go on evenly.</summary>
    private static JsonObject Thread(Solid.Helical h)
    {
        const double Even = 1e-6;
        var corners = h.Profile.Points.Select(p => (Turned: (Math.Atan2(p.Y, p.X) / (2 * Math.PI)) + (p.Y < 0 ? 1 : 0), Out: double.Hypot(p.X, p.Y)))
            .OrderBy(c => c.Turned).ToArray();
        bool Edge(int i)
        {
            var (before, here, after) = (corners[(i + corners.Length - 1) % corners.Length], corners[i], corners[(i + 1) % corners.Length]);
            var (to, whole) = ((here.Turned - before.Turned + 1) % 1, (after.Turned - before.Turned + 1) % 1);
            return Math.Abs(here.Out - before.Out - ((after.Out - before.Out) * to / whole)) > Even;
        }

        // What lies further back on the turn comes up later.
        var edges = Enumerable.Range(0, corners.Length).Where(Edge).DefaultIfEmpty(0).Select(i => (Rise: (1 - corners[i].Turned) % 1, corners[i].Out))
            .OrderBy(e => e.Rise).ToList();
        return new()
        {
            ["op"] = "thread",
            ["radii"] = new JsonArray([.. edges.Select(e => (JsonNode)e.Out)]),
            ["rises"] = new JsonArray([.. edges.Select(e => (JsonNode)e.Rise)]),
            ["around"] = corners.Length,
            ["lead"] = h.Lead,
            ["height"] = h.Height
        };
    }

    private JsonObject Revolve(Solid.Revolved r, bool cut)
    {
        var profile = Facets.Of(r.Profile, cut, chordError);
        var facets = Facets.Count(profile.Points.Max(p => p.X), chordError);
        var grown = Facets.Circumscribed(facets);
        var outline = Facets.FacesAxis(profile, cut).Zip(profile.Points, (inwards, p) => (JsonNode)new JsonArray(inwards ? p.X * grown : p.X, p.Y));
        return new() { ["op"] = "revolve", ["facets"] = facets, ["outline"] = new JsonArray([.. outline]) };
    }

    private static JsonArray Outline(Profile profile) => new([.. profile.Points.Select(p => (JsonNode)new JsonArray(p.X, p.Y))]);
}
