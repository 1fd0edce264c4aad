using System.Runtime.CompilerServices;

namespace Emboq.Core.Measuring.Kinds;

/// <summary>A handle or a housing without a straight edge: its sections come from a scan, their scale from a caliper.</summary>
internal static class GripKind
{
    public static InterfaceKind Kind { get; } = new("grip", "handle or housing, from a scan",
    [
        new("breadth", "greatest breadth", "Jaws across its broadest place, as it lies in the scan, seen from above: this settles the scale.", Access.Outside),
        new("height", "greatest height", "As it lies in the scan: from what it lies on to its highest place.", Access.Depth),
        new("length", "length", "Tape from end to end of what was scanned.", Access.Length, Need.Helps),
        new("mass", "mass", "On the scale, all of it.", Access.Mass, Need.Helps),
        new("balance", "balance point", "From the left end of the scan to where it balances on an edge.", Access.Length, Need.Helps),
        new("tip", "tip or blade, height", "As it lies in the scan: from what it lies on up to the tip, the blade or the middle of the nozzle.",
            Access.Position,
            Need.Helps),
    ])
    {
        Item = new("keep", "button or vent",
        [
            new("at", "place along it", "From the left end of the scan to its middle.", Access.Length),
            new("long", "length along it", "Of the button or vent, along the handle.", Access.Length),
            new("across", "width around it", "Of the button or vent, the other way.", Access.Length),
            new("around", "place around it", "The angle from straight up, towards the far side of the handle as it is seen from in front.", Access.Angle),
        ], 0),
        IsTraced = true,
        IsScanned = true,
        Rules = s => Body(s) is { } body && s["height"] is { } height && s.Place.Outline is { } drawn
            ? [.. Kinds.Rules.Equal(s, "height as scanned", height, Scaled(s, body.Heights.High) + Beside(s.Place, drawn), Apart, "height", "breadth"),
                .. Kinds.Rules.Equal(s, "length as scanned", s["length"], Scaled(s, drawn.Across * Scale(s, drawn)) + Beside(s.Place, drawn), Apart, "length",
                    "breadth")]
            : [],
        Figures = (s, ledger) =>
        {
            if (s.Place.Outline is { Sections: not null } drawn && s["breadth"] is { } breadth)
            {
                ledger.Add("scale", "scale of the scan", breadth / Quantity.Input("breadth as scanned", drawn.Along, Unit.Millimetre,
                    new Provenance.Chosen(drawn.Source)), "What was read across it, over what was scanned: 1 where the scan is at its true size.");
            }
        },
        // Anywhere within what its corners may lie beside the surface by, at both sides (JCGM 100, 4.3.7).
        OwnDoubt = (s, key, _) => key == "breadth" && s.Place.Outline is { Deviation: > 0 } drawn
            ? new(new($"traced/{s.Place.Id}", $"corners of {s.Place.Name}, {Figures.Mm(drawn.Deviation)} beside what was scanned",
                drawn.Deviation * Math.Sqrt(2.0 / 3)), 0)
            : null,
        Shape = s => Body(s)?.Solid,
        Drawing = Draw,
    };

    private const string Apart = "The scan has other proportions than the thing: it lies another way, its unit is wrong, or it was scanned badly.";

    /// <summary>As large as it was measured: y along it from the left end of the scan, its middle at x = 0, z from what it lies on; <c>null</c> while there is
    /// no scan, or no reading across it.</summary>
    public static SectionBody? Body(Sizes s) => s.Place.Outline is { Sections: not null } drawn && s["breadth"] is { Value: > 0 }
        ? AsScanned.GetValue(drawn, Joined).Scaled(Scale(s, drawn)) : null;

    /// <summary>Of every scan its body, for as long as the scan is held: rules and figures ask for it many times.</summary>
    private static readonly ConditionalWeakTable<Traced, SectionBody> AsScanned = [];

    private static SectionBody Joined(Traced drawn)
    {
        var skin = drawn.Surface?.Mesh.Read()?.Moved(p => new((drawn.Along / 2) - p.Y, p.X, p.Z));
        var branched = drawn.Sections!.FirstOrDefault(c => c.LiesInBranches(skin, c.At));
        return SectionBody.Of([.. drawn.Sections!.Select(c => (c.At, new Profile(c.Points.Select(p => new Point2((drawn.Along / 2) - p.X, p.Y)))))])
            .Branching(branched?.At).Skinned(skin);
    }

    private static double Scale(Sizes s, Traced drawn) => s["breadth"]!.Value / drawn.Along;

    /// <summary>A size of the body, with the doubt of its scale.</summary>
    private static Quantity Scaled(Sizes s, double size) => s["breadth"]! * Quantity.Chosen("its share of the breadth", size
        / s["breadth"]!.Value, Unit.None);

    private static Quantity Beside(Interface place, Traced drawn) => Quantity.Input($"sections of {place.Name}", 0, Unit.Millimetre,
        new Provenance.RuleOfThumb("Within what the scan was simplified by, and sections stand apart."),
        (new Source($"scanned/{place.Id}", $"sections of {place.Name}", (drawn.Deviation * Math.Sqrt(2.0 / 3)) + 0.3), 1));

    private static SeatDrawing Draw(Sizes s)
    {
        var drawn = s.Place.Outline is { Sections: not null } there ? there : Traced.Of("nothing yet", 0, 150, [.. Enumerable.Range(0, 16).Select(i =>
            new TracedSection(5 + (i * 9.3), [.. Outlines.Round(18 + (4 * Math.Sin(i * 0.4)), 24).Points.Select(p => new Point2(p.X + 22, p.Y + 22))], true))]);
        var scale = s.Or("breadth", drawn.Along) / drawn.Along;
        Point2[] plan = [.. drawn.Points.Select(p => new Point2(p.X * scale, p.Y * scale))];
        var (long_, wide, side) = (drawn.Across * scale, drawn.Along * scale, 1.7 * drawn.Along * scale);
        Point2[] front = [.. drawn.Sections!.Select(c => new Point2(c.At * scale, side + (c.Points.Min(p => p.Y) * scale))),
            .. drawn.Sections!.Reverse().Select(c => new Point2(c.At * scale, side + (c.Points.Max(p => p.Y) * scale)))];
        var high = front.Max(p => p.Y);
        var draw = new Draw(s).Solid(plan).Solid(front).Along("length", 0, long_, 0, 2).Up("breadth", 0, 0, wide).Up("height", 0, side, high)
            .Along("balance", 0, Math.Clamp(s.Or("balance", 0.45 * long_), 1, long_), 0).At("mass", long_ / 2, wide / 2, about: s.Or("mass", 700))
            .Up("tip", long_, side, side + s.Or("tip", (high - side) / 2), CalloutSide.Right);
        for (var i = 0; i < s.Count; i++)
        {
            var (at, length, across) = (s.Or(i, "at", long_ * 0.3), s.Or(i, "long", 12), s.Or(i, "across", 10));
            draw.Gap(at - (length / 2), (wide - across) / 2, at + (length / 2), (wide + across) / 2);
            foreach (var dimension in s.Place.Kind.Item!.Dimensions)
            {
                draw.At(s.Place.Kind.Item.KeyOf(i, dimension.Key), at, wide / 2);
            }
        }

        return draw.Done;
    }
}
