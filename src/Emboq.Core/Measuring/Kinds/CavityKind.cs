namespace Emboq.Core.Measuring.Kinds;

internal static class CavityKind
{
    public static InterfaceKind Kind { get; } = new("cavity", "drawer or case inside",
    [
        new("width", "clear width", "Inside, between the narrowest places: fold-ins and screw heads count.", Access.Inside),
        new("depth", "clear depth", "Inside, from the back to the front.", Access.Inside),
        new("height", "clear height", "From the floor to what closes over it.", Access.Depth),
        new("lip", "front lip", "How far the front lip reaches in or down; nothing when there is none.", Access.Depth, Need.Helps),
        new("outerWidth", "width over all", "Across the outside.", Access.Length, Need.Helps),
    ])
    {
        Item = new("obstruction", "obstruction",
        [
            new("x", "from the left", "From the left wall to its near side.", Access.Position),
            new("y", "from the front", "From the front to its near side.", Access.Position),
            new("z", "from the floor", "From the floor to its underside.", Access.Position),
            new("width", "wide", "How wide it is.", Access.Length),
            new("depth", "deep", "How deep it is.", Access.Length),
            new("height", "high", "How high it is.", Access.Length),
        ], 0),
        Rules = s => [.. Kinds.Rules.Less(s, "width", "outerWidth", "It is wider outside than inside."),
            .. Kinds.Rules.Less(s, "lip", "height", "The lip leaves an opening."),
            .. Enumerable.Range(0, s.Count).SelectMany(i => Within(s, i))],
        Figures = (s, ledger) =>
        {
            if (s["height"] is { } h && s["lip"] is { } lip)
            {
                ledger.Add("opening", "clear height under the lip", h - lip, "What must pass when a thing is put in from the front.");
            }
        },
        Shape = Shape,
        Drawing = Draw,
    };

    private static IEnumerable<Check> Within(Sizes s, int item) => s[item, "x"] is { } x && s[item, "width"] is { } w && s["width"] is { } all
        && x.Value + w.Value > all.Value
        ? Kinds.Rules.Equal(s, $"{s.Place.Items[item]} within the width", x + w, all, "It would reach through the wall: one of its sizes is misread.",
            s.Place.Kind.Item!.KeyOf(item, "x"), s.Place.Kind.Item.KeyOf(item, "width"))
        : [];

    private static Solid? Shape(Sizes s)
    {
        if (s["width"] is not { } w || s["depth"] is not { } d || s["height"] is not { } h)
        {
            return null;
        }

        const double Wall = 2;
        // The front is left open, so that one can look in.
        Solid body = new Solid.Box(w.Value + (2 * Wall), d.Value + Wall, h.Value + Wall).At(-Wall, 0, -Wall) - new Solid.Box(w.Value, d.Value + 1,
            h.Value + 1).At(0, -1, 0);
        for (int i = 0; i < s.Count; i++)
        {
            if (s[i, "width"] is { } ow && s[i, "depth"] is { } od && s[i, "height"] is { } oh)
            {
                body += new Solid.Box(ow.Value, od.Value, oh.Value).At(s.Or(i, "x", 0), s.Or(i, "y", 0), s.Or(i, "z", 0));
            }
        }

        return body;
    }

    private static SeatDrawing Draw(Sizes s)
    {
        var (w, d) = (s.Or("width", 320), s.Or("depth", s.Or("width", 320)));
        var h = s.Or("height", w * 0.3);
        var wall = w * 0.03;
        var lip = Math.Min(s.Or("lip", 0), h * 0.9);
        // The plan to the left, the section from front to back beside it.
        var (left, at) = (-w - (2 * wall), w * 0.2);
        var drawing = new Draw(s).Box(left, 0, left + w + (2 * wall), d + wall).Gap(left + wall, 0, left + wall + w, d)
            .Solid(new(at, 0), new(at + d + wall, 0), new(at + d + wall, h + wall), new(at + d, h + wall), new(at + d, wall), new(at, wall));
        if (lip > 0)
        {
            drawing.Box(at, h + wall - lip, at + wall, h + wall);
        }

        for (int i = 0; i < s.Count; i++)
        {
            var (x, y, z) = (s.Or(i, "x", 0), s.Or(i, "y", 0), s.Or(i, "z", 0));
            var (ow, od, oh) = (s.Or(i, "width", w / 10), s.Or(i, "depth", d / 10), s.Or(i, "height", h / 5));
            drawing.Box(left + wall + x, y, left + wall + x + ow, y + od).Box(at + y, wall + z, at + y + od, wall + z + oh);
        }

        return drawing.Along("width", left + wall, left + wall + w, 0).Along("outerWidth", left, left + w + (2 * wall), 0, 2)
            .Along("depth", at, at + d, 0).Up("height", at + d, wall, h + wall, CalloutSide.Right).At("lip", at + (wall / 2), h + wall - (lip / 2)).Done;
    }
}
