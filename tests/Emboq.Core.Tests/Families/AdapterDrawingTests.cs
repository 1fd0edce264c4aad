namespace Emboq.Core.Tests.Families;

/// <summary>The seat drawing says where things are: its callouts measure on the drawing what the ledger says.</summary>
public sealed class AdapterDrawingTests
{
    private static Design Design(string firstJoin, string secondJoin)
    {
        var family = FamilyList.All[0];
        var values = ParameterValues.Read(family.Parameters, new Dictionary<string, string> { ["firstJoin"] = firstJoin, ["secondJoin"] = secondJoin }).Value;
        return family.Design(new(values, new Dictionary<string, Interface>
        {
            ["first"] = Workshop.Tube("port", 80, 84, 60),
            ["second"] = Workshop.Tube("hose", 40, 43, 60),
        }, Workshop.Process, []));
    }

    public static TheoryData<string, string> Joins => new() { { "over", "inside" }, { "inside", "over" }, { "over", "over" }, { "inside", "inside" } };

    [Theory]
    [MemberData(nameof(Joins))]
    public void Every_length_and_diameter_is_as_long_on_the_drawing_as_in_the_ledger(string first, string second)
    {
        var design = Design(first, second);
        foreach (var callout in design.Drawing!.Callouts.Where(c => c.Kind == CalloutKind.Length))
        {
            (callout.To.X - callout.From.X).ShouldBe(design.Ledger[callout.Line].Value, 1e-9, callout.Line);
        }

        foreach (var callout in design.Drawing.Callouts.Where(c => c is { Kind: CalloutKind.Diameter, Row: > 0 } && c.Line != "wall"))
        {
            (callout.To.Y - callout.From.Y).ShouldBe(design.Ledger[callout.Line].Value, 1e-9, callout.Line);
        }

        var wall = design.Drawing.Callouts.Single(c => c.Line == "wall");
        (wall.To.Y - wall.From.Y).ShouldBe(design.Ledger["wall"].Value, 1e-9);
        var cone = design.Drawing.Callouts.Single(c => c.Kind == CalloutKind.Angle);
        (Math.Atan2(Math.Abs(cone.To.Y - cone.From.Y), cone.To.X - cone.From.X) * 180 / Math.PI).ShouldBe(design.Ledger["cone.angle"].Value, 1e-9);
    }

    [Theory]
    [MemberData(nameof(Joins))]
    public void Machine_and_part_do_not_run_into_each_other(string first, string second)
    {
        // A snug fit is drawn larger or smaller by the allowance: half of drawn minus measured lies between the faces.
        var design = Design(first, second);
        var part = design.Drawing!.Regions.Where(r => r.Matter == Matter.Part).ToList();
        var machine = design.Drawing.Regions.Where(r => r.Matter == Matter.Machine).ToList();
        part.Count.ShouldBe(2);
        machine.Count.ShouldBe(4);
        foreach (var (slot, join, pipe) in new[] { ("first", first, machine[0]), ("second", second, machine[2]) })
        {
            var drawn = design.Ledger[$"{slot}.drawn"].Value / 2;
            if (join == "over")
            {
                pipe.Outline.Max(p => p.Y).ShouldBeLessThan(drawn, slot);
            }
            else
            {
                pipe.Outline.Min(p => p.Y).ShouldBeGreaterThan(drawn, slot);
            }
        }
    }

    [Fact]
    public void What_can_be_edited_names_a_parameter_and_what_is_measured_names_its_reading()
    {
        var design = Design("over", "inside");
        var keys = FamilyList.All[0].Parameters.Select(p => p.Key).ToList();
        design.Drawing!.Callouts.Where(c => c.Parameter is not null).Select(c => c.Parameter!).ShouldAllBe(p => keys.Contains(p));
        design.Drawing.Callouts.Where(c => c.Reads is not null).Select(c => c.Reads!.Dimension).ShouldBe(["outside", "inside"]);
        design.Drawing.Bounds.Least.X.ShouldBeLessThan(0);
        design.Drawing.Bounds.Greatest.X.ShouldBeGreaterThan(design.Ledger["height"].Value);
    }

    [Fact]
    public void The_bodies_are_the_part_a_ring_for_each_end_and_the_two_machines()
    {
        var design = Design("over", "inside");
        // Five rings around a tube of 84 mm do not lie on this bed: that end has fewer.
        design.Seats.Select(s => s.Ladder.Count < 5).ShouldBe([true, false]);
        design.PrintItems.Select(b => b.Key).Concat(design.Machine.Select(b => b.Key)).ShouldBe(["part", "ring-first", "ring-second", "ladder-first",
            "ladder-second", "machine-first", "machine-second"]);
        design.Proofs.ShouldAllBe(b => b.Seat != null && b.Says.Contains("It does not prove"));
        // A ring is cut from the very part: its tree holds the part's.
        var ring = design.Proofs[0].Solid.ShouldBeOfType<Solid.Moved>().Of.ShouldBeOfType<Solid.Intersection>();
        ring.A.ShouldBe(design.Pieces[0].Solid);
    }
}
