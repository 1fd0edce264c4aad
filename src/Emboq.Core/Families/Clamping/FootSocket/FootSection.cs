namespace Emboq.Core.Families.Clamping.FootSocket;

/// <summary>The section of a foot, about the middle of its box, its way out towards +y.</summary>
internal static class FootSection
{
    /// <summary>Key of the dimension that the socket is fitted to.</summary>
    public static string Across(Interface foot) => foot.Kind.Key switch { "post" => "diameter", "block" => "width", _ => "overall" };

    /// <summary>Key of the foot's height.</summary>
    public static string Height(Interface foot) => foot.Kind.Key == "post" ? "length" : "height";

    /// <summary>What must be read before anything can be reckoned.</summary>
    public static string[] Needs(Interface foot, bool height)
    {
        string[] section = foot.Kind.Key switch
        {
            "post" => ["diameter"],
            "block" => ["width", "depth"],
            _ => ["overall", .. Enumerable.Range(0, foot.Items.Count).SelectMany(i => new[] { foot.Kind.Item!.KeyOf(i, "x"), foot.Kind.Item.KeyOf(i, "y") })],
        };
        return height ? [.. section, Height(foot)] : section;
    }

    /// <summary>The section as read, its sides as lines; <c>null</c> where its points enclose nothing.</summary>
    /// <param name="foot">All of it read.</param>
    /// <param name="lowerOut">Whether it goes out over the lower edge of its section.</param>
    public static Profile? Of(Interface foot, bool lowerOut)
    {
        var s = new Sizes(foot);
        var outline = foot.Kind.Key switch
        {
            "post" => Facets.Of(Outlines.RoundedRectangle(s["diameter"]!.Value, s["diameter"]!.Value, s["diameter"]!.Value / 2, Facets.DefaultChordError),
                cut: true, Facets.DefaultChordError),
            "block" => Outlines.RoundedRectangle(s["width"]!.Value, s["depth"]!.Value, s.Or("corner", 0), Facets.DefaultChordError),
            _ => foot.Kind.Outline!(s),
        };
        if (outline is null)
        {
            return null;
        }

        var (middle, turn) = (outline.Middle, lowerOut ? -1 : 1);
        return new(outline.Points.Select(p => new Point2(turn * (p.X - middle.X), turn * (p.Y - middle.Y))));
    }

    /// <summary>What a section sweeps on its way out: below it the section itself, above it open.</summary>
    /// <param name="section">Its sides are lines.</param>
    /// <param name="until">How far out, mm.</param>
    public static Profile Swept(Profile section, double until)
    {
        const double Hair = 1e-5;
        var corners = section.Points;
        List<double> across = [];
        foreach (var x in corners.Select(p => p.X).Order().Where(x => across.Count == 0 || x - across[^1] > Hair))
        {
            across.Add(x);
        }

        var below = new List<Point2>();
        foreach (var (from, to) in across.Zip(across.Skip(1)))
        {
            // Sides of an outline do not cross: the lowest in the middle of a strip is the lowest all over it.
            var middle = (from + to) / 2;
            var lowest = corners.Zip([.. corners.Skip(1), corners[0]]).Where(s => s.First.X > middle != s.Second.X > middle).MinBy(s => At(s, middle));
            below.AddRange(new[] { new Point2(from, At(lowest, from)), new(to, At(lowest, to)) }.Where(p => below.Count == 0
                || Math.Abs(p.X - below[^1].X) + Math.Abs(p.Y - below[^1].Y) > Hair));
        }

        return new([.. below, new Point2(across[^1], until), new Point2(across[0], until)]);
    }

    private static double At((Point2 First, Point2 Second) side, double x) =>
        side.First.Y + ((side.Second.Y - side.First.Y) * (x - side.First.X) / (side.Second.X - side.First.X));
}
