namespace Emboq.Core.Solids;

/// <summary>A point of a profile, mm. In a profile to be turned, x is the distance from the axis and y the height.</summary>
public readonly record struct Point2(double X, double Y);
