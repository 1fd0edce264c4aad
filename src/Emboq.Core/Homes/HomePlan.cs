namespace Emboq.Core.Homes;

/// <summary>Where one thing lies.</summary>
/// <param name="Thing">Its key.</param>
/// <param name="Copy">Which of several alike, from 1.</param>
/// <param name="Storage">Key of what it lies in.</param>
/// <param name="X">Its left side from the left wall, mm.</param>
/// <param name="Y">Its front from the front, mm.</param>
/// <param name="Wide">As it lies, mm.</param>
/// <param name="Deep">As it lies, mm.</param>
/// <param name="Height">Over the floor, mm.</param>
public sealed record Home(string Thing, int Copy, string Storage, double X, double Y, double Wide, double Deep, double Height);

/// <summary>A flat piece that fills what is left free.</summary>
/// <param name="Storage">Where.</param>
/// <param name="X">Its left side, mm.</param>
/// <param name="Y">Its front, mm.</param>
/// <param name="Wide">mm.</param>
/// <param name="Deep">mm.</param>
public sealed record Filler(string Storage, double X, double Y, double Wide, double Deep);

/// <summary>A plan.</summary>
/// <param name="Homes">Of everything that has one.</param>
/// <param name="Homeless">Keys of things of which not all have one, with how many have none.</param>
/// <param name="Best">Whether no plan is better by what is weighed; otherwise it is the best that was found in the time.</param>
/// <param name="Why">By thing, in sentences, why it lies where it does.</param>
/// <param name="Fillers">For the larger gaps.</param>
public sealed record HomePlan(IReadOnlyList<Home> Homes, IReadOnlyDictionary<string, int> Homeless, bool Best,
    IReadOnlyDictionary<string, IReadOnlyList<string>> Why, IReadOnlyList<Filler> Fillers);
