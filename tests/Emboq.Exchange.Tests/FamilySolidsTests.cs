using Emboq.Core.Tests.Families;

namespace Emboq.Exchange.Tests;

/// <summary>The solids of every family on random decisions: read back closed by admesh, and with the walls around every hole that its checks promise.</summary>
public sealed class FamilySolidsTests : RandomSolids
{
    public static TheoryData<string> Keys => Of(RandomBriefs.Families);

    [Theory]
    [MemberData(nameof(Keys))]
    public void Every_body_that_no_check_stops_is_closed(string key) => Buildable(key, (family, brief, design) =>
    {
        foreach (var body in design.PrintItems)
        {
            var mesh = Mesh(body.AsPrinted);
            mesh.Triangles.ShouldNotBeEmpty(body.Key);
            var said = Admesh.Judge(StlFile.Write(mesh, body.Key));
            said.Faults.ShouldBe(0, body.Key);
            said.Normals.ShouldBeLessThan(0.02, body.Key);
            if (body.Key == "part")
            {
                said.Parts.ShouldBe(body.Bodies.Count, body.Key);
            }
        }
    });

    [Theory]
    [MemberData(nameof(Keys))]
    public void The_wall_around_every_hole_holds_or_a_check_says_stop(string key) => Buildable(key, (family, brief, design) =>
    {
        if (design.Pieces[0].Walls.Count == 0)
        {
            return;
        }

        // Letters and marks may be sunk into a wall: they are left away.
        var plain = family.Design(brief with { Mark = null });
        var part = plain.PrintItems.First(b => b.Key == "part").Solid;
        foreach (var (name, zone) in plain.Pieces[0].Walls)
        {
            // Coarse threads: a wall is no finer than what stands in it.
            var (whole, missing) = (Mesh(Coarse.Of(zone)), Volume(Coarse.Of(zone - part)));
            missing.ShouldBeLessThan((whole.Area * 0.02) + 0.5, $"{name}: {missing:0.0} of {whole.Volume:0} mm³ is not material");
        }
    });

    /// <summary>Hidden in a lip, sunk words would be hollows: bodies of their own to a reader.</summary>
    [Theory]
    [InlineData("sunk")]
    [InlineData("raised")]
    public void Words_of_a_pull_stand_above_its_lip(string lettering)
    {
        var pull = FamilyList.Find("drawer-pull")!;
        Dictionary<string, string> values = new() { ["fastening"] = "plate", ["face"] = "10", ["tall"] = "20", ["lettering"] = lettering };
        SolidMesh Part(string words)
        {
            values["text"] = words;
            return Mesh(pull.Design(new(ParameterValues.Read(pull.Parameters, values).Value, new Dictionary<string, Interface>(),
                Emboq.Core.Tests.Workshop.Process, [])).Pieces[0].AsPrinted);
        }

        var (worded, plain) = (Part("Tacks"), Part(""));
        Admesh.Judge(StlFile.Write(worded, "part")).Parts.ShouldBe(1);
        Math.Abs(worded.Volume - plain.Volume).ShouldBeGreaterThan(5);
    }

    /// <summary>Single precision tells some 4e-6 mm apart at 40 mm: shorter edges fall together in a file, and its facets no longer close.</summary>
    [Theory]
    [InlineData("M5")]
    [InlineData("M6")]
    [InlineData("M8")]
    [InlineData("1/4")]
    public void No_edge_of_a_printed_thread_is_shorter_than_a_file_can_tell(string size)
    {
        var block = FamilyList.Find("rod-block")!;
        var values = new Dictionary<string, string> { ["thread"] = "printed", ["insert"] = size, ["wayUp"] = "flat", ["thingHeight"] = "10" };
        var design = block.Design(new(ParameterValues.Read(block.Parameters, values).Value,
            new Dictionary<string, Interface> { ["rod"] = Emboq.Core.Tests.Measuring.Places.Of("post") }, Emboq.Core.Tests.Workshop.Process, []));
        var mesh = Mesh(design.Pieces[0].AsPrinted);
        Point3 At(int corner) => new(mesh.Positions[3 * corner], mesh.Positions[(3 * corner) + 1], mesh.Positions[(3 * corner) + 2]);
        double Edge(int i) => (At(mesh.Triangles[i]), At(mesh.Triangles[i - (i % 3) + ((i + 1) % 3)])) is var (a, b)
            ? Math.Sqrt(Math.Pow(a.X - b.X, 2) + Math.Pow(a.Y - b.Y, 2) + Math.Pow(a.Z - b.Z, 2)) : 0;
        Enumerable.Range(0, mesh.Triangles.Length).Min(Edge).ShouldBeGreaterThan(5e-6);
        Admesh.Judge(StlFile.Write(mesh, "part")).Faults.ShouldBe(0);
    }
}
