namespace Emboq.Core.Measuring.Kinds;

internal static class HoseKind
{
    /// <summary>How much of its diameter a soft hose is unsure of when nobody has pressed it.</summary>
    private const double UsualGive = 0.02;

    private const string Soft = "soft/";

    /// <summary>The source that stands for how far a hose gives, behind one of its diameters; <c>null</c> for what does not give.</summary>
    public static Source? Softness(Quantity diameter) => diameter.Shares.Select(s => s.Source).FirstOrDefault(s =>
        s.Id.StartsWith(Soft, StringComparison.Ordinal));

    public static InterfaceKind Kind { get; } = new("hose", "soft hose",
    [
        new("inside", "inside diameter", "A plug or jaws inside, without stretching it.", Access.Inside),
        new("outside", "outside diameter", "Jaws just touching; or use the tape.", Access.Outside, Need.Helps),
        new("around", "length around", "Tape once around, touching and not pulling.", Access.Around, Need.Helps),
        new("wall", "wall", "Jaws over the cut end.", Access.Outside, Need.Helps),
        new("give", "give", "How much wider it is when stretched by hand than at rest.", Access.Length, Need.Helps),
        new("depth", "straight length", "From the end to the first bend that matters.", Access.Depth, Need.Helps),
    ])
    {
        Methods =
        [
            Kinds.Methods.Around("outside", "around"),
            new("around less two walls", "inside", ["around", "wall"], q => (q[0] / Math.PI) - (2 * q[1]), "Plane geometry"),
            new("outside less two walls", "inside", ["outside", "wall"], q => q[0] - (2 * q[1]), "Plane geometry"),
        ],
        Rules = s => Kinds.Rules.Less(s, "inside", "outside", "A bore is narrower than what it is in."),
        // At rest or stretched: anywhere between, so a rectangle whose middle lies half of the give wider than at rest (JCGM 100, 4.3.7).
        OwnDoubt = (s, key, measured) => key is not ("inside" or "outside") ? null : s["give"] is { } give
            ? new(new($"{Soft}{s.Place.Id}", $"give of {s.Place.Name}", Math.Abs(give.Value) / Math.Sqrt(12)), Math.Abs(give.Value) / 2)
            : new(new($"{Soft}{s.Place.Id}/{key}", $"softness of {s.Place.Name}, 2 % unless its give is read", UsualGive * measured.Value / Math.Sqrt(12)), 0),
        Shape = s => s["inside"] is { } inside
            ? new Solid.Cylinder(s.Or("outside", inside.Value + 6) / 2, s.Or("depth", 60)) - new Solid.Cylinder(inside.Value / 2,
                s.Or("depth", 60) + 2).At(0, 0, -1)
            : null,
        Drawing = Draw,
        Likenesses = [new("hoses-pipes", new Dictionary<string, string> { ["inside"] = "inside" })],
    };

    private static SeatDrawing Draw(Sizes s)
    {
        var inside = s.Or("inside", s.Or("outside", 46) * 0.87);
        var outside = Math.Max(s.Or("outside", inside * 1.15), inside * 1.02);
        var length = s.Or("depth", outside * 1.2);
        // Ribs along the wall tell a hose from a pipe.
        var pitch = length / 6;
        var drawing = new Draw(s).Axis(-0.15 * length, 0, 1.15 * length, 0);
        for (int i = 0; i < 6; i++)
        {
            var (from, to) = (i * pitch, (i + 1) * pitch);
            drawing.Solid(new(from, inside / 2), new(to, inside / 2), new(to, outside * 0.48), new((from + to) / 2, outside / 2), new(from, outside * 0.48));
            drawing.Solid(new(from, -inside / 2), new(from, -outside * 0.48), new((from + to) / 2, -outside / 2),
                new(to, -outside * 0.48), new(to, -inside / 2));
        }

        return drawing.Up("outside", 0, -outside / 2, outside / 2).Up("around", 0, -outside / 2, outside / 2, row: 2)
            .Up("inside", length, -inside / 2, inside / 2, CalloutSide.Right).At("wall", pitch / 2, (inside + outside) / 4,
                about: (outside - inside) / 2).At("give", 4.5 * pitch, outside / 2)
            .Along("depth", 0, length, -outside / 2).Done;
    }
}
