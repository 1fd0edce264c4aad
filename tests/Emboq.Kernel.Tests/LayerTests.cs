namespace Emboq.Kernel.Tests;

/// <summary>Layers against closed forms: areas, Steiner's formula for the offsets of convex outlines, and lofted and lettered bodies.</summary>
public sealed class LayerTests(LayerTests.Fixture fixture) : IClassFixture<LayerTests.Fixture>
{
    private const double Chord = 0.005;

    private static readonly Layering Usual = new(0.2, 0.4, 2, 3);

    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    [Fact]
    public async Task Wall_paths_of_a_box_follow_Steiner()
    {
        // A convex outline of length L moved inwards by d with sharp corners: a rectangle loses 8 d (Steiner's formula for a polygon of four right angles).
        var layers = await Of(new Solid.Box(30, 20, 4));
        layers.Count.ShouldBe(20);
        layers.ShouldAllBe(l => Math.Abs(l.WallPath - ((100 - (8 * 0.2)) + (100 - (8 * 0.6)))) < 1e-3 && l.Loops == 2);
        // Three closed layers below and above, sparse fill between.
        layers.Select(l => l.Skin > 0).ShouldBe([.. Enumerable.Range(0, 20).Select(i => i is < 3 or > 16)]);
        layers[10].Fill.ShouldBe((30 - 1.6) * (20 - 1.6), 1e-3);
    }

    /// <summary>A layer of air between two slabs: what begins above it has nothing below, and every figure is still one that can be written down.</summary>
    [Fact]
    public async Task What_begins_above_nothing_at_all_has_figures_that_end()
    {
        var layers = await Of(new Solid.Box(30, 40, 2) + new Solid.Box(30, 40, 2).At(0, 0, 4));
        layers.ShouldAllBe(l => double.IsFinite(l.Reach) && double.IsFinite(l.Bridge) && double.IsFinite(l.Overhang));
        layers.Max(l => l.Reach).ShouldBe(50, 0.1);
        layers.Sum(l => l.Islands).ShouldBe(1200, 1);
    }

    [Fact]
    public async Task Wall_paths_of_a_round_follow_Steiner()
    {
        // L − 2πd for every line (Steiner).
        var layer = (await Of(new Solid.Cylinder(15, 2)))[5];
        layer.WallPath.ShouldBe((2 * Math.PI * 14.8) + (2 * Math.PI * 14.4), 0.05);
        layer.Area.ShouldBe(Math.PI * 225, 0.5);
    }

    [Fact]
    public async Task A_wall_of_whole_lines_has_no_fill()
    {
        var tube = new Solid.Revolved(new Profile(new(10, 0), new(11.6, 0), new(11.6, 6), new(10, 6)));
        var layers = await Of(tube, Usual with { Walls = 3 });
        layers.ShouldAllBe(l => l.Skin + l.Fill < 0.01 && l.Loops == 4);
        // Length times line width is the area of the section; four lines of 1.6 mm lie at 10.2, 10.6, 11.0 and 11.4 mm.
        (layers[9].WallPath * 0.4).ShouldBe(layers[9].Area, 0.5);
        layers[9].WallPath.ShouldBe(2 * Math.PI * (10.2 + 10.6 + 11.0 + 11.4), 1);
    }

    [Fact]
    public async Task A_cone_over_45_degrees_hangs_out_and_a_steep_one_does_not()
    {
        static Solid Cone(double top) => new Solid.Revolved(new Profile(new(0, 0), new(5, 0), new(top, 4), new(0, 4)));
        (await Of(Cone(8.9))).ShouldAllBe(l => l.Overhang < 0.1);
        // 2 mm out for 1 mm up: each layer leaves a ring as wide as its height uncarried.
        var steep = await Of(Cone(13));
        steep[10].Reach.ShouldBe(0.2, 0.02);
        steep[10].Overhang.ShouldBe(Math.PI * ((9.2 * 9.2) - (9.0 * 9.0)), 0.6);
    }

    /// <summary>Steps of any height, one of them just at a cut: each layer is what stands at its middle, closed where a layer within three is narrower
    /// (boxes on one corner: what they share is the least breadth and the least depth).</summary>
    [Fact]
    public async Task A_tower_of_steps_is_cut_at_each_step_and_covered_as_far_as_its_neighbours_reach()
    {
        var random = new Random(11);
        for (var tower = 0; tower < 12; tower++)
        {
            (double Wide, double Deep, double From)[] steps = [.. Enumerable.Range(0, 9).Select(i => (random.Next(40, 300) / 10.0, random.Next(40, 300) / 10.0,
                i == 0 ? 0 : i == 5 ? 3.3 : (i * 0.66) + random.Next(0, 4) * 0.05))];
            (double Wide, double Deep) At(double z) => steps.Where(s => s.From <= z + 1e-9).Select(s => (s.Wide, s.Deep)).Last();
            var layers = await Of(steps.Select((s, i) => new Solid.Box(s.Wide, s.Deep, (i == 8 ? 6 : steps[i + 1].From) - s.From).At(0, 0, s.From))
                .Aggregate((a, b) => a + b));
            layers.Count.ShouldBe(30);
            for (var i = 0; i < 30; i++)
            {
                var at = (i + 0.5) * 0.2;
                if (steps.All(s => Math.Abs(s.From - at) > 1e-6))
                {
                    layers[i].Area.ShouldBe(At(at).Wide * At(at).Deep, 1e-3);
                }

                if (i is >= 3 and < 27 && Enumerable.Range(i - 3, 7).Select(j => (j + 0.5) * 0.2).ToList() is var near
                    && !near.Any(z => Math.Abs(z - 3.3) < 1e-6))
                {
                    layers[i].Fill.ShouldBe((near.Min(z => At(z).Wide) - 1.6) * (near.Min(z => At(z).Deep) - 1.6), 1e-3, $"tower {tower}, layer {i}");
                }
            }
        }
    }

    /// <summary>A body that leans keeps its section and moves it: at 60 degrees each layer lies past the one below by 0.346 mm, of which 0.2 is
    /// carried.</summary>
    [Fact]
    public async Task What_leans_is_cut_anew_though_its_section_stays_as_large()
    {
        var lean = 4 * Math.Sqrt(3);
        var layers = await Of(new Solid.Extruded(new(new(0, 0), new(20, 0), new(20 + lean, 4), new(lean, 4)), 20).Tipped(90));
        layers.ShouldAllBe(l => Math.Abs(l.Area - 400) < 1e-2);
        layers.Skip(1).ShouldAllBe(l => Math.Abs(l.Overhang - (20 * 0.2 * (Math.Sqrt(3) - 1))) < 0.02);
    }

    /// <summary>Whatever the way it lies: lines are laid across, to what carries both their ends.</summary>
    [Theory]
    [InlineData(0)]
    [InlineData(30)]
    [InlineData(75)]
    public async Task A_roof_over_two_walls_bridges_the_room_between_them(double turn)
    {
        var walls = new Solid.Box(3, 60, 4) + new Solid.Box(3, 60, 4).At(12, 0, 0) + new Solid.Box(15, 60, 1).At(0, 0, 4);
        var layer = (await Of(walls.Spun(turn)))[20];
        // From wall to wall, less what 45 degrees carry on either side.
        layer.Bridge.ShouldBe(9 - 0.4, 0.05);
        layer.Reach.ShouldBe(0);
    }

    [Fact]
    public async Task A_piece_that_begins_in_the_air_is_an_island()
    {
        var layers = await Of(new Solid.Box(10, 10, 2) + new Solid.Box(3, 3, 1).At(20, 0, 1));
        layers[5].Islands.ShouldBe(9, 1e-6);
        layers.Where((_, i) => i != 5).ShouldAllBe(l => l.Islands == 0);
    }

    [Fact]
    public async Task A_loft_between_a_square_and_a_round_lies_between_both()
    {
        var matched = Outlines.Matched(Outlines.RoundedRectangle(20, 20, 2, Chord), Outlines.Round(8, 96));
        var (square, round) = (matched[0], matched[1]);
        var mesh = (await fixture.Pool.Evaluate([new Solid.Lofted(new(square, 0), new(round, 10))], Chord, Stop))[0];
        // Simpson's rule is exact for ruled bodies (prismatoid formula): the middle section is the mean of both outlines.
        var middle = new Profile(square.Points.Zip(round.Points, (a, b) => new Point2((a.X + b.X) / 2, (a.Y + b.Y) / 2)));
        mesh.Volume.ShouldBe(10 * (square.Area + (4 * middle.Area) + round.Area) / 6, 0.01);
    }

    [Fact]
    public async Task Letters_are_as_high_as_asked_and_never_wider_than_their_room()
    {
        var meshes = await fixture.Pool.Evaluate([new Solid.Lettering("8", 6, 50, 1), new Solid.Lettering("12345678", 6, 10, 1)], Chord, Stop);
        var (least, greatest) = meshes[0].Bounds;
        (greatest.Y - least.Y).ShouldBe(6, 0.4);
        (greatest.Z - least.Z).ShouldBe(1, 1e-5);
        // An 8 has two holes: it covers well under its own outline.
        meshes[0].Volume.ShouldBeLessThan(0.75 * (greatest.X - least.X) * (greatest.Y - least.Y));
        (meshes[1].Bounds.Greatest.X - meshes[1].Bounds.Least.X).ShouldBe(10, 0.1);
    }

    private Task<IReadOnlyList<Layer>> Of(Solid solid, Layering? layering = null) => fixture.Pool.Layers(solid, layering ?? Usual, Chord, Stop);

    /// <summary>One pool for all of them.</summary>
    public sealed class Fixture : IAsyncDisposable
    {
        internal KernelPool Pool { get; } = new(new KernelLimits { Engines = 1, Longest = TimeSpan.FromSeconds(90) });

        /// <inheritdoc/>
        public ValueTask DisposeAsync() => Pool.DisposeAsync();
    }
}
