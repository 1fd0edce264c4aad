namespace Emboq.Core.Tests.Solids;

public sealed class SolidTests
{
    private static readonly Profile Square = new(new(1, 0), new(2, 0), new(2, 1), new(1, 1));

    /// <summary>One of every kind.</summary>
    public static TheoryData<Solid> EveryKind =>
    [
        new Solid.Cylinder(1, 2), new Solid.Box(1, 2, 3), new Solid.Revolved(Square), new Solid.Extruded(Square, 4),
        new Solid.Box(1, 2, 3).At(1, 2, 3), new Solid.Box(1, 2, 3).UpsideDown(), new Solid.Box(1, 2, 3).Spun(30),
            new Solid.Lofted(new(Outlines.Round(3, 8), 0), new(Outlines.Round(2, 8), 5), new(Outlines.Round(2, 8), 6)), new Solid.Lettering("r1", 5, 20, 1),
        new Solid.Mirrored(new Solid.Box(1, 2, 3), Axis.Y), new Solid.Hulled(new Solid.Box(1, 2, 3), new Solid.Cylinder(1, 2)),
        new Solid.Padded(new Solid.Box(9, 9, 3), 2, 0.4),
        new Solid.Helical(Square, 12, 1.5),
        new Solid.Swept(Square, new(0, 0, 0), new(0, 0, 5), new(4, 0, 5)),
        new Solid.Extruded(Profile.Of(new(new(0, -5)), new(new(20, -5), 1), new(new(20, 5)), new(new(0, 5), 1)), 3),
        new Solid.Meshed(Measuring.Places.Tube(5, 2, 7, (x, sin, cos) => new(x, cos, sin))),
        new Solid.Cylinder(1, 2) + new Solid.Box(1, 2, 3), new Solid.Cylinder(1, 2) - new Solid.Box(1, 2, 3), new Solid.Cylinder(1, 2) & new Solid.Box(1, 2, 3),
    ];

    [Theory]
    [MemberData(nameof(EveryKind))]
    public void Every_kind_is_written_and_read_back_as_an_equal_tree(Solid solid)
    {
        var back = SolidJson.Read(System.Text.Json.Nodes.JsonNode.Parse(SolidJson.Write(solid).ToJsonString()));
        back.ShouldBe(solid);
        back.GetHashCode().ShouldBe(solid.GetHashCode());
    }

    [Fact]
    public void Different_shapes_have_different_hashes()
    {
        Solid[] shapes = [.. EveryKind.Select(r => r.Data), new Solid.Box(3, 2, 1), new Solid.Box(1, 2, 3) - new Solid.Cylinder(1, 2)];
        shapes.Select(s => s.Hash).Distinct().Count().ShouldBe(shapes.Length);
    }

    [Theory]
    [InlineData(64)]
    [InlineData(96)]
    [InlineData(128)]
    public void A_picture_has_few_of_a_threads_corners_and_everything_else_as_it_is(int corners)
    {
        var round = new Profile(Enumerable.Range(0, corners).Select(i => new Point2(Math.Cos(i * 2 * Math.PI / corners), Math.Sin(i * 2 * Math.PI / corners))));
        var plain = new Solid.Box(4, 4, 4) - new Solid.Cylinder(1, 2).At(1, 1, 1);
        Coarse.Of(plain).ShouldBeSameAs(plain);
        var cut = (Solid.Difference)Coarse.Of(plain - new Solid.Helical(round, 5, 1).Tipped(90).At(2, 0, 0));
        cut.From.ShouldBeSameAs(plain);
        ((Solid.Helical)((Solid.Turned)((Solid.Moved)cut.Cut).Of).Of).Profile.Points.Length.ShouldBe(32);
    }

    [Fact]
    public void Minus_zero_is_zero() => new Solid.Box(1, 1, 1).At(-0.0, 0, 0).ShouldBe(new Solid.Box(1, 1, 1).At(0, 0, 0));

    [Fact]
    public void Sharing_parts_costs_nothing()
    {
        Solid tree = new Solid.Box(1, 1, 1);
        for (int level = 0; level < 60; level++)
        {
            tree += tree;
        }

        // 2^60 boxes if it were walked; hashed once at construction instead.
        tree.GetHashCode().ShouldBe(tree.GetHashCode());
    }

    [Theory]
    [InlineData(80, 0.01)]
    [InlineData(2, 0.01)]
    [InlineData(0.005, 0.01)]
    public void Facets_keep_the_chord_error_with_the_least_count(double radius, double error)
    {
        // Plane geometry: the middle of a chord is r (1 - cos(pi / n)) inside its arc.
        var count = Facets.Count(radius, error);
        (radius * (1 - Math.Cos(Math.PI / count))).ShouldBeLessThanOrEqualTo(error + 1e-12);
        if (count > 12)
        {
            (radius * (1 - Math.Cos(Math.PI / (count - 4)))).ShouldBeGreaterThan(error);
        }
    }

    [Fact]
    public void An_outline_is_kept_counter_clockwise_with_its_area()
    {
        var clockwise = new Profile(new(1, 1), new(2, 1), new(2, 0), new(1, 0));
        clockwise.Area.ShouldBe(1, 1e-12);
        Facets.FacesAxis(Square, cut: false).ShouldBe([true, false, false, true]);
        Facets.FacesAxis(Square, cut: true).ShouldBe([false, true, true, false]);
    }

    /// <summary>Plane geometry: a slot of 20 mm between rounds of 5 mm has 20 · 10 + 25 π mm²; a half moon's inner side turns right.</summary>
    [Fact]
    public void Arcs_count_in_areas_whichever_way_round_they_are_given()
    {
        Corner[] slot = [new(new(0, -5)), new(new(20, -5), 1), new(new(20, 5)), new(new(0, 5), 1)];
        Profile.Of(slot).Area.ShouldBe(200 + (25 * Math.PI), 1e-9);
        // The same slot, walked backwards.
        Profile.Of([new(new(0, 5)), new(new(20, 5), -1), new(new(20, -5)), new(new(0, -5), -1)]).Area.ShouldBe(200 + (25 * Math.PI), 1e-9);
        // The rounds reach 5 mm past their corners; what knows no arcs refuses them.
        Profile.Of(slot).Box.ShouldBe((new Point2(-5, -5), new Point2(25, 5)));
        Should.Throw<ArgumentException>(() => Outlines.Moved(Profile.Of(slot), 1));
        Should.Throw<ArgumentException>(() => Outlines.Tightest(Profile.Of(slot), recess: true));
        var moon = Profile.Of([new(new(0, -10), 1), new(new(0, 10), -0.5)]);
        // By hand: half a round of 100 π / 2, less a segment whose quarter angle has the tangent 0.5.
        var (turn, radius) = (4 * Math.Atan(0.5), 20 * 1.25 / 2);
        moon.Area.ShouldBe((50 * Math.PI) - (radius * radius * (turn - Math.Sin(turn)) / 2), 1e-9);
        // No facet of the outer side reaches out of its arc, none of the inner side into the material's room.
        var (middle, inner) = (moon.Corners[1].Middle(moon.Points[0]), moon.Corners[1].Radius(moon.Points[0]));
        foreach (var p in Facets.Of(moon, cut: false, 0.1).Points)
        {
            Math.Sqrt((p.X * p.X) + (p.Y * p.Y)).ShouldBeLessThanOrEqualTo(10 + 1e-9);
            Math.Sqrt(Math.Pow(p.X - middle.X, 2) + Math.Pow(p.Y - middle.Y, 2)).ShouldBeGreaterThanOrEqualTo(inner - 1e-9);
        }
    }

    [Fact]
    public void What_cannot_be_a_shape_throws_where_it_is_made()
    {
        Should.Throw<ArgumentException>(() => Profile.Of(new(new(0, 0), 1.5), new(new(1, 0), 1.5)));
        // The corners stay on their side of the axis; the arc between them does not.
        Should.Throw<ArgumentException>(() => new Solid.Revolved(Profile.Of(new(new(1, 5), 1), new(new(1, -5)), new(new(6, 0)))));
        Should.Throw<ArgumentException>(() => new Solid.Hulled());
        Should.Throw<ArgumentException>(() => new Solid.Swept(Square, new Point3(0, 0, 0), new Point3(0, 0, 5), new Point3(0, 0, 0)));
        Should.Throw<ArgumentOutOfRangeException>(() => new Solid.Cylinder(0, 1));
        Should.Throw<ArgumentOutOfRangeException>(() => new Solid.Box(1, double.NaN, 1));
        Should.Throw<ArgumentOutOfRangeException>(() => new Solid.Box(1, 1, 1).At(double.PositiveInfinity, 0, 0));
        Should.Throw<ArgumentException>(() => new Profile(new(0, 0), new(1, 0)));
        Should.Throw<ArgumentException>(() => new Profile(new(0, 0), new(1, 1), new(2, 2)));
        Should.Throw<ArgumentException>(() => new Solid.Lofted(new(Outlines.Round(3, 8), 0), new(Outlines.Round(2, 9), 5)));
        Should.Throw<ArgumentException>(() => new Solid.Lofted(new(Outlines.Round(3, 4), 0), new(new Profile(new(1, 1), new(2, 1), new(2, 2), new(1, 2)), 5)));
        Should.Throw<ArgumentException>(() => new Solid.Lettering("a ", 5, 20, 1));
        Should.Throw<ArgumentException>(() => new Solid.Revolved(new Profile(new(-1, 0), new(1, 0), new(1, 1))));
        Should.Throw<FormatException>(() => SolidJson.Read(System.Text.Json.Nodes.JsonNode.Parse("{\"solid\":\"teapot\"}")));
    }
}

/// <summary>The order of triangles in files.</summary>
public sealed class SolidMeshTests
{
    [Fact]
    public void Triangles_come_in_an_order_that_hangs_on_nothing_but_themselves()
    {
        // A tetrahedron written twice, its vertices and triangles shuffled and turned.
        SolidMesh one = new([0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0, 1], [0, 2, 1, 0, 1, 3, 1, 2, 3, 2, 0, 3], 1, 1);
        SolidMesh other = new([0, 0, 1, 0, 1, 0, 1, 0, 0, 0, 0, 0], [0, 3, 2, 1, 0, 2, 1, 3, 0, 2, 3, 1], 1, 1);
        other.InOrder().Positions.ShouldBe(one.InOrder().Positions);
        other.InOrder().Triangles.ShouldBe(one.InOrder().Triangles);
        one.InOrder().Triangles.ShouldNotBe(one.Triangles);
    }
}
