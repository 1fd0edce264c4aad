namespace Emboq.Core.Measuring.Kinds;

/// <summary>The bar of a clamp, or what else is hung by its lips.</summary>
internal static class LippedKind
{
    public static InterfaceKind Kind { get; } = new("lipped", "bar with lips",
    [
        new("lip", "over both lips", "Jaws across, from the end of one lip to that of the other.", Access.Outside),
        new("lipHigh", "lip, thickness", "Jaws over one lip, where it is thickest.", Access.Outside),
        new("web", "web", "Jaws over what stands between the lips.", Access.Outside),
        new("wide", "widest place", "Jaws across the widest of the whole thing: how near two can hang.", Access.Length),
        new("long", "length", "Tape from end to end.", Access.Length, Need.Helps),
        new("mass", "mass", "On the scale, all of it.", Access.Mass, Need.Helps),
        new("balance", "balance point", "From the end that goes in to where it balances on an edge; left unread, the middle.", Access.Length, Need.Helps),
    ])
    {
        Rules = s => [.. Kinds.Rules.Less(s, "web", "lip", "Lips reach out beside the web."), .. Kinds.Rules.Less(s, "balance", "long",
            "It balances within its length.")],
        Shape = s => s["lip"] is { } lip && s["lipHigh"] is { } high && s["web"] is { } web
            ? new Solid.Extruded(Section(lip.Value, high.Value, web.Value), s.Or("long", 200)) : null,
        Drawing = Draw,
    };

    /// <summary>Its section about the middle of its upper face: lips above, the web below them.</summary>
    private static Profile Section(double lip, double high, double web) => new(new(-web / 2, -high - (lip / 2)), new(web / 2, -high - (lip / 2)),
        new(web / 2, -high), new(lip / 2, -high), new(lip / 2, 0), new(-lip / 2, 0), new(-lip / 2, -high), new(-web / 2, -high));

    private static SeatDrawing Draw(Sizes s)
    {
        var (lip, high, web) = (s.Or("lip", 24), s.Or("lipHigh", 5), s.Or("web", 9));
        var (wide, aside, shown) = (s.Or("wide", 3 * lip), 1.4 * lip, 4 * lip);
        var balance = aside + Math.Clamp(shown * s.Or("balance", 1) / s.Or("long", 2), 0.1 * shown, 0.9 * shown);
        return new Draw(s).Solid(Section(lip, high, web).Points).Box(aside, -high - (lip / 2), aside + shown, 0)
            .Box(aside + shown, -wide / 2, aside + (1.15 * shown), wide / 2)
            .Along("lip", -lip / 2, lip / 2, 0).Up("lipHigh", -lip / 2, -high, 0).Along("web", -web / 2, web / 2, -high - (lip / 2), 2)
            .Up("wide", aside + (1.15 * shown), -wide / 2, wide / 2, CalloutSide.Right).Along("long", aside, aside + (1.15 * shown), -high - (lip / 2), 3)
            .Along("balance", aside, balance, -high - (lip / 2)).At("mass", aside + (0.6 * shown), -high, about: s.Or("mass", 900)).Done;
    }
}
