namespace Emboq.Core.Families.Clamping.HoseCarrier;

/// <summary>A bush that is printed in its hole and cannot leave it: both have a belly, and a gap goes all around between them. Its own frame: the axis is z,
/// the face it is entered by is z = 0, and the material lies below.</summary>
/// <param name="End">Radius of the bush at its ends, mm.</param>
/// <param name="Belly">How much wider it is between them, mm.</param>
/// <param name="Gap">As drawn, square to its cones of 45 degrees.</param>
/// <param name="Comes">As it should come out, with the doubt of the process.</param>
/// <param name="From">Its lower end, mm.</param>
/// <param name="To">Where the hole ends above, mm.</param>
internal sealed record Captive(double End, double Belly, Quantity Gap, Quantity Comes, double From, double To)
{
    /// <summary>Between bush and hole, square to the axis, mm.</summary>
    public double Aside => Gap.Value * Math.Sqrt(2);

    public Solid Hole()
    {
        var (end, belly, low, high) = (End + Aside, End + Belly + Aside, From - ScrewHole.Over, To + ScrewHole.Over);
        return new Solid.Revolved(new Profile(new(0, low), new(end, low), new(end, From), new(belly, From + Belly), new(belly, To - Belly), new(end, To),
            new(end, high), new(0, high)));
    }

    /// <summary>The bush, standing out above by its end play.</summary>
    /// <param name="inside">Radius of its bore, mm.</param>
    /// <param name="play">mm.</param>
    public Solid Bush(double inside, double play) => new Solid.Revolved(new Profile(new(inside, From), new(End, From), new(End + Belly, From + Belly),
        new(End + Belly, To - Belly), new(End, To), new(End, To + play), new(inside, To + play)));

    public IEnumerable<Check> Checks(WayUp way)
    {
        yield return Judge.Of("captive.lies", "bush printed in place", way.Key == "lying", "Its gap stands upright, and nothing droops into it.",
            "Lying, the roof of its hole droops onto the bush and grows fast to it: print the cradle mouth up.", Verdict.Stop, way.Name, "mouth up",
            "Common practice, no published source.", new Remedy.Change("Print it mouth up", new Dictionary<string, string> { ["wayUp"] = "lying" }));
        var least = Comes.Value - (2 * Comes.StandardUncertainty);
        yield return Judge.AtLeast("captive.gap", "least gap around the bush", least, 0.15, "It comes free with a turn.",
            "It may grow fast to its hole: try a slice first, or take a bush of its own.", Verdict.Watch, "Law of sizes, k = 2.",
            new Remedy.Change("Take a bush of its own", new Dictionary<string, string> { ["turns"] = "swivel" }));
        yield return Judge.AtLeast("captive.keeps", "belly past its hole", Belly - Aside, 0.4, "It cannot be pulled out.",
            "The gap is nearly as wide as the belly: the bush comes out.", Verdict.Stop, "Plane geometry.",
            new Remedy.Change("Take a bush of its own", new Dictionary<string, string> { ["turns"] = "swivel" }));
    }
}
