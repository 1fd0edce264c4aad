namespace Emboq.Core.Solids;

/// <summary>A point, a translation or a direction in space, mm. Z is up.</summary>
public readonly record struct Point3(double X, double Y, double Z)
{
    /// <summary>From the origin to it.</summary>
    public double Length() => Math.Sqrt(Dot(this));

    /// <summary>Moved by another.</summary>
    public static Point3 operator +(Point3 a, Point3 b) => new(a.X + b.X, a.Y + b.Y, a.Z + b.Z);

    /// <summary>From another to this one.</summary>
    public static Point3 operator -(Point3 a, Point3 b) => new(a.X - b.X, a.Y - b.Y, a.Z - b.Z);

    /// <summary>Longer by a factor.</summary>
    public static Point3 operator *(Point3 a, double by) => new(a.X * by, a.Y * by, a.Z * by);

    /// <summary>Product of lengths and the cosine between.</summary>
    public double Dot(Point3 b) => (X * b.X) + (Y * b.Y) + (Z * b.Z);

    /// <summary>Square to both, by the right hand; as long as the parallelogram between them has area.</summary>
    public Point3 Cross(Point3 b) => new((Y * b.Z) - (Z * b.Y), (Z * b.X) - (X * b.Z), (X * b.Y) - (Y * b.X));
}
