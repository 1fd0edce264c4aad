using Emboq.Core.Mechanics;

namespace Emboq.Core.Tests.Mechanics;

/// <summary>A lip drawn against a rod, against virtual work summed section by section.</summary>
public sealed class PinchedLipTests
{
    private static readonly PinchedLip Lip = new(18, 15, 8, 40);

    /// <summary>How far a place rises under a force at another: the sum of M m / (E I), from a unit force there (virtual work).</summary>
    private static double Rise(double at, double force, double where)
    {
        const int Sections = 20_000;
        var dx = Math.Min(at, where) / Sections;
        return Enumerable.Range(0, Sections).Select(i => (i + 0.5) * dx).Sum(x => force * (where - x) * (at - x) / (2000 * 40 * 512 / 12.0) * dx);
    }

    [Fact]
    public void Its_force_closes_the_gap()
    {
        var force = Lip.Closing(0.35, 2000);
        Rise(18, force, 33).ShouldBe(0.35, 1e-6);
        Lip.Rise(force, 0, 2000).ShouldBe(Rise(33, force, 33), 1e-6);
        Lip.Closing(-0.1, 2000).ShouldBe(0);
    }

    /// <summary>The rod pushes back so that the lip stays where it is there; the screw goes on.</summary>
    [Fact]
    public void The_rod_props_it()
    {
        var back = Lip.OnRod(200);
        (Rise(18, 200, 33) - Rise(18, back, 18)).ShouldBe(0, 1e-6);
        Lip.Rise(0, 200, 2000).ShouldBe(Rise(33, 200, 33) - Rise(33, back, 18), 1e-6);
    }

    /// <summary>By hand: 100 N at 33 mm bend the root of 40 × 8 mm; 300 N at 15 mm bend it over the rod.</summary>
    [Fact]
    public void It_breaks_at_its_root_or_over_the_rod()
    {
        Lip.Stress(100, 0).ShouldBe(6 * 100 * 33 / (40 * 64.0), 1e-9);
        Lip.Stress(50, 250).ShouldBe(6 * 300 * 15 / (40 * 64.0), 1e-9);
    }
}
