namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>A tool of the row: how it lies, and the nest that is drawn for it. Along the nest y is counted from the front of the row.</summary>
internal sealed record NestTool
{
    public required string Slot { get; init; }

    public required LaidTool Lies { get; init; }

    public required Fitted Size { get; init; }

    /// <summary>Half of what the nest is wider, and longer, than the tool.</summary>
    public required double Grown { get; init; }

    /// <summary>Over the underside, where the floor that it lies on would be, mm.</summary>
    public required double Base { get; init; }

    /// <summary>From the front of the row to where the tool's own measure along the floor begins, mm.</summary>
    public required double Y { get; init; }

    /// <summary>Room towards the end that is lifted last, by step.</summary>
    public required IReadOnlyList<double> Swings { get; init; }

    /// <summary>The step that is ground, or nothing.</summary>
    public required ToolStep? Ground { get; init; }

    /// <summary>What it weighs, g; <c>null</c> where nobody weighed it, nor said what it is of.</summary>
    public required Quantity? Grams { get; init; }

    /// <summary>What its steps weigh by what they are said to be of, g; <c>null</c> where that was not said.</summary>
    public required double? Reckoned { get; init; }

    /// <summary>Words of what its steps are of that no density is known of.</summary>
    public required IReadOnlyList<string> Unknown { get; init; }

    public Interface Place => Size.Place;

    public double Room => Swings.Max();

    /// <summary>Of its nest, front to back, mm.</summary>
    public double Long => Lies.Back - Lies.Front + (2 * Grown) + Room;

    /// <summary>Where its nest begins, mm.</summary>
    public double From => Y + Lies.Front - Grown - (Lies.GraspedInFront ? 0 : Room);

    /// <summary>Across its nest, mm.</summary>
    public double Wide => 2 * (Lies.Widest + Grown);

    public double Top => Base + Lies.Top;

    /// <summary>What is cut away for a thing that is not turned, its middle at x = 0; <c>null</c> for what is turned.</summary>
    public required Profile? Opening { get; init; }

    /// <summary>The exact negative of a thing that was scanned, whether its nest is one or not; it is lifted by what stays free around the thing.
    /// <c>null</c> for all others.</summary>
    public required OpenedBody? Opened { get; init; }

    /// <summary>Over the underside, where that negative is cut: the thing rests on what of it stands out furthest, mm.</summary>
    public double OpenedAt => Base + Grown - Math.Min(Grown, Lies.StandsOut);

    /// <summary>Towards the end that is lifted last: 1 is back.</summary>
    public int Last => Lies.GraspedInFront ? 1 : -1;

    /// <summary>A place of its axis in the nest: from the front, and over the underside.</summary>
    public Point2 Axis(double along) => Lies.At(along, 0) is var p ? new(Y + p.X, Base + p.Y) : default;

    /// <summary>The widest place whose axis lies in the nest, so deep over the floor: the step, whether at its end, mm.</summary>
    public static (ToolStep Step, bool AtEnd) Seat(LaidTool lies, double deep) => lies.Steps.SelectMany(s => new[] { (Step: s, AtEnd: false),
        (Step: s, AtEnd: true) }).Where(e => lies.At(e.AtEnd ? e.Step.To : e.Step.From, 0).Y <= deep - Under).MaxBy(e => e.AtEnd ? e.Step.Last : e.Step.First);

    /// <summary>An axis must lie so far below the top for the nest to be as wide as the tool, mm.</summary>
    public const double Under = 1.5;
}

/// <summary>What the steps of a tool are of, in words.</summary>
internal static class ToolMatter
{
    /// <summary>Density of each step, g/cm³, as measured from the first; <c>null</c> where nothing was said.</summary>
    /// <param name="said">"steel, hardwood".</param>
    /// <param name="steps">How many.</param>
    /// <param name="unknown">Words that no density is known of.</param>
    public static IReadOnlyList<double>? Of(string? said, int steps, out IReadOnlyList<string> unknown)
    {
        var words = (said ?? "").Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);
        unknown = [.. words.Where(w => !Known.ContainsKey(w))];
        return words.Length == 0 || unknown.Count > 0 ? null : [.. Enumerable.Range(0, steps).Select(i => Known[words[Math.Min(i, words.Length - 1)]])];
    }

    /// <summary>g/cm³, by name.</summary>
    public static IReadOnlyDictionary<string, double> Known { get; } = Densities.Usual.ToDictionary(d => d.Name, d => d.Value,
        StringComparer.OrdinalIgnoreCase);
}
