using System.Globalization;
using System.Text.RegularExpressions;
using System.Xml;
using System.Xml.Linq;
using SkiaSharp;

namespace Emboq.Exchange.Drawn;

/// <summary>Reads the paths and simple shapes of an SVG file, moved and turned as it says. Text, pictures and what is only referred to draw no
/// outline.</summary>
public static partial class SvgDrawing
{
    private const double Inch = 25.4, Pixel = Inch / 96;
    private const int Deepest = 64;

    private static readonly Dictionary<string, double> Units = new()
    {
        ["mm"] = 1,
        ["cm"] = 10,
        ["in"] = Inch,
        ["pt"] = Inch / 72,
        ["pc"] = Inch / 6,
        ["px"] = Pixel,
        [""] = Pixel,
    };

    private static readonly HashSet<string> Shapes = ["path", "rect", "circle", "ellipse", "polygon", "polyline", "line"];

    /// <summary>What holds things that are not drawn where they stand.</summary>
    private static readonly HashSet<string> Unseen = ["defs", "clipPath", "mask", "symbol", "pattern", "marker", "metadata", "title", "desc", "style",
        "script"];

    /// <summary>What is seen and draws no outline.</summary>
    private static readonly HashSet<string> NoLine = ["text", "image", "foreignObject"];

    /// <summary>Reads a file.</summary>
    /// <param name="file">Its bytes.</param>
    /// <param name="field">Path of the field, for problems.</param>
    public static Outcome<DrawnLines> Read(byte[] file, string field)
    {
        XElement root;
        try
        {
            using var reader = XmlReader.Create(new MemoryStream(file), new XmlReaderSettings { DtdProcessing = DtdProcessing.Ignore, XmlResolver = null });
            root = XDocument.Load(reader, LoadOptions.SetLineInfo).Root!;
        }
        catch (XmlException e)
        {
            return new Problem(field, null, $"The drawing is broken in line {e.LineNumber}: it is no whole XML.", "Save it anew, as plain SVG.");
        }

        if (root.Name.LocalName != "svg")
        {
            return new Problem(field, root.Name.LocalName, "This is no drawing that can be read: neither SVG nor DXF of text.",
                "Save it as SVG, or as DXF of text.");
        }

        try
        {
            var (scale, unit) = Scale(root);
            var paths = new List<DrawnPath>();
            Walk(root, SKMatrix.Identity, scale, paths, 0);
            return new DrawnLines(paths, unit, string.Join(", ", root.Descendants().Select(e => e.Name.LocalName).Where(NoLine.Contains).GroupBy(n =>
                n).Select(g =>
                $"{g.Count()} {g.Key}")));
        }
        catch (FormatException e)
        {
            return new Problem(field, null, e.Message, "Save it anew, as plain SVG.");
        }
    }

    /// <summary>mm for each unit of the drawing, and what it takes its numbers for.</summary>
    private static (double Mm, string Name) Scale(XElement root)
    {
        var box = Numbers((string?)root.Attribute("viewBox") ?? "");
        if (Length().Match((string?)root.Attribute("width") ?? "") is { Success: true } match && Units.TryGetValue(match.Groups[2].Value, out var unit)
            && double.Parse(match.Groups[1].Value, CultureInfo.InvariantCulture) is > 0 and var width)
        {
            return (box is [_, _, > 0, _] ? width * unit / box[2] : unit, match.Groups[2].Value is "" or "px" ? "pixels of a 96th of an inch"
                : $"{match.Groups[2].Value} of its page");
        }

        return (Pixel, "pixels of a 96th of an inch, for it names no size");
    }

    private static void Walk(XElement element, SKMatrix above, double scale, List<DrawnPath> paths, int depth)
    {
        if (depth > Deepest)
        {
            throw new FormatException("The drawing is nested too deep.");
        }

        foreach (var child in element.Elements().Where(c => !Unseen.Contains(c.Name.LocalName) && Shown(c)))
        {
            var matrix = above.PreConcat(Matrix((string?)child.Attribute("transform") ?? "", child));
            if (child.Name.LocalName == "use")
            {
                throw new FormatException($"The <use> in line {Line(child)} stands for something that is drawn elsewhere: unlink it, so that "
                    + "it is drawn there.");
            }

            if (Shapes.Contains(child.Name.LocalName))
            {
                using var path = Shape(child) ?? throw new FormatException($"What the <{child.Name.LocalName}> in line {Line(child)} draws cannot be read.");
                path.Transform(matrix);
                paths.AddRange(Straight(path, scale));
            }
            else
            {
                Walk(child, matrix, scale, paths, depth + 1);
            }
        }
    }

    private static bool Shown(XElement e) => (string?)e.Attribute("display") != "none" && !Hidden().IsMatch((string?)e.Attribute("style") ?? "");

    private static int Line(XElement e) => ((IXmlLineInfo)e).LineNumber;

    private static SKPath? Shape(XElement e)
    {
        double Number(string key) => Length().Match((string?)e.Attribute(key) ?? "0") is { Success: true } m && Units.TryGetValue(m.Groups[2].Value, out var u)
            ? double.Parse(m.Groups[1].Value, CultureInfo.InvariantCulture) * (m.Groups[2].Value == "" ? 1 : u / Pixel)
            : throw new FormatException($"The {key} of the <{e.Name.LocalName}> in line {Line(e)} is no length.");
        if (e.Name.LocalName == "path")
        {
            return SKPath.ParseSvgPathData((string?)e.Attribute("d") ?? "");
        }

        using var builder = new SKPathBuilder();
        switch (e.Name.LocalName)
        {
            case "rect":
                var (rx, ry) = ((string?)e.Attribute("rx"), (string?)e.Attribute("ry"));
                builder.AddRoundRect(SKRect.Create((float)Number("x"), (float)Number("y"), (float)Number("width"), (float)Number("height")),
                    (float)Number(rx is null ? "ry" : "rx"), (float)Number(ry is null ? "rx" : "ry"));
                break;
            case "circle":
                builder.AddCircle((float)Number("cx"), (float)Number("cy"), (float)Number("r"));
                break;
            case "ellipse":
                var (x, y) = (Number("rx"), Number("ry"));
                builder.AddOval(SKRect.Create((float)(Number("cx") - x), (float)(Number("cy") - y), (float)(2 * x), (float)(2 * y)));
                break;
            case "line":
                builder.MoveTo((float)Number("x1"), (float)Number("y1"));
                builder.LineTo((float)Number("x2"), (float)Number("y2"));
                break;
            default:
                var points = Numbers((string?)e.Attribute("points") ?? "").Chunk(2).Where(p => p.Length == 2).Select(p => new SKPoint((float)p[0],
                    (float)p[1])).ToArray();
                builder.AddPoly(points, e.Name.LocalName == "polygon");
                break;
        }

        return builder.Detach();
    }

    /// <summary>Every contour, y up.</summary>
    private static IEnumerable<DrawnPath> Straight(SKPath path, double scale)
    {
        using var iterator = path.CreateRawIterator();
        var (points, at) = (new SKPoint[4], new List<Point2>());
        var made = new List<DrawnPath>();
        void End(bool closed)
        {
            var drawn = at.Where((p, i) => i == 0 || double.Hypot(p.X - at[i - 1].X, p.Y - at[i - 1].Y) * scale > 1e-6).Select(p => new Point2(p.X * scale,
                -p.Y * scale)).ToList();
            if (drawn.Count > 1)
            {
                var meets = drawn.Count > 3 && double.Hypot(drawn[0].X - drawn[^1].X, drawn[0].Y - drawn[^1].Y) < 1e-3;
                made.Add(new(meets ? [.. drawn.SkipLast(1)] : drawn, closed || meets));
            }

            at = [];
        }

        for (var verb = iterator.Next(points); verb != SKPathVerb.Done; verb = iterator.Next(points))
        {
            Point2 P(int i) => new(points[i].X, points[i].Y);
            switch (verb)
            {
                case SKPathVerb.Move:
                    End(closed: false);
                    at.Add(P(0));
                    break;
                case SKPathVerb.Line:
                    at.Add(P(1));
                    break;
                case SKPathVerb.Quad:
                    at.AddRange(Curves.Quadratic(P(0), P(1), P(2), scale));
                    break;
                case SKPathVerb.Conic:
                    // A quarter of a round in 16 pieces lies within a millionth of it.
                    var quads = SKPath.ConvertConicToQuads(points[0], points[1], points[2], iterator.ConicWeight(), 4);
                    for (var i = 0; i + 2 < quads.Length; i += 2)
                    {
                        at.AddRange(Curves.Quadratic(new(quads[i].X, quads[i].Y), new(quads[i + 1].X, quads[i + 1].Y), new(quads[i + 2].X, quads[i + 2].Y),
                            scale));
                    }

                    break;
                case SKPathVerb.Cubic:
                    at.AddRange(Curves.Cubic(P(0), P(1), P(2), P(3), scale));
                    break;
                default:
                    End(closed: true);
                    break;
            }
        }

        End(closed: false);
        return made;
    }

    private static SKMatrix Matrix(string text, XElement e)
    {
        var all = SKMatrix.Identity;
        foreach (Match step in Step().Matches(text))
        {
            var n = Numbers(step.Groups[2].Value).Select(v => (float)v).ToArray();
            var next = (step.Groups[1].Value, n) switch
            {
                ("matrix", [var a, var b, var c, var d, var x, var y]) => new SKMatrix(a, c, x, b, d, y, 0, 0, 1),
                ("translate", [var x]) => SKMatrix.CreateTranslation(x, 0),
                ("translate", [var x, var y]) => SKMatrix.CreateTranslation(x, y),
                ("scale", [var s]) => SKMatrix.CreateScale(s, s),
                ("scale", [var x, var y]) => SKMatrix.CreateScale(x, y),
                ("rotate", [var by]) => SKMatrix.CreateRotationDegrees(by),
                ("rotate", [var by, var x, var y]) => SKMatrix.CreateRotationDegrees(by, x, y),
                ("skewX", [var by]) => SKMatrix.CreateSkew(MathF.Tan(by * MathF.PI / 180), 0),
                ("skewY", [var by]) => SKMatrix.CreateSkew(0, MathF.Tan(by * MathF.PI / 180)),
                _ => throw new FormatException($"How the <{e.Name.LocalName}> in line {Line(e)} is moved cannot be read: '{step.Value}'."),
            };
            all = all.PreConcat(next);
        }

        return all;
    }

    private static double[] Numbers(string text) => [.. Figure().Matches(text).Select(m => double.Parse(m.Value, CultureInfo.InvariantCulture))];

    [GeneratedRegex(@"[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?")]
    private static partial Regex Figure();

    [GeneratedRegex(@"^\s*([-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?)\s*([a-z]*)\s*$")]
    private static partial Regex Length();

    [GeneratedRegex(@"([A-Za-z]+)\s*\(([^)]*)\)")]
    private static partial Regex Step();

    [GeneratedRegex(@"display\s*:\s*none")]
    private static partial Regex Hidden();
}
