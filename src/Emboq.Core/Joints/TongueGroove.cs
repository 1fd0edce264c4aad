namespace Emboq.Core.Joints;

/// <summary>A tongue of one part in a groove of the next, both as long as their edge is high: they keep in line and are parted by hand. Its own frame: the
/// edge is x = 0, material lies at −x, y runs along the edge, z is up.</summary>
/// <param name="Tongue">Its width, as drawn.</param>
/// <param name="Groove">Width of the groove, as drawn.</param>
/// <param name="Play">Of the one in the other, as printed.</param>
/// <param name="Stands">How far the tongue stands out of the edge.</param>
internal sealed record TongueGroove(Quantity Tongue, Quantity Groove, Quantity Play, Quantity Stands)
{
    /// <summary>What a groove is deeper than its tongue stands out, mm: edges meet, not their ends.</summary>
    public const double Deeper = 0.3;

    /// <summary>Reckons it as a slide fit.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="wide">The finished tongue, mm.</param>
    /// <param name="stands">mm.</param>
    public static TongueGroove Of(JointScope scope, double wide, double stands)
    {
        var fit = FitClasses.Pocket("slide");
        var finished = Quantity.Chosen("tongue", wide, Unit.Millimetre, "this family");
        var clearance = scope.Add("clearance", "clearance", Quantity.RuleOfThumb($"clearance of a {fit.Name} fit", fit.Clearance, Unit.Millimetre,
            FitClasses.Basis), fit.Feels);
        var tongue = scope.Drawn("wide", "width", finished, Surface.OutsideFlat);
        var groove = scope.Drawn("groove", "groove", finished + clearance, Surface.Pocket);
        var play = scope.Add("play", "play in its groove", SizeLaw.Printed(groove, Surface.Pocket, scope.Fits, "groove")
            - SizeLaw.Printed(tongue, Surface.OutsideFlat, scope.Fits, "tongue"), "As both come out.");
        return new(tongue, groove, play, scope.Add("stands", "stands out", Quantity.Chosen("tongue stands out", stands, Unit.Millimetre, "this family"),
            "Of the edge."));
    }

    /// <summary>What stands out of one edge.</summary>
    public Solid Out(double high) => new Solid.Box(Stands.Value + 1, Tongue.Value, high).At(-1, -Tongue.Value / 2, 0);

    /// <summary>What is cut into the edge that meets it.</summary>
    public Solid Cut(double high) => new Solid.Box(Stands.Value + Deeper + 1, Groove.Value, high + 2).At(-Stands.Value - Deeper, -Groove.Value / 2, -1);

    /// <summary>Whether it goes in, and does not rattle.</summary>
    public Check Slides(string key)
    {
        var (tight, loose) = (Play.Value - (2 * Play.StandardUncertainty), Play.Value + (2 * Play.StandardUncertainty));
        return new($"{key}.slides", "tongue in its groove", tight >= 0 && loose <= 1 ? Verdict.Good : Verdict.Watch, tight < 0
            ? "It may be too tight to go in: print the pair of edges first." : loose > 1 ? "It may rattle: print the pair of edges first."
                : "It slides in by hand.",
            $"{Figures.Mm(tight)} to {Figures.Mm(loose)}", "0 mm to 1 mm", "Law of sizes, k = 2; common practice, no published source.",
                tight >= 0 && loose <= 1
                ? [] : [new Remedy.Prove("Print the pair of edges first")]);
    }

    /// <summary>Whether it goes in, and does not break through.</summary>
    /// <param name="key">Begins the keys.</param>
    /// <param name="wall">Of the material behind the edge, mm.</param>
    /// <param name="least">That must stay behind the groove, mm.</param>
    /// <param name="remedies">What makes the wall thicker.</param>
    public IEnumerable<Check> Checks(string key, double wall, double least, params IReadOnlyList<Remedy> remedies)
    {
        yield return Slides(key);
        var left = wall - Stands.Value - Deeper;
        var holds = left >= least - 1e-9;
        yield return new($"{key}.wall", "wall behind the groove", holds ? Verdict.Good : Verdict.Stop, holds ? "Enough stays behind it."
            : "The groove breaks through: thicker walls.", Figures.Mm(Math.Max(0, left)), $"{Figures.Mm(least)} or more",
            "Common practice, no published source.", holds ? [] : remedies);
    }
}
