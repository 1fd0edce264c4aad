namespace Emboq.Core.Families.Clamping.ShellClamp;

/// <summary>A cut through a clamp, square to the handle's centre line.</summary>
/// <param name="Along">From the middle of the clamp, mm.</param>
/// <param name="Upper">What the upper half is open by, about where the halves meet.</param>
/// <param name="Lower">Likewise of the lower half.</param>
/// <param name="Surface">The surface as scanned with its room, which is cut out beside both; <c>null</c> of a smooth body.</param>
internal sealed record ShellCut(double Along, Profile Upper, Profile Lower, Profile? Surface)
{
    /// <summary>Width of a half's hollow at a height from the split, mm.</summary>
    public double Wide(Profile half, double at) => Math.Max(Met(half, at), Surface is null ? 0 : Met(Surface, at));

    private static double Met(Profile outline, double at)
    {
        var met = outline.Points.Select((a, i) => (A: a, B: outline.Points[(i + 1) % outline.Points.Length])).Where(s => s.A.Y > at != s.B.Y > at)
            .Select(s => s.A.X + ((at - s.A.Y) / (s.B.Y - s.A.Y) * (s.B.X - s.A.X))).ToList();
        return met.Count == 0 ? 0 : met.Max() - met.Min();
    }
}

/// <summary>What a clamp is open for where an upright plane cuts the handle: about a place, turned, and so far along from it.</summary>
/// <param name="Straight">That lets both halves go on straight.</param>
/// <param name="Surface">The surface as scanned with its room, around it; <c>null</c> of a smooth body.</param>
internal sealed record ShellOpening(Profile Straight, Profile? Surface);

/// <summary>One clamp around the handle. Its own frame: x across, y along the handle's centre line there, the middle of the clamp at 0; z as the handle
/// lies.</summary>
internal sealed record ShellStation
{
    /// <summary>Cuts stand no further apart, mm.</summary>
    private const double Apart = 1.5;

    /// <summary>The centre line is looked at so far to either side of the clamp, mm.</summary>
    private const double Reach = 10;

    public required string Key { get; init; }

    public required string Name { get; init; }

    /// <summary>Along the handle, mm.</summary>
    public required double At { get; init; }

    /// <summary>Of the centre line there, x and z.</summary>
    public required Point2 Middle { get; init; }

    /// <summary>By which it is turned on the table towards standing square to the centre line, degrees.</summary>
    public required double Turn { get; init; }

    /// <summary>What is left of that, degrees.</summary>
    public required double Askew { get; init; }

    /// <summary>By which the centre line rises there, degrees.</summary>
    public required double Rise { get; init; }

    /// <summary>Where the halves meet, mm, and how much both are open beyond the handle, of its section, mm².</summary>
    public required (double At, double Extra, double Area) Split { get; init; }

    /// <summary>Of what it is open by, mm: least x, greatest x, lowest, highest.</summary>
    public required (double Left, double Right, double Low, double High) Sides { get; init; }

    public required IReadOnlyList<ShellCut> Cuts { get; init; }

    /// <summary>Where the cuts are drawn about, x.</summary>
    public required double Axis { get; init; }

    /// <summary>The cut in its middle.</summary>
    public ShellCut MiddleCut => Cuts[Cuts.Count / 2];

    /// <summary>Works one out; <c>null</c> where it would run out past an end of the handle, or no two halves go around it.</summary>
    /// <param name="body">The handle as it lies.</param>
    /// <param name="key">"front".</param>
    /// <param name="name">As shown.</param>
    /// <param name="at">Along it, mm.</param>
    /// <param name="cut">What it is open for where an upright plane cuts the handle: a place, a turn, so far along from it; <c>null</c> past an end.</param>
    /// <param name="size">Along the handle, and the gap between the halves, mm.</param>
    /// <param name="most">It is turned no further than this: its screws stand in line with the table, degrees.</param>
    public static ShellStation? Of(SectionBody body, string key, string name, double at, Func<Point2, double, double, ShellOpening?> cut,
        (double Along, double Gap) size, double most)
    {
        var (middle, slope) = body.CentreLine(at, (size.Along / 2) + Reach);
        // Seen from above, counter-clockwise.
        var square = -Math.Atan(slope.X) * 180 / Math.PI;
        var turn = Math.Clamp(square, -most, most);
        var half = (size.Along / 2) + 1;
        var count = (2 * (int)Math.Ceiling(half / Apart)) + 1;
        var (alongs, partings, surfaces) = (new List<double>(), new List<Parting>(), new List<Profile?>());
        for (var i = 0; i < count; i++)
        {
            alongs.Add(half * ((2.0 * i / (count - 1)) - 1));
            if (cut(new(middle.X, at), turn, alongs[^1]) is not { } opening)
            {
                return null;
            }

            partings.Add(new(opening.Straight));
            surfaces.Add(opening.Surface);
        }

        var split = Parting.Best([.. partings.Where((_, i) => i % 3 == 0)]);
        // What is furthest out of all that is cut out.
        List<(Point2 Least, Point2 Greatest)> boxes = [.. partings.Select((p, i) => surfaces[i]?.Box ?? p.Box)];
        var (left, right) = (boxes.Min(b => b.Least.X), boxes.Max(b => b.Greatest.X));
        var axis = (left + right) / 2;
        var past = (size.Gap / 2) + 0.5;
        var cuts = partings.Select((p, i) => (Upper: p.Half(new(axis, split), 1, past), Lower: p.Half(new(axis, split), -1, past), Along: alongs[i])).ToList();
        return cuts.Any(c => c.Upper is null || c.Lower is null || !Outlines.SeenFromWithin(c.Upper) || !Outlines.SeenFromWithin(c.Lower)) ? null : new()
        {
            Key = key,
            Name = name,
            At = at,
            Middle = middle,
            Turn = turn,
            Askew = Math.Abs(square - turn),
            Rise = Math.Atan(slope.Y) * 180 / Math.PI,
            Split = (split, cuts.Average(c => Parting.Over(c.Upper!, 1) + Parting.Over(c.Lower!, -1)) - partings.Average(p => p.Area),
                partings.Average(p => p.Area)),
            Sides = (left, right, boxes.Min(b => b.Least.Y), boxes.Max(b => b.Greatest.Y)),
            Cuts = [.. cuts.Zip(surfaces, (c, surface) => new ShellCut(c.Along, c.Upper!, c.Lower!, surface is null ? null
                : new(surface.Points.Select(p => new Point2(p.X - axis, p.Y - split)))))],
            Axis = axis,
        };
    }
}
