using CsCheck;
using Emboq.Core.Tests;
using Emboq.Kernel;

namespace Emboq.Exchange.Tests;

/// <summary>STL files read back by admesh, which knows nothing of Emboq: it counts open edges, wrong normals and degenerate facets, and measures.</summary>
public sealed class StlFileTests : IAsyncLifetime
{
    private readonly KernelPool pool = new(new KernelLimits { Engines = 1, Longest = TimeSpan.FromSeconds(90) });

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => pool.DisposeAsync();

    [Fact]
    public async Task A_box_is_read_back_closed_with_its_sizes_and_volume()
    {
        var said = Admesh.Judge(StlFile.Write(await Mesh(new Solid.Box(20, 30, 40)), "box"));
        said.Faults.ShouldBe(0);
        said.Normals.ShouldBe(0);
        said.Size.ShouldBe((20, 30, 40));
        said.Volume.ShouldBe(24000, 0.1);
    }

    [Fact]
    public async Task The_referee_sees_a_hole()
    {
        var box = await Mesh(new Solid.Box(20, 30, 40));
        Admesh.Judge(StlFile.Write(box with { Triangles = box.Triangles[3..] }, "open")).Faults.ShouldBeGreaterThan(0);
    }

    [Fact]
    public void The_header_names_the_unit_and_the_title_and_never_reads_as_text()
    {
        var mesh = new SolidMesh([0, 0, 0, 1, 0, 0, 0, 1, 0], [0, 1, 2], 0, 0.5);
        var header = System.Text.Encoding.ASCII.GetString(StlFile.Write(mesh, "solid dust port ä " + new string('x', 99)), 0, 80);
        header.ShouldStartWith("Emboq, mm: solid dust port ?");
        StlFile.Write(mesh, "t").Length.ShouldBe(80 + 4 + 50);
    }

    [Fact]
    public async Task Bodies_in_a_row_stand_on_the_bed_and_do_not_touch()
    {
        var row = Plate.AsOne(Plate.InARow([new("box", await Mesh(new Solid.Box(20, 30, 40).At(5, 5, 5))),
            new("disc", await Mesh(new Solid.Cylinder(10, 2).At(0, 0, -7)))]));
        row.Bounds.ShouldBe((new Point3(0, -15, 0), new Point3(45, 15, 40)));
        var said = Admesh.Judge(StlFile.Write(row, "row"));
        said.Faults.ShouldBe(0);
        said.Parts.ShouldBe(2);
    }

    /// <summary>A test print is its plate, every pin in its bore, and every square that lies beside it.</summary>
    [Fact]
    public async Task A_test_print_of_all_surfaces_is_closed_and_falls_into_as_many_parts_as_it_should()
    {
        List<Face> faces = [.. CombFaces.Surfaces.SelectMany(s => CombFaces.Of(s, []))];
        var comb = CombShape.Of([.. faces.Select((f, i) => new CombTooth(i + 1, f))], Workshop.Process.Bed);
        var said = Admesh.Judge(StlFile.Write(await Mesh(comb.Solid), "test print"));
        said.Faults.ShouldBe(0);
        said.Parts.ShouldBe(1 + faces.Count(f => f.Surface is Surface.GapInPlace or Surface.FirstLayerFoot));
    }

    [Fact]
    public void Every_body_of_random_adapters_is_closed()
    {
        var family = FamilyList.Find("hose-adapter")!;
        var join = Gen.Bool.Select(over => over ? "over" : "inside");
        var hold = Of("plain", "clamp", "taper");
        var shape = Gen.Select(Of("angle", "step"), Of("none", "foot", "pads", "ribs"), Of("first", "second"), Gen.Bool);
        Gen.Select(Gen.Double[20, 150], Gen.Double[20, 150], join, join, Gen.Double[5, 75], Gen.Double[0.4, 4], Gen.Select(hold, hold),
            shape).Sample((a, b, joinA, joinB, angle, wall, holds, s) =>
        {
            var (by, steady, way, duct) = s;
            var entries = new Dictionary<string, string>
            {
                ["firstJoin"] = joinA,
                ["secondJoin"] = joinB,
                ["coneAngle"] = $"{angle:0.##}",
                ["wall"] = $"{wall:0.##}",
                ["coneBy"] = by,
                ["firstHold"] = duct ? "plain" : holds.Item1,
                ["secondHold"] = holds.Item2,
                ["steady"] = steady,
                ["wayUp"] = way,
            };
            var places = new Dictionary<string, Interface>
            {
                ["first"] = duct ? Duct(a) : Workshop.Tube("a", a, a, a),
                ["second"] = Workshop.Tube("b", b, b, b)
            };
            var design = family.Design(new(ParameterValues.Read(family.Parameters, entries).Value, places, Workshop.Process, [], "r12"));
            foreach (var body in design.PrintItems)
            {
                var said = Admesh.Judge(StlFile.Write(Mesh(body.AsPrinted).GetAwaiter().GetResult(), body.Key));
                var what = $"{body.Key} of {a} {joinA} {holds.Item1} to {b} {joinB} {holds.Item2} at {angle}, wall {wall}, {by}, {steady}, {way} down, "
                    + $"{(duct ? "rectangular" : "round")}";
                said.Faults.ShouldBe(0, what);
                said.Normals.ShouldBeLessThan(0.005, what);
                said.Parts.ShouldBe(design.Proofs.SingleOrDefault(p => p.Key == body.Key)?.Rungs ?? 1, what);
            }
        }, iter: int.Parse(Environment.GetEnvironmentVariable("EMBOQ_ADAPTERS") ?? "12", System.Globalization.CultureInfo.InvariantCulture), threads: 1);
    }

    /// <summary>Five notches take 16 mm of an outline: more than the flat of a small duct is long.</summary>
    [Theory]
    [InlineData(20)]
    [InlineData(23.342)]
    [InlineData(41)]
    public async Task Rings_of_a_small_duct_stay_whole(double width)
    {
        var family = FamilyList.Find("hose-adapter")!;
        var entries = new Dictionary<string, string> { ["firstJoin"] = "inside", ["wall"] = "1.4", ["firstHold"] = "plain", ["ladderRings"] = "5" };
        var places = new Dictionary<string, Interface> { ["first"] = Duct(width), ["second"] = Workshop.Tube("b", 60, 60, 60) };
        var design = family.Design(new(ParameterValues.Read(family.Parameters, entries).Value, places, Workshop.Process, []));
        var ladder = design.Proofs.Single(p => p.Key == "ladder-first").Solid;
        Admesh.Judge(StlFile.Write(await Mesh(ladder), "ladder")).Parts.ShouldBe(5);
    }

    [Fact]
    public void Volumes_of_plain_adapters_are_what_the_ledger_says()
    {
        var family = FamilyList.Find("hose-adapter")!;
        Gen.Select(Gen.Double[20, 150], Gen.Double[20, 150], Gen.Double[5, 75], Gen.Bool).Sample((a, b, angle, duct) =>
        {
            var entries = new Dictionary<string, string> { ["firstJoin"] = "over", ["secondJoin"] = "over", ["coneAngle"] = $"{angle:0.##}" };
            var places = new Dictionary<string, Interface>
            {
                ["first"] = duct ? Duct(a) : Workshop.Tube("a", a, a, a),
                ["second"] = Workshop.Tube("b", b, b, b)
            };
            var design = family.Design(new(ParameterValues.Read(family.Parameters, entries).Value, places, Workshop.Process, []));
            var part = Mesh(design.Pieces[0].Solid).GetAwaiter().GetResult();
            // Chord error 0.01 on both faces of a wall: two hundredths of its area at the most.
            part.Volume.ShouldBe(design.Ledger["volume"].Value, part.Area * Facets.DefaultChordError);
        }, iter: 20, threads: 1);
    }

    private static Gen<string> Of(params string[] words) => Gen.Int[0, words.Length - 1].Select(i => words[i]);

    private static Interface Duct(double width) => Workshop.Place(Guid.NewGuid(), "duct", KindList.Duct,
        [("inside", width), ("insideDepth", width * 0.7), ("outside", width), ("outsideDepth", width * 0.7), ("corner", width / 12), ("depth", width)]);

    private async Task<SolidMesh> Mesh(Solid solid) => (await pool.Evaluate([solid], Facets.DefaultChordError, TestContext.Current.CancellationToken))[0];
}
