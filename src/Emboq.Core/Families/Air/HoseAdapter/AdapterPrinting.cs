namespace Emboq.Core.Families.Air.HoseAdapter;

/// <summary>Ways up of an adapter, and what a stranger needs to print and fit it.</summary>
internal static class AdapterPrinting
{
    private const string Upright = "Lines run around the cuffs: strong against clamp and pressure, weak against bending the cuff off.";

    public static IReadOnlyList<WayUp> Ways { get; } =
    [
        new("first", "first end down", 0, Upright, "One seam up each fitted face; turn it to where the machine has a gap, or scrape it."),
        new("second", "second end down", 180, Upright, "One seam up each fitted face; turn it to where the machine has a gap, or scrape it."),
        new("side", "axis lying", 90, "Lines run along the axis: strong against bending, but the cuffs split along them under a clamp.",
            "Fitted faces come out stepped and rough where they hang.", SpoilsFit: true),
    ];

    public static IReadOnlyList<string> Hardware(AdapterParameters p) =>
        [.. new[] { p.First, p.Second }.Where(e => e.Hold is Hold.Clamp).Select(e =>
            $"1 hose clamp, band {Figures.Mm(((Hold.Clamp)e.Hold).Band)} wide, for the {e.Slot} end"),
            .. new[] { p.First, p.Second }.Where(e => e.Hold is Hold.Tape).Select(e =>
                $"tape, {Figures.Mm(((Hold.Tape)e.Hold).Thick)} thick, for the {e.Slot} end"),
            .. p.Hangs is { Strap: true } ? ["a strap for the hose, and a hook within a hand of the adapter"] : Array.Empty<string>()];

    public static IReadOnlyList<string> Fitting(AdapterReckoning r, AdapterParameters p)
    {
        List<string> steps = ["Print the rings first and try each on its place."];
        if (p.Steady != Steady.None)
        {
            steps.Add("Cut off what held the print on the bed, and scrape the rim.");
        }

        steps.AddRange(r.Ends.Select(e =>
            $"{(e.Parameters.Join == Join.Inside ? "Push" : "Put")} the {e.Parameters.Slot} end {(e.Parameters.Join == Join.Inside ? "into" : "over")} "
                + $"the {e.Interface.Name}: it is {e.Parameters.Fit.Feels}."
            + e.Parameters.Hold switch
            {
                Hold.Clamp => " Lay the clamp in its seat and tighten it gently.",
                Hold.Wedge => " Press and turn until it wedges.",
                Hold.Tape(var wraps, _) =>
                    $" First wind tape {wraps} times around {(e.Parameters.Join == Join.Inside ? "the cuff" : $"the {e.Interface.Name}")}, "
                + "the way it is turned.",
                Hold.Ridge => " Stretch the hose over the ridge.",
                _ => "",
            }));
        if (p.Hangs is { Strap: true })
        {
            steps.Add("Hang the hose by its strap first, then join it: the joint carries nothing.");
        }

        return steps;
    }
}
