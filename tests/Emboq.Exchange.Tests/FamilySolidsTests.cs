using CsCheck;
using Emboq.Core.Tests.Families;
using Emboq.Kernel;

namespace Emboq.Exchange.Tests;

/// <summary>The solids of every family on random decisions: read back closed by admesh, and with the walls around every hole that its checks promise.</summary>
public sealed class FamilySolidsTests : IAsyncLifetime
{
    private static readonly int Sets = int.Parse(Environment.GetEnvironmentVariable("EMBOQ_FAMILY_SETS") ?? "10",
        System.Globalization.CultureInfo.InvariantCulture);

    private readonly KernelPool pool = new(new KernelLimits { Engines = 1, Longest = TimeSpan.FromSeconds(90) });

    /// <summary>Families to judge, where not all are wanted: EMBOQ_FAMILIES=faceplate,bracket.</summary>
    private static readonly string[]? Wanted = Environment.GetEnvironmentVariable("EMBOQ_FAMILIES")?.Split(',');

    private static TheoryData<string> Of(IEnumerable<Family> families) => [.. families.Select(f => f.Key).Where(k => Wanted?.Contains(k) ?? true)];

    public static TheoryData<string> Keys => Of(RandomBriefs.Families);

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => pool.DisposeAsync();

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
            var (whole, missing) = (Mesh(CoarseThreads.Of(zone)), Volume(CoarseThreads.Of(zone - part)));
            missing.ShouldBeLessThan((whole.Area * 0.02) + 0.5, $"{name}: {missing:0.0} of {whole.Volume:0} mm³ is not material");
        }
    });

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

    public static TheoryData<string> AllKeys => Of(RandomBriefs.All);

    /// <summary>What the ledger promises is what the triangles have, read off them along a line: of parts and of their proofs.</summary>
    [Theory]
    [MemberData(nameof(AllKeys))]
    public void Every_fitted_size_is_found_in_the_triangles(string key)
    {
        var read = 0;
        Buildable(key, (family, brief, design) =>
        {
            foreach (var of in design.Gauges.GroupBy(g => g.Body))
            {
                var mesh = Mesh(design.PrintItems.SelectMany(i => i.Bodies).Single(b => b.Key == of.Key).Solid);
                foreach (var gauge in of)
                {
                    var found = MeshGauge.Read(mesh, gauge).ShouldNotBeNull($"{of.Key}, {gauge.What} at {gauge.At}");
                    found.ShouldBe(gauge.Size, MeshGauge.Tolerance,
                        $"{of.Key}, {gauge.What} at {gauge.At}; {string.Join(" ", brief.Interfaces.Values.Select(i => i.Kind.Key))}");
                    read++;
                }
            }
        });
        read.ShouldBeGreaterThan(Wanting(RandomBriefs.All.First(f => f.Key == key)) / 2);
    }

    /// <summary>By hand: a pull of 3 in that turned out 75.8 mm apart has its guides at ±37.9 mm, whatever else of the spacing was given.</summary>
    [Theory]
    [InlineData(true, "")]
    [InlineData(true, "hooks=two; frontWidth=300")]
    [InlineData(false, "spacing=64")]
    public void A_template_has_its_guides_where_the_printed_part_has_its_holes(bool pattern, string entries)
    {
        Design Of(string key, string given, Dictionary<string, Taken> taken)
        {
            var family = FamilyList.Find(key)!;
            var values = given.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1]);
            return family.Design(new(ParameterValues.Read(family.Parameters, values).Value, new Dictionary<string, Interface>(),
                Emboq.Core.Tests.Workshop.Exact, [])
            { Taken = taken });
        }

        var pull = Of("drawer-pull", "spacing=3 in", []);
        var printed = Quantity.Input("spacing", 75.8, Unit.Millimetre, new Provenance.Measured("1 reading"), (new Source("caliper", "caliper", 0.05), 1));
        var taken = new Dictionary<string, Taken> { ["spaced"] = new("pull", "spacing as printed", new Given.Size("spacing", printed, null)) };
        if (pattern)
        {
            taken["pattern"] = new("pull", "holes", pull.Gives("holes"));
        }

        var template = Of("drilling-template", entries, taken);
        var mesh = Mesh(template.PrintItems.Single(b => b.Key == "part").Solid);
        var guides = template.Gauges.Where(g => g.Body == "part").ToList();
        guides.Select(g => g.At.X).ShouldBe([-37.9, 37.9], 1e-9);
        guides.ShouldAllBe(g => Math.Abs(MeshGauge.Read(mesh, g)!.Value - g.Size) <= MeshGauge.Tolerance);
        template.Ledger["span"].StandardUncertainty.ShouldBe(0.05, 1e-9);
        if (pattern)
        {
            template.Ledger["hole2"].StandardUncertainty.ShouldBe(0.025, 1e-9);
        }
    }

    /// <summary>Steps 30 × dia 4, 40 × dia 32, 26 × dia 10: the widest begins just below the mouth.</summary>
    [Fact]
    public void A_turned_thing_has_room_for_its_widest_step_wherever_that_begins()
    {
        var thing = Emboq.Core.Tests.Measuring.Places.Of(KindList.Of("turned"),
            "step1.length 30, step1.first 4, step1.last 4, step2.length 40, step2.first 32, step2.last 32, step3.length 26, step3.first 10, step3.last 10");
        var tray = FamilyList.Find("pocket-tray")!;
        var design = tray.Design(new(ParameterValues.Read(tray.Parameters, new Dictionary<string, string>()).Value,
            new Dictionary<string, Interface> { ["item1"] = thing }, Emboq.Core.Tests.Workshop.Exact, []));
        var mesh = Mesh(design.PrintItems.Single(b => b.Key == "part").Solid);
        design.Ledger["item1.step2.first.drawn"].Value.ShouldBe(34, 1e-9);
        design.Gauges.Where(g => g.Body == "part" && g.What.EndsWith("pocket", StringComparison.Ordinal)).ShouldHaveSingleItem().Size.ShouldBe(34, 1e-9);
        MeshGauge.Read(mesh, design.Gauges[0])!.Value.ShouldBe(34, MeshGauge.Tolerance);
    }

    /// <summary>Through a shelf the bore runs on straight: stretched over it, the taper would be 0.03 wide at mid cuff.</summary>
    [Fact]
    public void A_tapered_socket_over_a_step_has_its_size_at_mid_cuff()
    {
        var adapter = FamilyList.Find("hose-adapter")!;
        var values = ParameterValues.Read(adapter.Parameters, new Dictionary<string, string>
        {
            ["coneBy"] = "step",
            ["secondHold"] = "taper",
            ["secondJoin"] = "over"
        }).Value;
        var ends = new Dictionary<string, Interface>
        {
            ["first"] = Emboq.Core.Tests.Measuring.Places.Of(KindList.Of("tube"), "inside 45.5, outside 49"),
            ["second"] = Emboq.Core.Tests.Measuring.Places.Of(KindList.Of("tube"), "inside 32, outside 35"),
        };
        var design = adapter.Design(new(values, ends, Emboq.Core.Tests.Workshop.Exact, []));
        var gauge = design.Gauges.Single(g => g.Body == "part" && g.What == "second end");
        MeshGauge.Read(Mesh(design.PrintItems.Single(b => b.Key == "part").Solid), gauge)!.Value.ShouldBe(design.Ledger["second.drawn"].Value, 0.022);
    }

    /// <summary>Ribs stand at every sixth of a round: a gauge across the end must pass between them, or a good part is told to be wrong.</summary>
    [Theory]
    [InlineData("none")]
    [InlineData("foot")]
    [InlineData("pads")]
    [InlineData("ribs")]
    public void What_steadies_a_print_is_not_taken_for_its_end(string steady)
    {
        var adapter = FamilyList.Find("hose-adapter")!;
        var values = ParameterValues.Read(adapter.Parameters, new Dictionary<string, string> { ["steady"] = steady, ["firstJoin"] = "inside" }).Value;
        var ends = new Dictionary<string, Interface>
        {
            ["first"] = Emboq.Core.Tests.Measuring.Places.Of(KindList.Of("tube"), "inside 41.3, outside 45"),
            ["second"] = Emboq.Core.Tests.Measuring.Places.Of(KindList.Of("tube"), "inside 52.6, outside 56"),
        };
        var design = adapter.Design(new(values, ends, Emboq.Core.Tests.Workshop.Exact, []));
        var mesh = Mesh(design.PrintItems.Single(b => b.Key == "part").Solid);
        foreach (var gauge in design.Gauges.Where(g => g.Body == "part"))
        {
            MeshGauge.Read(mesh, gauge)!.Value.ShouldBe(gauge.Size, MeshGauge.Tolerance, gauge.What);
        }
    }

    /// <summary>Forms that random decisions seldom build: every gauge of every piece reads the ledger's size in the triangles.</summary>
    [Theory]
    [InlineData("turns=post; opens=80")]
    [InlineData("turns=post; opens=72; face=vee; post=48; wide=80; wayUp=head")]
    [InlineData("presses=spring; press=12; wide=90; pad=14; thick=14; high=40; differs=0.4; face=flat")]
    [InlineData("presses=spring; press=12; wide=90; pad=18; fixed=16; thick=14; high=40; differs=0.4; face=vee; turns=post; pushed=8; opens=72; long=50")]
    public void A_vice_on_a_post_and_a_sprung_pad_measure_as_they_are_drawn(string entries)
    {
        var design = Mounts.Design("cam-vice", entries, null, null, ("work", "board", "length 160, width 70, thickness 6"), ("pin", "pin", "diameter 5"));
        design.Checks.Where(c => c.Verdict == Verdict.Stop).Select(c => c.Title).ShouldBeEmpty();
        foreach (var item in design.PrintItems.Where(i => design.Gauges.Any(g => g.Body == i.Key)))
        {
            var mesh = Mesh(item.Solid);
            foreach (var gauge in design.Gauges.Where(g => g.Body == item.Key))
            {
                MeshGauge.Read(mesh, gauge)!.Value.ShouldBe(gauge.Size, MeshGauge.Tolerance, $"{item.Key}: {gauge.What}");
            }

            Admesh.Judge(StlFile.Write(mesh, item.Key)).Faults.ShouldBe(0, item.Key);
        }

        design.Gauges.Select(g => g.Body).Distinct().ShouldBeSubsetOf(design.PrintItems.Select(i => i.Key));
    }

    private static void Buildable(string key, Action<Family, Brief, Design> judge)
    {
        var family = RandomBriefs.All.First(f => f.Key == key);
        var built = 0;
        RandomBriefs.Usual(family).Sample(brief =>
        {
            var design = family.Design(brief);
            if (built < Wanting(family) && design.Checks.All(c => c.Verdict != Verdict.Stop))
            {
                built++;
                judge(family, brief, design);
            }
        }, iter: Sets * 40, threads: 1);
        built.ShouldBeGreaterThanOrEqualTo(Wanting(family), "too few of the random decisions could be built");
    }

    /// <summary>Of what turns, half as many: few random decisions hold, and its threads are long.</summary>
    private static int Wanting(Family family) => family.Proved ? Sets / 2 : Sets;

    private SolidMesh Mesh(Solid solid) => pool.Evaluate([solid], Facets.DefaultChordError, TestContext.Current.CancellationToken).GetAwaiter().GetResult()[0];

    private double Volume(Solid solid)
    {
        var mesh = pool.Evaluate([solid], Facets.DefaultChordError, TestContext.Current.CancellationToken).GetAwaiter().GetResult()[0];
        return mesh.Triangles.Length == 0 ? 0 : mesh.Volume;
    }
}
