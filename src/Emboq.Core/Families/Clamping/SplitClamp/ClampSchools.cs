using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.SplitClamp;

/// <summary>Two ways to print a ring that flexes, side by side: light, so that it opens once, and of walls alone, so that it flexes for years. The strain of
/// its outer lines is the same; what a hand must push, and what carries the load, are not.</summary>
internal static class ClampSchools
{
    private const int LightWalls = 2;

    private const double LightFill = 0.15;

    public static void Add(ClampReckoning r, Ledger ledger, Process process)
    {
        var push = r.Style == ClampStyle.Clip && r.Material is not null ? ClampChecks.Push(r, r.Ring, r.Gap.Value) : double.PositiveInfinity;
        if (!double.IsFinite(push))
        {
            return;
        }

        var share = FilledSection.Stiffness(r.Wall.Value, LightWalls * process.LineWidth, LightFill);
        void Line(string key, string name, double value, Unit unit, string because) => ledger.Add(key, name, Quantity.Input(name, value, unit,
            new Provenance.Standard("Gibson and Ashby; Castigliano", "from memory; see the checks")), because);
        Line("school.light", "push to open it, two walls and 15 % fill", share * push, new(Newton: 1),
            "Light, it opens once with little force, and holds with as little: the fill tears first when it is opened often.");
        Line("school.years", "push to open it, walls alone", push, new(Newton: 1), "Lines run around all of it, and flex along themselves for years.");
        Line("school.walls", "walls that fill the ring", Math.Ceiling(r.Wall.Value / (2 * process.LineWidth)), Unit.None,
            "So many from each face leave no room for a fill.");
    }
}
