namespace Emboq.Core.Measuring;

/// <summary>What each sort of instrument takes, and in which unit.</summary>
public static class Accesses
{
    /// <summary>The unit of a dimension that is got at in this way.</summary>
    public static Unit UnitOf(Access access) => access switch
    {
        Access.Angle => Unit.DegreeOfArc,
        Access.Mass => Unit.Grams,
        Access.Count => Unit.None,
        _ => Unit.Millimetre,
    };

    /// <summary>The unit of an instrument's figures.</summary>
    public static Unit UnitOf(Instrument instrument) => UnitOf(Of(instrument.Kind)[0]);

    /// <summary>What a sort of instrument takes, the usual first.</summary>
    public static IReadOnlyList<Access> Of(InstrumentKind kind) => kind switch
    {
        InstrumentKind.Caliper => [Access.Outside, Access.Inside, Access.Depth, Access.Length, Access.Pitch, Access.Position],
        InstrumentKind.Rule => [Access.Length, Access.Outside, Access.Inside, Access.Depth, Access.Position],
        InstrumentKind.Tape => [Access.Around, Access.Length, Access.Outside, Access.Inside, Access.Position],
        InstrumentKind.DepthRod => [Access.Depth, Access.Length],
        InstrumentKind.RadiusGauges => [Access.Radius],
        InstrumentKind.PitchGauge => [Access.Pitch],
        InstrumentKind.Protractor => [Access.Angle],
        InstrumentKind.Scale => [Access.Mass],
        InstrumentKind.Scanner => [Access.Outside, Access.Inside, Access.Depth, Access.Length, Access.Around, Access.Radius, Access.Pitch, Access.Position],
        InstrumentKind.Eye => [Access.Count],
        _ => throw new InvalidOperationException($"Nothing is known of {kind}."),
    };
}
