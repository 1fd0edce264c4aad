using Emboq.Core.Tests.Families;

namespace Emboq.Exchange.Tests;

/// <summary>Sizes of the ledger, read off the triangles: of every family on random decisions, and of forms that those seldom build.</summary>
public sealed class FittedSizeTests : RandomSolids
{
    public static TheoryData<string> AllKeys => Of(RandomBriefs.All);

    /// <summary>What the ledger promises is what the triangles have, read off them along a line: of parts and of their proofs, in files and in
    /// pictures.</summary>
    [Theory]
    [MemberData(nameof(AllKeys))]
    public void Every_fitted_size_is_found_in_the_triangles(string key)
    {
        var read = 0;
        Buildable(key, (family, brief, design) =>
        {
            foreach (var of in design.Gauges.GroupBy(g => g.Body))
            {
                var solid = design.PrintItems.SelectMany(i => i.Bodies).Single(b => b.Key == of.Key).Solid;
                var (mesh, picture) = (Mesh(solid), Mesh(Coarse.Of(solid)));
                foreach (var gauge in of)
                {
                    var found = MeshGauge.Read(mesh, gauge).ShouldNotBeNull($"{of.Key}, {gauge.What} at {gauge.At}");
                    found.ShouldBe(gauge.Size, MeshGauge.Tolerance,
                        $"{of.Key}, {gauge.What} at {gauge.At}; {string.Join(" ", brief.Interfaces.Values.Select(i => i.Kind.Key))}");
                    // Pictures are judged too, and a good part is never told to be wrong.
                    MeshGauge.Read(picture, gauge).ShouldNotBeNull().ShouldBe(gauge.Size, MeshGauge.Tolerance + gauge.Pictured, $"pictured: {gauge.What}");
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
}
