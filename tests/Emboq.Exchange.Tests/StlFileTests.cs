using CsCheck;
using Emboq.Core;
using Emboq.Core.Families;
using Emboq.Core.Solids;
using Emboq.Kernel;

namespace Emboq.Exchange.Tests;

/// <summary>STL files read back by admesh, which knows nothing of Emboq: it counts open edges, wrong normals and degenerate facets, and measures.</summary>
public sealed class StlFileTests : IAsyncLifetime
{
    private readonly KernelPool pool = new(new KernelLimits { Engines = 1 });

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => pool.DisposeAsync();

    [Fact]
    public async Task A_box_is_read_back_closed_with_its_sizes_and_volume()
    {
        var said = Admesh.Judge(StlFile.Write(await Mesh(new Solid.Box(20, 30, 40)), "box"));
        said.Faults.ShouldBe(0);
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
    public async Task Meshes_in_a_row_stand_on_the_bed_and_do_not_touch()
    {
        var row = Plate.InARow([await Mesh(new Solid.Box(20, 30, 40).At(5, 5, 5)), await Mesh(new Solid.Cylinder(10, 2).At(0, 0, -7))]);
        row.Bounds.ShouldBe((new Point3(0, -15, 0), new Point3(45, 15, 40)));
        var said = Admesh.Judge(StlFile.Write(row, "row"));
        said.Faults.ShouldBe(0);
        said.Parts.ShouldBe(2);
    }

    [Fact]
    public void Every_body_of_random_adapters_is_closed()
    {
        var family = FamilyList.Find("hose-adapter")!;
        var join = Gen.Bool.Select(over => over ? "over" : "inside");
        var adapters = Gen.Select(Gen.Double[15, 150], Gen.Double[15, 150], join, join, Gen.Double[5, 75], Gen.Double[0.4, 4]);
        adapters.Sample((a, b, joinA, joinB, angle, wall) =>
        {
            var entries = new Dictionary<string, string> { ["firstJoin"] = joinA, ["secondJoin"] = joinB, ["coneAngle"] = $"{angle:0.##}", ["wall"] = $"{wall:0.##}" };
            var design = family.Design(new(ParameterValues.Read(family.Parameters, entries).Value, new Dictionary<string, Interface> { ["first"] = Tube(a), ["second"] = Tube(b) }, Printer, []));
            foreach (var body in design.Bodies.Where(x => x.Role != BodyRole.Counterpart))
            {
                var said = Admesh.Judge(StlFile.Write(Mesh(body.Solid).GetAwaiter().GetResult(), body.Key));
                said.Faults.ShouldBe(0, $"{body.Key} of {a} {joinA} to {b} {joinB} at {angle}, wall {wall}");
                said.Parts.ShouldBe(1);
            }

            if (design.Bodies.Count > 0)
            {
                var part = Mesh(design.Bodies[0].Solid).GetAwaiter().GetResult();
                // Chord error 0.01 on both faces of a wall: two hundredths of its area at the most.
                part.Volume.ShouldBe(design.Ledger["volume"].Value, part.Area * Facets.DefaultChordError);
            }
        }, iter: int.Parse(Environment.GetEnvironmentVariable("EMBOQ_ADAPTERS") ?? "25", System.Globalization.CultureInfo.InvariantCulture), threads: 1);
    }

    private static readonly Instrument Caliper = new("caliper", "caliper", 0.01, 0.03, 0.03, 150);

    private static readonly Process Printer = new()
    {
        Id = Guid.Empty,
        Name = "test",
        Printer = "test",
        Material = "test",
        Density = 1.24,
        FilamentDiameter = 1.75,
        LineWidth = 0.45,
        LayerHeight = 0.2,
        BedWidth = 300,
        BedDepth = 300,
        BuildHeight = 300,
        Allowances = new Dictionary<Surface, Allowance> { [Surface.HoleUpright] = new(0.2, 0.1, 0.04, "test"), [Surface.OutsideRound] = new(-0.06, 0.06, 0.04, "test") },
    };

    private static Interface Tube(double size)
    {
        var id = Guid.NewGuid();
        return new(id, "place", InterfaceKind.Tube, [.. new[] { "inside", "outside", "depth" }.Select(k =>
            new Dimension(id, k, k, [new(Guid.NewGuid(), size, $"{size}", Caliper, DateTimeOffset.UnixEpoch, null, null)]))]);
    }

    private async Task<SolidMesh> Mesh(Solid solid) => (await pool.Evaluate([solid], Facets.DefaultChordError, TestContext.Current.CancellationToken))[0];
}
