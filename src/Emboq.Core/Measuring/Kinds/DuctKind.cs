namespace Emboq.Core.Measuring.Kinds;

/// <summary>Openings that are not round: each has widths and heights inside and outside, and an outline of its own.</summary>
internal static class DuctKind
{
    public static InterfaceKind Kind { get; } = Of("duct", "rectangular or odd opening",
        [new("corner", "corner radius", "Radius gauge in a corner of the side that counts; left unread, corners are sharp.", Access.Radius, Need.Helps)]);

    /// <summary>An ellipse.</summary>
    public static InterfaceKind Oval { get; } = Of("oval", "oval opening", []);

    /// <summary>Flat below, and as round above as it is wide.</summary>
    public static InterfaceKind Dee { get; } = Of("d-opening", "D-shaped opening", []);

    /// <summary>Wider below than above, or the other way round.</summary>
    public static InterfaceKind Trapezoid { get; } = Of("trapezoid", "trapezoid opening",
    [
        new("insideTop", "inside width above", "Jaws inside, across the upper edge.", Access.Inside),
        new("outsideTop", "outside width above", "Jaws across the upper edge.", Access.Outside),
    ]);

    /// <summary>All of them.</summary>
    public static IReadOnlyList<InterfaceKind> All { get; } = [Kind, Oval, Dee, Trapezoid];

    /// <summary>The dimensions that make the outline of a side.</summary>
    /// <param name="kind">One of these.</param>
    /// <param name="side">"inside" or "outside".</param>
    public static IReadOnlyList<string> Making(InterfaceKind kind, string side) => kind == Trapezoid ? [side, $"{side}Depth", $"{side}Top"]
        : [side, $"{side}Depth"];

    /// <summary>The outline of a side about its middle.</summary>
    /// <param name="sizes">Of the place; all that makes the side has been read.</param>
    /// <param name="side">"inside" or "outside".</param>
    public static Profile Outline(Sizes sizes, string side) => Outline(sizes, side, sizes[side]!.Value, sizes[$"{side}Depth"]!.Value);

    private static string[] Sides => ["", "Depth"];

    private static InterfaceKind Of(string key, string name, IReadOnlyList<DimensionKind> more) => new(key, name,
    [
        new("inside", "inside width", "Jaws inside, across the width.", Access.Inside),
        new("insideDepth", "inside height", "Jaws inside, across the height.", Access.Inside),
        new("outside", "outside width", "Jaws across the width."),
        new("outsideDepth", "outside height", "Jaws across the height."),
        .. more,
        new("depth", "straight length", "Depth rod from the rim to the first step or bend.", Access.Depth),
        new("wall", "sheet", "Jaws over the rim, beside any fold: a folded rim is twice as thick.", Access.Outside, Need.Helps),
    ])
    {
        Methods =
        [
            .. from side in Sides
               from both in new Method[]
               {
                   new("outside less two sheets", $"inside{side}", [$"outside{side}", "wall"], q => q[0] - (2 * q[1]), "Plane geometry"),
                   new("inside and two sheets", $"outside{side}", [$"inside{side}", "wall"], q => q[0] + (2 * q[1]), "Plane geometry"),
               }
               select both,
        ],
        Rules = s => [.. Kinds.Rules.Less(s, "inside", "outside", "A mouth is narrower than what it is in."),
            .. Kinds.Rules.Less(s, "insideDepth", "outsideDepth", "A mouth is lower than what it is in."), .. Corner(s)],
        Shape = s => s["outside"] is { } w && s["outsideDepth"] is { } h && s["inside"] is { } iw && s["insideDepth"] is { } ih
            && Making(s.Place.Kind, "inside").Concat(Making(s.Place.Kind, "outside")).All(k => s[k] is not null) && iw.Value < w.Value && ih.Value < h.Value
            ? new Solid.Extruded(Outline(s, "outside"), s.Or("depth", 30)) - new Solid.Extruded(Outline(s, "inside"), s.Or("depth", 30) + 2).At(0, 0, -1)
            : null,
        Drawing = Draw,
    };

    /// <summary>A corner cannot be rounder than half of the lower side.</summary>
    private static IEnumerable<Check> Corner(Sizes s)
    {
        if (s.Place.Kind == Kind && s["corner"] is { } corner && (s["insideDepth"] ?? s["outsideDepth"]) is { } high
            && (s["inside"] ?? s["outside"]) is { } wide)
        {
            var most = Math.Min(high.Value, wide.Value) / 2;
            var fits = corner.Value <= most + (2 * corner.StandardUncertainty);
            yield return new("corner<half", "corner radius", fits ? Verdict.Good : Verdict.Stop, fits ? "Corners leave straight sides between them."
                : "No corner is rounder than half of the lower side: the radius, or a side, is misread.", Figures.Mm(corner.Value),
                    $"{Figures.Mm(most)} or less",
                "Plane geometry.", fits ? [] : [new Remedy.Measure($"Measure {s.Place["corner"].Name} again", s.Place.Id, "corner")]);
        }
    }

    private static Profile Outline(Sizes s, string side, double width, double height) => s.Place.Kind.Key switch
    {
        "oval" => new(Round(Math.Max(width, height) / 2).Select(a => new Point2(width / 2 * Math.Cos(a), height / 2 * Math.Sin(a)))),
        "d-opening" => D(width, height),
        "trapezoid" => Slanted(width, s.Or($"{side}Top", 0.7 * width), height),
        _ => Outlines.RoundedRectangle(width, height, Math.Min(s.Or("corner", 0), Math.Min(width, height) / 2), Facets.DefaultChordError),
    };

    private static IEnumerable<double> Round(double radius)
    {
        var count = Facets.Count(radius, Facets.DefaultChordError);
        return Enumerable.Range(0, count).Select(i => 2 * Math.PI * i / count);
    }

    /// <summary>A half round of the whole width above straight sides; lower than that, half an ellipse alone.</summary>
    private static Profile D(double width, double height)
    {
        var (r, low) = (width / 2, -height / 2);
        var rise = Math.Min(r, height);
        var spring = low + (height - rise);
        var count = Facets.Count(r, Facets.DefaultChordError) / 2;
        var arc = Enumerable.Range(0, count + 1).Select(i => Math.PI * i / count).Select(a => new Point2(r * Math.Cos(a), spring + (rise * Math.Sin(a))));
        return new(height > r + 1e-6 ? [new(-r, low), new(r, low), .. arc] : arc);
    }

    private static Profile Slanted(double below, double above, double height) =>
        new(new(-below / 2, -height / 2), new(below / 2, -height / 2), new(above / 2, height / 2), new(-above / 2, height / 2));

    private static SeatDrawing Draw(Sizes s)
    {
        var w = s.Or("outside", s.Or("inside", 76) + 4);
        var h = s.Or("outsideDepth", s.Or("insideDepth", 46) + 4);
        var (iw, ih) = (Math.Min(s.Or("inside", w * 0.95), w * 0.98), Math.Min(s.Or("insideDepth", h * 0.92), h * 0.98));
        var along = Math.Max(w, Math.Max(s.Place.Kind == Trapezoid ? s.Or("outsideTop", 0.7 * w) : 0, w));
        var length = s.Or("depth", w / 2);
        var drawing = new Draw(s).Solid(Outline(s, "outside", w, h).Points).Opening(Outline(s, "inside", iw, ih).Points)
            .Box(along, ih / 2, along + length, h / 2).Box(along, -h / 2, along + length, -ih / 2)
            .Up("outsideDepth", -w / 2, -h / 2, h / 2).Up("insideDepth", -iw / 2, -ih / 2, ih / 2, row: 2)
            .Along("outside", -w / 2, w / 2, -h / 2, 2).Along("inside", -iw / 2, iw / 2, -ih / 2)
            .Along("depth", along, along + length, -h / 2).At("wall", along + (length / 2), (h + ih) / 4, about: (h - ih) / 2);
        if (s.Place.Kind == Trapezoid)
        {
            var (top, inner) = (s.Or("outsideTop", 0.7 * w), s.Or("insideTop", 0.7 * iw));
            drawing = drawing.Along("outsideTop", -top / 2, top / 2, h / 2, 3).Along("insideTop", -inner / 2, inner / 2, ih / 2, 4);
        }

        return (s.Place.Kind == Kind ? drawing.At("corner", iw / 2, ih / 2) : drawing).Done;
    }
}
