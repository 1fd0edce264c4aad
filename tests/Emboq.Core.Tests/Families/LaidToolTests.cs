using CsCheck;
using Emboq.Core.Families.Storage.DrawerNest;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Tests.Families;

/// <summary>A tool as it lies, and how it swings as one end is lifted: against points of it that are turned one by one.</summary>
public sealed class LaidToolTests
{
    private static readonly Gen<LaidTool> Tools = Gen.Select(Gen.Select(Gen.Double[10, 90], Gen.Double[3, 18], Gen.Double[3, 18]).Array[1, 4],
        Gen.Double[0.25, 0.75], Gen.Bool).Select((steps, share, light) =>
    {
        var (list, at) = (new List<ToolStep>(), 0.0);
        foreach (var (length, first, last) in steps)
        {
            list.Add(new(at, at + length, first, last, $"step {list.Count}", list.Count));
            at += length;
        }

        var rest = LyingRest.Of([.. list.SelectMany(s => new[] { new Point2(s.From, s.First), new Point2(s.To, s.Last) })], share * at);
        return rest is null ? null : new LaidTool(list, share * at, rest, 0, light);
    }).Where(t => t is not null && Math.Abs(t.Tilt) < 25)!;

    [Fact]
    public void It_lies_on_the_floor_on_both_its_rims() => Tools.Sample(t =>
    {
        var corners = t.Steps.SelectMany(s => new[] { t.At(s.From, -s.First), t.At(s.To, -s.Last), t.At(s.From, s.First), t.At(s.To, s.Last) }).ToList();
        corners.Min(c => c.Y).ShouldBe(0, 1e-9);
        t.At(t.Rest.Near.X, -t.Rest.Near.Y).Y.ShouldBe(0, 1e-9);
        t.At(t.Rest.Far.X, -t.Rest.Far.Y).Y.ShouldBe(0, 1e-9);
        t.Top.ShouldBe(corners.Max(c => c.Y));
        t.At(t.Centre, 0).Y.ShouldBeGreaterThan(0);
        // Its centre stands between both rims, along the floor.
        var (near, middle, far) = (t.At(t.Rest.Near.X, -t.Rest.Near.Y).X, t.At(t.Centre, 0).X, t.At(t.Rest.Far.X, -t.Rest.Far.Y).X);
        middle.ShouldBeInRange(near - 1e-9, far + 1e-9);
    }, iter: 100);

    /// <summary>What is below the top of the nest has not moved further than was reckoned.</summary>
    [Fact]
    public void No_point_in_the_nest_swings_further_than_is_reckoned() => Gen.Select(Tools, Gen.Double[3, 28], Gen.Double[6, 40], Gen.Double[0, 1].Array[3])
        .Sample((t, turn, deep, at) =>
    {
        var step = t.Steps[(int)(at[0] * (t.Steps.Count - 1e-9))];
        var most = t.Swings(step, turn, deep);
        // A corner of the step, anywhere up its side, at any moment.
        var (along, radius) = at[1] < 0.5 ? (step.From, step.First) : (step.To, step.Last);
        foreach (var off in Enumerable.Range(-20, 41).Select(i => radius * i / 20))
        {
            var (p, (sin, cos)) = (t.At(along, off), Math.SinCos(at[2] * turn * Math.PI / 180));
            var (dx, dz) = (p.X - t.Pivot.X, p.Y - t.Pivot.Y);
            // The end that is grasped goes up: in front it turns one way, behind the other.
            var way = t.GraspedInFront ? -1 : 1;
            var (x, z) = (t.Pivot.X + (dx * cos) - (way * dz * sin), t.Pivot.Y + (way * dx * sin) + (dz * cos));
            if (z <= deep)
            {
                (way * (p.X - x)).ShouldBeLessThan(most + 0.15);
            }
        }
    }, iter: 100);

    [Fact]
    public void A_longer_lean_raises_the_front_and_saves_length()
    {
        var lying = Tools.Single();
        foreach (var lean in new[] { 5.0, 15, 30 })
        {
            var leaning = lying with { Lean = lean };
            (leaning.At(0, 0).Y - leaning.At(leaning.Length, 0).Y).ShouldBe(leaning.Length * Math.Sin((lean - lying.Rest.Tilt) * Math.PI / 180), 1e-6);
        }
    }
}
