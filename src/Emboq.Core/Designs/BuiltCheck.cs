namespace Emboq.Core.Designs;

/// <summary>Whether something is left of every body.</summary>
public static class BuiltCheck
{
    /// <summary>Tells of bodies of which nothing is left, unless a check that stops has said why already.</summary>
    /// <param name="design">The design.</param>
    /// <param name="nothing">Its bodies without a triangle.</param>
    /// <returns><c>null</c> when there is nothing to tell.</returns>
    public static Check? Of(Design design, IReadOnlyList<Body> nothing) => nothing.Count == 0 || design.Checks.Any(c => c.Verdict == Verdict.Stop)
        ? null
        : new("built", "there is something to print", Verdict.Stop,
            $"Nothing is left of the {nothing[0].Name}: what is cut away takes all of it. Change the last size.",
            "0 mm³", "more than 0 mm³", "The triangles of the very solid.", []);
}
