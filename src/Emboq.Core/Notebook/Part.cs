namespace Emboq.Core.Notebook;

/// <summary>One part of a job.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Job">The job it belongs to.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Family">Key of its family.</param>
/// <param name="Version">Row version of <paramref name="State"/>, counted from 1.</param>
/// <param name="State">The decisions so far.</param>
public sealed record Part(Guid Id, Guid Job, string Name, string Family, int Version, PartState State);
