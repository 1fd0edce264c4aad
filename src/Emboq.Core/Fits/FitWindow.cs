namespace Emboq.Core.Fits;

/// <summary>What a workshop means by a fit of a joint, between two sizes, in place of what is usual. Lengths mm.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Joint">Key of the joint's words.</param>
/// <param name="Fit">Key of the fit.</param>
/// <param name="From">Least size of the machine that it holds for.</param>
/// <param name="To">Greatest.</param>
/// <param name="Clearance">Aimed at; hole minus shaft on the full size.</param>
/// <param name="Least">Smallest clearance that still counts as the fit.</param>
/// <param name="Greatest">Largest.</param>
/// <param name="Because">Why, in the workshop's words.</param>
public sealed record FitWindow(Guid Id, string Joint, string Fit, double From, double To, double Clearance, double Least, double Greatest, string Because);

/// <summary>The fits whose windows a workshop has moved.</summary>
/// <param name="Moved">In the order they were moved: where two hold, the later one counts.</param>
public sealed record FitWindows(IReadOnlyList<FitWindow> Moved)
{
    /// <summary>All as is usual.</summary>
    public static FitWindows None { get; } = new([]);

    /// <summary>The window that counts; <c>null</c> where it is as is usual.</summary>
    /// <param name="joint">The joint.</param>
    /// <param name="fit">The fit as is usual.</param>
    /// <param name="size">Of the machine, mm.</param>
    public FitWindow? Of(SeatWords joint, Fit fit, double size) => Moved.LastOrDefault(w => IsOf(w, joint, fit) && Holds(w, size));

    /// <summary>Its windows for other sizes.</summary>
    public IReadOnlyList<FitWindow> Elsewhere(SeatWords joint, Fit fit, double size) => [.. Moved.Where(w => IsOf(w, joint, fit) && !Holds(w, size))];

    private static bool IsOf(FitWindow window, SeatWords joint, Fit fit) => window.Joint == joint.Key && window.Fit == fit.Key;

    private static bool Holds(FitWindow window, double size) => size >= window.From && size <= window.To;

    /// <summary>The fit as this workshop means it.</summary>
    public Fit In(SeatWords joint, Fit fit, double size) => Of(joint, fit, size) is { } w
        ? fit with { Clearance = w.Clearance, Least = w.Least, Greatest = w.Greatest, Basis = $"This workshop's own window: {w.Because}" } : fit;
}
