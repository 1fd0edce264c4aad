namespace Emboq.Core.Designs;

/// <summary>What is usually changed after a part did not do what it must; common practice, no published source.</summary>
/// <param name="Parameter">Key of the decision.</param>
/// <param name="Times">How much of its figure is taken next.</param>
/// <param name="Label">What pressing it does; "{0}" stands for the figure.</param>
public sealed record TryHelp(string Parameter, double Times, string Label);
