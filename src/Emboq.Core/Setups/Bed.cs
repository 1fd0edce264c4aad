namespace Emboq.Core.Setups;

/// <summary>A bed to print on. Lengths mm.</summary>
/// <param name="Process">Identity of the process it belongs to.</param>
/// <param name="Width">Along x.</param>
/// <param name="Depth">Along y.</param>
/// <param name="Height">The tallest it prints.</param>
public sealed record Bed(Guid Process, double Width, double Depth, double Height)
{
    /// <summary>Kept free at each edge unless somebody says otherwise, mm; common practice, no published source.</summary>
    public const double UsualMargin = 5;

    /// <summary>The printer it is part of: setups of one printer take turns on it.</summary>
    public Guid Printer { get; init; } = Process;

    /// <summary>Kept free at each edge, mm.</summary>
    public double Margin { get; init; } = UsualMargin;

    /// <summary>What is left of it between its edges.</summary>
    public (double Width, double Depth) Free() => (Width - (2 * Margin), Depth - (2 * Margin));

    /// <summary>When somebody is there to change it.</summary>
    public Hours Hours { get; init; } = Hours.Usual;
}
