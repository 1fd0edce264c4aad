namespace Emboq.Core.Measuring;

/// <summary>A photograph pinned to an interface; the picture itself is kept apart.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Caption">What it shows; may be empty.</param>
/// <param name="Width">Pixels.</param>
/// <param name="Height">Pixels.</param>
/// <param name="At">When it was pinned.</param>
public sealed record Photo(Guid Id, string Caption, int Width, int Height, DateTimeOffset At);
