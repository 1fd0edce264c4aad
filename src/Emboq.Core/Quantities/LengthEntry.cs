namespace Emboq.Core.Quantities;

/// <summary>The system a length was written in, or is shown in first.</summary>
public enum LengthSystem
{
    /// <summary>Millimetres.</summary>
    Metric,

    /// <summary>Inches.</summary>
    Inch,
}

/// <summary>A length as somebody wrote it: exact, with the system it was written in.</summary>
/// <param name="Millimetres">The exact length.</param>
/// <param name="System">The system of the entry.</param>
public sealed record LengthEntry(Rational Millimetres, LengthSystem System)
{
    /// <summary>The length in millimetres, nearest double.</summary>
    public double ToMillimetres() => Millimetres.ToDouble();
}
