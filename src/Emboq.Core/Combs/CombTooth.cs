namespace Emboq.Core.Combs;

/// <summary>One face of a test print, to be read or felt once it is printed.</summary>
/// <param name="Number">As it stands beside it, from 1.</param>
/// <param name="Face">The face, as large as it is drawn, mm.</param>
public sealed record CombTooth(int Number, Face Face)
{
    /// <summary>Whether a hand tells it and no instrument: how a pin turns in its bore.</summary>
    public bool IsFelt => Face.Surface == Surface.GapInPlace;

    /// <summary>What it is, and where it is read, in words.</summary>
    public string Reads => Face.Surface switch
    {
        Surface.HoleUpright => "hole: across, with the inside jaws",
        Surface.HoleLying => "lying hole: level across its middle, with the inside jaws",
        Surface.Pocket => "slot: between its walls, with the inside jaws",
        Surface.OutsideRound => "post: across, above its foot",
        Surface.OutsideFlat => "bar: across, from its front to its back",
        Surface.FirstLayerFoot => "loose square: across its lowest edge",
        _ => "pin in its bore: break it free, and turn it by hand",
    };

    /// <summary>What it teaches by what was told of it.</summary>
    /// <param name="id">Of the print, unique.</param>
    /// <param name="name">Of the print, in words.</param>
    /// <param name="process">What it was printed with, as that stood.</param>
    /// <param name="felt">What hands said.</param>
    /// <param name="measured">What was read, mm, and with what.</param>
    public TriedPrint Tried(string id, string name, Process process, IReadOnlyList<Feel> felt, IReadOnlyList<(double Printed,
        Instrument Instrument)> measured) =>
        new(id, name, process, Face, Face.Size, IsFelt ? Nothing : null, SeatWords.Gap, felt, measured);

    /// <summary>Pin and bore are drawn together: between them nothing is unknown but the print.</summary>
    private static Quantity Nothing => Quantity.Chosen("pin and bore", 0, Unit.Millimetre, "one drawing");
}
