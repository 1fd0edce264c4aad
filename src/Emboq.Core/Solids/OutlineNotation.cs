using System.Globalization;

namespace Emboq.Core.Solids;

/// <summary>Outlines as lists of points, as a contour gauge gives them: <c>0,0 40,0 40,25 0,30</c>, in mm.</summary>
public static class OutlineNotation
{
    private const int MostPoints = 200;
    private const double LeastArea = 1;

    /// <summary>Reads a closed outline; the last point joins the first.</summary>
    /// <param name="text">The entry.</param>
    /// <param name="field">Path of the field, for problems.</param>
    /// <returns>The outline, or what is wrong with it.</returns>
    public static Outcome<Profile> Parse(string text, string field)
    {
        var points = new List<Point2>();
        foreach (var pair in text.Split([' ', ';', '\n', '\r', '\t'], StringSplitOptions.RemoveEmptyEntries))
        {
            if (pair.Split(',') is not [var x, var y] || !Number(x, out var px) || !Number(y, out var py))
            {
                return new Problem(field, text, $"'{pair}' is not a point.", "Write each point as x,y in mm, with spaces between points.");
            }

            points.Add(new(px, py));
        }

        if (points.Count is < 3 or > MostPoints)
        {
            return new Problem(field, text, $"The outline has {points.Count} points.", $"Give 3 to {MostPoints} points, once around.",
                $"3 to {MostPoints} points");
        }

        return Enclosed(points) < LeastArea ? new Problem(field, text, "The points enclose no area.", "Give them in order, once around.")
            : Outlines.Crossing(points) is { } at ? new Problem(field, text,
                string.Create(CultureInfo.InvariantCulture, $"The outline crosses or touches itself near {at.X:0.##},{at.Y:0.##}."),
                "Give the points in order, once around.")
            : new Profile(points);
    }

    private static double Enclosed(List<Point2> p) =>
        Math.Abs(Enumerable.Range(0, p.Count).Sum(i => (p[i].X * p[(i + 1) % p.Count].Y) - (p[(i + 1) % p.Count].X * p[i].Y)) / 2);

    private static bool Number(string text, out double value) =>
        double.TryParse(text, NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out value)
            && Math.Abs(value) <= 2000;
}
