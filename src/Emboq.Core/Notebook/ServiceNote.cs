namespace Emboq.Core.Notebook;

/// <summary>What a service note tells.</summary>
public enum ServiceKind
{
    /// <summary>Still in use, nothing to complain of.</summary>
    Holds,

    /// <summary>Something wore.</summary>
    Wore,

    /// <summary>Sanded, drilled, taped or otherwise altered by hand.</summary>
    Altered,

    /// <summary>Something broke.</summary>
    Broke,
}

/// <summary>What became of a kept revision in use.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Part">The part.</param>
/// <param name="Revision">Which revision it counts against.</param>
/// <param name="Kind">What happened.</param>
/// <param name="AfterCount">After how many of <paramref name="AfterUnit"/>, if counted.</param>
/// <param name="AfterUnit">"cycles" or "months".</param>
/// <param name="Says">In words.</param>
/// <param name="At">When it was noted.</param>
public sealed record ServiceNote(Guid Id, Guid Part, int Revision, ServiceKind Kind, double? AfterCount, string? AfterUnit, string Says, DateTimeOffset At);
