namespace Emboq.Core.Measuring.Kinds;

internal static class BlockKind
{
    public static InterfaceKind Kind { get; } = new("block", "block or box",
    [
        new("width", "width", "Jaws across, at both ends.", Access.Outside),
        new("depth", "depth", "Jaws across, from front to back.", Access.Outside),
        new("height", "height", "Jaws or rod, from the table up.", Access.Outside),
        new("corner", "corner radius", "Radius gauge on an upright edge; left unread, edges are sharp.", Access.Radius, Need.Helps),
        new("draft", "draft", "Protractor between a side and the upright: moulded things taper.", Access.Angle, Need.Helps),
        new("topWidth", "width at the top", "The same width at the top edge.", Access.Outside, Need.Helps),
        new("mass", "mass", "On the scale, as it will be held.", Access.Mass, Need.Helps),
    ])
    {
        Methods = [new("width below and at the top", "draft", ["width", "topWidth", "height"], q =>
            Quantity.Atan((q[0] - q[1]) / (2 * q[2])), "Plane geometry")],
        Figures = (s, ledger) =>
        {
            if (s["width"] is { } w && s["depth"] is { } d)
            {
                ledger.Add("diagonal", "diagonal of the base", Quantity.Sqrt(Quantity.Square(w) + Quantity.Square(d)),
                    "What must pass when it is turned in its pocket.");
            }
        },
        Shape = Shape,
        Drawing = Draw,
    };

    private static Solid? Shape(Sizes s)
    {
        if (s["width"] is not { } w || s["depth"] is not { } d || s["height"] is not { } h)
        {
            return null;
        }

        var inset = 2 * h.Value * Math.Tan(Math.Clamp(s.Or("draft", 0), 0, 60) * Math.PI / 180);
        Profile Face(double less) => Outlines.RoundedRectangle(w.Value - less, d.Value - less, s.Or("corner", 0), Facets.DefaultChordError);
        return inset < 0.01 ? new Solid.Extruded(Face(0), h.Value)
            : inset < Math.Min(w.Value, d.Value) * 0.95 ? new Solid.Lofted(Outlines.Matched(Face(0), Face(inset)).Zip([0, h.Value], (face, height) =>
                new Solid.Section(face, height)))
            : null;
    }

    private static SeatDrawing Draw(Sizes s)
    {
        var (w, d) = (s.Or("width", 80), s.Or("depth", s.Or("width", 80) * 0.6));
        var h = s.Or("height", w * 0.5);
        var slant = Math.Min(h * Math.Tan(Math.Clamp(s.Or("draft", 0), 0, 45) * Math.PI / 180), w * 0.4);
        var top = h + (0.25 * w);
        var plan = Outlines.RoundedRectangle(w, d, Math.Min(s.Or("corner", 0), d / 2), 0.05).Points.Select(p => new Point2(p.X, p.Y + top + (d / 2))).ToList();
        return new Draw(s).Solid(new(-w / 2, 0), new(w / 2, 0), new((w / 2) - slant, h), new(-(w / 2) + slant, h)).Solid(plan)
            .Along("width", -w / 2, w / 2, 0).Up("height", -w / 2, 0, h).Up("depth", w / 2, top, top + d, CalloutSide.Right, 2)
            .At("corner", w / 2, top + d).At("topWidth", 0, h, about: w - (2 * slant)).At("draft", (w / 2) - (slant / 2), h / 2, CalloutSide.Right).At("mass",
                -w / 5, h / 2, CalloutSide.Left).Done;
    }
}
