using Emboq.Core.Tests;

namespace Emboq.Kernel.Tests;

/// <summary>Test prints in the triangles: every face is found again as it was drawn, pins are free in their bores down to the bed, and it prints without
/// support.</summary>
public sealed class CombSolidTests(LayerTests.Fixture fixture) : IClassFixture<LayerTests.Fixture>
{
    private static readonly CancellationToken Stop = TestContext.Current.CancellationToken;

    private static CombShape Shape(params IEnumerable<Face> faces) =>
        CombShape.Of([.. faces.Select((f, i) => new CombTooth(i + 1, f))], Workshop.Process.Bed with { Width = 400 });

    private async Task<SolidMesh> Mesh(CombShape shape) => (await fixture.Pool.Evaluate([shape.Solid], Facets.DefaultChordError, Stop))[0];

    public static TheoryData<Surface> Surfaces => [.. CombFaces.Surfaces];

    [Theory]
    [MemberData(nameof(Surfaces))]
    public async Task Every_face_is_as_large_as_it_is_drawn(Surface surface)
    {
        foreach (var face in CombFaces.Of(surface, []))
        {
            var shape = Shape(face);
            var mesh = await Mesh(shape);
            MeshGauge.Read(mesh, shape.Gauges.Single())!.Value.ShouldBe(shape.Gauges.Single().Size, MeshGauge.Tolerance, $"{face}");
            new[] { mesh.Bounds.Least.X, mesh.Bounds.Least.Y, mesh.Bounds.Least.Z }.ShouldAllBe(p => Math.Abs(p) < 1e-3);
            mesh.Bounds.Greatest.X.ShouldBe(shape.Wide, 1e-3);
            mesh.Bounds.Greatest.Y.ShouldBe(shape.Deep, 1e-3);
        }
    }

    /// <summary>All surfaces on one print: nothing stands in another's way, and the numbers do not meet what is read.</summary>
    [Fact]
    public async Task They_stand_side_by_side()
    {
        var shape = Shape(CombFaces.Surfaces.SelectMany(s => CombFaces.Of(s, []).Take(2)));
        var mesh = await Mesh(shape);
        foreach (var gauge in shape.Gauges.Where(g => g.Jaws == Jaws.Between))
        {
            MeshGauge.Read(mesh, gauge)!.Value.ShouldBe(gauge.Size, MeshGauge.Tolerance, gauge.What);
        }

        foreach (var a in shape.Spots)
        {
            shape.Spots.Where(b => b != a).ShouldAllBe(b => a.X + a.Wide <= b.X + 1e-9 || b.X + b.Wide <= a.X + 1e-9 || a.Y + a.Deep <= b.Y + 1e-9
                || b.Y + b.Deep <= a.Y + 1e-9);
        }
    }

    [Theory]
    [InlineData(0.2)]
    [InlineData(0.5)]
    public async Task A_pin_is_free_in_its_bore_down_to_the_bed(double gap)
    {
        var shape = Shape(Face.Of(Surface.GapInPlace, gap));
        var mesh = await Mesh(shape);
        var at = shape.Gauges.Single().At;
        // Both chamfers are widest at the bed, where first layers spread.
        foreach (var (height, room) in new[] { (0.1, (gap / 2) + 1.0), (1.0, gap / 2), (9.5, gap / 2) })
        {
            MeshGauge.Read(mesh, new("comb", $"at {height}", room, at with { Z = height }, Axis.X))!.Value.ShouldBe(room, 2 * MeshGauge.Tolerance);
        }
    }

    [Fact]
    public async Task It_prints_as_it_lies()
    {
        var shape = Shape(CombFaces.Surfaces.SelectMany(s => CombFaces.Of(s, [])));
        var layers = await fixture.Pool.Layers(shape.Solid, new(0.2, 0.45, 3, 4), 0.02, Stop);
        layers.Sum(l => l.Islands).ShouldBe(0, 1e-6);
        layers.Max(l => l.Reach).ShouldBeLessThan(0.6);
        layers.Max(l => l.Bridge).ShouldBeLessThan(1);
    }

    /// <summary>On a narrow bed it takes rows, and stays within.</summary>
    [Fact]
    public void It_takes_rows_where_the_bed_is_narrow()
    {
        var bed = Workshop.Process.Bed with { Width = 120, Depth = 200 };
        var shape = CombShape.Of([.. CombFaces.Surfaces.SelectMany(s => CombFaces.Of(s, [])).Select((f, i) => new CombTooth(i + 1, f))], bed);
        shape.Wide.ShouldBeLessThanOrEqualTo(bed.Free().Width);
        shape.Spots.Select(s => s.Y).Distinct().Count().ShouldBeGreaterThan(1);
    }
}
