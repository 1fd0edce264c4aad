using Emboq.Core.Tests;
using Emboq.Core.Tests.Measuring;

namespace Emboq.Kernel.Tests;

/// <summary>A lidded case in the triangles: its lid and handle turn free, its clasps catch by what the ledger says, and its parts are equal and
/// whole.</summary>
public sealed class CaseMotionTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    private static readonly CancellationToken Stop = TestContext.Current.CancellationToken;

    private static Design Design(string entries, string? content = null) =>
        FamilyList.Find("lidded-case")!.Design(new(ParameterValues.Read(FamilyList.Find("lidded-case")!.Parameters,
        entries.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e => e[0], e => e[1])).Value,
        Named(content), Workshop.OfTough(Workshop.Exact), []));

    private static Dictionary<string, Interface> Named(string? content)
    {
        var named = new Dictionary<string, Interface> { ["pin"] = Places.Of(KindList.Of("pin"), "diameter 2") };
        return content is null ? named : new Dictionary<string, Interface>(named) { ["content"] = Places.Of(KindList.Of("block"), content) };
    }

    /// <summary>What lies below a shelf lies there: under it, clear of the body, and it is let down past the ledges.</summary>
    [Fact]
    public async Task What_lies_below_a_shelf_has_room_and_passes_its_ledges()
    {
        var design = Design("shelf=tray", "width 150, depth 70, height 45");
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        var (body, shelf) = (design.Pieces[0].Solid, design.Pieces.Single(p => p.Key == "shelf-1").Solid);
        var front = (design.Ledger["depth"].Value - 70) / 2 + design.Ledger["wall"].Value;
        Solid Lies(double up) => new Solid.Box(150, 70, 45).At(-75, front, design.Ledger["floor"].Value + 0.01 + up);
        (await fixture.Pool.Between(shelf, Lies(0), 1, 0.02, Stop)).Overlap.ShouldBe(0);
        foreach (var up in new[] { 0.0, 4, 8, 20, 45 })
        {
            (await fixture.Pool.Between(body, Lies(up), 1, 0.02, Stop)).Overlap.ShouldBe(0);
        }
    }

    [Theory]
    [InlineData("")]
    [InlineData("width=90; depth=60; height=46; lidHigh=16; catch=1.4; knuckle=5")]
    [InlineData("wall=4.4; width=230; depth=90")]
    [InlineData("shelf=tray; shelfHigh=10; width=150")]
    [InlineData("wall=4.4; width=300; depth=90; height=84; joined=screwed; bar=15; handleWide=70")]
    [InlineData("wall=4.4; width=300; depth=90; height=84; joined=screwed; joinScrew=M5")]
    public async Task Lid_and_handle_turn_free(string entries)
    {
        var design = Design(entries);
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        foreach (var motion in design.Motions)
        {
            var check = await MotionCheck.Of(design, motion, fixture.Pool, Stop);
            check.Verdict.ShouldBe(Verdict.Good, $"{motion.Name}: {check.Says} {check.Figure}");
        }

        // As they are printed, nothing of them begins in the air or hangs further than a line holds.
        foreach (var piece in design.Pieces)
        {
            var layers = await fixture.Pool.Layers(piece.AsPrinted, new(0.2, 0.45, 3, 4), 0.02, Stop);
            (layers.Sum(l => l.Islands), layers.Max(l => l.Reach) < 1.2, layers.Max(l => l.Bridge) < 12).ShouldBe((0, true, true), piece.Name);
        }

        // Shut, nothing overlaps anything.
        var standing = Assembled.Of(design, new Dictionary<string, double>());
        foreach (var (a, b) in standing.SelectMany((a, i) => standing.Skip(i + 1).Select(b => (a, b))))
        {
            (await fixture.Pool.Between(a.Solid, b.Solid, 1, 0.02, Stop)).Overlap.ShouldBeLessThan(0.01, $"{a.Name}, {b.Name}");
        }
    }

    /// <summary>A shelf rests on its ledges, is free beside the walls by half a millimetre and no more, and comes straight out of the body.</summary>
    [Fact]
    public async Task A_shelf_rests_on_its_ledges()
    {
        var design = Design("shelf=tray; width=150; depth=80");
        foreach (var (gauge, mesh) in design.Gauges.Where(g => g.What.Contains("shelf") || g.What.Contains("ledges")).Zip(await fixture.Pool.Evaluate([..
            design.Gauges.Where(g => g.What.Contains("shelf") || g.What.Contains("ledges")).Select(g => design.Pieces.First(p => p.Key == g.Body).Solid)], 0.02,
            Stop)))
        {
            MeshGauge.Read(mesh, gauge)!.Value.ShouldBe(gauge.Size, MeshGauge.Tolerance, gauge.What);
        }

        var (body, shelf) = (design.Pieces[0].Solid, design.Pieces.Single(p => p.Key == "shelf-1").Solid);
        async Task<double> Overlap(double x, double y, double z) => (await fixture.Pool.Between(body, shelf.At(x, y, z), 1, 0.02, Stop)).Overlap;
        (await Overlap(0, 0, 0)).ShouldBe(0, 0.01);
        (await Overlap(0, 0, -0.3)).ShouldBeGreaterThan(20);
        foreach (var (x, y) in new[] { (1, 0), (-1, 0), (0, 1), (0, -1) })
        {
            (await Overlap(0.45 * x, 0.45 * y, 0.01)).ShouldBe(0, 0.01);
            (await Overlap(0.6 * x, 0.6 * y, 0.01)).ShouldBeGreaterThan(1);
        }

        foreach (var z in new[] { 2.0, 8, 20 })
        {
            (await Overlap(0, 0, z)).ShouldBe(0, 0.01);
        }
    }

    /// <summary>Lifted straight up by half a millimetre the nose touches its bead; by two it would have to go into it by what it catches.</summary>
    [Fact]
    public async Task Clasps_catch_by_what_the_ledger_says()
    {
        var design = Design("catch=1.2");
        var standing = Assembled.Of(design, new Dictionary<string, double>()).ToDictionary(s => s.Key);
        var (body, clasp) = (standing["part"].Solid, standing["clasp-1"].Solid);
        async Task<double> Overlap(double y, double z) => (await fixture.Pool.Between(body, clasp.At(0, y, z), 1, 0.02, Stop)).Overlap;
        (await Overlap(0, 0.35)).ShouldBe(0);
        (await Overlap(0, 0.6)).ShouldBeGreaterThan(0.1);
        // Past the flat of its bead only by as much as it catches outwards.
        (await Overlap(-1.15, 1.6)).ShouldBeGreaterThan(0);
        (await Overlap(-1.25, 1.6)).ShouldBe(0);
    }

    [Fact]
    public async Task Parts_of_a_split_case_are_the_whole()
    {
        var (whole, split) = (Design("wall=4.4"), Design("wall=4.4; width=320; seam=plain"));
        split.Ledger["parts"].Value.ShouldBe(2);
        var meshes = await fixture.Pool.Evaluate([.. split.Pieces.Where(p => p.Key is "part" or "body-2").Select(p => p.Solid)], 0.02, Stop);
        // Left and right differ by the mark alone, and there is none.
        meshes[0].Volume.ShouldBe(meshes[1].Volume, meshes[0].Volume * 0.001);
        (await fixture.Pool.Between(split.Pieces[0].Solid, split.Pieces[1].Solid, 1, 0.02, Stop)).Overlap.ShouldBeLessThan(0.01);
        whole.Pieces.Count.ShouldBe(5);
    }

    /// <summary>A case cut both ways: along every seam of floor and lid the tongue stands in its groove with the room of the ledger at both flanks, so that
    /// edges meet; half the groove's width less half the tongue's, square to a flank of 45 degrees. Nothing of it hangs as it is printed.</summary>
    [Fact]
    public async Task Tongues_stand_in_their_grooves_with_the_room_of_the_ledger()
    {
        var design = Design("wall=4.4; width=320; depth=220; height=100; floor=3; clearance=0.4");
        design.Ledger["parts"].Value.ShouldBe(4);
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        var (tongue, groove, stands) = (design.Ledger["seam.wide"].Value, design.Ledger["seam.groove"].Value, design.Ledger["seam.stands"].Value);
        (stands, groove - tongue).ShouldBe((0.9, 0.35), new Close());
        var pair = (await fixture.Pool.Evaluate([design.Proofs.Single(p => p.Key == "edges").Solid], 0.02, Stop))[0];
        foreach (var gauge in design.Gauges.Where(g => g.Body == "edges"))
        {
            MeshGauge.Read(pair, gauge).ShouldNotBeNull(gauge.What).ShouldBe(gauge.Size, 0.001, gauge.What);
        }

        design.Gauges.Count(g => g.Body == "edges").ShouldBe(2);
        foreach (var (one, other, across) in new[] { ("part", "body-2", true), ("part", "body-3", false), ("body-3", "body-4", true),
            ("body-2", "body-4", false), ("lid-1", "lid-2", true), ("lid-1", "lid-3", false) })
        {
            Solid Of(string key) => design.Pieces.Single(p => p.Key == key).Solid;
            (await fixture.Pool.Between(Of(one), Of(other), 1, 0.02, Stop)).Overlap.ShouldBeLessThan(0.01, $"{one} and {other}");
            // A hair apart, the tongue is in its groove: moved up or down by its room it is free, by more it is not.
            async Task<bool> Free(double up) => (await fixture.Pool.Between(Of(one), Of(other).At(across ? 0.01 : 0, across ? 0 : 0.01, up), 1, 0.02, Stop))
                .Overlap < 0.01;
            (await Free((groove - tongue) / 2)).ShouldBeTrue($"{one} and {other}");
            (await Free(-(groove - tongue) / 2)).ShouldBeTrue($"{one} and {other}");
            (await Free(((groove - tongue) / 2) + 0.05)).ShouldBeFalse($"{one} and {other}");
            (await Free((tongue - groove) / 2 - 0.05)).ShouldBeFalse($"{one} and {other}");
        }

        foreach (var piece in design.Pieces.Where(p => p.Key is "part" or "body-4" or "lid-1" or "lid-4"))
        {
            var layers = await fixture.Pool.Layers(piece.AsPrinted, new(0.2, 0.45, 3, 4), 0.02, Stop);
            (layers.Sum(l => l.Islands), layers.Max(l => l.Reach) < 1.2).ShouldBe((0, true), piece.Name);
        }
    }

    /// <summary>A high case cut both ways: along every axis of its screws a shank passes one part and is bitten all around by the other, a head lies flat on
    /// its ear, and before it a key has its way, with the case shut and its handle hanging.</summary>
    [Fact]
    public async Task Screws_pass_one_part_bite_in_the_other_and_are_reached()
    {
        const double Shank = 3, Head = 5.5, High = 3, Seat = 5, Long = 14, Key = 20;
        var design = Design("wall=4.4; width=320; depth=220; height=100; joined=screwed");
        design.Ledger["parts"].Value.ShouldBe(4);
        design.Checks.Where(c => c.Verdict == Verdict.Stop).ShouldBeEmpty();
        var bored = (await fixture.Pool.Evaluate([design.Proofs.Single(p => p.Key == "ears").Solid], 0.02, Stop))[0];
        var gauges = design.Gauges.Where(g => g.Body == "ears").ToList();
        gauges.Count.ShouldBe(2);
        foreach (var gauge in gauges)
        {
            MeshGauge.Read(bored, gauge).ShouldNotBeNull(gauge.What).ShouldBe(gauge.Size, MeshGauge.Tolerance, gauge.What);
        }

        var half = -gauges[0].At.Y;
        var (rim, top) = (design.Ledger["bodyHigh"].Value + 2, design.Ledger["bodyHigh"].Value + 2 + 0.2 + 18 + 2);
        var standing = Assembled.Of(design, new Dictionary<string, double>());
        var bite = Math.PI / 4 * ((Shank * Shank) - (gauges[1].Size * gauges[1].Size));
        // Of the screw, its head at −x of the cut at x = 0: front, back, left and right.
        Solid Front(Solid s) => s.At(0, -half, 0);
        Solid Back(Solid s) => s.Spun(180).At(0, 228.8 + half, 0);
        Solid Left(Solid s) => s.Spun(-90).At(-164.4 - half, 114.4, 0);
        Solid Right(Solid s) => s.Spun(90).At(164.4 + half, 114.4, 0);
        foreach (var (z, prefix) in new[] { (half, "body"), (rim - 16 - half, "body"), (top - half, "lid") })
        {
            foreach (var (wall, passed, bitten) in new (Func<Solid, Solid>, int, int)[] { (Front, 1, 2), (Back, 4, 3), (Left, 3, 1), (Right, 2, 4) })
            {
                Solid Rod(double across, double from, double to) => wall(new Solid.Cylinder(across / 2, to - from).Rolled(90).At(from, 0, z));
                async Task<double> Met(int part, Solid rod) => (await fixture.Pool.Between(standing.Single(s => s.Key == (part == 1 && prefix == "body" ? "part"
                    : $"{prefix}-{part}")).Solid, rod, 1, 0.01, Stop)).Overlap;
                var where = $"{prefix} {passed} and {bitten} at {z:0}";
                (await Met(passed, Rod(Shank, -Seat - 1, 0))).ShouldBe(0, 0.01, where);
                // Its roof of two slopes leaves a quarter open above.
                (await Met(bitten, Rod(Shank, 0, 9))).ShouldBeInRange(bite * 9 * 0.7, bite * 9, where);
                (await Met(bitten, Rod(Shank, 9, Long - Seat + 1))).ShouldBeGreaterThan(5, where);
                (await Met(passed, Rod(Head, -Seat, -Seat + 0.1))).ShouldBeGreaterThan(0.5, where);
                var way = Rod(Head, -Seat - High - Key, -Seat - 0.01);
                foreach (var body in standing)
                {
                    (await fixture.Pool.Between(body.Solid, way, 1, 0.01, Stop)).Overlap.ShouldBe(0, 0.001, $"{where}: {body.Name}");
                }
            }
        }
    }

    private sealed class Close : IEqualityComparer<(double, double)>
    {
        public bool Equals((double, double) a, (double, double) b) => Math.Abs(a.Item1 - b.Item1) < 1e-6 && Math.Abs(a.Item2 - b.Item2) < 1e-6;

        public int GetHashCode((double, double) of) => 0;
    }
}
