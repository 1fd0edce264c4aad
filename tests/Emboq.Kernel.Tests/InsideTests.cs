using System.Text.Json.Nodes;

namespace Emboq.Kernel.Tests;

/// <summary>Programs, welding and shared work, each by itself.</summary>
public sealed class InsideTests
{
    private static JsonNode Program(params Solid[] solids) => JsonNode.Parse(SolidProgram.Of(solids, 0.01))!;

    [Fact]
    public void What_solids_share_stands_in_a_program_once()
    {
        Solid body = new Solid.Box(1, 2, 3) + new Solid.Box(2, 2, 2);
        var program = Program(body, body.At(1, 0, 0), body);
        program["instructions"]!.AsArray().Count.ShouldBe(4);
        program["results"]!.AsArray().Select(r => (int)r!).ShouldBe([2, 3, 2]);
    }

    [Fact]
    public void A_round_is_wider_where_it_is_cut_away_and_keeps_its_size_where_it_stands()
    {
        var instructions = Program(new Solid.Cylinder(20, 10) - new Solid.Cylinder(10, 10))["instructions"]!.AsArray();
        ((double)instructions[0]!["radius"]!).ShouldBe(20);
        ((double)instructions[1]!["radius"]!).ShouldBeInRange(10.001, 10.011);
        // Material inside a cut stands again.
        var island = Program(new Solid.Cylinder(20, 10) - (new Solid.Cylinder(15, 10) - new Solid.Cylinder(5, 10)))["instructions"]!.AsArray();
        island.Where(i => (string)i!["op"]! == "cylinder").Select(i => (double)i!["radius"]!).ShouldContain(5.0);
    }

    [Fact]
    public void The_same_shape_cut_and_standing_are_two_keys()
    {
        var bore = new Solid.Cylinder(5, 10);
        var keys = Program(bore + (new Solid.Box(9, 9, 9) - bore))["instructions"]!.AsArray().Select(i => (string)i!["key"]!).ToList();
        keys.Distinct().Count().ShouldBe(keys.Count);
        keys.Count(k => k.StartsWith(bore.Hash, StringComparison.Ordinal)).ShouldBe(2);
    }

    [Fact]
    public void Equal_corners_are_joined_and_collapsed_triangles_go()
    {
        // Two triangles of a square whose shared corners are given twice, a sliver that collapses, and a minus zero.
        float[] vertices = [0, 0, 0, 1, 0, 0, 1, 1, 0, -0f, 0, 0, 1, 1, 0, 0, 1, 0];
        var mesh = Welding.Weld(vertices, 3, [0, 1, 2, 3, 4, 5, 0, 3, 1], 0, 1);
        mesh.Positions.Length.ShouldBe(12);
        mesh.Triangles.ShouldBe([0, 1, 2, 0, 2, 3]);
    }

    [Fact]
    public void The_two_faces_of_a_sliver_that_collapsed_go_together()
    {
        // A tetrahedron with a fin on one of its edges: in its corner 4 two met that single precision cannot tell apart.
        float[] vertices = [0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 2, 0, 0, 2];
        uint[] tetrahedron = [0, 2, 1, 0, 1, 3, 1, 2, 3, 0, 3, 2];
        var mesh = Welding.Weld(vertices, 3, [.. tetrahedron, 0, 3, 4, 3, 0, 5], 1.0 / 6, 2);
        mesh.Triangles.ShouldBe([.. tetrahedron.Select(t => (int)t)]);
        // The same corners twice the same way round are no fin, and stay to be told of.
        Welding.Weld(vertices, 3, [0, 2, 1, 0, 2, 1], 1, 1).Triangles.Length.ShouldBe(6);
    }

    [Fact]
    public void Further_properties_of_a_corner_are_passed_over() =>
        Welding.Weld([0, 0, 0, 9, 1, 0, 0, 9, 0, 1, 0, 9], 4, [0, 1, 2], 0, 0.5).Positions.ShouldBe([0f, 0, 0, 1, 0, 0, 0, 1, 0]);

    [Fact]
    public async Task Work_that_fails_fails_for_all_who_asked_and_begins_anew_for_the_next()
    {
        var work = new SharedWork<int>();
        var gate = new TaskCompletionSource<int>();
        var askers = Enumerable.Range(0, 3).Select(_ => work.Get("k", _ => gate.Task, TestContext.Current.CancellationToken)).ToList();
        gate.SetException(new KernelException("broken"));
        foreach (var asker in askers)
        {
            (await Should.ThrowAsync<KernelException>(asker)).Message.ShouldBe("broken");
        }

        (await work.Get("k", _ => Task.FromResult(7), TestContext.Current.CancellationToken)).ShouldBe(7);
        work.Shared.ShouldBe(2);
    }

    [Fact]
    public async Task Work_goes_on_while_one_asker_is_left_and_is_called_off_when_none_is()
    {
        var work = new SharedWork<int>();
        var calledOff = new TaskCompletionSource();
        async Task<int> Forever(CancellationToken gone)
        {
            await using var told = gone.Register(calledOff.SetResult);
            await Task.Delay(Timeout.Infinite, gone);
            return 0;
        }

        using var first = new CancellationTokenSource();
        using var second = new CancellationTokenSource();
        var (a, b) = (work.Get("k", Forever, first.Token), work.Get("k", Forever, second.Token));
        await first.CancelAsync();
        await Should.ThrowAsync<OperationCanceledException>(a);
        calledOff.Task.IsCompleted.ShouldBeFalse();
        await second.CancelAsync();
        await Should.ThrowAsync<OperationCanceledException>(b);
        await calledOff.Task.WaitAsync(TimeSpan.FromSeconds(5), TestContext.Current.CancellationToken);
    }
}

/// <summary>Letters as the core reckons them and as the kernel draws them.</summary>
public sealed class LetterTests(PoolFixture fixture) : IClassFixture<PoolFixture>
{
    [Theory]
    [InlineData("Copper tacks")]
    [InlineData("M6 × 20")]
    [InlineData("Ölstein")]
    public async Task A_text_is_as_wide_as_it_was_reckoned(string text)
    {
        var mesh = (await fixture.Pool.Evaluate([new Solid.Lettering(text, 10, 500, 1)], 0.01, TestContext.Current.CancellationToken))[0];
        // The first and the last letter have air beside them, and neighbours are kerned.
        (mesh.Bounds.Greatest.X - mesh.Bounds.Least.X).ShouldBe(Emboq.Core.Solids.LetterWidths.Of(text) * 10,
            0.05 * Emboq.Core.Solids.LetterWidths.Of(text) * 10);
    }

    /// <summary>Steiner: an outline moved inwards loses its length times the way, but for its corners.</summary>
    [Fact]
    public async Task An_inlay_is_smaller_all_around()
    {
        // Of letters that are thinner than they shrink, nothing is left.
        (await fixture.Pool.Evaluate([new Solid.Lettering("Spare blades for the long shave", 2, 20, 1, -0.2)], 0.01,
            TestContext.Current.CancellationToken))[0].Triangles.ShouldBeEmpty();
        var meshes = await fixture.Pool.Evaluate([new Solid.Lettering("HIT", 20, 500, 1), new Solid.Lettering("HIT", 20, 500, 1, -0.2)], 0.01,
            TestContext.Current.CancellationToken);
        // The walls of a plate 1 mm thick are as large as its outline is long.
        var outline = meshes[0].Area - (2 * meshes[0].Volume);
        (meshes[0].Volume - meshes[1].Volume).ShouldBe(0.2 * outline, 0.05 * 0.2 * outline);
    }
}
