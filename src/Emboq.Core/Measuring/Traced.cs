using System.Security.Cryptography;
using System.Text;
using System.Text.Json.Serialization;
using NetTopologySuite.Algorithm;
using NetTopologySuite.Geometries;

namespace Emboq.Core.Measuring;

/// <summary>An outline that was taken from a drawing, once around, counter-clockwise.</summary>
/// <param name="Source">What it was taken from: "knife.svg".</param>
/// <param name="Deviation">How far its corners may lie beside what was drawn, mm of the drawing.</param>
/// <param name="Points">Its corners, mm of the drawing, its box at the origin: x to the right, y up.</param>
public sealed record Traced(string Source, double Deviation, IReadOnlyList<Point2> Points)
{
    /// <summary>Fewest and most corners.</summary>
    public const int Least = 3, Most = 400;

    /// <summary>Largest and smallest size across, mm.</summary>
    public const double Widest = 2000, Narrowest = 1;

    /// <summary>Most sections, and most corners of one.</summary>
    public const int MostSections = 120, MostOfOne = 200;

    /// <summary>Sections of a body, square to x, the leftmost first; <c>null</c> for an outline alone.</summary>
    public IReadOnlyList<TracedSection>? Sections { get; init; }

    /// <summary>The surface of a body, thinned; <c>null</c> for an outline alone, and where none was kept.</summary>
    public TracedSurface? Surface { get; init; }

    /// <summary>Across, mm of the drawing.</summary>
    [JsonIgnore]
    public double Across => Points.Max(p => p.X) - Points.Min(p => p.X);

    /// <summary>The other way, mm of the drawing.</summary>
    [JsonIgnore]
    public double Along => Points.Max(p => p.Y) - Points.Min(p => p.Y);

    /// <summary>Tells this outline from any other that its place had: of its corners alone.</summary>
    [JsonIgnore]
    public string Mark => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(string.Join(';', Points.Select(p => $"{p.X:R},{p.Y:R}"))))[..8]);

    /// <summary>An outline of corners that lie anywhere, in either direction.</summary>
    /// <param name="source">What it was taken from.</param>
    /// <param name="deviation">How far its corners may lie beside what was drawn, mm.</param>
    /// <param name="points">Three or more, mm.</param>
    public static Traced Of(string source, double deviation, IReadOnlyList<Point2> points)
    {
        var (left, low) = (points.Min(p => p.X), points.Min(p => p.Y));
        var ring = points.Append(points[0]).Select(p => new Coordinate(p.X, p.Y)).ToArray();
        var placed = points.Select(p => new Point2(Math.Round(p.X - left, 4), Math.Round(p.Y - low, 4)));
        return new(source, deviation, [.. Orientation.IsCCW(ring) ? placed : placed.Reverse()]);
    }

    /// <summary>A body of its sections: what it covers, seen from above, is its outline.</summary>
    /// <param name="source">What it was taken from.</param>
    /// <param name="deviation">How far its corners may lie beside the surface, mm.</param>
    /// <param name="length">Along x, from 0 on, mm.</param>
    /// <param name="sections">Two or more, the leftmost first.</param>
    /// <param name="surface">Its surface, x along it, y across, z up from what it lies on; how far what it was thinned from lies beside it at most, mm.</param>
    public static Traced Of(string source, double deviation, double length, IReadOnlyList<TracedSection> sections, (ClosedMesh Mesh, double Within)?
        surface = null)
    {
        var (near, far) = (sections.Select(s => s.Points.Min(p => p.X)).ToList(), sections.Select(s => s.Points.Max(p => p.X)).ToList());
        var low = near.Min();
        static Point2 Rounded(double x, double y) => new(Math.Round(x, 4), Math.Round(y, 4));
        Point2 End(double x, int of) => Rounded(x, ((near[of] + far[of]) / 2) - low);
        var right = sections.Select((s, i) => Rounded(s.At, near[i] - low));
        var left = sections.Select((s, i) => Rounded(s.At, far[i] - low)).Reverse();
        return new(source, deviation, [End(0, 0), .. right, End(length, sections.Count - 1), .. left])
        {
            Sections = [.. sections.Select(s => s with { At = Math.Round(s.At, 4), Points = [.. s.Points.Select(p => Rounded(p.X - low, p.Y))] })],
            Surface = surface is { } s ? new(MeshBytes.Of(s.Mesh.Moved(p => p with { Y = p.Y - low })), s.Within) : null,
        };
    }

    /// <summary>The same seen from below: left and right change places.</summary>
    public Traced Mirrored() => this with { Points = [.. Points.Reverse().Select(p => p with { X = Across - p.X })] };

    /// <summary>What is wrong with it, wherever it came from; nothing when it is an outline.</summary>
    /// <param name="field">Path of the field, for problems.</param>
    public Problem? Wrong(string field)
    {
        if (Points.Count is < Least or > Most || Points.Any(p => !double.IsFinite(p.X) || !double.IsFinite(p.Y)))
        {
            return new(field, $"{Points.Count}", "An outline has between 3 and 400 corners, each of two numbers.", "Allow it a larger deviation.",
                $"{Least} to {Most}");
        }

        if (!(Across is >= Narrowest and <= Widest) || !(Along is >= Narrowest and <= Widest))
        {
            return new(field, $"{Figures.Mm(Across)} by {Figures.Mm(Along)}", "An outline this large or small is none of a tool.",
                "Look at the unit of the drawing.", $"{Figures.Mm(Narrowest)} to {Figures.Mm(Widest)}");
        }

        if (Sections is { } sections && sections.Select(s => s.Wrong(field)).Prepend(sections.Count is < 2 or > MostSections
            || sections.Zip(sections.Skip(1)).Any(p => !(p.First.At < p.Second.At)) || !(sections[0].At >= 0) || !(sections[^1].At <= Across)
            ? new(field, $"{sections.Count}", "Its sections stand one behind the other, within its length.", "Take the scan anew.", $"2 to {MostSections}")
            : null).OfType<Problem>().FirstOrDefault() is { } cut)
        {
            return cut;
        }

        if (Surface is { } surface && (!(surface.Within is >= 0 and <= 5) || surface.Mesh?.Read() is not { } mesh || mesh.Points.Any(p =>
            !(Math.Max(Math.Abs(p.X), Math.Max(Math.Abs(p.Y), Math.Abs(p.Z))) <= Widest))))
        {
            return new(field, null, "Its surface is not closed, or out of reach.", "Take the scan anew.", $"4 to {MeshBytes.Most} triangles");
        }

        return !(Deviation is >= 0 and <= 5) ? new(field, $"{Deviation}", "Its deviation is out of reach.", "Give 0 to 5 mm.", "0 to 5 mm")
            : Outlines.Crossing(Points) is { } at ? new(field, $"{Figures.Number(at.X)}, {Figures.Number(at.Y)}",
                $"The outline crosses or touches itself near {Figures.Number(at.X)}, {Figures.Number(at.Y)} of the drawing.",
                "Mend it there, or allow it less deviation.")
            : null;
    }
}

/// <summary>The surface of a body.</summary>
/// <param name="Mesh">Its triangles: x as the x of the outline, y as its y, z up from what the body lies on.</param>
/// <param name="Within">How far what it was thinned from lies beside it at most, mm.</param>
public sealed record TracedSurface(MeshBytes Mesh, double Within);

/// <summary>A section of a body.</summary>
/// <param name="At">Along the x of the outline, mm.</param>
/// <param name="Points">Its corners, once around: x is the y of the outline, y is up from what the body lies on, mm.</param>
/// <param name="Scanned">Whether all of its edge was scanned; else a hole was closed there.</param>
public sealed record TracedSection(double At, IReadOnlyList<Point2> Points, bool Scanned)
{
    /// <summary>Whether it goes around branches that lie beside each other, and what is between them.</summary>
    public bool Branched { get; init; }

    /// <summary>Whether the thing lies in branches there, by what was kept of the section or by the surface itself.</summary>
    /// <param name="skin">The surface; <c>null</c> where none was kept.</param>
    /// <param name="at">Where it stands along that, mm.</param>
    public bool LiesInBranches(ClosedMesh? skin, double at) => Branched || skin?.Branches(new(0, at), 0, 0).Count > 1;

    internal Problem? Wrong(string field) => Points is null || Points.Count is < Traced.Least or > Traced.MostOfOne
        || Points.Any(p => !(Math.Abs(p.X) <= Traced.Widest) || !(Math.Abs(p.Y) <= Traced.Widest))
        ? new(field, $"{Points?.Count}", $"A section has between {Traced.Least} and {Traced.MostOfOne} corners, each of two numbers.",
            "Allow it a larger deviation.", $"{Traced.Least} to {Traced.MostOfOne}")
        : Outlines.Crossing(Points) is { } at ? new(field, $"{Figures.Mm(At)}", $"The section at {Figures.Mm(At)} crosses or touches itself near "
            + $"{Figures.Number(at.X)}, {Figures.Number(at.Y)}.", "Take the scan anew, or allow it less deviation.")
        : null;
}
