using System.Globalization;
using System.IO.Compression;
using System.Text;
using System.Xml;

namespace Emboq.Exchange;

/// <summary>3MF (3MF Core Specification 1.3): a package with one model in millimetres, one object a body, each an item of the build.</summary>
public static class ThreeMfFile
{
    private const string Core = "http://schemas.microsoft.com/3dmanufacturing/core/2015/02";
    private const string Relations = "http://schemas.openxmlformats.org/package/2006/relationships";
    private const string Types = "http://schemas.openxmlformats.org/package/2006/content-types";
    private const string ModelType = "application/vnd.ms-package.3dmanufacturing-3dmodel+xml";

    /// <summary>Writes bodies where they stand.</summary>
    /// <param name="bodies">One or more.</param>
    /// <param name="title">Title of the model.</param>
    public static byte[] Write(IReadOnlyList<NamedMesh> bodies, string title)
    {
        using var memory = new MemoryStream();
        using (var zip = new ZipArchive(memory, ZipArchiveMode.Create))
        {
            Part(zip, "[Content_Types].xml", x =>
            {
                x.WriteStartElement("Types", Types);
                Default(x, "rels", "application/vnd.openxmlformats-package.relationships+xml");
                Default(x, "model", ModelType);
                x.WriteEndElement();
            });
            Part(zip, "_rels/.rels", x =>
            {
                x.WriteStartElement("Relationships", Relations);
                x.WriteStartElement("Relationship", Relations);
                x.WriteAttributeString("Target", "/3D/3dmodel.model");
                x.WriteAttributeString("Id", "rel0");
                x.WriteAttributeString("Type", "http://schemas.microsoft.com/3dmanufacturing/2013/01/3dmodel");
                x.WriteEndElement();
                x.WriteEndElement();
            });
            Part(zip, "3D/3dmodel.model", x => Model(x, bodies, title));
        }

        return memory.ToArray();
    }

    private static void Model(XmlWriter x, IReadOnlyList<NamedMesh> bodies, string title)
    {
        x.WriteStartElement("model", Core);
        x.WriteAttributeString("unit", "millimeter");
        x.WriteAttributeString("xml", "lang", null, "en-US");
        x.WriteStartElement("metadata", Core);
        x.WriteAttributeString("name", "Title");
        x.WriteString(title);
        x.WriteEndElement();
        x.WriteStartElement("resources", Core);
        for (int i = 0; i < bodies.Count; i++)
        {
            Object(x, bodies[i], i + 1);
        }

        x.WriteEndElement();
        x.WriteStartElement("build", Core);
        for (int i = 0; i < bodies.Count; i++)
        {
            x.WriteStartElement("item", Core);
            x.WriteAttributeString("objectid", Number(i + 1));
            x.WriteEndElement();
        }

        x.WriteEndElement();
        x.WriteEndElement();
    }

    private static void Object(XmlWriter x, NamedMesh body, int id)
    {
        x.WriteStartElement("object", Core);
        x.WriteAttributeString("id", Number(id));
        x.WriteAttributeString("type", "model");
        x.WriteAttributeString("name", body.Name);
        x.WriteStartElement("mesh", Core);
        x.WriteStartElement("vertices", Core);
        foreach (var p in body.Mesh.Positions.Chunk(3))
        {
            Element(x, "vertex", "x", Number(p[0]), "y", Number(p[1]), "z", Number(p[2]));
        }

        x.WriteEndElement();
        x.WriteStartElement("triangles", Core);
        foreach (var t in body.Mesh.Triangles.Chunk(3))
        {
            Element(x, "triangle", "v1", Number(t[0]), "v2", Number(t[1]), "v3", Number(t[2]));
        }

        x.WriteEndElement();
        x.WriteEndElement();
        x.WriteEndElement();
    }

    /// <summary>An element with attributes, given as name and value in turn.</summary>
    private static void Element(XmlWriter x, string element, params ReadOnlySpan<string> attributes)
    {
        x.WriteStartElement(element, Core);
        for (int i = 0; i < attributes.Length; i += 2)
        {
            x.WriteAttributeString(attributes[i], attributes[i + 1]);
        }

        x.WriteEndElement();
    }

    private static void Default(XmlWriter x, string extension, string type)
    {
        x.WriteStartElement("Default", Types);
        x.WriteAttributeString("Extension", extension);
        x.WriteAttributeString("ContentType", type);
        x.WriteEndElement();
    }

    private static void Part(ZipArchive zip, string name, Action<XmlWriter> write)
    {
        using var stream = zip.CreateEntry(name, CompressionLevel.Fastest).Open();
        using var xml = XmlWriter.Create(stream, new() { Encoding = new UTF8Encoding(false) });
        write(xml);
    }

    private static string Number(int value) => value.ToString(CultureInfo.InvariantCulture);

    // The shortest text that reads back as the same number.
    private static string Number(float value) => value.ToString("R", CultureInfo.InvariantCulture);
}
