namespace Emboq.Core.Measuring.Kinds;

internal static class BoardKind
{
    public static InterfaceKind Kind { get; } = new("board", "board or rail",
    [
        new("length", "length", "Tape along it, from end to end.", Access.Length),
        new("width", "width", "Jaws across it.", Access.Outside),
        new("thickness", "thickness", "Jaws over it, clear of burr and veneer.", Access.Outside),
        new("mass", "mass", "On the scale, with all that is on it.", Access.Mass, Need.Helps),
        new("balance", "balance point", "From the end that will be held to where it balances on an edge; left unread, the middle.", Access.Length, Need.Helps),
    ])
    {
        Shape = s => s["length"] is { } l && s["width"] is { } w && s["thickness"] is { } t ? new Solid.Box(l.Value, w.Value, t.Value) : null,
        Drawing = Draw,
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var (t, w) = (s.Or("thickness", 30), s.Or("width", 45));
        var shown = Math.Min(s.Or("length", 900), 10 * t);
        var (aside, balance) = (shown + (0.6 * w), shown * Math.Clamp(s.Or("balance", 1) / s.Or("length", 2), 0.1, 0.9));
        return new Draw(s).Box(0, 0, shown, t).Solid(new(balance - (0.3 * t), -0.6 * t), new(balance + (0.3 * t), -0.6 * t), new(balance, 0))
            .Box(aside, 0, aside + w, t).Axis(balance, -0.7 * t, balance, 1.2 * t)
            .Along("balance", 0, balance, -0.6 * t).Along("length", 0, shown, -0.6 * t, 2).Along("width", aside, aside + w, 0)
            .Up("thickness", aside + w, 0, t, CalloutSide.Right).At("mass", shown * 0.8, t / 2, about: s.Or("mass", 900)).Done;
    }
}
