using System.Globalization;

namespace Emboq.Core.Joints;

/// <summary>Which screw reaches: long enough to engage, short enough not to bottom.</summary>
/// <param name="Least">Shortest that engages.</param>
/// <param name="Most">Longest that does not bottom.</param>
/// <param name="Says">Which one to take.</param>
/// <param name="Check">Whether any length can do both.</param>
/// <param name="InThread">How much of it is in its thread, mm: of the one from the drawer, or of the shortest that holds.</param>
internal sealed record ScrewLength(Quantity Least, Quantity Most, string Says, Check Check, double InThread)
{
    /// <summary>Reckons the length under the head (over all, for a countersunk head).</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="screw">Size, key of its head, and what it is called.</param>
    /// <param name="grip">What it passes before the thread: parts, washers, air gaps, each named.</param>
    /// <param name="engage">Least length of thread that holds.</param>
    /// <param name="room">From where the thread begins to where the screw would bottom.</param>
    /// <param name="drawer">The workshop's own.</param>
    public static ScrewLength Of(JointScope scope, (string Size, string Head, string Name) screw, IReadOnlyList<Quantity> grip, Quantity engage,
        Quantity room, IReadOnlyList<DrawerScrew> drawer)
    {
        var through = scope.Add("grip", "grip", grip.Aggregate((a, b) => a + b), "Everything the screw passes before its thread: parts, washers, air.");
        var least = scope.Add("screw.least", "shortest screw", through + engage, "The grip, and the thread that holds.");
        var most = scope.Add("screw.most", "longest screw", through + room, "A longer one bottoms before it clamps.");
        var own = Own(screw.Size, screw.Head, drawer);
        var says = $"{screw.Name}, {Pick(own, screw.Head, least.Value, most.Value)}";
        var fits = least.Value <= most.Value + 1e-9;
        return new(least, most, says, new($"{scope.Key}.length", $"length of the {scope.Name}", fits ? Verdict.Good : Verdict.Stop,
            fits ? $"{says}." : "No screw is long enough to hold and short enough not to bottom, or to come out behind: what it goes into is too thin.",
            $"{Figures.Mm(least.Value)} at least", $"{Figures.Mm(most.Value)} at most", "Grip and engagement, plane sums.", []),
                (own.Where(l => Suits(l, least.Value, most.Value)).Select(l => (double?)l).FirstOrDefault() ?? least.Value) - through.Value);
    }

    /// <summary>A wood screw through the part, and what else lies before it, into wood: over all, for a countersunk head.</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="size">Of the screw.</param>
    /// <param name="head">What it is called: "countersunk".</param>
    /// <param name="through">What it passes before the wood: the part, tubes, air.</param>
    /// <param name="board">Thickness of the wood.</param>
    /// <param name="drawer">The workshop's own.</param>
    public static ScrewLength IntoWood(JointScope scope, string size, string head, IReadOnlyList<Quantity> through, Quantity board,
        IReadOnlyList<DrawerScrew> drawer)
    {
        var diameters = Quantity.RuleOfThumb("diameters of thread in wood", 3, Unit.None,
            "Three diameters hold a light part; common practice, no published source.");
        var bite = scope.Add("bite", "least thread in the wood", diameters * Hardware.Of("wood-screws", size, "diameter", $"diameter of a {size} wood screw"),
            "What must be in the wood to hold.");
        return Of(scope, (size, "wood", $"{size}, {head}"), through, bite,
            board - Quantity.RuleOfThumb("point stays inside", 1, Unit.Millimetre, "A point that comes out behind tears what hangs there."), drawer);
    }

    private static List<double> Own(string size, string head, IReadOnlyList<DrawerScrew> drawer) =>
        [.. drawer.Where(d => d.Size == size && d.Head == head).Select(d => d.Length).Order()];

    private static bool Suits(double length, double least, double most) => length >= least && length <= most;

    private static string Pick(List<double> own, string head, double least, double most)
    {
        if (own.Any(l => Suits(l, least, most)))
        {
            return $"{Short(own.First(l => Suits(l, least, most)))} mm from the drawer";
        }

        // A wood screw's point cannot be cut off.
        return head != "wood" && own.FirstOrDefault(l => l > most) is > 0 and var longer
            ? $"cut from a {Short(longer)} mm one to {Short(Math.Floor((least + most) * 5) / 10)} mm"
            : $"longer than {Short(Math.Floor(least * 10) / 10)} mm, shorter than {Short(Math.Ceiling(most * 10) / 10)} mm";
    }

    private static string Short(double mm) => mm.ToString("0.#", CultureInfo.InvariantCulture);
}
