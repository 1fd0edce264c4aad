using System.Text;

namespace Emboq.Exchange.Drawn;

/// <summary>A drawing of either sort, told apart by how it begins.</summary>
public static class DrawingFile
{
    /// <summary>Reads a file.</summary>
    /// <param name="file">Its bytes: SVG, or DXF of text.</param>
    /// <param name="field">Path of the field, for problems.</param>
    public static Outcome<DrawnLines> Read(byte[] file, string field) =>
        Encoding.UTF8.GetString(file.AsSpan(0, Math.Min(file.Length, 200))).TrimStart('\uFEFF', ' ', '\r', '\n', '\t').StartsWith('<')
            ? SvgDrawing.Read(file, field) : DxfDrawing.Read(file, field);
}
