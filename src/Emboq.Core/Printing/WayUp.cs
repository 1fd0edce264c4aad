namespace Emboq.Core.Printing;

/// <summary>One way of laying a part on the bed.</summary>
/// <param name="Key">Short and stable: "first".</param>
/// <param name="Name">As shown: "first end down".</param>
/// <param name="Tip">Degrees about the x axis, from the frame of the design.</param>
/// <param name="Lines">How layer lines lie to the load.</param>
/// <param name="Seam">Where seams and steps fall on fitted faces.</param>
/// <param name="SpoilsFit">Whether fitted faces lie across the layers and come out stepped.</param>
public sealed record WayUp(string Key, string Name, double Tip, string Lines, string Seam, bool SpoilsFit = false)
{
    /// <summary>Key of the decision that chooses the way up of a design of one piece.</summary>
    public const string UsualBy = "wayUp";
}
