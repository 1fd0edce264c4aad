namespace Emboq.Exchange;

/// <summary>A body of a file.</summary>
/// <param name="Name">As shown by whoever opens it.</param>
/// <param name="Mesh">Its triangles, mm, z up.</param>
public sealed record NamedMesh(string Name, SolidMesh Mesh);
