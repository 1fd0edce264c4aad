namespace Emboq.Core.Quantities;

/// <summary>One thing wrong with a person's input: which field, what was given, the limit, and what to do.</summary>
/// <param name="Field">Path of the field: "parameters.coneAngle".</param>
/// <param name="Value">What was given, as text.</param>
/// <param name="Message">What is wrong, with the figure and the limit.</param>
/// <param name="Remedy">What to do.</param>
/// <param name="Limit">The limit alone, as text, where there is one.</param>
/// <param name="Position">Where in the text it goes wrong, counted from 0, where that is known.</param>
public sealed record Problem(string Field, string? Value, string Message, string Remedy, string? Limit = null, int? Position = null);
