namespace Emboq.Core.Families.Jigs.SoftJaws;

/// <summary>What is judged about soft jaws.</summary>
internal static class JawChecks
{
    private const string CommonPractice = "Common practice, no published source.";

    /// <summary>Left behind any groove or pocket, mm.</summary>
    private const double LeastBehind = 3;

    public static IEnumerable<Check> Of(JawReckoning r, Process process)
    {
        var deep = r.Face switch { JawFace.Grooved g => g.Deep, JawFace.Pocket q => q.Deep, _ => 0 };
        yield return Behind(r, deep);
        if (r.Face is JawFace.Grooved groove)
        {
            if (groove is JawFace.Vee { Groove: var range })
            {
                yield return Range(range);
            }

            yield return Holds(groove);
            yield return Room(groove.HalfWidth, groove.Upright ? r.Width.Value : r.Height.Value);
            if (r.Fixing is { } held)
            {
                yield return Clear(r, held, groove);
            }
        }

        switch (r.Face)
        {
            case JawFace.Pocket(null, _):
                yield return new("outline", "outline of the work", Verdict.Stop, "No outline is given, or it falls apart when it is grown by its clearance.",
                    "none", "an outline", "Plane geometry.", [new Remedy.Change("Make it flat", new Dictionary<string, string> { ["shape"] = "flat" })]);
                break;
            case JawFace.Pocket(var drawn, _):
                yield return Within(r, drawn!);
                break;
        }

        if (r.Fixing is { } fixing)
        {
            yield return fixing.Joint.WallCheck("fixing.end", "fixing, to the end", (r.Width.Value / 2) - fixing.Places[1]);
            yield return fixing.Joint.WallCheck("fixing.side", "fixing, up and down", r.Height.Value / 2);
            yield return fixing.Joint.WallCheck("fixing.between", "fixing, to the other", fixing.Places[1]);
            if (fixing.Screw is null)
            {
                yield return fixing.Joint.FloorCheck("fixing.floor", "magnet", r.Thickness.Value - (r.Face is JawFace.Pocket ? deep : 0),
                    Math.Max(1.2, 4 * process.LayerHeight), new Remedy.Change("Make it thicker",
                    new Dictionary<string, string> { ["thickness"] = Figures.Number(Math.Ceiling(fixing.Joint.Depth + deep + 3)) }));
            }
            else
            {
                yield return fixing.Joint.SeatCheck("fixing.seat", "screw", LeastBehind,
                    new Remedy.Change("Make it thicker",
                    new Dictionary<string, string> { ["thickness"] = Figures.Number(Math.Ceiling(fixing.Joint.Recess + LeastBehind)) }));
                yield return fixing.Screw.Check;
            }

            foreach (var check in fixing.Joint.Checks)
            {
                yield return check;
            }
        }
    }

    private static Check Range(VeeGroove groove)
    {
        var (small, large) = (groove.Smallest.Value, groove.Largest.Value);
        var fits = small <= large;
        return new("range", "smallest and largest round", fits ? Verdict.Good : Verdict.Stop, fits ? "The groove is made for every round between them."
            : "The smallest round is larger than the largest: one of them is meant the other way round.",
            Figures.Mm(small), $"{Figures.Mm(large)} or less", "Plane geometry.", fits ? []
                : [new Remedy.Change("Change them round", new Dictionary<string, string> { ["smallest"] = Figures.Number(Math.Min(large, 120)),
                ["largest"] = Figures.Number(small) })]);
    }

    private static Check Holds(JawFace.Grooved groove)
    {
        if (groove is not JawFace.Vee vee)
        {
            return new("contact", "contact of the round", Verdict.Good,
                "The round it is hollowed for lies in it all around; a smaller one touches along one line only.",
                Figures.Mm(2 * ((JawFace.Hollow)groove).Radius), "one size", "Plane geometry.", []);
        }

        var stands = vee.Groove.Stands.Value >= 1;
        return new("holds", "smallest round is pressed", stands ? Verdict.Good : Verdict.Stop, stands
            ? "It stands out of the groove: the other jaw presses on it." : "It vanishes in the groove: the jaws meet before they hold it.",
            Figures.Mm(vee.Groove.Stands.Value), "1 mm or more", "Plane geometry.", stands ? []
                : [new Remedy.Change("Open the groove to 120°", new Dictionary<string, string> { ["veeAngle"] = "120" })]);
    }

    private static Check Behind(JawReckoning r, double deep)
    {
        var left = r.Thickness.Value - deep;
        var fits = left >= LeastBehind;
        var wanted = Math.Ceiling(deep + LeastBehind + 1);
        return new("behind", "plate behind the face", fits ? Verdict.Good : Verdict.Stop, fits ? "The plate stays stiff behind what is cut into it."
            : "What is cut into the face leaves too little behind it.",
            Figures.Mm(left), $"{Figures.Mm(LeastBehind)} or more", CommonPractice, fits || wanted > 60 ? []
                : [new Remedy.Change($"Make it {Figures.Mm(wanted)} thick", new Dictionary<string, string> { ["thickness"] = Figures.Number(wanted) })]);
    }

    private static Check Room(double half, double across)
    {
        var left = (across / 2) - half;
        var fits = left >= LeastBehind;
        return new("room", "groove on the plate", fits ? Verdict.Good : Verdict.Stop, fits ? "It leaves a face on both sides."
            : "It is wider than the plate.", Figures.Mm(left), $"{Figures.Mm(LeastBehind)} or more a side", "Plane geometry.", []);
    }

    /// <summary>A groove must not cut into what holds the plate, unless there is material between.</summary>
    private static Check Clear(JawReckoning r, JawFixing fixing, JawFace.Grooved groove)
    {
        var beside = (groove.Upright ? fixing.Places[1] : 0) - groove.HalfWidth - fixing.Joint.Reach;
        var behind = fixing.Screw is null ? r.Thickness.Value - groove.Deep - fixing.Joint.Depth - 1.2 : -1;
        var fits = beside >= 0 || behind >= 0;
        return new("clear", "groove and fixing", fits ? Verdict.Good : Verdict.Stop, fits ? "They keep clear of each other."
            : "The groove cuts into what holds the plate.", Figures.Mm(Math.Max(beside, behind)), "0 mm or more", "Plane geometry.",
            fits ? [] : [new Remedy.Change("Hold it by its lip alone", new Dictionary<string, string> { ["fixing"] = "none" })]);
    }

    private static Check Within(JawReckoning r, Profile drawn)
    {
        var (x, y) = (drawn.Points.Max(p => Math.Abs(p.X)), drawn.Points.Max(p => Math.Abs(p.Y)));
        var left = Math.Min((r.Width.Value / 2) - x, (r.Height.Value / 2) - y);
        var clear = r.Fixing is not { Screw: not null } fixing || fixing.Places[1] - fixing.Joint.Reach > x;
        var fits = left >= LeastBehind && clear;
        return new("within", "pocket on the plate", fits ? Verdict.Good : Verdict.Stop, fits ? "The pocket leaves a rim all around." : clear
            ? "The pocket is larger than the plate." : "The pocket runs into the screws.",
            Figures.Mm(left), $"{Figures.Mm(LeastBehind)} or more", "Plane geometry.", clear ? []
                : [new Remedy.Change("Hold it by magnets", new Dictionary<string, string> { ["fixing"] = "magnets" })]);
    }
}
