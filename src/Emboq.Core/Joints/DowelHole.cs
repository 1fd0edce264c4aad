namespace Emboq.Core.Joints;

/// <summary>Holes for a pin that keeps two pieces in line: it is held in the one and slides in the other.</summary>
internal static class DowelHole
{
    /// <summary>A blind hole for a measured pin.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="pin">Its diameter, as read.</param>
    /// <param name="fit">Key of the fit: "press" where it is held, "slide" where it slides.</param>
    /// <param name="depth">mm.</param>
    /// <param name="lie">How it stands while it is printed.</param>
    public static Joint Of(JointScope scope, Quantity pin, string fit, double depth, HoleLie lie)
    {
        var wanted = FitClasses.Of(fit);
        var clearance = scope.Add("clearance", "clearance", Quantity.RuleOfThumb($"clearance of a {wanted.Name} fit", wanted.Clearance, Unit.Millimetre,
            FitClasses.Basis), wanted.Feels);
        var hole = scope.Drawn("hole", "hole", pin + clearance, lie.Surface());
        return new()
        {
            Bore = hole.Value,
            Cut = HoleShape.Cut(hole.Value, -depth, ScrewHole.Over, lie),
            Sleeves = [new(HoleShape.Rise(hole.Value, lie), -depth, 0, scope.LeastWall)],
        };
    }
}
