using System.Buffers;
using System.Buffers.Binary;
using System.Security.Cryptography;
using System.Text;

namespace Emboq.Core.Solids;

/// <summary>Content hash of an immutable node, from its kind, its numbers and the hashes of its children: computed once, at construction.</summary>
internal static class StructuralHash
{
    public static string Of(string kind, IEnumerable<double> numbers, params IEnumerable<string> children)
    {
        // Hashed in one go: a call for each number takes longer than all else.
        var content = new ArrayBufferWriter<byte>(1024);
        Encoding.UTF8.GetBytes(kind, content);
        foreach (var number in numbers)
        {
            // −0 and 0 are one number and must be one hash.
            BinaryPrimitives.WriteDoubleLittleEndian(content.GetSpan(sizeof(double)), number == 0 ? 0.0 : number);
            content.Advance(sizeof(double));
        }

        foreach (var child in children)
        {
            Encoding.ASCII.GetBytes(child, content);
        }

        return Convert.ToHexStringLower(SHA256.HashData(content.WrittenSpan).AsSpan(0, 16));
    }
}
