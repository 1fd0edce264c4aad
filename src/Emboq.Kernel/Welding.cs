namespace Emboq.Kernel;

/// <summary>Joins vertices that single precision makes equal, and drops what collapses by it: triangles without area, and pairs that lie back to back as
/// the two faces of a sliver. A closed mesh stays closed.</summary>
internal static class Welding
{
    public static SolidMesh Weld(float[] vertices, int stride, uint[] triangles, double volume, double area)
    {
        var positions = new List<float>(vertices.Length / stride * 3);
        var seen = new Dictionary<(float, float, float), int>(vertices.Length / stride);
        var place = new int[vertices.Length / stride];
        for (int v = 0; v < place.Length; v++)
        {
            // Adding zero turns −0 into 0, which would print as a different vertex.
            var point = (vertices[v * stride] + 0f, vertices[(v * stride) + 1] + 0f, vertices[(v * stride) + 2] + 0f);
            if (!seen.TryGetValue(point, out place[v]))
            {
                place[v] = seen[point] = positions.Count / 3;
                positions.AddRange([point.Item1, point.Item2, point.Item3]);
            }
        }

        // By its corners, turned so that the least is the first: the same two others the other way round are its back.
        var faces = new Dictionary<(int, int, int), int>(triangles.Length / 3);
        for (int t = 0; t < triangles.Length; t += 3)
        {
            var (a, b, c) = (place[triangles[t]], place[triangles[t + 1]], place[triangles[t + 2]]);
            if (a == b || b == c || c == a)
            {
                continue;
            }

            var (x, y, z) = a < b && a < c ? (a, b, c) : b < c ? (b, c, a) : (c, a, b);
            if (faces.GetValueOrDefault((x, z, y)) > 0)
            {
                faces[(x, z, y)]--;
            }
            else
            {
                faces[(x, y, z)] = faces.GetValueOrDefault((x, y, z)) + 1;
            }
        }

        var kept = faces.SelectMany(f => Enumerable.Repeat(f.Key, f.Value)).SelectMany(f => new[] { f.Item1, f.Item2, f.Item3 });
        return new([.. positions], [.. kept], volume, area);
    }
}
