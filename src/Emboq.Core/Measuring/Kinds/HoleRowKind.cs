namespace Emboq.Core.Measuring.Kinds;

internal static class HoleRowKind
{
    public static InterfaceKind Kind { get; } = new("hole-row", "row of holes, from one another",
    [
        new("diameter", "hole diameter", "Jaws inside one of them, or the largest drill that slips in.", Access.Inside),
        new("overall", "first to last, outer", "Over the far sides of the first and the last hole.", Access.Length, Need.Helps),
    ])
    {
        Item = new("gap", "gap",
        [
            new("centre", "centre to centre", "With pins in both holes; or read inner and outer.", Access.Length),
            new("inner", "inner", "Jaws between the near sides of two neighbours.", Access.Outside, Need.Helps),
            new("outer", "outer", "Jaws over the far sides of the same two.", Access.Inside, Need.Helps),
        ], 1)
        {
            Methods = [Kinds.Methods.InnerAndOuter("centre", "inner", "outer")],
        },
        Rules = s => Sum(s) is { } sum && s["diameter"] is { } d
            ? Kinds.Rules.Equal(s, "sum of gaps against overall", s["overall"], sum + d,
                "The gaps add up to another length than was measured over all: one of them is misread.", "overall")
            : [],
        Figures = (s, ledger) =>
        {
            if (Sum(s) is { } sum)
            {
                ledger.Add("span", "first to last", sum, "Between the middles of the outermost holes.");
                ledger.Add("middle", "first to the middle of the row", sum / 2, "Half of it: where a centre mark goes.");
            }
        },
        Shape = s => Sum(s) is not null && s["diameter"] is { } d ? Plates.With([.. Positions(s).Select(x => (new Point2(x, 0), d.Value))], 4) : null,
        Drawing = Draw,
        Likenesses = [new("hole-spacings", new Dictionary<string, string> { ["gap1.centre"] = "spacing" }),
            new("clearance-holes", new Dictionary<string, string> { ["diameter"] = "diameter" })],
    };

    private static Quantity? Sum(Sizes s)
    {
        var gaps = Enumerable.Range(0, s.Count).Select(i => s[i, "centre"]).ToList();
        return gaps.Count == 0 || gaps.Any(g => g is null) ? null : gaps.Aggregate((a, b) => a! + b!);
    }

    /// <summary>Middles of all holes from the first, mm; what is not read stands at a usual distance.</summary>
    public static List<double> Positions(Sizes s)
    {
        List<double> at = [0];
        for (int i = 0; i < s.Count; i++)
        {
            at.Add(at[^1] + s.Or(i, "centre", 64));
        }

        return at;
    }

    private static SeatDrawing Draw(Sizes s)
    {
        var d = s.Or("diameter", 5);
        var at = Positions(s);
        var high = Math.Max(3 * d, at[^1] / 6);
        var drawing = new Draw(s).Box(-high / 2, -high / 2, at[^1] + (high / 2), high / 2).Axis(-high, 0, at[^1] + high, 0);
        foreach (var x in at)
        {
            drawing.Hole(x, 0, d);
        }

        for (int i = 0; i < Math.Min(s.Count, 2); i++)
        {
            string Key(string dimension) => s.Place.Kind.Item!.KeyOf(i, dimension);
            drawing.Along(Key("centre"), at[i], at[i + 1], 0);
            if (i == 0)
            {
                drawing.Along(Key("inner"), at[0] + (d / 2), at[1] - (d / 2), 0, 2).Along(Key("outer"), at[0] - (d / 2), at[1] + (d / 2), 0, 3);
            }
        }

        return drawing.At("diameter", at[0], 0).At("overall", at[^1], high / 2).Done;
    }
}
