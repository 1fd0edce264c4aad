using Emboq.Core.Tests;
using Emboq.Core.Tests.Measuring;

namespace Emboq.Kernel.Tests;

/// <summary>A shell clamp in the triangles: both halves go around the scanned handle with the room of the ledger, and come off
/// straight.</summary>
public sealed class ShellSolidTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    private static readonly CancellationToken Stop = TestContext.Current.CancellationToken;

    private static Design Design(params IReadOnlyList<(string Key, string Value)> decided) => FamilyList.Find("shell-clamp")!.Design(new(ParameterValues.Read(
        FamilyList.Find("shell-clamp")!.Parameters, decided.Prepend(("front", "40")).DistinctBy(d => d.Item1).ToDictionary(d => d.Item1, d => d.Item2)).Value,
        new Dictionary<string, Interface>
        {
            ["grip"] = Places.Of("grip"),
            ["table"] = Places.Of(KindList.Of("hole-grid"),
            "pitchX 25, pitchY 25, diameter 6.6, thickness 18")
        }, Workshop.OfTough(Workshop.Exact), []));

    [Theory]
    [InlineData("end")]
    [InlineData("flat")]
    public async Task Both_halves_lie_around_the_handle_with_the_room_of_the_ledger(string way)
    {
        // As long as lets them be turned square to the centre line.
        var design = Design(("wayUp", way), ("along", "55"));
        var grip = design.Machine.Single(b => b.Key == "machine-grip").Solid;
        var room = (design.Ledger["grip.breadth.drawn"].Value - design.Ledger["grip.breadth.measured"].Value) / 2;
        foreach (var piece in design.Pieces)
        {
            var meeting = await fixture.Pool.Between(piece.Pose.Of(piece.Solid), grip, 3, 0.02, Stop);
            (piece.Key, meeting.Overlap).ShouldBe((piece.Key, 0));
            // Square to a slanting side there is a little less of it than along the section.
            (piece.Key, meeting.Gap!.Value).Item2.ShouldBeInRange(room * 0.85, room * 1.02, piece.Key);
        }
    }

    [Fact]
    public async Task What_is_drawn_is_found_in_the_triangles_and_both_motions_are_free()
    {
        var design = Design(("screws", "2"), ("along", "32"));
        foreach (var gauge in design.Gauges)
        {
            var mesh = (await fixture.Pool.Evaluate([design.Pieces.Single(p => p.Key == gauge.Body).Solid], 0.02, Stop))[0];
            MeshGauge.Read(mesh, gauge).ShouldNotBeNull(gauge.What).ShouldBe(gauge.Size, 0.05, $"{gauge.Body}: {gauge.What}");
        }

        foreach (var motion in design.Motions)
        {
            var check = await MotionCheck.Of(design, motion, fixture.Pool, Stop);
            (motion.Key, check.Verdict).ShouldBe((motion.Key, Verdict.Good), check.Says + check.Figure);
        }
    }
}
