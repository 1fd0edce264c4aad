namespace Emboq.Core.Families.Clamping.Bracket;

/// <summary>A part of the machine that moves past the bracket, and what the bracket carries, both seen from the side. Nothing of either may come near the
/// other, wherever along the bracket's width it passes.</summary>
/// <param name="Passes">Out from the mount and up from the lower end of the near plate.</param>
/// <param name="Carried">Along the far plate from the corner, and up from its face; mm.</param>
/// <param name="Clear">To keep between them, mm.</param>
internal sealed record MovingPart((double OutFrom, double OutTo, double UpFrom, double UpTo) Passes,
    (double From, double To, double High) Carried, double Clear)
{
    public static IReadOnlyList<ParameterSpec> Specs { get; } =
    [
        Kit.Specs.Choice("moves", "Beside it", "none", "A carriage, a chuck, a table: where it passes, nothing may be.", new ParameterOption("none",
            "nothing moves"), new ParameterOption("part", "a part of the machine moves")),
        .. new[]
        {
            Kit.Specs.Length("movesFrom", "It comes as near to the mount as", 150, 0, 3000, "From the mount's face, level."),
            Kit.Specs.Length("movesTo", "and as far from it as", 400, 0, 5000, "From the mount's face, level."),
            Kit.Specs.Length("movesLow", "It comes down to", 0, 0, 3000, "Up from the lower end of the bracket."),
            Kit.Specs.Length("movesHigh", "and up to", 300, 0, 5000, "Up from the lower end of the bracket."),
            Kit.Specs.Length("loadFrom", "What it carries begins at", 0, 0, 1000, "Along the bracket, from its corner."),
            Kit.Specs.Length("loadTo", "and ends at", 120, 0, 2000, "Along the bracket, from its corner."),
            Kit.Specs.Length("loadHigh", "as high as", 40, 0, 2000, "From the bracket up, with what stands in it."),
            Kit.Specs.Length("movesClear", "Keep between them", 15, 0, 500, "A hand's breadth where hands are."),
        }.Select(s => s.If("moves", "part")),
    ];

    public static MovingPart? Of(ParameterValues p)
    {
        if (p.Choice("moves") == "none")
        {
            return null;
        }

        double Asked(string key) => p.Number(key)!.Value;
        return new((Asked("movesFrom"), Asked("movesTo"), Asked("movesLow"), Asked("movesHigh")), (Asked("loadFrom"), Asked("loadTo"), Asked("loadHigh")),
            Asked("movesClear"));
    }

    private bool IsOne => Passes.OutTo > Passes.OutFrom && Passes.UpTo > Passes.UpFrom;

    /// <summary>Where it passes, in the bracket's section.</summary>
    public IReadOnlyList<Point2> Box(BracketReckoning r)
    {
        var ((from, to, low, high), floor) = (Passes, -r.NearLength);
        return [new(from, floor + low), new(to, floor + low), new(to, floor + high), new(from, floor + high)];
    }

    /// <summary>What is carried, in the bracket's section.</summary>
    public IReadOnlyList<Point2> Load(BracketReckoning r)
    {
        Point2 At(double along, double up) => new((r.Out.X * along) - (r.In.X * up), (r.Out.Y * along) - (r.In.Y * up));
        return [At(Carried.From, 0), At(Carried.To, 0), At(Carried.To, Carried.High), At(Carried.From, Carried.High)];
    }

    private bool Carries => Carried.To > Carried.From && Carried.High > 0;

    /// <summary>Of what moves, as much is drawn as lies beside the bracket, mm.</summary>
    private const double Shown = 40;

    /// <summary>How far out it is drawn, mm.</summary>
    public double DrawnTo => Math.Max(Carried.To, IsOne ? Math.Min(Passes.OutTo, Passes.OutFrom + Shown) : 0);

    /// <summary>Adds both to a drawing.</summary>
    public void Draw(Sheet sheet, BracketReckoning r)
    {
        if (IsOne && Passes.UpFrom < r.NearLength + Carried.High + Shown)
        {
            var up = Math.Min(Passes.UpTo, r.NearLength + Carried.High + Shown);
            sheet.Box(Matter.Machine, Passes.OutFrom, Passes.UpFrom - r.NearLength, Math.Min(Passes.OutTo, Passes.OutFrom + Shown), up - r.NearLength);
        }

        if (Carries)
        {
            sheet.Face(Matter.Opening, Load(r));
        }
    }

    public Check Check(BracketReckoning r)
    {
        if (!IsOne)
        {
            return new("moves", "clear of what moves", Verdict.Stop, "What moves has no size: it must end further out, and higher up, than it begins.",
                "nothing", "more than 0 mm", "Plane geometry.", []);
        }

        var box = Box(r);
        var apart = new[] { BracketShape.Section(r) }.Concat(r.Ribs > 0 ? [BracketShape.Rib(r)] : []).Concat(Carries ? [Load(r)] : [])
            .Min(outline => Outlines.Apart(outline, box));
        return Judge.AtLeast("moves", "clear of what moves", apart, Clear, "Nothing of it comes near what moves.",
            apart > 0 ? "What moves comes too near: shorten its reach, or set it aside." : "What moves runs into it: shorten its reach, or set it elsewhere.",
            Verdict.Stop, "Distance of outlines, seen from the side, all along its width.");
    }
}
