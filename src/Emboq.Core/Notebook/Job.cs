namespace Emboq.Core.Notebook;

/// <summary>One need, worked to its end.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Need">What the parts must do.</param>
/// <param name="Parts">Its parts.</param>
public sealed record Job(Guid Id, string Name, string Need, IReadOnlyList<Part> Parts);
