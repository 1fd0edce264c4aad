namespace Emboq.Store;

/// <summary>A notebook, or a backup of one, that a newer Emboq has written.</summary>
/// <param name="theirs">Version of its tables.</param>
/// <param name="ours">The newest version that is known here.</param>
public sealed class NewerNotebookException(int theirs, int ours)
    : Exception($"It was written by a newer Emboq: its tables are of version {theirs}, and this Emboq knows up to {ours}. Use the newer Emboq, or "
        + "another folder.");
