namespace Emboq.Core.Measuring.Kinds;

internal static class FlatKind
{
    public static InterfaceKind Kind { get; } = new("flat", "flat with edges",
    [
        new("thickness", "thickness", "Jaws over the edge, clear of burr and veneer.", Access.Outside),
        new("width", "width", "Across, from edge to edge.", Access.Length),
        new("length", "length", "Along, from edge to edge.", Access.Length, Need.Helps),
        new("edge", "edge radius", "Radius gauge over the edge; left unread, it is sharp.", Access.Radius, Need.Helps),
        new("overhang", "free overhang", "How far the edge stands free of what carries it.", Access.Depth, Need.Helps),
    ])
    {
        Figures = (s, ledger) =>
        {
            if (s["width"] is { } w)
            {
                ledger.Add("middle", "edge to middle", w / 2, "Half of the width: where a centre mark goes.");
            }
        },
        Shape = s => s["thickness"] is { } t && s["width"] is { } w ? new Solid.Box(w.Value, s.Or("length", w.Value), t.Value) : null,
        Drawing = Draw,
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var w = s.Or("width", 300);
        var t = s.Or("thickness", w / 16);
        var shown = Math.Min(w, 8 * t);
        var over = Math.Min(s.Or("overhang", shown / 4), shown / 2);
        return new Draw(s).Box(0, 0, shown, t).Box(over, -1.5 * t, shown, -0.05 * t)
            .Axis(shown / 2, -0.3 * t, shown / 2, 1.3 * t)
            .Up("thickness", 0, 0, t).Along("width", 0, shown, 0, 2).Along("overhang", 0, over, 0).At("edge", 0, t).At("length", shown * 0.75, t / 2).Done;
    }
}
