using OpenCvSharp;

namespace Emboq.Exchange.Scans;

/// <summary>How a scan is laid, and where its outline is taken.</summary>
/// <param name="Up">What points up.</param>
/// <param name="Turn">About the upright, degrees.</param>
/// <param name="Over">Whether it lies on its other side.</param>
/// <param name="At">Height of the cut over what it lies on, mm; <c>null</c> for all of it, seen from above.</param>
public sealed record ScanAsked(ScanUp Up, double Turn, bool Over, double? At)
{
    /// <summary>How far corners that are left of a section may lie beside its edge, mm, where a body of sections is asked for; <c>null</c> for an
    /// outline.</summary>
    public double? Sections { get; init; }
}

/// <summary>A scan as it is shown: its sides, and where it was cut.</summary>
/// <param name="Wide">Along x, mm.</param>
/// <param name="Deep">Along y.</param>
/// <param name="High">Along z.</param>
/// <param name="Side">Its outline seen from the front, x and z.</param>
/// <param name="At">Where it was cut; <c>null</c> where all of it was taken.</param>
/// <param name="Holes">Where it was never scanned: x, z and how wide.</param>
public sealed record SeenScan(double Wide, double Deep, double High, IReadOnlyList<Point2> Side, double? At, IReadOnlyList<SeenHole> Holes)
{
    /// <summary>Where sections were taken; empty for an outline.</summary>
    public IReadOnlyList<SeenSection> Sections { get; init; } = [];
}

/// <summary>A section of a scan, seen from the front.</summary>
/// <param name="X">From the left, mm.</param>
/// <param name="Low">Its lowest z.</param>
/// <param name="High">Its highest z.</param>
/// <param name="Scanned">Whether all of its edge was scanned.</param>
public sealed record SeenSection(double X, double Low, double High, bool Scanned);

/// <summary>A place that was never scanned, seen from the front.</summary>
/// <param name="X">From the left, mm.</param>
/// <param name="Z">Over what it lies on.</param>
/// <param name="Across">mm.</param>
public sealed record SeenHole(double X, double Z, double Across);

/// <summary>The outline of a scanned thing.</summary>
/// <param name="Drawing">Its outline.</param>
/// <param name="Doubt">Of its edge, k = 2, mm: what the scan scatters by.</param>
/// <param name="Says">What was done to it.</param>
/// <param name="Seen">To be looked at.</param>
public sealed record Scanned(DrawnLines Drawing, double Doubt, string Says, SeenScan Seen)
{
    /// <summary>Its length, its sections, all of its surface as it was laid and what that scatters by (mm), where they were asked for.</summary>
    public (double Length, IReadOnlyList<TracedSection> Cuts, CleanScan Whole, double Scatter)? Body { get; init; }
}

/// <summary>Takes an outline from a scan: a level cut, or all of it seen from above.</summary>
public static class ScanOutline
{
    /// <summary>Seen from above, a thing is looked at in cells of this size, mm, or larger ones where it has more than so many across.</summary>
    private const double Cell = 0.05;

    private const int MostCells = 4000;

    /// <summary>What scatters less is not told; a thing is thicker than this, mm.</summary>
    private const double Told = 0.02, Thinnest = 0.2;

    /// <summary>A stretch that was never scanned and is longer than this is no outline, mm.</summary>
    private const double Guessed = 3;

    /// <summary>Corners are evened out over so much at each side, mm.</summary>
    private const double Evened = 0.8;

    /// <summary>Reads a scan and takes its outline.</summary>
    /// <param name="file">Its bytes.</param>
    /// <param name="unit">What its numbers are.</param>
    /// <param name="asked">Where it is taken.</param>
    /// <param name="field">Path of the field, for problems.</param>
    public static Outcome<Scanned> Read(byte[] file, ScanUnit unit, ScanAsked asked, string field)
    {
        if (asked is { At: null, Sections: null } && !Photographs.Photograph.Readable)
        {
            return new Problem("at", null, "Things cannot be seen from above on this machine: a library of the system is missing.",
                "Cut it at a height, or install libgtk-3-0 and start Emboq again.");
        }

        if (ScanFile.Read(file, unit, field) is var read && !read.IsGood)
        {
            return read.Problems.ToList();
        }

        return ScanCleaning.Of(read.Value, field) is var clean && clean.IsGood ? Of(ScanPose.Laid(clean.Value, asked.Up, asked.Turn, asked.Over), unit,
            asked, field)
            : clean.Problems.ToList();
    }

    private static Outcome<Scanned> Of(CleanScan scan, ScanUnit unit, ScanAsked asked, string field)
    {
        var size = scan.Mesh.Box.Greatest;
        if (!(Math.Max(size.X, size.Y) <= Traced.Widest && Math.Max(size.X, size.Y) >= Traced.Narrowest))
        {
            return new Problem("unit", null, $"The scan is {Figures.Mm(size.X)} × {Figures.Mm(size.Y)} × {Figures.Mm(size.Z)}: no tool is so large or small.",
                "Say what its numbers are.", $"{Figures.Mm(Traced.Narrowest)} to {Figures.Mm(Traced.Widest)}");
        }

        if (size.Z < Thinnest)
        {
            return new Problem(field, Figures.Mm(size.Z), "The scan is a sheet without thickness, and encloses nothing.", "Scan the thing from all sides.",
                $"{Figures.Mm(Thinnest)} or more");
        }

        if (asked.At is { } at && !(at > 0 && at < size.Z))
        {
            return new Problem("at", Figures.Mm(at), $"The scan lies {Figures.Mm(size.Z)} high: a cut there meets nothing.", "Cut it lower.",
                $"0 to {Figures.Mm(size.Z)}");
        }

        if (asked.Sections is { } deviation)
        {
            return ScanBody.Of(scan, deviation, field) is var cut && !cut.IsGood ? cut.Problems.ToList()
                : new Scanned(new([], Word(unit)), Math.Round(2 * cut.Value.Scatter, 3), $"{Says(scan, size, cut.Value.Scatter, 1, "no section that is used "
                    + "crosses")} {cut.Value.Says}", Seen(scan, size, null) with
                    {
                        Sections = [.. cut.Value.Cuts.Select(c => new SeenSection(c.At, c.Points.Min(p => p.Y), c.Points.Max(p => p.Y), c.Scanned))],
                    })
                { Body = (size.X, cut.Value.Cuts, scan, cut.Value.Scatter) };
        }

        var (loop, parts) = asked.At is { } height ? Cut(scan, height) : FromAbove(scan);
        if (loop.Count < 3)
        {
            return new Problem(field, null, "No closed outline is there: the surface of the scan meets itself.", "Cut it elsewhere, or scan it again.");
        }

        if (Unscanned(loop) is { } hole)
        {
            return new Problem(field, $"{Figures.Mm(hole.Long)}", $"The outline would run {Figures.Mm(hole.Long)} across a hole that was never scanned, near "
                + $"{Figures.Number(hole.At.X)}, {Figures.Number(hole.At.Y)}: what is not scanned is not known.",
                "Cut it at another height, lay it on its other side, or scan it again there.", $"{Figures.Mm(Guessed)} or less");
        }

        var evened = Even(loop);
        var scatter = Scatter(loop, evened);
        var even = scatter < Told / 4 ? [.. loop.Select(c => c.At)] : evened;
        return new Scanned(new([new(even, true)], Word(unit)), Math.Round(2 * scatter, 3), Says(scan, size, scatter, parts, "the outline does not cross"),
            Seen(scan, size, asked.At));
    }

    private static SeenScan Seen(CleanScan scan, Point3 size, double? at) => new(size.X, size.Y, size.Z, Side(scan), at,
        [.. scan.Holes.Take(20).Select(h => new SeenHole(h.At.X, h.At.Z, h.Across))]);

    private static string Word(ScanUnit unit) => unit switch
    {
        ScanUnit.Cm => "centimetres",
        ScanUnit.M => "metres",
        ScanUnit.Inch => "inches",
        _ => "millimetres"
    };

    private static string Says(CleanScan scan, Point3 size, double scatter, int parts, string avoids)
    {
        string Many(int count, string one, string many) => count == 1 ? one : many.Replace("{0}", $"{count}", StringComparison.Ordinal);
        string[] told =
        [
            $"{scan.Mesh.Count} triangles, {Figures.Mm(size.X)} × {Figures.Mm(size.Y)}, {Figures.Mm(size.Z)} high.",
            scan.Islands > 0 ? Many(scan.Islands, "One loose piece was left away.", "{0} loose pieces were left away.") : "",
            scan.Doubles > 0 ? Many(scan.Doubles, "One triangle without area or said twice was left away.",
                "{0} triangles without area or said twice were left away.") : "",
            scan.TurnedOver > 0 ? Many(scan.TurnedOver, "One was turned over.", "{0} were turned over.") : "",
            scan.Closed > 0 ? Many(scan.Closed, "One small hole was closed.", "{0} small holes were closed.") : "",
            scan.Holes.Count > 0 ? Many(scan.Holes.Count,
                $"One hole, {Figures.Mm(scan.Holes[0].Across)} across, was never scanned; {avoids} it.",
                $"{{0}} holes, up to {Figures.Mm(scan.Holes[0].Across)} across, were never scanned; {avoids} them.") : "",
            scatter >= Told ? $"Its surface scatters by {Figures.Mm(Math.Round(scatter, 3))}, and was evened out." : "",
            parts > 1 ? $"Of {parts} loops there the largest was taken." : "",
        ];
        return string.Join(' ', told.Where(t => t.Length > 0));
    }

    internal static double Area(IReadOnlyList<SectionCorner> loop) => loop.Select((c, i) => loop[(i + 1) % loop.Count].At is var n
        ? (c.At.X * n.Y) - (c.At.Y * n.X) : 0).Sum() / 2;

    private static (IReadOnlyList<SectionCorner> Loop, int Parts) Cut(CleanScan scan, double height) =>
        ScanSection.At(scan, height).OrderByDescending(Area).ToList() is [var first, ..] all ? (first, all.Count) : ([], 0);

    /// <summary>All triangles as they fall on the floor: the outermost cells that they cover. A cell was scanned where one that was covers it, or is
    /// beside it.</summary>
    private static (IReadOnlyList<SectionCorner> Loop, int Parts) FromAbove(CleanScan scan)
    {
        const int Margin = 3, Shift = 4;
        var size = scan.Mesh.Box.Greatest;
        var cell = Math.Max(Cell, Math.Max(size.X, size.Y) / MostCells);
        using var seen = new Mat((int)(size.Y / cell) + (2 * Margin), (int)(size.X / cell) + (2 * Margin), MatType.CV_8UC1, Scalar.All(0));
        Point Of(Point3 p) => new((int)Math.Round(((p.X / cell) + Margin) * (1 << Shift)), (int)Math.Round(((p.Y / cell) + Margin) * (1 << Shift)));
        void Cover(int from, int to)
        {
            for (var t = from; t < to; t++)
            {
                var (a, b, c) = scan.Mesh.Of(t);
                Cv2.FillConvexPoly(seen, [Of(a), Of(b), Of(c)], Scalar.All(255), LineTypes.Link8, Shift);
            }
        }

        Cover(0, scan.Capped);
        using var scanned = seen.Dilate(Cv2.GetStructuringElement(MorphShapes.Rect, new(5, 5)));
        Cover(scan.Capped, scan.Mesh.Count);
        seen.FindContours(out var contours, out _, RetrievalModes.External, ContourApproximationModes.ApproxNone);
        var largest = contours.MaxBy(c => Cv2.ContourArea(c));
        if (largest is null)
        {
            return ([], 0);
        }

        // Rows count down the picture, which is up the floor.
        var corners = largest.Select(p => new SectionCorner(new((p.X - Margin) * cell, (p.Y - Margin) * cell), scanned.At<byte>(p.Y, p.X) > 0)).ToList();
        return (Area(corners) < 0 ? [.. Enumerable.Reverse(corners)] : corners, contours.Length);
    }

    /// <summary>The longest stretch that was never scanned, if it is too long to be guessed.</summary>
    internal static (Point2 At, double Long)? Unscanned(IReadOnlyList<SectionCorner> loop)
    {
        var (longest, at, sum) = (0.0, loop[0].At, 0.0);
        // Twice around: a stretch may run over the beginning.
        for (var i = 0; i < 2 * loop.Count; i++)
        {
            var (a, b) = (loop[i % loop.Count], loop[(i + 1) % loop.Count]);
            sum = a.Scanned ? 0 : sum + Distance(a.At, b.At);
            if (sum > longest)
            {
                (longest, at) = (sum, b.At);
            }
        }

        return longest > Guessed ? (at, longest) : null;
    }

    private static double Distance(Point2 a, Point2 b) => double.Hypot(b.X - a.X, b.Y - a.Y);

    /// <summary>What corners lie beside the evened outline by, one standard deviation, mm: from the median, so that corners of the thing itself do not
    /// count.</summary>
    internal static double Scatter(IReadOnlyList<SectionCorner> loop, List<Point2> evened)
    {
        var off = loop.Select((c, i) => Distance(c.At, evened[i])).Order().ToList();
        return off[off.Count / 2] / 0.6745;
    }

    /// <summary>Each corner put on the straight line through those near to it, by least squares: a mean would round what is round inwards.</summary>
    internal static List<Point2> Even(IReadOnlyList<SectionCorner> loop)
    {
        const int Most = 40;
        return [.. loop.Select((c, i) =>
        {
            var near = new List<Point2> { c.At };
            foreach (var way in new[] { 1, -1 })
            {
                for (var (k, gone) = (1, 0.0); k < Math.Min(Most, loop.Count / 4); k++)
                {
                    var (p, q) = (loop[(i + (way * (k - 1)) + loop.Count) % loop.Count].At, loop[(i + (way * k) + loop.Count) % loop.Count].At);
                    gone += Distance(p, q);
                    if (gone > Evened)
                    {
                        break;
                    }

                    near.Add(q);
                }
            }

            return near.Count < 4 ? c.At : OnLine(near, c.At);
        })];
    }

    private static Point2 OnLine(List<Point2> near, Point2 at)
    {
        var (x, y) = (near.Average(p => p.X), near.Average(p => p.Y));
        var (xx, yy, xy) = (near.Sum(p => (p.X - x) * (p.X - x)), near.Sum(p => (p.Y - y) * (p.Y - y)), near.Sum(p => (p.X - x) * (p.Y - y)));
        var (sin, cos) = Math.SinCos(Math.Atan2(2 * xy, xx - yy) / 2);
        var along = ((at.X - x) * cos) + ((at.Y - y) * sin);
        return new(x + (along * cos), y + (along * sin));
    }

    /// <summary>Seen from the front: the leftmost to the rightmost at many heights.</summary>
    private static List<Point2> Side(CleanScan scan)
    {
        const int Rows = 60;
        var (high, rows) = (scan.Mesh.Box.Greatest.Z, new (double Left, double Right)[Rows]);
        Array.Fill(rows, (double.PositiveInfinity, double.NegativeInfinity));
        foreach (var p in scan.Mesh.Points)
        {
            var row = Math.Clamp((int)(p.Z / high * Rows), 0, Rows - 1);
            rows[row] = (Math.Min(rows[row].Left, p.X), Math.Max(rows[row].Right, p.X));
        }

        var there = rows.Select((r, i) => (r.Left, r.Right, Z: high * (i + 0.5) / Rows)).Where(r => r.Right > r.Left).ToList();
        return [.. there.Select(r => new Point2(r.Right, r.Z)), .. Enumerable.Reverse(there).Select(r => new Point2(r.Left, r.Z))];
    }
}
