using System.Text.Json;

namespace Emboq.Web.Views;

/// <summary>One figure of a form.</summary>
/// <param name="Key">Path in what is sent.</param>
/// <param name="Label">As shown.</param>
/// <param name="Unit">In words; may be empty.</param>
/// <param name="Least">Least value allowed.</param>
/// <param name="Most">Greatest value allowed.</param>
/// <param name="MayBeOpen">Whether it may be left open.</param>
public sealed record SettingFieldView(string Key, string Label, string Unit, double Least, double Most, bool MayBeOpen)
{
    /// <summary>From fields.</summary>
    public static IReadOnlyList<SettingFieldView> Of<T>(IReadOnlyList<SettingField<T>> fields) =>
        [.. fields.Select(f => new SettingFieldView(f.Key, f.Label, f.Unit, f.Least, f.Most, f.MayBeOpen))];
}

/// <summary>A sort of filament.</summary>
/// <param name="Key">As sent.</param>
/// <param name="Words">As shown.</param>
/// <param name="Usual">Where one of the sort starts.</param>
public sealed record FilamentClassView(string Key, string Words, Filament Usual);

/// <summary>A kind of printed surface.</summary>
/// <param name="Key">As sent.</param>
/// <param name="Words">As shown.</param>
/// <param name="Usual">Where it starts.</param>
public sealed record SurfaceView(string Key, string Words, Allowance Usual);

/// <summary>A state that a printer, filament or setup has had.</summary>
/// <param name="Version">Its number.</param>
/// <param name="At">When it was entered.</param>
/// <param name="Changes">What differs from the one before it.</param>
public sealed record SettingStateView(int Version, DateTimeOffset At, IReadOnlyList<SettingChange> Changes);

/// <summary>What the forms of printers, filaments and setups ask for, and where they start.</summary>
public sealed record SettingForms(IReadOnlyList<SettingFieldView> Printer, IReadOnlyList<SettingFieldView> Filament, IReadOnlyList<SettingFieldView> Setup,
    IReadOnlyList<SettingFieldView> Allowance, Printer UsualPrinter, Setup UsualSetup, IReadOnlyList<FilamentClassView> Classes,
        IReadOnlyList<SurfaceView> Surfaces)
{
    /// <summary>They are the same for every workshop.</summary>
    public static SettingForms All { get; } = new(SettingFieldView.Of(SettingFields.OfPrinter), SettingFieldView.Of(SettingFields.OfFilament),
        SettingFieldView.Of(SettingFields.OfSetup), SettingFieldView.Of(SettingFields.OfAllowance), new() { Name = "" },
        new() { Name = "", Printer = Guid.Empty, Filament = Guid.Empty },
        [.. Enum.GetValues<FilamentClass>().Select(c => new FilamentClassView(Key(c), Core.Setups.Filament.Describe(c), Core.Setups.Filament.Usual("", c)))],
        [.. Enum.GetValues<Surface>().Select(s => new SurfaceView(Key(s), Process.Describe(s), UsualAllowances.Of(s)))]);

    private static string Key<T>(T word)
        where T : struct, Enum => JsonNamingPolicy.CamelCase.ConvertName($"{word}");
}
