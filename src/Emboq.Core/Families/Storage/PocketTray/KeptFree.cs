namespace Emboq.Core.Families.Storage.PocketTray;

/// <summary>A box on a tray where no pocket may be, mm from its left and front edge.</summary>
/// <param name="X0">Left.</param>
/// <param name="Y0">Front.</param>
/// <param name="X1">Right.</param>
/// <param name="Y1">Back.</param>
/// <param name="From">Where something of the drawer reaches down to, over the tray's underside: the tray is cut away there; <c>null</c> where it is only kept
/// free.</param>
internal sealed record KeptFree(double X0, double Y0, double X1, double Y1, double? From)
{
    /// <summary>Around what a drawer has in the way, mm.</summary>
    private const double Room = 1;

    /// <summary>What the maker keeps free, and what a measured drawer has in the way.</summary>
    /// <param name="given">The maker's outline.</param>
    /// <param name="drawer">The drawer, with its obstructions.</param>
    /// <param name="wall">Stays around what is cut away, mm.</param>
    public static IReadOnlyList<KeptFree> Of(Profile? given, Sizes? drawer, double wall) =>
    [
        .. given is null ? [] : new[] { new KeptFree(given.Points.Min(p => p.X), given.Points.Min(p => p.Y), given.Points.Max(p => p.X),
            given.Points.Max(p => p.Y),
            null) },
        .. drawer is null ? [] : Enumerable.Range(0, drawer.Count).Select(i => InTheWay(drawer, i, wall)).OfType<KeptFree>(),
    ];

    private static KeptFree? InTheWay(Sizes drawer, int i, double wall)
    {
        double? Read(string key) => drawer[i, key]?.Value;
        var around = Room + wall;
        return (Read("x"), Read("y"), Read("z"), Read("width"), Read("depth")) is ({ } x, { } y, { } z, { } wide, { } deep)
            ? new(x - around, y - around, x + wide + around, y + deep + around, z - Room) : null;
    }

    /// <summary>What is cut away of a tray of some height; <c>null</c> where nothing is.</summary>
    public Solid? Cut(double wall, double top) => From is { } from && from < top
        ? new Solid.Box(X1 - X0 - (2 * wall), Y1 - Y0 - (2 * wall), top - from + 1).At(X0 + wall, Y0 + wall, from) : null;

    /// <summary>Whether a pocket lies in it.</summary>
    public bool Takes(Pocket p) => p.X < X1 - Close && X0 + Close < p.X + p.Wide && p.Y < Y1 - Close && Y0 + Close < p.Y + p.Deep;

    private const double Close = 0.3;
}
