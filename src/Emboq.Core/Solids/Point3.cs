namespace Emboq.Core.Solids;

/// <summary>A point or a translation in space, mm. Z is up.</summary>
public readonly record struct Point3(double X, double Y, double Z);
