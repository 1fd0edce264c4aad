using Emboq.Core;
using Emboq.Core.Measuring;

namespace Emboq.Web.Views;

/// <summary>A machine with what has been read from it.</summary>
public sealed record MachineView(Guid Id, string Name, string Note, IReadOnlyList<InterfaceView> Interfaces)
{
    /// <summary>From a machine.</summary>
    public static MachineView Of(Machine m) => new(m.Id, m.Name, m.Note, [.. m.Interfaces.Select(InterfaceView.Of)]);
}

/// <summary>A measured place.</summary>
public sealed record InterfaceView(Guid Id, string Name, string Kind, string KindName, IReadOnlyList<DimensionView> Dimensions)
{
    /// <summary>From an interface.</summary>
    public static InterfaceView Of(Interface i) => new(i.Id, i.Name, i.Kind.Key, i.Kind.Name, [.. i.Kind.Dimensions.Select(k => DimensionView.Of(i[k.Key], k))]);
}

/// <summary>A dimension with its readings and what they say together.</summary>
/// <param name="Key">Which dimension.</param>
/// <param name="Label">As shown.</param>
/// <param name="How">How it is measured.</param>
/// <param name="Size">Best estimate; <c>null</c> while nothing is read.</param>
/// <param name="Warning">What is suspicious about the readings.</param>
/// <param name="Readings">Oldest first, struck ones too.</param>
public sealed record DimensionView(string Key, string Label, string How, QuantityView? Size, string? Warning, IReadOnlyList<ReadingView> Readings)
{
    /// <summary>From a dimension.</summary>
    public static DimensionView Of(Dimension dimension, DimensionKind kind)
    {
        var measured = Evaluation.Of(dimension);
        var warning = measured switch
        {
            { Disagrees: true } => "Two instruments disagree by more than both can be off.",
            { Scatters: true } => "The readings scatter more than their instrument does: a slip, or the place is not round.",
            _ => null,
        };
        return new(kind.Key, kind.Name, kind.How, measured is null ? null : QuantityView.Of(measured.Quantity), warning, [.. dimension.Readings.Select(ReadingView.Of)]);
    }
}

/// <summary>One reading.</summary>
public sealed record ReadingView(Guid Id, string Text, string Metric, string? Inches, string Instrument, DateTimeOffset At, string? Remark, string? StruckBecause)
{
    /// <summary>From a reading.</summary>
    public static ReadingView Of(Reading r) => new(r.Id, r.Text, QuantityText.Metric(r.Millimetres, Unit.Millimetre), QuantityText.Inches(r.Millimetres, Unit.Millimetre), r.Instrument.Name, r.At, r.Remark, r.StruckBecause);
}
