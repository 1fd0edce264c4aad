namespace Emboq.Core.Measuring.Kinds;

internal static class DuctKind
{
    public static InterfaceKind Kind { get; } = new("duct", "rectangular or odd opening",
    [
        new("inside", "inside width", "Jaws inside, across the width.", Access.Inside),
        new("insideDepth", "inside height", "Jaws inside, across the height.", Access.Inside),
        new("outside", "outside width", "Jaws across the width."),
        new("outsideDepth", "outside height", "Jaws across the height."),
        new("corner", "corner radius", "Radius gauge in a corner of the side that counts; left unread, corners are sharp.", Access.Radius, Need.Helps),
        new("depth", "straight length", "Depth rod from the rim to the first step or bend.", Access.Depth),
        new("wall", "sheet", "Jaws over the rim, beside any fold: a folded rim is twice as thick.", Access.Outside, Need.Helps),
    ])
    {
        Methods =
        [
            .. from side in new[] { "", "Depth" }
               from both in new Method[]
               {
                   new("outside less two sheets", $"inside{side}", [$"outside{side}", "wall"], q => q[0] - (2 * q[1]), "Plane geometry"),
                   new("inside and two sheets", $"outside{side}", [$"inside{side}", "wall"], q => q[0] + (2 * q[1]), "Plane geometry"),
               }
               select both,
        ],
        Rules = s => [.. Kinds.Rules.Less(s, "inside", "outside", "A mouth is narrower than what it is in."),
            .. Kinds.Rules.Less(s, "insideDepth", "outsideDepth", "A mouth is lower than what it is in.")],
        Shape = s => s["outside"] is { } w && s["outsideDepth"] is { } h && s["inside"] is { } iw && s["insideDepth"] is { } ih
            && iw.Value < w.Value && ih.Value < h.Value
            ? Prism(w.Value, h.Value, s.Or("corner", 0), s.Or("depth", 30), 0) - Prism(iw.Value, ih.Value, s.Or("corner", 0), s.Or("depth", 30) + 2, -1)
            : null,
        Drawing = Draw,
    };

    private static Solid Prism(double width, double height, double corner, double length, double from) =>
        new Solid.Extruded(Outlines.RoundedRectangle(width, height, corner, Facets.DefaultChordError), length).At(0, 0, from);

    private static SeatDrawing Draw(Sizes s)
    {
        var w = s.Or("outside", s.Or("inside", 76) + 4);
        var h = s.Or("outsideDepth", s.Or("insideDepth", 46) + 4);
        var (iw, ih) = (Math.Min(s.Or("inside", w * 0.95), w * 0.98), Math.Min(s.Or("insideDepth", h * 0.92), h * 0.98));
        var corner = Math.Min(s.Or("corner", 0), Math.Min(iw, ih) / 2);
        IReadOnlyList<Point2> Face(double width, double height) => Outlines.RoundedRectangle(width, height, corner, 0.05).Points;
        var along = w;
        var length = s.Or("depth", w / 2);
        return new Draw(s).Solid(Face(w, h)).Opening(Face(iw, ih))
            .Box(along, ih / 2, along + length, h / 2).Box(along, -h / 2, along + length, -ih / 2)
            .Up("outsideDepth", -w / 2, -h / 2, h / 2).Up("insideDepth", -iw / 2, -ih / 2, ih / 2, row: 2)
            .Along("outside", -w / 2, w / 2, -h / 2, 2).Along("inside", -iw / 2, iw / 2, -ih / 2)
            .Along("depth", along, along + length, -h / 2).At("corner", iw / 2, ih / 2).At("wall", along + (length / 2), (h + ih) / 4,
                about: (h - ih) / 2).Done;
    }
}
