namespace Emboq.Core.Measuring;

/// <summary>Anything a part interfaces with.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Version">Counts its namings: a change made to an older one is refused.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Note">What is worth knowing about it.</param>
/// <param name="Archived">Put away: kept, and no longer listed.</param>
/// <param name="Interfaces">Its measured places.</param>
public sealed record Machine(Guid Id, int Version, string Name, string Note, bool Archived, IReadOnlyList<Interface> Interfaces);
