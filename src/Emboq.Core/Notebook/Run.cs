namespace Emboq.Core.Notebook;

/// <summary>One finished printing of a revision.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Part">The part.</param>
/// <param name="Revision">What was printed.</param>
/// <param name="Process">What it was printed with.</param>
/// <param name="Seconds">How long it took.</param>
/// <param name="ModelledSeconds">How long the model said, without any factor.</param>
/// <param name="Grams">What it weighed, if it was weighed.</param>
/// <param name="ModelledGrams">What the model said it weighs, without any factor; <c>null</c> of runs that are older than that.</param>
/// <param name="At">When it was noted.</param>
public sealed record Run(Guid Id, Guid Part, int Revision, Guid Process, double Seconds, double ModelledSeconds, double? Grams,
    double? ModelledGrams, DateTimeOffset At);
