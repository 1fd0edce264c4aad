namespace Emboq.Core.Measuring.Kinds;

internal static class TurnedKind
{
    public static InterfaceKind Kind { get; } = new("turned", "turned profile",
    [
        new("overall", "overall length", "From end to end.", Access.Length, Need.Helps),
        new("mass", "mass", "On the scale.", Access.Mass, Need.Helps),
        new("balance", "where it balances", "Lay it across an edge until it stays level; from the first face to the edge.", Access.Length, Need.Helps),
    ])
    {
        Item = new("step", "step",
        [
            new("length", "length", "Along the axis, from the last shoulder to the next.", Access.Length),
            new("first", "diameter where it begins", "Jaws across, just past the shoulder.", Access.Outside),
            new("last", "diameter where it ends", "Jaws across, just before the next shoulder; left unread, it is straight.", Access.Outside, Need.Helps),
            new("corner", "corner radius", "Radius gauge at its end; left unread, it is sharp.", Access.Radius, Need.Helps),
        ], 3),
        Rules = s => Sum(s) is { } sum ? Kinds.Rules.Equal(s, "sum of steps against overall length", s["overall"], sum,
            "The steps add up to another length than was measured over all: one of them is misread or missing.", "overall") : [],
        Figures = Reckon,
        Shape = s => Sum(s) is null || Enumerable.Range(0, s.Count).Any(i => s[i, "first"] is null) ? null
            : new Solid.Revolved(new([new(0, 0), .. Half(s).Select(p => new Point2(p.Y, p.X)), new(0, Half(s)[^1].X)])),
        Drawing = Draw,
    };

    private static Quantity? Sum(Sizes s)
    {
        var lengths = Enumerable.Range(0, s.Count).Select(i => s[i, "length"]).ToList();
        return lengths.Count == 0 || lengths.Any(l => l is null) ? null : lengths.Aggregate((a, b) => a! + b!);
    }

    private static Quantity? Last(Sizes s, int item) => s[item, "last"] ?? s[item, "first"];

    /// <summary>The upper half of the outline, from left to right; x along the axis.</summary>
    internal static List<Point2> Half(Sizes s)
    {
        var points = new List<Point2>();
        double x = 0;
        for (int i = 0; i < s.Count; i++)
        {
            var (length, first) = (s.Or(i, "length", 20), s.Or(i, "first", 20 + (6 * (i % 2))));
            var last = s.Or(i, "last", first);
            var corner = Math.Min(s.Or(i, "corner", 0), Math.Min(length, last) * 0.45);
            points.Add(new(x, first / 2));
            if (corner > 0.1)
            {
                // A rounding at the end of the step, in a few straight pieces.
                points.AddRange(Enumerable.Range(0, 7).Select(k => k * Math.PI / 12).Select(a =>
                    new Point2(x + length - corner + (corner * Math.Sin(a)), (last / 2) - corner + (corner * Math.Cos(a)))));
            }
            else
            {
                points.Add(new(x + length, last / 2));
            }

            x += length;
        }

        return [.. points.Where((p, i) => i == 0 || Math.Abs(p.X - points[i - 1].X) + Math.Abs(p.Y - points[i - 1].Y) > 1e-6)];
    }

    private static void Reckon(Sizes s, Ledger ledger)
    {
        if (Sum(s) is not { } sum || Enumerable.Range(0, s.Count).Any(i => s[i, "first"] is null))
        {
            return;
        }

        ledger.Add("length", "sum of steps", sum, "All steps one after another.");
        Quantity? volume = null, moment = null, along = null;
        for (int i = 0; i < s.Count; i++)
        {
            var (length, a, b) = (s[i, "length"]!, s[i, "first"]!, Last(s, i)!);
            // A frustum: its volume, and where its own centre lies from its first face.
            var piece = Math.PI / 12 * length * (Quantity.Square(a) + (a * b) + Quantity.Square(b));
            var centre = length / 4 * ((Quantity.Square(a) + (2 * (a * b)) + (3 * Quantity.Square(b))) / (Quantity.Square(a) + (a * b) + Quantity.Square(b)));
            var arm = along is null ? centre : along + centre;
            moment = moment is null ? piece * arm : moment + (piece * arm);
            volume = volume is null ? piece : volume + piece;
            along = along is null ? length : along + length;
        }

        var whole = ledger.Add("volume", "volume", volume!, "Frustum by frustum; roundings are left out.");
        ledger.Add("balance", "centre of gravity from the first face", moment! / whole,
            "Where it balances when it is of one material; finger room goes to its heavy end.");
        foreach (var (name, density) in Densities.Usual)
        {
            ledger.Add($"mass {name}", $"weight in {name}", whole * Quantity.RuleOfThumb($"density of {name}", density / 1000, Unit.Density,
                "Usual density; woods differ by a fifth."), "Volume times density.");
        }

        if (s["mass"] is { } mass)
        {
            ledger.Add("density", "density by the scale", mass / whole, "What it weighs over its volume: tells the material, or a hollow.");
        }
    }

    private static SeatDrawing Draw(Sizes s)
    {
        if (s.Count == 0)
        {
            return new Draw(s).Box(0, -10, 60, 10).Axis(-5, 0, 65, 0).Along("overall", 0, 60, -10).At("mass", 30, 5).At("balance", 40, 0).Done;
        }

        var half = Half(s);
        var length = half[^1].X;
        var drawing = new Draw(s).Solid([.. half, .. Enumerable.Reverse(half).Select(p => p with { Y = -p.Y })]).Axis(-0.05 * length, 0, 1.05 * length, 0);
        double x = 0;
        for (int i = 0; i < s.Count; i++)
        {
            string Key(string dimension) => s.Place.Kind.Item!.KeyOf(i, dimension);
            var (step, first) = (s.Or(i, "length", 20), s.Or(i, "first", 20 + (6 * (i % 2))));
            // Under a narrow drawing three labels stand side by side; the rest are chosen in the list.
            if (s.Count <= 3)
            {
                drawing.Along(Key("length"), x, x + step, -first / 2);
            }

            if (i == 0)
            {
                drawing.Up(Key("first"), 0, -first / 2, first / 2);
            }
            else if (i == s.Count - 1)
            {
                drawing.Up(Key("first"), x, -first / 2, first / 2, CalloutSide.Right);
            }

            x += step;
        }

        return drawing.At("overall", length / 2, half.Max(p => p.Y)).At("mass", length / 4, 0).At("balance", length / 2, 0).Done;
    }
}
