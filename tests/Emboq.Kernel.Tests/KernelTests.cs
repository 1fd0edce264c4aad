namespace Emboq.Kernel.Tests;

/// <summary>One pool for every test of the kernel.</summary>
public sealed class PoolFixture : IAsyncLifetime
{
    public KernelPool Pool { get; } = new(new KernelLimits { Engines = 1, Longest = TimeSpan.FromSeconds(90) });

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public ValueTask DisposeAsync() => Pool.DisposeAsync();
}

/// <summary>Volumes and areas against closed forms of plane and solid geometry.</summary>
public sealed class KernelTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    private const double Chord = 0.001;
    private static readonly Solid Tube = new Solid.Cylinder(20, 30) - new Solid.Cylinder(15, 32).At(0, 0, -1);

    private async Task<SolidMesh> Mesh(Solid solid, double chord = Chord) =>
        (await fixture.Pool.Evaluate([solid], chord, TestContext.Current.CancellationToken))[0];

    public static TheoryData<string, Solid, double, double> ClosedForms => new()
    {
        { "box", new Solid.Box(2, 3, 4), 24, 52 },
        { "cylinder: π r² h", new Solid.Cylinder(10, 5), Math.PI * 500, Math.PI * 300 },
        { "tube", Tube, Math.PI * 30 * (400 - 225), Math.PI * ((2 * 30 * 35) + (2 * 175)) },
        { "frustum: π h (R² + R r + r²) / 3", Frustum(12, 6, 8), Math.PI * 8 * (144 + 72 + 36) / 3, Math.PI * (144 + 36 + (18 * 10)) },
        { "Pappus: 2π R A", new Solid.Revolved(Square(30, 4)), 2 * Math.PI * 32 * 16, 2 * Math.PI * 32 * 16 },
        { "prism", new Solid.Extruded(Square(0, 5), 7), 175, 190 },
        { "slot of two rounds", new Solid.Extruded(Slot, 7), 7 * (200 + (25 * Math.PI)), (2 * (200 + (25 * Math.PI))) + (7 * (40 + (10 * Math.PI))) },
        { "torus: 2 π² R r²", new Solid.Revolved(Profile.Of(new(new(32, -4), 1), new(new(32, 4), 1))), 2 * Math.PI * Math.PI * 32 * 16,
            4 * Math.PI * Math.PI * 32 * 4 },
        { "mirrored", new Solid.Mirrored(Frustum(12, 6, 8), Axis.Z), Math.PI * 8 * (144 + 72 + 36) / 3, Math.PI * (144 + 36 + (18 * 10)) },
        { "skin over two cylinders", new Solid.Hulled(new Solid.Cylinder(10, 5), new Solid.Cylinder(10, 5).At(20, 0, 0)), 5 * ((100 * Math.PI) + 400),
            (2 * ((100 * Math.PI) + 400)) + (5 * (40 + (20 * Math.PI))) },
        { "Pappus along a bent path", new Solid.Swept(Centred, new(0, 0, 0), new(0, 0, 30), new(20, 0, 30), new(20, 15, 45)), 16 * (50 + (15 * Math.Sqrt(2))),
            (16 * (50 + (15 * Math.Sqrt(2)))) + 32 },
        { "moved and turned", new Solid.Box(2, 3, 4).At(9, 9, 9).UpsideDown(), 24, 52 },
        { "union of two that share a half", new Solid.Box(2, 2, 2) + new Solid.Box(2, 2, 2).At(1, 0, 0), 12, 32 },
        { "intersection", new Solid.Box(2, 2, 2) & new Solid.Box(2, 2, 2).At(1, 1, 1), 1, 6 },
    };

    [Theory]
    [MemberData(nameof(ClosedForms))]
    public async Task Volume_and_area_are_those_of_the_closed_form(string source, Solid solid, double volume, double area)
    {
        var mesh = await Mesh(solid);
        // A chord error e on a radius r loses less than 2 e / r of a volume.
        mesh.Volume.ShouldBe(volume, volume * 2 * Chord / 4, source);
        mesh.Area.ShouldBe(area, area * 2 * Chord / 4, source);
    }

    private static readonly Profile Centred = new(new(-2, -2), new(2, -2), new(2, 2), new(-2, 2));

    private static readonly Profile Slot = Profile.Of(new(new(0, -5)), new(new(20, -5), 1), new(new(20, 5)), new(new(0, 5), 1));

    private static Profile Round(double radius) => Profile.Of(new(new(radius, 0), 1), new(new(-radius, 0), 1));

    [Fact]
    public async Task A_mirror_swaps_sides_and_a_sweep_keeps_its_section()
    {
        var (least, greatest) = (await Mesh(new Solid.Mirrored(new Solid.Box(2, 3, 4).At(1, 0, 0), Axis.X))).Bounds;
        (least, greatest).ShouldBe((new Point3(-3, 0, 0), new Point3(-1, 3, 4)));
        var bent = await Mesh(new Solid.Swept(new Profile(new(-1, -2), new(1, -2), new(1, 2), new(-1, 2)), new(0, 0, 0), new(0, 0, 10), new(30, 0, 10)));
        // Its x lies near x at the start: 2 mm wide there, 4 mm across all the way, and 2 mm high where it has turned.
        (bent.Bounds.Least, bent.Bounds.Greatest).ShouldBe((new Point3(-1, -2, 0), new Point3(30, 2, 11)));
    }

    public static TheoryData<Solid> Tubes =>
    [
        Tube,
        new Solid.Extruded(Round(20), 30) - new Solid.Extruded(Round(15), 32).At(0, 0, -1),
        new Solid.Revolved(new Profile(new(15, 0), new(20, 0), new(20, 30), new(15, 30))),
        new Solid.Cylinder(20, 30) - new Solid.Revolved(new Profile(new(0, -1), new(15, -1), new(15, 31), new(0, 31))),
    ];

    [Theory]
    [MemberData(nameof(Tubes))]
    public async Task Facets_never_tighten_a_fit(Solid tube)
    {
        const double Coarse = 0.05;
        var mesh = await Mesh(tube, Coarse);
        var radii = MidRadii(mesh).ToList();
        var bore = radii.Where(r => r < 17.5).ToList();
        var outside = radii.Where(r => r > 17.5).ToList();
        bore.Min().ShouldBeGreaterThanOrEqualTo(15 - 1e-4);
        bore.Max().ShouldBeLessThan(15 + (2 * Coarse));
        outside.Max().ShouldBeLessThanOrEqualTo(20 + 1e-4);
        outside.Min().ShouldBeGreaterThan(20 - (2 * Coarse));
    }

    [Fact]
    public async Task A_coupon_cut_from_the_solid_has_its_very_bore()
    {
        var solids = await fixture.Pool.Evaluate([Tube, Tube & new Solid.Cylinder(50, 2).At(0, 0, 10)], 0.01, TestContext.Current.CancellationToken);
        MidRadii(solids[1]).Where(r => r < 17.5).Max().ShouldBe(MidRadii(solids[0]).Where(r => r < 17.5).Max(), 1e-4);
        solids[1].Bounds.Least.Z.ShouldBe(10, 1e-4);
        solids[1].Bounds.Greatest.Z.ShouldBe(12, 1e-4);
    }

    [Fact]
    public async Task Every_edge_of_a_mesh_is_shared_by_two_triangles()
    {
        var mesh = await Mesh(Tube);
        var edges = mesh.Triangles.Chunk(3).SelectMany(t => new[] { (t[0], t[1]), (t[1], t[2]), (t[2], t[0]) }).ToHashSet();
        edges.Count.ShouldBe(mesh.Triangles.Length);
        edges.ShouldAllBe(e => edges.Contains(ValueTuple.Create(e.Item2, e.Item1)));
    }

    [Fact]
    public async Task Requests_beyond_the_pool_wait_their_turn_and_agree()
    {
        var meshes = await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => Mesh(Tube)));
        meshes.Select(m => m.Volume).Distinct().Count().ShouldBe(1);
    }

    [Fact]
    public async Task A_cancelled_request_leaves_the_engine_to_others()
    {
        using var stop = new CancellationTokenSource();
        await stop.CancelAsync();
        await Should.ThrowAsync<OperationCanceledException>(() => fixture.Pool.Evaluate([Tube], Chord, stop.Token));
        (await Mesh(Tube)).Volume.ShouldBeGreaterThan(0);
    }

    [Fact]
    public void The_version_names_the_kernel() => fixture.Pool.Version.ShouldStartWith("manifold-3d 3.");

    /// <summary>Distances from the axis to the middles of facets and to corners, on the walls of an upright tube.</summary>
    private static IEnumerable<double> MidRadii(SolidMesh mesh)
    {
        double Radius(double x, double y) => Math.Sqrt((x * x) + (y * y));
        var walls = mesh.Triangles.Chunk(3).Where(t => t.Select(v => mesh.Positions[(v * 3) + 2]).Distinct().Count() > 1);
        foreach (var t in walls)
        {
            for (int i = 0; i < 3; i++)
            {
                var (a, b) = (t[i] * 3, t[(i + 1) % 3] * 3);
                yield return Radius(mesh.Positions[a], mesh.Positions[a + 1]);
                // A level edge of a wall: its middle is the closest a facet comes to the axis.
                if (mesh.Positions[a + 2] == mesh.Positions[b + 2])
                {
                    yield return Radius((mesh.Positions[a] + mesh.Positions[b]) / 2, (mesh.Positions[a + 1] + mesh.Positions[b + 1]) / 2);
                }
            }
        }
    }

    private static Profile Square(double from, double side) =>
        new(new(from, 0), new(from + side, 0), new(from + side, side), new(from, side));

    private static Solid.Revolved Frustum(double low, double high, double height) =>
        new(new Profile(new(0, 0), new(low, 0), new(high, height), new(0, height)));

    /// <summary>By hand: a box gets a pad under each corner, three quarters of which lie outside; a round of 60 mm takes six, no nearer than two and a half
    /// radii; what is no higher than its pads is still padded.</summary>
    [Fact]
    public async Task Pads_lie_under_the_corners_of_the_lowest_layer()
    {
        var stop = TestContext.Current.CancellationToken;
        var pad = 16 * 64 * Math.Sin(2 * Math.PI / 32) * 0.4;
        var box = (await fixture.Pool.Evaluate([new Solid.Padded(new Solid.Box(60, 40, 10).At(5, 5, 3), 8, 0.4)], Chord, stop))[0];
        box.Volume.ShouldBe((60 * 40 * 10) + (4 * 0.75 * pad), 1e-3);
        box.Bounds.Least.ShouldBe(new(-3, -3, 3));
        var round = (await fixture.Pool.Evaluate([new Solid.Padded(new Solid.Cylinder(30, 0.3), 8, 0.4)], 0.05, stop))[0];
        round.Bounds.Greatest.Z.ShouldBe(0.4, 1e-5);
        round.Volume.ShouldBeGreaterThan((Math.PI * 900 * 0.3) + (6 * 0.4 * pad));
    }
}
