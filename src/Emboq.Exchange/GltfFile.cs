using System.Buffers.Binary;
using System.Runtime.InteropServices;
using System.Text;
using System.Text.Json.Nodes;

namespace Emboq.Exchange;

/// <summary>Binary glTF 2.0 (Khronos, ISO/IEC 12113): one node and mesh a body. glTF is in metres with y up: a root node turns and scales.</summary>
public static class GltfFile
{
    private const uint Magic = 0x46546C67;
    private const uint JsonChunk = 0x4E4F534A;
    private const uint BinaryChunk = 0x004E4942;
    private const int Float = 5126;
    private const int UnsignedInt = 5125;

    /// <summary>Writes bodies where they stand.</summary>
    /// <param name="bodies">One or more.</param>
    /// <param name="title">Name of the scene.</param>
    public static byte[] Write(IReadOnlyList<NamedMesh> bodies, string title)
    {
        using var data = new MemoryStream();
        var (views, accessors, meshes) = (new JsonArray(), new JsonArray(), new JsonArray());
        var nodes = new JsonArray(new JsonObject
        {
            ["name"] = title,
            ["children"] = new JsonArray([.. bodies.Select((_, i) => (JsonNode)(i + 1))]),
            // A quarter turn about x lays z up to y up.
            ["rotation"] = new JsonArray(-Math.Sqrt(0.5), 0, 0, Math.Sqrt(0.5)),
            ["scale"] = new JsonArray(0.001, 0.001, 0.001),
        });
        foreach (var (name, mesh) in bodies)
        {
            var (least, greatest) = mesh.Bounds;
            views.Add((JsonNode)View(data, MemoryMarshal.AsBytes(mesh.Positions.AsSpan()), 34962));
            accessors.Add((JsonNode)new JsonObject
            {
                ["bufferView"] = views.Count - 1,
                ["componentType"] = Float,
                ["count"] = mesh.Positions.Length / 3,
                ["type"] = "VEC3",
                ["min"] = new JsonArray((float)least.X, (float)least.Y, (float)least.Z),
                ["max"] = new JsonArray((float)greatest.X, (float)greatest.Y, (float)greatest.Z),
            });
            views.Add((JsonNode)View(data, MemoryMarshal.AsBytes(mesh.Triangles.AsSpan()), 34963));
            accessors.Add((JsonNode)new JsonObject
            {
                ["bufferView"] = views.Count - 1,
                ["componentType"] = UnsignedInt,
                ["count"] = mesh.Triangles.Length,
                ["type"] = "SCALAR"
            });
            meshes.Add((JsonNode)new JsonObject
            {
                ["name"] = name,
                ["primitives"] = new JsonArray(new JsonObject
                {
                    ["attributes"] = new JsonObject { ["POSITION"] = accessors.Count - 2 },
                    ["indices"] = accessors.Count - 1,
                    ["material"] = 0,
                }),
            });
            nodes.Add((JsonNode)new JsonObject { ["name"] = name, ["mesh"] = meshes.Count - 1 });
        }

        var json = new JsonObject
        {
            ["asset"] = new JsonObject { ["version"] = "2.0", ["generator"] = "Emboq" },
            ["scene"] = 0,
            ["scenes"] = new JsonArray(new JsonObject { ["nodes"] = new JsonArray(0) }),
            ["nodes"] = nodes,
            ["meshes"] = meshes,
            ["materials"] = new JsonArray(new JsonObject
            {
                ["name"] = "printed part",
                ["pbrMetallicRoughness"] = new JsonObject
                {
                    ["baseColorFactor"] = new JsonArray(0.462, 0.227, 0.023, 1),
                    ["metallicFactor"] = 0,
                    ["roughnessFactor"] = 0.8
                },
            }),
            ["accessors"] = accessors,
            ["bufferViews"] = views,
            ["buffers"] = new JsonArray(new JsonObject { ["byteLength"] = data.Length }),
        };
        return Container(Encoding.UTF8.GetBytes(json.ToJsonString()), data.ToArray());
    }

    private static JsonObject View(MemoryStream data, ReadOnlySpan<byte> bytes, int target)
    {
        var view = new JsonObject { ["buffer"] = 0, ["byteOffset"] = data.Length, ["byteLength"] = bytes.Length, ["target"] = target };
        data.Write(bytes);
        return view;
    }

    private static byte[] Container(byte[] json, byte[] binary)
    {
        static int Padded(int length) => (length + 3) / 4 * 4;
        var file = new byte[12 + 8 + Padded(json.Length) + 8 + Padded(binary.Length)];
        var at = file.AsSpan();
        Head(at, Magic, 2, (uint)file.Length);
        at = at[12..];
        at = Chunk(at, JsonChunk, json, Padded(json.Length), (byte)' ');
        Chunk(at, BinaryChunk, binary, Padded(binary.Length), 0);
        return file;

        static void Head(Span<byte> to, params ReadOnlySpan<uint> words)
        {
            for (int i = 0; i < words.Length; i++)
            {
                BinaryPrimitives.WriteUInt32LittleEndian(to[(4 * i)..], words[i]);
            }
        }

        static Span<byte> Chunk(Span<byte> to, uint kind, byte[] content, int padded, byte filler)
        {
            Head(to, (uint)padded, kind);
            to.Slice(8, padded).Fill(filler);
            content.CopyTo(to[8..]);
            return to[(8 + padded)..];
        }
    }
}
