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
    public static byte[] Write(IReadOnlyList<NamedMesh> bodies, string title) =>
        Package(x => Model(x, [.. bodies.Select(b => (b, ""))], [.. Enumerable.Range(0, bodies.Count).Select(i => (i, (double[]?)null))], title));

    /// <summary>Writes a bed: each body once, with its colour, and an item of the build wherever it lies.</summary>
    /// <param name="placed">One or more.</param>
    /// <param name="title">Title of the model.</param>
    public static byte[] Write(IReadOnlyList<PlacedMesh> placed, string title)
    {
        var objects = placed.DistinctBy(p => (p.Body.Name, p.Colour)).Select(p => (p.Body, p.Colour)).ToList();
        return Package(x => Model(x, objects, [.. placed.Select(p => (objects.FindIndex(o => o.Body.Name == p.Body.Name && o.Colour == p.Colour),
            (double[]?)p.Transform))], title));
    }

    private static byte[] Package(Action<XmlWriter> model)
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
            Part(zip, "3D/3dmodel.model", model);
        }

        return memory.ToArray();
    }

    private static void Model(XmlWriter x, IReadOnlyList<(NamedMesh Body, string Colour)> objects,
        IReadOnlyList<(int Object, double[]? Transform)> items, string title)
    {
        x.WriteStartElement("model", Core);
        x.WriteAttributeString("unit", "millimeter");
        x.WriteAttributeString("xml", "lang", null, "en-US");
        x.WriteStartElement("metadata", Core);
        x.WriteAttributeString("name", "Title");
        x.WriteString(title);
        x.WriteEndElement();
        x.WriteStartElement("resources", Core);
        var colours = objects.Select(o => o.Colour).Distinct().ToList();
        var coloured = colours.Any(c => c.Length > 0);
        if (coloured)
        {
            Materials(x, colours, objects.Count + 1);
        }

        for (int i = 0; i < objects.Count; i++)
        {
            Object(x, objects[i].Body, i + 1, coloured ? (objects.Count + 1, colours.IndexOf(objects[i].Colour)) : null);
        }

        x.WriteEndElement();
        x.WriteStartElement("build", Core);
        foreach (var (of, transform) in items)
        {
            x.WriteStartElement("item", Core);
            x.WriteAttributeString("objectid", Number(of + 1));
            if (transform is not null)
            {
                x.WriteAttributeString("transform", string.Join(' ', transform.Select(v => ((float)v).ToString("R", CultureInfo.InvariantCulture))));
            }

            x.WriteEndElement();
        }

        x.WriteEndElement();
        x.WriteEndElement();
    }

    /// <summary>Colours by name; what is shown is made from the name, so that one colour looks alike in every file.</summary>
    private static void Materials(XmlWriter x, IReadOnlyList<string> colours, int id)
    {
        x.WriteStartElement("basematerials", Core);
        x.WriteAttributeString("id", Number(id));
        foreach (var colour in colours)
        {
            var shade = colour.Length == 0 ? 0x808080 : colour.Aggregate(17, (hash, c) => (hash * 31) + c) & 0xFFFFFF;
            Element(x, "base", "name", colour.Length == 0 ? "usual" : colour, "displaycolor", $"#{shade:X6}");
        }

        x.WriteEndElement();
    }

    private static void Object(XmlWriter x, NamedMesh body, int id, (int Material, int Index)? colour)
    {
        x.WriteStartElement("object", Core);
        x.WriteAttributeString("id", Number(id));
        x.WriteAttributeString("type", "model");
        x.WriteAttributeString("name", body.Name);
        if (colour is var (material, index))
        {
            x.WriteAttributeString("pid", Number(material));
            x.WriteAttributeString("pindex", Number(index));
        }

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
