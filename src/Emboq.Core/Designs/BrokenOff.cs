namespace Emboq.Core.Designs;

/// <summary>Pads under corners and ribs under roofs, offered by every family alike.</summary>
public static class BrokenOff
{
    /// <summary>A family that offers them.</summary>
    public static Family Offered(Family family) => family with
    {
        Parameters = [.. family.Parameters, CornerPads.Spec, RoofRibs.Spec],
        Design = brief =>
        {
            var (pads, ribs) = (brief.Parameters.Choice(CornerPads.Key) == "pads", brief.Parameters.Choice(RoofRibs.Key) == "ribs");
            return pads || ribs ? Over(family.Design(brief), brief.Process, pads, ribs) : family.Design(brief);
        },
    };

    private static Design Over(Design design, Process process, bool pads, bool ribs)
    {
        Beneath beneath = new(pads ? (CornerPads.Radius, CornerPads.Layers * process.LayerHeight) : null, ribs ? RoofRibs.Rule(process) : null);
        IEnumerable<string> first =
        [
            .. pads ? [$"Break the pads off its corners and trim what is left of them: they are {CornerPads.Layers:0} layers thick."] : Array.Empty<string>(),
            .. ribs ? ["Break the ribs out from under its roofs, pliers along them, and scrape off what is left: wear eye protection."]
                : Array.Empty<string>(),
        ];
        return design with
        {
            Pieces = [.. design.Pieces.Select(p => p with { Beneath = beneath })],
            Fitting = design.Pieces.Count == 0 ? design.Fitting : [.. first, .. design.Fitting],
        };
    }
}
