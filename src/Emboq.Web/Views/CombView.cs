using Emboq.Store;

namespace Emboq.Web.Views;

/// <summary>The smallest test print that answers what is in doubt of a setup.</summary>
/// <param name="Surfaces">What can be asked about.</param>
/// <param name="Teeth">Its faces, where they stand; none where nothing that is asked about is in doubt.</param>
/// <param name="Wide">Along x, mm.</param>
/// <param name="Deep">Along y, mm.</param>
/// <param name="Takes">What printing it takes, in words; <c>null</c> without teeth.</param>
/// <param name="Says">In a sentence.</param>
/// <param name="Bed">Whether it lies on the bed; <c>null</c> without teeth.</param>
public sealed record CombView(IReadOnlyList<CombSurfaceView> Surfaces, IReadOnlyList<CombToothView> Teeth, double Wide, double Deep, string? Takes, string Says,
    CheckView? Bed)
{
    /// <summary>From a plan that was laid out.</summary>
    public static CombView Of(IReadOnlyList<CombSurfaceView> surfaces, CombPlan plan, CombShape? shape, string? takes, Check? bed)
    {
        var (open, stay) = (plan.Questions.Count(q => q.IsOpen), plan.Questions.Count(q => q.StaysOpen));
        var says = (plan.Questions.Count, open) switch
        {
            (0, _) => "Nothing that is printed with this setup is in doubt: choose what it is to ask about.",
            (_, 0) => "All that is asked about is known as well as a single print comes out: there is nothing to test.",
            _ => $"{Sizes(open)} in doubt: known worse than a single print comes out. "
                + (plan.Teeth.Count == 0 ? "No test print would tell much of that."
                    : $"{plan.Teeth.Count} face{(plan.Teeth.Count == 1 ? "" : "s")} will tell: " + (stay == 0 ? "afterwards none is."
                        : $"afterwards {Sizes(stay)} in doubt still.")),
        };
        return new(surfaces, shape is null ? [] : [.. shape.Spots.Select(s => CombToothView.Of(s, []))], shape?.Wide ?? 0, shape?.Deep ?? 0, takes, says,
            bed is null ? null : CheckView.Of(bed));
    }

    private static string Sizes(int count) => count == 1 ? "1 size is" : $"{count} sizes are";
}

/// <summary>A surface that a test print can ask about.</summary>
/// <param name="Surface">Which.</param>
/// <param name="Name">As shown.</param>
/// <param name="Asked">Whether it is asked about.</param>
/// <param name="Says">What of it is in doubt now, and what will be, in words.</param>
public sealed record CombSurfaceView(Surface Surface, string Name, bool Asked, string Says)
{
    /// <summary>From what is asked of it: the size that is known worst speaks for all.</summary>
    public static CombSurfaceView Of(Surface surface, bool asked, IReadOnlyList<CombQuestion> questions)
    {
        var (worst, after) = (questions.MaxBy(q => q.Doubt / q.Enough)!, questions.Max(q => q.After));
        return new(surface, Process.Describe(surface), asked, $"give or take {Mm(SurfaceFitView.NineTenths * worst.Doubt)} at {Mm(worst.Face.Size)}"
            + (asked && worst.IsOpen ? $", then {Mm(SurfaceFitView.NineTenths * after)}" : worst.IsOpen ? "" : ": known well enough"));
    }

    private static string Mm(double value) => QuantityText.Metric(value, Unit.Millimetre);
}

/// <summary>One face of a test print.</summary>
/// <param name="Number">As it stands beside it.</param>
/// <param name="Surface">What it is.</param>
/// <param name="Size">As drawn, mm.</param>
/// <param name="Reads">What it is, and where it is read, in words.</param>
/// <param name="Words">What a hand may say of it, the tightest first; none where it is measured.</param>
/// <param name="X">Left edge of its tile, mm from the left.</param>
/// <param name="Y">Front edge.</param>
/// <param name="Wide">Along x.</param>
/// <param name="Deep">Along y.</param>
/// <param name="Told">What was told of it, oldest first.</param>
public sealed record CombToothView(int Number, Surface Surface, double Size, string Reads, IReadOnlyList<TryChoice> Words, double X, double Y, double Wide,
    double Deep, IReadOnlyList<CombToldView> Told)
{
    /// <summary>From where it stands, and what was told of it.</summary>
    public static CombToothView Of(CombSpot spot, IEnumerable<ToldOfTooth> told) => new(spot.Tooth.Number, spot.Tooth.Face.Surface, spot.Tooth.Face.Size,
        spot.Tooth.Reads, spot.Tooth.IsFelt ? [.. Enum.GetValues<Feel>().Select(f => new TryChoice(SeatWords.Gap.Of(f), f, null))] : [], spot.X, spot.Y,
            spot.Wide,
        spot.Deep, [.. told.Select(CombToldView.Of)]);
}

/// <summary>What was told of a face of a test print.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Says">In words.</param>
/// <param name="StruckBecause">Why it no longer counts; <c>null</c> while it does.</param>
public sealed record CombToldView(Guid Id, string Says, string? StruckBecause)
{
    /// <summary>From the notebook.</summary>
    public static CombToldView Of(ToldOfTooth told) => new(told.Id, told.Feel is { } feel ? $"“{SeatWords.Gap.Of(feel)}”"
        : $"{QuantityText.Metric(told.Printed!.Value, Unit.Millimetre)}, {told.Instrument!.Name}", told.StruckBecause);
}

/// <summary>A test print that was made.</summary>
/// <param name="Id">Identity.</param>
/// <param name="At">When its file was made.</param>
/// <param name="Teeth">Its faces, with what was told of them.</param>
/// <param name="Wide">Along x, mm.</param>
/// <param name="Deep">Along y, mm.</param>
public sealed record MadeCombView(Guid Id, DateTimeOffset At, IReadOnlyList<CombToothView> Teeth, double Wide, double Deep)
{
    /// <summary>From the notebook.</summary>
    public static MadeCombView Of(Comb comb, ILookup<(Guid, int), ToldOfTooth> told)
    {
        var shape = CombShape.Of(comb.Teeth, comb.Process.Bed);
        return new(comb.Id, comb.At, [.. shape.Spots.Select(s => CombToothView.Of(s, told[(comb.Id, s.Tooth.Number)]))], shape.Wide, shape.Deep);
    }
}
