using Emboq.Core.Measuring.Kinds;

namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>What a rectangular or odd end has besides its width. The fitted outline is the measured one, moved outwards or inwards by the same amount
/// everywhere.</summary>
/// <param name="Measured">The machine's outline, centred on the axis, mm.</param>
/// <param name="Drawn">Fitted height as drawn.</param>
/// <param name="Realised">Clearance to expect across the height.</param>
internal sealed record DuctReckoning(Profile Measured, Quantity Drawn, Quantity Realised)
{
    /// <summary>Over the axis, where its width goes straight up; <c>null</c> where its sides lean all along.</summary>
    public required double? WidestAt { get; init; }

    public static DuctReckoning Of(EndParameters end, Fitted width, Ledger ledger)
    {
        var (height, drawn, realised) = width.Across($"{AdapterReckoning.Counting(end.Join)}Depth", $"{end.Slot} cuff height", ledger, $"{end.Slot}.height",
            "The opening is not round: its height counts beside its width.");
        var outline = Outline(end, width.Place, width.Counterpart.Value, height.Value);
        return new(outline, drawn, realised)
        {
            WidestAt = width.Place.Kind == DuctKind.Trapezoid ? null : width.Place.Kind != DuctKind.Dee ? 0.01
                : height.Value > 0.6 * width.Counterpart.Value ? -0.45 * height.Value : null,
        };
    }

    /// <summary>The diameter of a round bore of the same area, for the air.</summary>
    public Quantity Equivalent(EndParameters end, Interface place, Quantity bore, Quantity width, Ledger ledger)
    {
        var area = Outlines.Moved(Measured, (bore.Value - width.Value) / 2)?.Area ?? 0;
        return ledger.Add($"{end.Slot}.equivalent", $"{end.Slot} bore as a round one",
            Quantity.Input("bore of equal area", 2 * Math.Sqrt(area / Math.PI), Unit.Millimetre,
            new Provenance.Standard("Plane geometry", $"area inside the {place.Name} cuff")), "Air asks for area, whatever the outline.");
    }

    private static Profile Outline(EndParameters end, Interface place, double width, double height)
    {
        if (end.Outline is null)
        {
            var (sizes, side) = (new Sizes(place), AdapterReckoning.Counting(end.Join));
            var read = DuctKind.Outline(sizes, side);
            // What lies between both sides moves the outline all around.
            return Math.Abs(width - sizes[side]!.Value) < 1e-9 ? read : Outlines.Moved(read, (width - sizes[side]!.Value) / 2) ?? read;
        }

        var points = end.Outline.Points;
        var (left, right, low, high) = (points.Min(p => p.X), points.Max(p => p.X), points.Min(p => p.Y), points.Max(p => p.Y));
        return new(points.Select(p => new Point2((p.X - ((left + right) / 2)) * width / (right - left), (p.Y - ((low + high) / 2)) * height / (high - low))));
    }
}
