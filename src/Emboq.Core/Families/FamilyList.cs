using Emboq.Core.Families.HoseAdapter;

namespace Emboq.Core.Families;

/// <summary>Every family, written down by hand: a new one is one line here.</summary>
public static class FamilyList
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<Family> All { get; } = [HoseAdapterFamily.Family];

    /// <summary>The family under a key, or <c>null</c>.</summary>
    public static Family? Find(string key) => All.FirstOrDefault(f => f.Key == key);
}
