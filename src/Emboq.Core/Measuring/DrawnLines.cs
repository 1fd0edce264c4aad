namespace Emboq.Core.Measuring;

/// <summary>A line of a drawing, curves drawn as short straight ones.</summary>
/// <param name="Points">From its one end to the other, mm: x to the right, y up. Of a closed one the first is not said again.</param>
/// <param name="Closed">Whether its ends meet.</param>
public sealed record DrawnPath(IReadOnlyList<Point2> Points, bool Closed);

/// <summary>What a file draws.</summary>
/// <param name="Paths">Its lines.</param>
/// <param name="Unit">What its numbers are taken for: "millimetres".</param>
/// <param name="Left">What of it draws no outline and was left away: "2 text"; empty where there is none.</param>
public sealed record DrawnLines(IReadOnlyList<DrawnPath> Paths, string Unit, string Left = "");
