using System.IO.Compression;
using System.Text.Json.Nodes;
using System.Xml.Linq;

namespace Emboq.Exchange.Tests;

/// <summary>3MF against the clauses of the 3MF Core Specification 1.3 (from memory), and the container of binary glTF 2.0; other people's readers judge both
/// in the end-to-end tests.</summary>
public sealed class PackageTests
{
    private static readonly SolidMesh Tetrahedron = new([0, 0, 0, 10, 0, 0, 0, 10, 0, 0, 0, 10.25f], [0, 2, 1, 0, 1, 3, 1, 2, 3, 0, 3, 2], 170.8, 1);

    private static readonly NamedMesh[] Bodies = [new("first & <only>", Tetrahedron), new("second", Tetrahedron)];

    private static XDocument Part(ZipArchive zip, string name)
    {
        using var stream = zip.GetEntry(name)!.Open();
        return XDocument.Load(stream);
    }

    [Fact]
    public void A_3mf_package_has_its_types_its_relationship_and_its_model()
    {
        using var zip = new ZipArchive(new MemoryStream(ThreeMfFile.Write(Bodies, "title")));
        zip.Entries.Select(e => e.FullName).ShouldBe(["[Content_Types].xml", "_rels/.rels", "3D/3dmodel.model"]);
        Part(zip, "_rels/.rels").Root!.Elements().Single().Attribute("Target")!.Value.ShouldBe("/3D/3dmodel.model");
        Part(zip, "[Content_Types].xml").Root!.Elements().Select(e => e.Attribute("Extension")!.Value).ShouldBe(["rels", "model"]);
    }

    [Fact]
    public void A_3mf_model_is_in_millimetres_with_one_named_object_a_body_and_each_in_the_build()
    {
        using var zip = new ZipArchive(new MemoryStream(ThreeMfFile.Write(Bodies, "title")));
        var model = Part(zip, "3D/3dmodel.model").Root!;
        var core = model.Name.Namespace;
        model.Attribute("unit")!.Value.ShouldBe("millimeter");
        var objects = model.Element(core + "resources")!.Elements(core + "object").ToList();
        objects.Select(o => o.Attribute("name")!.Value).ShouldBe(["first & <only>", "second"]);
        // Ids are positive and unique, and the build names each of them (clauses 3.4 and 4.1).
        objects.Select(o => o.Attribute("id")!.Value).ShouldBe(model.Element(core + "build")!.Elements().Select(i => i.Attribute("objectid")!.Value));
        var mesh = objects[0].Element(core + "mesh")!;
        var vertices = mesh.Element(core + "vertices")!.Elements().ToList();
        vertices[3].Attribute("z")!.Value.ShouldBe("10.25");
        // Three different vertices a triangle, each within the list (clause 4.1.2).
        foreach (var triangle in mesh.Element(core + "triangles")!.Elements())
        {
            var corners = triangle.Attributes().Select(c => int.Parse(c.Value, System.Globalization.CultureInfo.InvariantCulture)).ToList();
            corners.Distinct().Count().ShouldBe(3);
            corners.ShouldAllBe(c => c < vertices.Count);
        }
    }

    [Fact]
    public void A_binary_gltf_holds_json_and_data_in_padded_chunks()
    {
        var file = GltfFile.Write(Bodies, "title");
        BitConverter.ToUInt32(file, 0).ShouldBe(0x46546C67u);
        BitConverter.ToInt32(file, 8).ShouldBe(file.Length);
        var length = BitConverter.ToInt32(file, 12);
        (length % 4).ShouldBe(0);
        var json = JsonNode.Parse(file.AsSpan(20, length))!;
        json["meshes"]!.AsArray().Select(m => (string)m!["name"]!).ShouldBe(["first & <only>", "second"]);
        json["accessors"]![0]!["max"]!.AsArray().Select(v => (float)v!).ShouldBe([10, 10, 10.25f]);
        ((int)json["buffers"]![0]!["byteLength"]!).ShouldBe(2 * ((4 * 3 * 4) + (12 * 4)));
    }
}
