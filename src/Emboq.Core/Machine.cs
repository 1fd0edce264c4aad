namespace Emboq.Core;

/// <summary>Anything a part interfaces with.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Note">What is worth knowing about it.</param>
/// <param name="Interfaces">Its measured places.</param>
public sealed record Machine(Guid Id, string Name, string Note, IReadOnlyList<Interface> Interfaces);
