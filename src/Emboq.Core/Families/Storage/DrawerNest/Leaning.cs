namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>How far a tool leans, its front end raised.</summary>
/// <param name="Decided">Degrees; left open, as far as what closes over it lets it.</param>
/// <param name="High">What closes over it, over the floor that it lies on, mm; <c>null</c> where nothing does.</param>
internal sealed record Leaning(double? Decided, double? High)
{
    /// <summary>Unless a drawer decides, degrees.</summary>
    private const double Usual = 30, Most = 60;

    /// <summary>Between the tool and what closes over it, mm.</summary>
    private const double Free = 2;

    /// <summary>Degrees.</summary>
    /// <param name="top">How high the tool stands at each lean, mm.</param>
    public double Of(Func<double, double> top) => Decided ?? (High is not { } room ? Usual
        // Half degrees, the steepest first: what stands highest may change from one rim to another on the way.
        : Enumerable.Range(0, (int)(2 * Most) + 1).Select(i => Most - (i / 2.0)).FirstOrDefault(a => top(a) <= room - Free));
}
