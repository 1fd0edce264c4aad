using Emboq.Core.Measuring.Kinds;

namespace Emboq.Core.Catalogue;

/// <summary>Every kind of place, written down by hand: a new one is one word here.</summary>
public static class KindList
{
    /// <summary>A round opening or pipe end.</summary>
    public static InterfaceKind Tube => TubeKind.Kind;

    /// <summary>A rectangular or odd opening.</summary>
    public static InterfaceKind Duct => DuctKind.Kind;

    /// <summary>All of them.</summary>
    public static IReadOnlyList<InterfaceKind> All { get; } =
    [
        TubeKind.Kind, .. DuctKind.All, PostKind.Kind, PinKind.Kind, BoreKind.Kind, HoseKind.Kind, ArcKind.Kind, TaperKind.Kind,
        SlotKind.Kind, TSlotKind.Kind, LippedKind.Kind, BlockKind.Kind, BoardKind.Kind, FlatKind.Kind, FootKind.Kind, TracedKind.Kind,
        GripKind.Kind, GapsKind.Kind,
        CavityKind.Kind,
        RodsKind.Kind, HolesKind.Kind, HoleRowKind.Kind, HoleCircleKind.Kind, HoleGridKind.Kind,
        TurnedKind.Kind, ThreadKind.Kind, SpindleKind.Kind, NutKind.Kind, ScrewHeadKind.Kind, RingKind.Kind, AngleKind.Kind, MassKind.Kind,
    ];

    /// <summary>The kind under a key.</summary>
    /// <exception cref="KeyNotFoundException">There is none.</exception>
    public static InterfaceKind Of(string key) => All.FirstOrDefault(k => k.Key == key) ?? throw new KeyNotFoundException($"There is no kind '{key}'.");

    /// <summary>Stands in for a place that a part needs and nobody has named yet: it goes by what it is for, and nothing of it is read.</summary>
    public static Interface Unnamed(InterfaceSlot slot) =>
        Interface.Of(Guid.Empty, slot.Label, Of(slot.Kinds[0]), [], kind => new Dimension(Guid.Empty, kind.Key, $"{slot.Label} {kind.Name}", []));
}
