using System.Globalization;

namespace Emboq.Core.Setups;

/// <summary>One figure of a printer, a filament or a setup: what it is called, what it may be, and where it stands.</summary>
/// <typeparam name="T">Whose figure.</typeparam>
/// <param name="Key">Path in its JSON: "pace.wallSpeed".</param>
/// <param name="Label">As shown.</param>
/// <param name="Unit">In words; empty for shares and counts that need none.</param>
/// <param name="Least">Least value allowed.</param>
/// <param name="Most">Greatest value allowed.</param>
/// <param name="Value">Reads it; <c>null</c> while it is open.</param>
/// <param name="MayBeOpen">Whether it may be left open.</param>
public sealed record SettingField<T>(string Key, string Label, string Unit, double Least, double Most, Func<T, double?> Value, bool MayBeOpen = false)
{
    /// <summary>The figure with its unit.</summary>
    public string Says(T of) => Value(of) is { } v ? $"{v.ToString("0.####", CultureInfo.InvariantCulture)} {Unit}".TrimEnd() : "open";

    /// <summary>The same figure of something that holds it.</summary>
    /// <param name="path">Where it holds it.</param>
    /// <param name="part">Reads what holds it.</param>
    public SettingField<TWhole> In<TWhole>(string path, Func<TWhole, T?> part) =>
        new($"{path}.{Key}", Label, Unit, Least, Most, whole => part(whole) is { } held ? Value(held) : null, MayBeOpen);
}

/// <summary>Something that was changed, in words.</summary>
/// <param name="What">What it is called.</param>
/// <param name="Was">Before.</param>
/// <param name="Now">After.</param>
public sealed record SettingChange(string What, string Was, string Now);
