namespace Emboq.Core.Families.Jigs.SoftJaws;

/// <summary>What the face of a jaw holds.</summary>
internal abstract record JawFace
{
    private JawFace() { }

    internal sealed record Flat : JawFace;

    /// <summary>What runs through the whole face, up and down or along it.</summary>
    internal abstract record Grooved(bool Upright) : JawFace
    {
        /// <summary>At the face, mm.</summary>
        public abstract double HalfWidth { get; }

        /// <summary>Below the face, mm.</summary>
        public abstract double Deep { get; }
    }

    /// <summary>A groove of two flats: rounds of a range touch both.</summary>
    internal sealed record Vee(VeeGroove Groove, bool Upright) : Grooved(Upright)
    {
        public override double HalfWidth => Groove.HalfWidth.Value;

        public override double Deep => Groove.Depth.Value;
    }

    /// <summary>A hollow for one round; smaller ones touch along one line.</summary>
    internal sealed record Hollow(double Radius, double Below, bool Upright) : Grooved(Upright)
    {
        public override double HalfWidth => Math.Sqrt((Radius * Radius) - ((Radius - Below) * (Radius - Below)));

        public override double Deep => Below;
    }

    /// <summary>The work's outline, sunk; nothing drawn when it is not given or falls apart.</summary>
    internal sealed record Pocket(Profile? Drawn, double Deep) : JawFace;
}

/// <summary>How the plates are held, and where along them.</summary>
/// <param name="Joint">A magnet's pocket from the back, or a screw's counterbore from the face.</param>
/// <param name="Screw">Which screw it is, when it is one.</param>
/// <param name="Places">Along the jaw.</param>
internal sealed record JawFixing(Joint Joint, ScrewLength? Screw, IReadOnlyList<double> Places);

/// <summary>The sizes of a plate. x runs along the jaw from its middle, y up from its middle, z from the jaw to the face.</summary>
internal sealed record JawReckoning(Quantity Width, Quantity Height, Quantity Thickness, Quantity Over, JawFace Face, JawFixing? Fixing)
{
    public static JawReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, jaw) = (brief.Parameters, brief.Interfaces["jaw"]);
        Quantity Chosen(string key, string name, string because) => ledger.Add(key, name,
            Quantity.Chosen(name, p.Number(key)!.Value, Unit.Millimetre), because);
        var width = ledger.Add("width", "width of the plate", Evaluation.Of(jaw, "width")!.Quantity, "As wide as the jaw.");
        var height = ledger.Add("height", "height of the plate", Evaluation.Of(jaw, "height")!.Quantity, "As high as the jaw.");
        var thickness = Chosen("thickness", "thickness", "From the jaw to the face.");
        var over = Chosen("over", "lip over the jaw", "Keeps it from sliding down.");
        var face = Faced(brief, ledger, Chosen);
        return new(width, height, thickness, over, face, Fixed(brief, ledger, width, thickness));
    }

    private static JawFace Faced(Brief brief, Ledger ledger, Func<string, string, string, Quantity> chosen)
    {
        var p = brief.Parameters;
        switch (p.Choice("shape"))
        {
            case "vee":
                var angle = ledger.Add("groove.angle", "groove angle", Quantity.Chosen("groove angle", p.Number("veeAngle")!.Value,
                    Unit.DegreeOfArc), "Between its faces.");
                return new JawFace.Vee(VeeGroove.Of(chosen("smallest", "smallest round", "That must still be held."),
                    chosen("largest", "largest round", "That must still touch both faces."), angle, ledger), p.Choice("runs") == "upright");
            case "round":
                var round = chosen("largest", "the round", "What it is hollowed for.");
                var drawn = ledger.Add("hollow", "hollow, drawn", SizeLaw.Drawn(round, Surface.HoleLying, brief.Fits),
                    "The round, and what the process takes from a lying hollow.");
                var share = Quantity.RuleOfThumb("depth of a hollow", 0.4, Unit.None, "Less than half, so that two jaws never meet before the work.");
                return new JawFace.Hollow(drawn.Value / 2, ledger.Add("hollow.depth", "hollow depth", share * drawn, "In each jaw.").Value,
                    p.Choice("runs") == "upright");
            case "pocket":
                var deep = chosen("pocketDepth", "pocket depth", "In each jaw.");
                var grow = ledger.Add("pocket.grow", "outline grown, a side",
                    (Quantity.Chosen("pocket clearance", p.Number("pocketClearance")!.Value, Unit.Millimetre) + brief.Fits.Allowance(Surface.Pocket,
                    Kit.Specs.OutlineOf(brief, "outline")?.Across ?? 0)) / 2,
                    "Half of the clearance and of what the process takes from a pocket.");
                return new JawFace.Pocket(Kit.Specs.OutlineOf(brief, "outline") is { } outline
                    ? Outlines.Moved(Middled(outline), grow.Value) : null, deep.Value);
            default:
                return new JawFace.Flat();
        }
    }

    private static JawFixing? Fixed(Brief brief, Ledger ledger, Quantity width, Quantity thickness)
    {
        var p = brief.Parameters;
        var scope = PartBodies.Scope(brief, ledger, "fixing", "fixing");
        var spacing = brief.Interfaces.GetValueOrDefault("holes") is { } holes
            ? ledger.Add("holes", "between the holes of the jaw", Evaluation.Of(holes, "gap1.centre")!.Quantity, "As measured.")
            : ledger.Add("holes", "between the fixings", Quantity.RuleOfThumb("share of the width", 0.6, Unit.None, "Well apart, clear of the ends.") * width,
                "No holes were measured.");
        var lie = p.Choice("wayUp") == "edge" ? HoleLie.Teardrop : HoleLie.Upright;
        IReadOnlyList<double> places = [-spacing.Value / 2, spacing.Value / 2];
        switch (p.Choice("fixing"))
        {
            case "magnets":
                var room = Quantity.RuleOfThumb("magnet clearance", 0.2, Unit.Millimetre, "It drops in and is glued.");
                var hole = scope.Drawn("magnet", "magnet pocket", Quantity.Chosen("magnet diameter", p.Number("magnet")!.Value, Unit.Millimetre) + room,
                    lie == HoleLie.Upright ? Surface.HoleUpright : Surface.HoleLying);
                var deep = scope.Add("magnet.depth", "magnet pocket depth",
                    Quantity.Chosen("magnet height", p.Number("magnetHeight")!.Value, Unit.Millimetre) + Quantity.RuleOfThumb("below the back", 0.2,
                    Unit.Millimetre, "A magnet that stands proud tips the plate."), "The magnet, a little below the back.");
                return new(new Joint
                {
                    Bore = hole.Value,
                    Cut = HoleShape.Cut(hole.Value, -deep.Value, ScrewHole.Over, lie),
                    Sleeves = [new(HoleShape.Rise(hole.Value, lie), -deep.Value, 0, scope.LeastWall)]
                }, null, places);
            case "screws":
                var (size, joint) = (p.Choice("screw"), ScrewHole.Counterbored(scope, p.Choice("screw"), thickness.Value, lie));
                var under = scope.Add("under", "plate under the head", thickness - ledger["fixing.counterbore.depth"], "What the screw passes before the jaw.");
                var engage = Quantity.RuleOfThumb("diameters of thread in steel", 1, Unit.None,
                    "One diameter holds in steel or iron; common practice, no published source.") * Hardware.Diameter(size);
                var tapped = scope.Add("tapped", "thread in the jaw", Quantity.Chosen("thread in the jaw", p.Number("tapped")!.Value,
                    Unit.Millimetre), "The vice's own.");
                return new(joint, ScrewLength.Of(scope, (size, "cap", $"{Hardware.Name(size)} cap screw"), [under], engage, tapped, brief.Drawer), places);
            default:
                return null;
        }
    }

    private static Profile Middled(Profile o)
    {
        var (x, y) = ((o.Points.Min(q => q.X) + o.Points.Max(q => q.X)) / 2, (o.Points.Min(q => q.Y) + o.Points.Max(q => q.Y)) / 2);
        return new(o.Points.Select(q => new Point2(q.X - x, q.Y - y)));
    }
}
