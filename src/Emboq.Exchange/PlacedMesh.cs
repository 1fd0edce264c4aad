namespace Emboq.Exchange;

/// <summary>A body where it lies on a bed.</summary>
/// <param name="Body">Its name and triangles; alike bodies share a name and are written once.</param>
/// <param name="X">Left edge of its box, mm.</param>
/// <param name="Y">Front edge of its box, mm.</param>
/// <param name="Turned">Whether it is turned by a quarter, counter-clockwise.</param>
/// <param name="Colour">Name of its colour; empty for the usual one.</param>
public sealed record PlacedMesh(NamedMesh Body, double X, double Y, bool Turned, string Colour = "")
{
    /// <summary>Row-major rotation about z and then a translation, as 3MF writes it: a row vector is multiplied from the left.</summary>
    public double[] Transform
    {
        get
        {
            var (least, greatest) = Body.Mesh.Bounds;
            // Turned, (x, y) goes to (−y, x).
            return Turned
                ? [0, 1, 0, -1, 0, 0, 0, 0, 1, X + greatest.Y, Y - least.X, -least.Z]
                : [1, 0, 0, 0, 1, 0, 0, 0, 1, X - least.X, Y - least.Y, -least.Z];
        }
    }

    /// <summary>Its triangles where they lie.</summary>
    public NamedMesh Moved
    {
        get
        {
            var (m, from) = (Transform, Body.Mesh.Positions);
            var to = new float[from.Length];
            for (int i = 0; i < from.Length; i += 3)
            {
                for (int k = 0; k < 3; k++)
                {
                    to[i + k] = (float)((from[i] * m[k]) + (from[i + 1] * m[3 + k]) + (from[i + 2] * m[6 + k]) + m[9 + k]);
                }
            }

            return Body with { Mesh = Body.Mesh with { Positions = to } };
        }
    }
}
