namespace Emboq.Core.Printing;

/// <summary>One thing to be printed, by the box it fills the way it lies. Lengths mm.</summary>
/// <param name="Member">Which member of the row, counted from 1.</param>
/// <param name="Width">Along x.</param>
/// <param name="Depth">Along y.</param>
/// <param name="Height">Up.</param>
/// <param name="Group">Things of one group share a bed, and so a filament.</param>
/// <param name="Body">Which body of that member: "part", "inlay".</param>
/// <param name="Part">Of which part of the job, counted from 0.</param>
public sealed record BedItem(int Member, double Width, double Depth, double Height, string Group = "", string Body = "part", int Part = 0);

/// <summary>Where a thing lies on its bed.</summary>
/// <param name="Piece">The thing.</param>
/// <param name="X">Left edge, mm.</param>
/// <param name="Y">Front edge, mm.</param>
/// <param name="Turned">Whether it was turned by a quarter.</param>
public sealed record Placement(BedItem Piece, double X, double Y, bool Turned)
{
    /// <summary>Along x as it lies, mm.</summary>
    public double Width => Turned ? Piece.Depth : Piece.Width;

    /// <summary>Along y as it lies, mm.</summary>
    public double Depth => Turned ? Piece.Width : Piece.Depth;
}

/// <summary>What lies on a bed together.</summary>
/// <param name="Bed">On which.</param>
/// <param name="Group">Of which group.</param>
/// <param name="Placements">What lies where.</param>
public sealed record Bedful(Bed Bed, string Group, IReadOnlyList<Placement> Placements);

/// <summary>A row laid out on beds.</summary>
/// <param name="Bedfuls">In the order they were filled, each on the bed that had least to do.</param>
/// <param name="TooLarge">What fits none of the beds.</param>
/// <param name="Proven">Whether no layout could need fewer bedfuls.</param>
public sealed record Layout(IReadOnlyList<Bedful> Bedfuls, IReadOnlyList<BedItem> TooLarge, bool Proven);
