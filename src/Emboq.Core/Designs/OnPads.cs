namespace Emboq.Core.Designs;

/// <summary>Pads under corners, offered by every family alike.</summary>
public static class OnPads
{
    /// <summary>A family that offers them.</summary>
    public static Family Offered(Family family) => family with
    {
        Parameters = [.. family.Parameters, CornerPads.Spec],
        Design = brief => brief.Parameters.Choice(CornerPads.Key) == "pads" ? Under(family.Design(brief), brief.Process) : family.Design(brief),
    };

    private static Design Under(Design design, Process process) => design with
    {
        Pieces = [.. design.Pieces.Select(p => p with { Pads = (CornerPads.Radius, CornerPads.Layers * process.LayerHeight) })],
        Fitting = design.Pieces.Count == 0 ? design.Fitting
            : [$"Break the pads off its corners and trim what is left of them: they are {CornerPads.Layers:0} layers thick.", .. design.Fitting],
    };
}
