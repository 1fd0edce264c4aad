using CsCheck;
using Emboq.Core.Tests.Families;

namespace Emboq.Core.Tests.Fits;

/// <summary>Windows of clearance that a workshop moves, and what stands beside them in metal.</summary>
public sealed class FitWindowTests
{
    private static readonly Family Adapter = FamilyList.Find("hose-adapter")!;

    private static FitWindow Window(string joint, string fit, double aim, double from = 0, double to = 1000) =>
        new(Guid.NewGuid(), joint, fit, from, to, aim, aim - 0.1, aim + 0.2, "pipes come dusty");

    private static Design Design(params IReadOnlyList<FitWindow> moved)
    {
        var places = new Dictionary<string, Interface> { ["first"] = Workshop.Tube("port", outside: 49), ["second"] = Workshop.Tube("hose", inside: 38) };
        var entries = new Dictionary<string, string> { ["firstJoin"] = "over", ["firstFit"] = "snug", ["secondJoin"] = "inside", ["secondFit"] = "slide" };
        return Adapter.Design(new(ParameterValues.Read(Adapter.Parameters, entries).Value, places, Workshop.Process, [])
        {
            Fits = new LearnedFits(Workshop.Process) { Windows = new(moved) },
        });
    }

    [Fact]
    public void A_moved_window_moves_what_is_drawn_and_what_counts_by_as_much()
    {
        var (usual, moved) = (Design(), Design(Window("cuff", "snug", 0.4)));
        // A hole grows by what is aimed at more; the other end has another fit, and stays.
        moved.Ledger["first.drawn"].Value.ShouldBe(usual.Ledger["first.drawn"].Value + 0.3, 1e-9);
        moved.Ledger["second.drawn"].Value.ShouldBe(usual.Ledger["second.drawn"].Value, 1e-9);
        new[] { moved.Seats[0].Least, moved.Seats[0].Aimed, moved.Seats[0].Greatest }.ShouldBe([0.3, 0.4, 0.6], 1e-9);
        moved.Ledger["first.clearance"].Provenance.ShouldBeOfType<Provenance.RuleOfThumb>().Statement.ShouldContain("pipes come dusty");
        // What goes in shrinks by it.
        Design(Window("cuff", "slide", 0.5)).Ledger["second.drawn"].Value.ShouldBe(usual.Ledger["second.drawn"].Value - 0.15, 1e-9);
    }

    [Fact]
    public void A_window_holds_for_its_joint_and_its_sizes_and_the_later_of_two_counts()
    {
        var usual = Design().Ledger["first.drawn"].Value;
        Design(Window("clamp", "snug", 0.4), Window("cuff", "snug", 0.5, 50, 60), Window("cuff", "snug", 0.6, 10, 48.9)).Ledger["first.drawn"].Value
            .ShouldBe(usual, 1e-9);
        Design(Window("cuff", "snug", 0.4), Window("cuff", "snug", 0.2, 49, 49)).Ledger["first.drawn"].Value.ShouldBe(usual + 0.1, 1e-9);
        var windows = new FitWindows([Window("cuff", "snug", 0.4, 40, 50), Window("cuff", "snug", 0.5, 60, 70), Window("boss", "snug", 0.2)]);
        windows.Elsewhere(SeatWords.Cuff, FitClasses.Of("snug"), 45).Single().Clearance.ShouldBe(0.5);
        windows.In(SeatWords.Cuff, FitClasses.Of("snug"), 55).ShouldBe(FitClasses.Of("snug"));
    }

    /// <summary>A window that no part can have would be moved for nothing, and a fit without one could not be moved.</summary>
    [Fact]
    public void Every_fit_that_a_part_has_is_one_of_its_joint()
    {
        foreach (var family in RandomBriefs.All)
        {
            RandomBriefs.Usual(family).Sample(brief =>
            {
                foreach (var seat in family.Design(brief).Seats)
                {
                    seat.Words.Fits.Select(f => f.Key).ShouldContain(seat.Fit.Key, $"{family.Key}: {seat.Words.Key}");
                }
            }, iter: 25, threads: 1);
        }

        SeatWords.All.Select(w => w.Key).ShouldBeUnique();
    }

    /// <summary>ISO 286-1, annex A: i = 0.45 ∛D + 0.001 D µm, IT7 = 16 i and so on; fundamental deviations of shafts by powers of D, the geometric mean
    /// of its range. The tables are those, rounded.</summary>
    [Theory]
    [InlineData("slide", 2.5, 0.34, 16, 10)]
    [InlineData("moving", 5.5, 0.41, 25, 16)]
    [InlineData("free", 11, 0.41, 25, 25)]
    [InlineData("drop", 16, 0.44, 40, 40)]
    public void Fits_in_metal_follow_the_formulas_of_the_standard(string fit, double times, double power, double hole, double shaft)
    {
        double[] edges = [3, 6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, 500];
        foreach (var (from, to) in edges.Zip(edges.Skip(1)))
        {
            var d = Math.Sqrt(from * to);
            var unit = (0.45 * Math.Cbrt(d)) + (0.001 * d);
            var (metal, apart) = (MetalFit.Of(fit, to)!, times * Math.Pow(d, power));
            (metal.Least * 1000).ShouldBe(apart, 1 + (0.06 * apart), $"{fit} at {to}");
            (metal.Greatest * 1000).ShouldBe(apart + ((hole + shaft) * unit), 2 + (0.05 * (hole + shaft) * unit), $"{fit} at {to}");
        }
    }

    [Fact]
    public void Fits_in_metal_at_thirty_millimetres_are_those_of_any_handbook()
    {
        // ISO 286-2: H7 +21/0, g6 −7/−20, h6 0/−13, p6 +35/+22; H8 +33/0, f7 −20/−41; H9 +52/0, d9 −65/−117.
        (string Fit, double Least, double Greatest)[] known = [("slide", 0.007, 0.041), ("snug", 0, 0.034), ("press", -0.035, -0.001), ("moving", 0.02, 0.074),
            ("drop", 0.065, 0.169)];
        foreach (var (fit, least, greatest) in known)
        {
            var metal = MetalFit.Of(fit, 30)!;
            new[] { metal.Least, metal.Greatest }.ShouldBe([least, greatest], 1e-9);
        }

        MetalFit.Of("thread", 30).ShouldBeNull();
        MetalFit.Of("slide", 501).ShouldBeNull();
        MetalFit.Of("slide", 0.5)!.Shaft.ShouldBe("g6");
    }
}
