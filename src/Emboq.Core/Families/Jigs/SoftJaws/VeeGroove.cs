namespace Emboq.Core.Families.Jigs.SoftJaws;

/// <summary>The contact of rounds in a groove of two flats. With the half angle a at its bottom, a round of diameter d touches each flat (d/2)/tan a along it
/// from the bottom,
/// so (d/2) cos a / tan a deep and (d/2) cos a to each side; its middle lies (d/2)/sin a above the bottom (plane geometry).</summary>
/// <param name="Smallest">Round that must still be held.</param>
/// <param name="Largest">Round that must still touch both flats.</param>
/// <param name="Depth">Of the groove.</param>
/// <param name="HalfWidth">At the face.</param>
/// <param name="Stands">How far the smallest round stands out of the face.</param>
/// <param name="Contact">How far below the face the largest round touches.</param>
internal sealed record VeeGroove(Quantity Smallest, Quantity Largest, Quantity Depth, Quantity HalfWidth, Quantity Stands, Quantity Contact)
{
    public static VeeGroove Of(Quantity smallest, Quantity largest, Quantity angle, Ledger ledger)
    {
        var half = angle / 2;
        var (sin, cos, tan) = (Quantity.Sin(half), Quantity.Cos(half), Quantity.Tan(half));
        var edge = Quantity.RuleOfThumb("face beyond the contact", 0.8, Unit.Millimetre, "The contact must not be at the very edge.");
        var touches = ledger.Add("groove.contact", "contact of the largest round above the bottom", largest / 2 * cos / tan,
            "(d/2) cos a / tan a, with a the half angle.");
        var depth = ledger.Add("groove.depth", "groove depth", touches + edge, "So that the largest round touches both faces below their edge.");
        var stands = ledger.Add("groove.stands", "smallest round stands out", (smallest / 2) + (smallest / 2 / sin) - depth,
            "d/2 + (d/2)/sin a less the depth: what the other jaw presses on.");
        return new(smallest, largest, depth, ledger.Add("groove.half", "half width of the groove", depth * tan, "At the face."), stands, edge);
    }
}
