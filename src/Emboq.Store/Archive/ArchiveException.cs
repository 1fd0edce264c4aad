namespace Emboq.Store.Archive;

/// <summary>A file that is no whole backup of a workshop; the message says what is wrong with it.</summary>
public sealed class ArchiveException(string message) : Exception(message);
