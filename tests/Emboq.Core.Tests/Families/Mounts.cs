namespace Emboq.Core.Tests.Families;

/// <summary>Parts that hold on under load, printed exactly and of a tough filament unless somebody says otherwise.</summary>
internal static class Mounts
{
    public static readonly Process Tough = Workshop.OfTough(Workshop.Exact);

    /// <summary>A design of decisions "key=value; key=value", the last of equal keys counts, and of places "key value, key value".</summary>
    public static Design Design(string family, string entries, Process? process, IReadOnlyDictionary<string, Taken>? taken,
        params (string Slot, string Kind, string Sizes)[] places)
    {
        var found = FamilyList.Find(family)!;
        var values = entries.Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).GroupBy(e => e[0])
            .ToDictionary(e => e.Key, e => e.Last()[1]);
        return found.Design(new(ParameterValues.Read(found.Parameters, values).Value,
            places.ToDictionary(p => p.Slot, p => Measuring.Places.Of(KindList.Of(p.Kind), p.Sizes)), process ?? Tough, [])
        { Taken = taken ?? new Dictionary<string, Taken>() });
    }

    public static Check Of(Design design, string key) => design.Checks.Single(c => c.Key == key);
}
