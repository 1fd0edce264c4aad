namespace Emboq.Core;

/// <summary>What a reading is taken with.</summary>
/// <param name="Id">Short and stable: "long-caliper".</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Resolution">Smallest step it shows, mm.</param>
/// <param name="MaximumPermissibleError">Largest error it may have anywhere in its reach, mm, either way.</param>
/// <param name="Repeatability">Standard deviation of repeated readings by a practised hand on a printed or turned part, mm.</param>
/// <param name="Reach">Largest length it measures, mm.</param>
public sealed record Instrument(string Id, string Name, double Resolution, double MaximumPermissibleError, double Repeatability, double Reach);
