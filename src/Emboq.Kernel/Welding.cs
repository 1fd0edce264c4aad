namespace Emboq.Kernel;

/// <summary>Joins vertices that single precision makes equal and drops the triangles that collapse by it. A closed mesh stays closed.</summary>
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

        var kept = new List<int>(triangles.Length);
        for (int t = 0; t < triangles.Length; t += 3)
        {
            var (a, b, c) = (place[triangles[t]], place[triangles[t + 1]], place[triangles[t + 2]]);
            if (a != b && b != c && c != a)
            {
                kept.AddRange([a, b, c]);
            }
        }

        return new([.. positions], [.. kept], volume, area);
    }
}
