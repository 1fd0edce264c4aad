namespace Emboq.Core.Measuring;

/// <summary>What a reading is taken with. Figures are in the unit it reads: mm, degrees, g, or counts.</summary>
/// <param name="Id">Short and stable: "long-caliper".</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Resolution">Smallest step it shows.</param>
/// <param name="MaximumPermissibleError">Largest error it may have anywhere in its reach, either way.</param>
/// <param name="Repeatability">Standard deviation of repeated readings by a practised hand.</param>
/// <param name="Reach">The most it measures.</param>
/// <param name="Kind">What sort it is.</param>
/// <param name="LastZeroCheck">When its zero was last looked at; <c>null</c> when nobody has noted it.</param>
public sealed record Instrument(
    string Id, string Name, double Resolution, double MaximumPermissibleError, double Repeatability, double Reach,
    InstrumentKind Kind = InstrumentKind.Caliper, DateTimeOffset? LastZeroCheck = null)
{
    private const string StandIns = "stand-in-";

    /// <summary>Whether it is a simulated device: what it has read is told as such, and it is never recommended.</summary>
    public bool IsStandIn => Id.StartsWith(StandIns, StringComparison.Ordinal);

    /// <summary>Whether it takes a dimension that is got at in this way.</summary>
    public bool Takes(Access access) => Accesses.Of(Kind).Contains(access);
}
