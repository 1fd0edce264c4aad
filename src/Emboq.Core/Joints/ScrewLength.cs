using System.Globalization;
using Emboq.Core.Checks;

namespace Emboq.Core.Joints;

/// <summary>Which screw reaches: long enough to engage, short enough not to bottom.</summary>
/// <param name="Least">Shortest that engages.</param>
/// <param name="Most">Longest that does not bottom.</param>
/// <param name="Says">Which one to take.</param>
internal sealed record ScrewLength(Quantity Least, Quantity Most, string Says)
{
    /// <summary>Reckons the length under the head (over all, for a countersunk head).</summary>
    /// <param name="scope">Where its figures go.</param>
    /// <param name="screw">Size, key of its head, and what it is called.</param>
    /// <param name="grip">What it passes before the thread: parts, washers, air gaps, each named.</param>
    /// <param name="engage">Least length of thread that holds.</param>
    /// <param name="room">From where the thread begins to where the screw would bottom.</param>
    /// <param name="drawer">The workshop's own.</param>
    public static ScrewLength Of(JointScope scope, (string Size, string Head, string Name) screw, IReadOnlyList<Quantity> grip, Quantity engage, Quantity room, IReadOnlyList<DrawerScrew> drawer)
    {
        var through = scope.Add("grip", "grip", grip.Aggregate((a, b) => a + b), "Everything the screw passes before its thread: parts, washers, air.");
        var least = scope.Add("screw.least", "shortest screw", through + engage, "The grip, and the thread that holds.");
        var most = scope.Add("screw.most", "longest screw", through + room, "A longer one bottoms before it clamps.");
        return new(least, most, $"{screw.Name}, {Pick(screw.Size, screw.Head, least.Value, most.Value, drawer)}");
    }

    /// <summary>Whether any length can do both.</summary>
    public Check Check(JointScope scope)
    {
        var fits = Least.Value <= Most.Value + 1e-9;
        return new($"{scope.Key}.screw", $"length of the {scope.Name}", fits ? Verdict.Good : Verdict.Stop,
            fits ? $"{Says}." : "No screw is long enough to hold and short enough not to bottom: the hole is too shallow.",
            $"{Figures.Mm(Least.Value)} at least", $"{Figures.Mm(Most.Value)} at most", "Grip and engagement, plane sums.", []);
    }

    private static string Pick(string size, string head, double least, double most, IReadOnlyList<DrawerScrew> drawer)
    {
        var own = drawer.Where(d => d.Size == size && d.Head == head).Select(d => d.Length).Order().ToList();
        if (own.Any(l => l >= least && l <= most))
        {
            return $"{Short(own.First(l => l >= least && l <= most))} mm from the drawer";
        }

        // A wood screw's point cannot be cut off.
        return head != "wood" && own.FirstOrDefault(l => l > most) is > 0 and var longer
            ? $"cut from a {Short(longer)} mm one to {Short(Math.Floor((least + most) * 5) / 10)} mm"
            : $"longer than {Short(Math.Floor(least * 10) / 10)} mm, shorter than {Short(Math.Ceiling(most * 10) / 10)} mm";
    }

    private static string Short(double mm) => mm.ToString("0.#", CultureInfo.InvariantCulture);
}
