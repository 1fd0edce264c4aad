namespace Emboq.Core.Measuring.Kinds;

internal static class MassKind
{
    private static readonly Quantity Gravity = Quantity.Input("weight of a gram", 9.80665e-3, new Unit(Gram: -1, Newton: 1),
        new Provenance.Standard("ISO 80000-4", "standard acceleration of free fall"));

    public static InterfaceKind Kind { get; } = new("mass", "mass and balance",
    [
        new("mass", "mass", "On the scale, with everything on it that will be carried.", Access.Mass),
        new("arm", "balance point", "From the place that holds it to where it balances on an edge.", Access.Length, Need.Helps),
        new("far", "far end on the scale", "What the scale shows under the far end while the near end rests on an edge.", Access.Mass, Need.Helps),
        new("span", "edge to far end", "Between that edge and the scale.", Access.Length, Need.Helps),
    ])
    {
        Methods = [new("far end on a scale", "arm", ["far", "span", "mass"], q => q[0] * q[1] / q[2], "Equilibrium of moments")],
        Figures = (s, ledger) =>
        {
            if (s["mass"] is { } mass && s["arm"] is { } arm)
            {
                ledger.Add("moment", "moment at the place that holds it", mass * Gravity * arm, "What a holder must carry at its root, level and at rest.");
            }
        },
        Drawing = s =>
        {
            var arm = s.Or("arm", 60);
            return new Draw(s).Box(0, 0, 2 * arm, 0.4 * arm).Solid(new(-0.15 * arm, -0.3 * arm), new(0.15 * arm, -0.3 * arm), new(0, 0)).Box(1.7 * arm,
                -0.3 * arm, 2 * arm, -0.1 * arm)
                .Axis(arm, -0.2 * arm, arm, 0.6 * arm)
                .Along("arm", 0, arm, 0).Along("span", 0, 1.85 * arm, 0, 2).At("mass", arm, 0.2 * arm, about: s.Or("mass", 480)).At("far", 1.85 * arm,
                    -0.2 * arm, about: s.Or("mass", 480) / 1.85).Done;
        },
    };
}
