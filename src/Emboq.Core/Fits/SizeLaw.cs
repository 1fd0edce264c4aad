namespace Emboq.Core.Fits;

/// <summary>The law of sizes: clearance = hole − shaft, drawn = printed + allowance. Here alone a clearance or an allowance has a sign.</summary>
/// <param name="Counterpart">The size that the face meets: the machine's, or that of another piece, mm.</param>
/// <param name="Face">The printed face: a hole goes over, an outside goes in.</param>
/// <param name="Clearance">Aimed at, mm on the full size.</param>
/// <param name="Fits">What the process does to the face.</param>
/// <param name="Place">The face in words, for names: "first cuff".</param>
public sealed record SizeLaw(Quantity Counterpart, Face Face, Quantity Clearance, IFitModel Fits, string Place)
{
    /// <summary>How a hand tells its fit.</summary>
    public SeatWords Words { get; init; } = SeatWords.Cuff;

    /// <summary>The size that a printed face is drawn at to come out as wanted, mm.</summary>
    public static Quantity Drawn(Quantity wanted, Quantity allowance) => wanted + allowance;

    /// <summary>The size that a face of a kind is drawn at by the process alone, mm.</summary>
    public static Quantity Drawn(Quantity wanted, Surface surface, IFitModel fits) => Drawn(wanted, fits.Allowance(surface, wanted.Value));

    /// <summary>The size that a drawn face comes out at, mm.</summary>
    public static Quantity Printed(Quantity drawn, Quantity allowance) => drawn - allowance;

    /// <summary>What a drawn face comes out at by the process alone, mm, one print's chance included.</summary>
    public static Quantity Printed(Quantity drawn, Surface surface, IFitModel fits, string place)
    {
        var face = Face.Of(surface, drawn.Value);
        return Printed(drawn, fits.Allowance(face)) + fits.Scatter(face, place);
    }

    /// <summary>Drawn minus printed by the process alone.</summary>
    public Quantity Allowance => Fits.Allowance(Face);

    /// <summary>Before any try: what the drawn size must be for no clearance at all.</summary>
    public Quantity TouchingBefore => Drawn(Counterpart, Allowance);

    /// <summary>The size the finished face should have.</summary>
    public Quantity Wanted => Wider(Counterpart, Clearance);

    /// <summary>The clearance that a drawn size will turn out to have, with its spread.</summary>
    /// <param name="drawn">As in the solid; a decision taken, not moved by its inputs.</param>
    /// <param name="touching">The drawn size that would just touch.</param>
    /// <param name="place">Whose chance it is, where it is not that of the face itself.</param>
    public Quantity Realised(Quantity drawn, Quantity touching, string? place = null)
    {
        var scatter = Fits.Scatter(Face, place ?? Place);
        return Face.Surface.IsHole() ? drawn - touching + scatter : touching - drawn + scatter;
    }

    private Quantity Wider(Quantity size, Quantity clearance) => Face.Surface.IsHole() ? size + clearance : size - clearance;
}
