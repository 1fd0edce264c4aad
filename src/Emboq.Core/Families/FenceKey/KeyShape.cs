using Emboq.Core.Families.Common;

namespace Emboq.Core.Families.FenceKey;

/// <summary>The solids of a key.</summary>
internal static class KeyShape
{
    private const double RungLength = 15;
    private const double HeightStep = 0.2;

    public static IReadOnlyList<Body> Bodies(KeyReckoning r, Brief brief) =>
    [
        new("part", "key", BodyRole.Part, () => Part(r, brief.Mark)),
        new("ladder-channel", "ladder of the channel", BodyRole.Coupon, () => Rungs(r), "channel",
            $"{r.Ladder.Count} rungs from {Checks.Figures.Mm(r.Ladder[0])} to {Checks.Figures.Mm(r.Ladder[^1])} wide, each {Checks.Figures.Mm(HeightStep)} higher than the last; rung 1 has one notch. Print it the way up the key will print. It does not prove the key's straightness."),
        new("machine-channel", r.Width.Place.Name, BodyRole.Counterpart, () => Channel(r)),
    ];

    /// <summary>Where the two screws stand, along the key.</summary>
    public static IReadOnlyList<double> Screws(KeyReckoning r) => [-r.Length.Value / 3.2, r.Length.Value / 3.2];

    /// <summary>What one screw's hardware cuts away.</summary>
    private static Solid Cut(KeyReckoning r, double x)
    {
        var hole = r.Screw!.Cut.At(x, 0, r.Above.Value);
        return r.Nut is { } nut ? hole + nut.Cut.UpsideDown().At(x, 0, -r.High.Value) : hole;
    }

    /// <summary>What must stay material around it.</summary>
    public static Solid Zone(KeyReckoning r, double x)
    {
        var around = r.Screw!.Sleeves.Select(s => s.Around.At(x, 0, r.Above.Value)).Concat(r.Nut?.Sleeves.Select(s => s.Around.UpsideDown().At(x, 0, -r.High.Value)) ?? []);
        return around.Aggregate((a, b) => a + b) - Cut(r, x);
    }

    private static Solid Part(KeyReckoning r, string? mark)
    {
        var (l, w, h, above, legs) = (r.Length.Value, r.Width.Drawn.Value, r.High.Value, r.Above.Value, r.Legs.Value);
        Solid body = new Solid.Box(l, w, h + above).At(-l / 2, -w / 2, -h);
        if (legs > 0)
        {
            // Two pairs of legs at the ends: the middle stays free for a hand.
            var wide = Math.Min(12, l / 3);
            body += new Solid.Box(wide, w + (2 * legs), above).At(-l / 2, -(w / 2) - legs, 0) + new Solid.Box(wide, w + (2 * legs), above).At((l / 2) - wide, -(w / 2) - legs, 0);
        }

        if (r.Notch.Value > 0)
        {
            body -= new Solid.Box(Math.Min(r.Notch.Value, l / 4), w + 2, (above / 2) + 1).At(-Math.Min(r.Notch.Value, l / 4) / 2, -(w / 2) - 1, above / 2);
        }

        body = r.Screw is null ? body : body.Without(Screws(r).Select(x => Cut(r, x)));
        return PartBodies.Marked(body, mark, letters => letters.Spun(90).At((l / 2) - 4, 0, above), Math.Min(w, l / 6));
    }

    /// <summary>Short keys in a row, each wider and higher than the last, with as many notches as its number.</summary>
    private static Solid Rungs(KeyReckoning r)
    {
        var x = 0.0;
        return r.Ladder.Select((width, i) =>
        {
            var high = Math.Max(1, r.High.Value + ((i - 2) * HeightStep)) + 4;
            var rung = Enumerable.Range(0, i + 1).Aggregate((Solid)new Solid.Box(RungLength, width, high), (b, n) => b - new Solid.Cylinder(0.7, high + 2).At(2 + (n * 2.6), 0, -1));
            var at = x;
            x += RungLength + 4;
            return rung.At(at, 0, 0);
        }).Aggregate((a, b) => a + b);
    }

    private static Solid Channel(KeyReckoning r)
    {
        var (l, w, d) = (r.Length.Value + 40, r.Width.Measured.Value, r.Depth.Value);
        var table = w + (2 * r.Legs.Value) + 30;
        return new Solid.Box(l, table, d + 8).At(-l / 2, -table / 2, -d - 8) - new Solid.Box(l + 2, w, d + 1).At((-l / 2) - 1, -w / 2, -d);
    }
}
