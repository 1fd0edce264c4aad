using System.Security.Cryptography;
using System.Text;

namespace Emboq.Core.Solids;

/// <summary>Content hash of an immutable node, from its kind, its numbers and the hashes of its children: computed once, at construction.</summary>
internal static class StructuralHash
{
    public static string Of(string kind, IEnumerable<double> numbers, params IEnumerable<string> children)
    {
        using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        hash.AppendData(Encoding.UTF8.GetBytes(kind));
        foreach (var number in numbers)
        {
            // −0 and 0 are one number and must be one hash.
            hash.AppendData(BitConverter.GetBytes(number == 0 ? 0.0 : number));
        }

        foreach (var child in children)
        {
            hash.AppendData(Encoding.ASCII.GetBytes(child));
        }

        return Convert.ToHexStringLower(hash.GetHashAndReset().AsSpan(0, 16));
    }
}
