namespace Emboq.Core.Families.Drawers.DrillingTemplate;

/// <summary>The solid of a template.</summary>
internal static class TemplateShape
{
    private const double Groove = 0.6;

    public static Proof OneGuide(TemplateReckoning r) => new("ring-guide", "one guide, 3 mm of it", () => Guide(r),
        "Proves that the drill or bush goes in. It does not prove the spacing.");

    public static Body Board(TemplateReckoning r) => new("machine-front", "front", () => Front(r));

    public static Solid Part(TemplateReckoning r, string? mark)
    {
        var (t, hook, deep) = (r.Thickness.Value, r.HookThick.Value, r.HookDepth.Value);
        var (left, right) = r.Sides;
        var from = r.SideHook ? left - hook : left;
        Solid body = new Solid.Box(right - from, hook - r.Bottom, t).At(from, r.Bottom, 0) + new Solid.Box(right - from, hook, deep + 1).At(from, 0, -deep);
        if (r.SideHook)
        {
            body += new Solid.Box(hook, hook - r.Bottom, deep + 1).At(from, r.Bottom, -deep);
        }

        // The centre mark: a groove on both faces, and a hole for the point of a pencil.
        List<Solid> cuts = [.. r.Holes.Select(h => GuideAt(r, r.Guide.Cut, h)),
            .. new[] { 0, t }.Select(face => Line(hook - r.Bottom + 2).At(0, r.Bottom - 1, face))];
        if (r.Holes.All(h => Math.Abs(r.At(h).X) > (r.Guide.Bore / 2) + 2 || Math.Abs(r.At(h).Y - (r.Bottom / 2)) > r.Guide.Reach))
        {
            cuts.Add(new Solid.Cylinder(0.9, t + 2).At(0, r.Bottom / 2, -1));
        }

        if (r.Marked)
        {
            cuts.AddRange(r.Holes.Select(h => Number(r, h)));
        }

        return PartBodies.Marked(body.Without(cuts), mark, letters => letters.At(right - 7, -4, t), 8);
    }

    /// <summary>Something of a guide at its hole; standing on its hook, the roof of a guide points down the plate.</summary>
    public static Solid GuideAt(TemplateReckoning r, Solid inJoint, PatternHole h) => inJoint.Spun(180).At(r.At(h).X, r.At(h).Y, r.Thickness.Value);

    /// <summary>The spacing that a guide belongs to, sunk below it.</summary>
    private static Solid Number(TemplateReckoning r, PatternHole h)
    {
        const double Deep = 0.5;
        var text = FormattableString.Invariant($"{Math.Abs(2 * h.X):0.#}");
        return new Solid.Lettering(text, 3.2, 2 * r.Guide.Reach, 2 * Deep).At(r.At(h).X, r.At(h).Y - r.Guide.Reach - 2.5, r.Thickness.Value - Deep);
    }

    /// <summary>A groove of square section, on its edge, along y.</summary>
    private static Solid Line(double length) => new Solid.Box(Groove, Groove, length).At(-Groove / 2, -Groove / 2, 0).Spun(45).Tipped(-90);

    private static Solid Guide(TemplateReckoning r)
    {
        const double High = 3;
        var side = r.Guide.Reach + 1;
        return new Solid.Box(2 * side, 2 * side, High).At(-side, -side, 0) - r.Guide.Cut.At(0, 0, Math.Min(High, r.Thickness.Value));
    }

    private static Solid Front(TemplateReckoning r)
    {
        var width = r.FrontWidth?.Value ?? (r.Sides.Right - r.Sides.Left + 80);
        return new Solid.Box(width, 40 - r.Bottom, 16).At(-width / 2, r.Bottom - 40, -16);
    }
}
