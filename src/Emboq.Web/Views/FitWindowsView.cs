using System.Globalization;

namespace Emboq.Web.Views;

/// <summary>What the fits of one joint mean in this workshop, at one size.</summary>
/// <param name="Key">Of the joint.</param>
/// <param name="Joint">In words: "foot in its socket".</param>
/// <param name="Fits">From tight to loose.</param>
public sealed record JointWindowsView(string Key, string Joint, IReadOnlyList<FitWindowView> Fits)
{
    /// <summary>Of a joint.</summary>
    internal static JointWindowsView Of(SeatWords joint, FitWindows windows, double size) => new(joint.Key, joint.Joint,
        [.. joint.Fits.Select(f => FitWindowView.Of(joint, f, windows, size))]);
}

/// <summary>The window of a fit. Lengths mm on the full size, hole minus shaft.</summary>
/// <param name="Fit">Its key.</param>
/// <param name="Name">As shown.</param>
/// <param name="Feels">How the hand tells it.</param>
/// <param name="Aim">Clearance aimed at.</param>
/// <param name="Least">Smallest that counts as the fit.</param>
/// <param name="Greatest">Largest.</param>
/// <param name="Says">The same, as read.</param>
/// <param name="Usual">What is usual, as read; <c>null</c> where nothing was moved.</param>
/// <param name="Moved">The window of this workshop, where it has one.</param>
/// <param name="Elsewhere">Its windows for other sizes.</param>
/// <param name="Metal">What the word means in metal; <c>null</c> of threads and of what is too large.</param>
public sealed record FitWindowView(string Fit, string Name, string Feels, double Aim, double Least, double Greatest, WindowSaysView Says, WindowSaysView? Usual,
    FitWindow? Moved, IReadOnlyList<FitWindow> Elsewhere, MetalFitView? Metal)
{
    internal static FitWindowView Of(SeatWords joint, Fit usual, FitWindows windows, double size)
    {
        var (here, moved, metal) = (windows.In(joint, usual, size), windows.Of(joint, usual, size), MetalFit.Of(usual.Key, size));
        return new(usual.Key, usual.Name, usual.Feels, here.Clearance, here.Least, here.Greatest, WindowSaysView.Of(here),
            moved is null ? null : WindowSaysView.Of(usual), moved, windows.Elsewhere(joint, usual, size), metal is null ? null : MetalFitView.Of(metal));
    }
}

/// <summary>A window in words.</summary>
/// <param name="Metric">"−0.05 to 0.25 mm".</param>
/// <param name="Inches">The same.</param>
public sealed record WindowSaysView(string Metric, string Inches)
{
    internal static WindowSaysView Of(Fit fit) => Of(fit.Least, fit.Greatest, 2);

    /// <summary>To so many places of a millimetre, and one more of an inch.</summary>
    internal static WindowSaysView Of(double least, double greatest, int places) => new($"{Said(least, places)} to {Said(greatest, places)} mm",
        $"{Said(least / MillimetresAnInch, places + 1)} to {Said(greatest / MillimetresAnInch, places + 1)} in");

    private const double MillimetresAnInch = 25.4;

    private static string Said(double value, int places) => value.ToString($"F{places}", CultureInfo.InvariantCulture).Replace('-', '−');
}

/// <summary>A hole and a shaft of ISO 286.</summary>
/// <param name="Name">"H7/g6".</param>
/// <param name="Least">Smallest clearance, mm.</param>
/// <param name="Greatest">Largest, mm.</param>
/// <param name="Says">The same, as read.</param>
public sealed record MetalFitView(string Name, double Least, double Greatest, WindowSaysView Says)
{
    internal static MetalFitView Of(MetalFit fit) => new($"{fit.Hole}/{fit.Shaft}", fit.Least, fit.Greatest, WindowSaysView.Of(fit.Least, fit.Greatest, 3));
}
