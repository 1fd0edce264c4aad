using System.Globalization;
using System.Text;
using Emboq.Exchange.Drawn;

namespace Emboq.Exchange.Tests;

/// <summary>Drawings as paths. Expected: plane geometry, and the curves' own formulas (SVG 2, chapters 7 to 10; the DXF reference, from memory).</summary>
public sealed class DrawingFileTests
{
    private static DrawnLines Read(string text) => DrawingFile.Read(Encoding.UTF8.GetBytes(text), "file").Value;

    private static Problem Refused(string text) => DrawingFile.Read(Encoding.UTF8.GetBytes(text), "file").Problems.Single();

    private static string Svg(string body, string size = "width=\"100mm\" height=\"100mm\" viewBox=\"0 0 100 100\"") =>
        $"<?xml version=\"1.0\"?><!DOCTYPE svg><svg xmlns=\"http://www.w3.org/2000/svg\" {size}>{body}</svg>";

    private static string Dxf(string entities, string unit = "4", string tables = "") => string.Join("\n",
        ($"0 SECTION 2 HEADER 9 $INSUNITS 70 {unit} 0 ENDSEC "
        + (tables.Length > 0 ? $"0 SECTION 2 TABLES {tables} 0 ENDSEC " : "") + $"0 SECTION 2 ENTITIES {entities} 0 ENDSEC 0 EOF").Split(' '));

    private static double Area(DrawnPath path) => Math.Abs(new Profile(path.Points).Area);

    private static (double Left, double Low, double Right, double High) Box(DrawnPath p) => (p.Points.Min(q => q.X), p.Points.Min(q => q.Y), p.Points.Max(q =>
        q.X), p.Points.Max(q => q.Y));

    [Theory]
    [InlineData("<rect x='10' y='20' width='30' height='10'/>", 300)]
    [InlineData("<rect x='10' y='20' width='30' height='10' rx='5'/>", 300 - ((4 - Math.PI) * 25))]
    [InlineData("<circle cx='50' cy='50' r='20'/>", Math.PI * 400)]
    [InlineData("<ellipse cx='50' cy='50' rx='20' ry='10'/>", Math.PI * 200)]
    [InlineData("<polygon points='0,0 40,0 40,30'/>", 600)]
    [InlineData("<path d='M0 0h40v30H0z'/>", 1200)]
    [InlineData("<path d='M 20 0 A 20 20 0 0 1 -20 0 A 20 20 0 0 1 20 0 Z'/>", Math.PI * 400)]
    // Under a quadratic curve lie two thirds of its box.
    [InlineData("<path d='M0 0 Q 15 40 30 0 Z'/>", 30 * 20 * 2.0 / 3)]
    // Three fifths of the box of its points, by integration.
    [InlineData("<path d='M0 0 C 0 20 30 20 30 0 Z'/>", 20 * 30 * 0.6)]
    [InlineData("<g transform='rotate(30) translate(5 5) scale(2)'><rect width='10' height='10' transform='skewX(20)'/></g>", 400)]
    public void Shapes_enclose_what_their_formulas_say(string body, double area)
    {
        var path = Read(Svg(body)).Paths.Single();
        path.Closed.ShouldBeTrue();
        Area(path).ShouldBe(area, area * 1e-3);
    }

    [Theory]
    [InlineData("width='100mm' height='50mm' viewBox='0 0 200 100'", 0.5)]
    [InlineData("width='4in' height='4in' viewBox='0 0 101.6 101.6'", 1)]
    [InlineData("viewBox='0 0 10 10'", 25.4 / 96)]
    [InlineData("width='96' height='96'", 25.4 / 96)]
    public void Units_and_view_box_scale_it_and_up_is_up(string size, double mm)
    {
        var box = Box(Read(Svg("<rect x='10' y='20' width='30' height='10'/>", size)).Paths.Single());
        (box.Left / mm, box.Low / mm, box.Right / mm, box.High / mm).ShouldBe((10, -30, 40, -20), new Near());
    }

    [Fact]
    public void What_is_hidden_or_only_referred_to_draws_nothing()
    {
        Read(Svg("<defs><rect width='5' height='5'/></defs><g style='display:none'><rect width='5' height='5'/></g><line x2='9'/>")).Paths.Single()
            .Points.Count.ShouldBe(2);
        Read(Svg("<line x2='9'/><text>no</text><text>no</text><image/>")).Left.ShouldBe("2 text, 1 image");
        Refused(Svg("<defs><path id='a' d='M0 0h9v9z'/></defs>\n<use href='#a'/>")).Message.ShouldContain("<use> in line 2");
        Refused("<svg><path d='M0 0").Message.ShouldContain("no whole XML");
        Refused("<html/>").Message.ShouldContain("neither SVG nor DXF");
        Refused(Svg("<g>\n<path d='M0 0 Q nonsense'/></g>")).Message.ShouldContain("line 2");
        Refused(Svg("<rect width='9' height='9' transform='turn(4)'/>")).Message.ShouldContain("turn(4)");
        Refused("nonsense").Message.ShouldContain("neither SVG nor DXF");
        Refused("<!DOCTYPE svg [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;\">]><svg><path d='&b;'/></svg>").Message.ShouldContain("broken");
    }

    [Theory]
    [InlineData("0 CIRCLE 10 50 20 50 40 20", Math.PI * 400)]
    [InlineData("0 LWPOLYLINE 70 1 10 0 20 0 10 40 20 0 10 40 20 30 10 0 20 30", 1200)]
    // Both long sides end in half rounds.
    [InlineData("0 LWPOLYLINE 70 1 10 0 20 0 10 40 20 0 42 1 10 40 20 20 10 0 20 20 42 1", 800 + (Math.PI * 100))]
    [InlineData("0 POLYLINE 70 1 0 VERTEX 10 0 20 0 42 1 0 VERTEX 10 20 20 0 0 SEQEND", Math.PI * 50)]
    [InlineData("0 ELLIPSE 10 5 20 5 11 0 21 30 40 0.5 41 0 42 6.283185307179586", Math.PI * 450)]
    // A clamped cubic through the corners of a square is a Bézier curve.
    [InlineData("0 SPLINE 70 0 71 3 40 0 40 0 40 0 40 0 40 1 40 1 40 1 40 1 10 0 20 0 10 0 20 20 10 30 20 20 10 30 20 0", 20 * 30 * 0.6)]
    public void Entities_enclose_what_their_formulas_say(string entity, double area) =>
        Area(Read(Dxf(entity)).Paths.Single()).ShouldBe(area, area * 2e-3);

    /// <summary>A round as a rational spline of degree 2: every point lies on it.</summary>
    [Fact]
    public void A_rational_spline_is_a_round()
    {
        var w = (Math.Sqrt(2) / 2).ToString(CultureInfo.InvariantCulture);
        var path = Read(Dxf($"0 SPLINE 70 4 71 2 40 0 40 0 40 0 40 1 40 1 40 1 41 1 41 {w} 41 1 10 20 20 0 10 20 20 20 10 0 20 20")).Paths.Single();
        path.Points.Count.ShouldBeGreaterThan(8);
        path.Points.ShouldAllBe(p => Math.Abs(double.Hypot(p.X, p.Y) - 20) < 1e-9);
    }

    [Theory]
    [InlineData("1", 25.4)]
    [InlineData("5", 10)]
    [InlineData("0", 1)]
    public void Its_unit_scales_it(string unit, double mm)
    {
        var arc = Read(Dxf("0 ARC 10 0 20 0 40 10 50 350 51 80", unit)).Paths.Single();
        arc.Closed.ShouldBeFalse();
        (arc.Points[0].X / mm, arc.Points[^1].Y / mm).ShouldBe((10 * Math.Cos(10 * Math.PI / 180), 10 * Math.Sin(80 * Math.PI / 180)), new Near2());
    }

    [Fact]
    public void What_no_outline_is_made_of_is_named_and_what_is_off_does_not_count()
    {
        Refused(Dxf("0 CIRCLE 10 0 20 0 40 5 0 INSERT 2 a 0 TEXT 1 hello 0 TEXT 1 again")).Message.ShouldContain("1 INSERT, 2 TEXT");
        Read(Dxf("0 CIRCLE 8 shown 10 0 20 0 40 5 0 TEXT 8 notes 1 hello 0 TEXT 67 1 1 paper", tables: "0 LAYER 2 notes 62 -7 70 0")).Paths.Count.ShouldBe(1);
        Refused(Dxf("0 LINE 10 0 20 0 11 5")).Message.ShouldContain("lacks its code 21");
        Refused(Dxf("0 LINE 10 0 20 0 11 5 21 1e400")).Message.ShouldContain("no number");
        Refused(Dxf("0 LINE 10 0 20 0 11 5 21 5", unit: "9")).Message.ShouldContain("unit");
        Refused(Dxf("0 SPLINE 70 0 71 3 40 0 40 1 10 0 20 0 10 1 20 1")).Message.ShouldContain("do not belong together");
    }

    private sealed class Near : IEqualityComparer<(double, double, double, double)>
    {
        public bool Equals((double, double, double, double) x, (double, double, double, double) y) => Math.Abs(x.Item1 - y.Item1) + Math.Abs(x.Item2 - y.Item2)
            + Math.Abs(x.Item3 - y.Item3) + Math.Abs(x.Item4 - y.Item4) < 1e-3;

        public int GetHashCode((double, double, double, double) obj) => 0;
    }

    private sealed class Near2 : IEqualityComparer<(double, double)>
    {
        public bool Equals((double, double) x, (double, double) y) => Math.Abs(x.Item1 - y.Item1) + Math.Abs(x.Item2 - y.Item2) < 1e-6;

        public int GetHashCode((double, double) obj) => 0;
    }
}
