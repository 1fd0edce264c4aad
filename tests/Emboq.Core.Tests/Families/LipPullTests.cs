namespace Emboq.Core.Tests.Families;

/// <summary>A thin plate with a lip: short screws from the front, fingers from below.</summary>
public sealed class LipPullTests
{
    private static Design Pull(string more = "")
    {
        var f = FamilyList.Find("drawer-pull")!;
        var given = $"fastening=plate; spacing=80; {more}".Split("; ", StringSplitOptions.RemoveEmptyEntries).Select(e => e.Split('=')).ToDictionary(e =>
            e[0], e => e[1]);
        return f.Design(new(ParameterValues.Read(f.Parameters, given).Value, new Dictionary<string, Interface>(), Workshop.Process, []));
    }

    [Fact]
    public void Nothing_stops_at_the_usual_values_and_its_screws_are_short()
    {
        var pull = Pull("text=Tacks");
        pull.Checks.ShouldAllBe(c => c.Verdict != Verdict.Stop);
        // Through 4 mm of plate into 18 mm of wood, its point inside.
        pull.Ledger["screw.screw.most"].Value.ShouldBe(4 + 18 - 1, 1e-9);
        pull.Pieces[0].Ways.Select(w => w.Key).ShouldBe(["back", "top"]);
        pull.Pieces[0].WayBy.ShouldBe("plateWay");
    }

    /// <summary>The lip leans 35 degrees: it drops by P tan 35°, and a finger of 12 mm goes up until the gap is as narrow as itself.</summary>
    [Fact]
    public void The_lip_drops_and_reaches_by_its_lean()
    {
        var ledger = Pull("projection=30").Ledger;
        ledger["lip.drop"].Value.ShouldBe(30 * Math.Tan(35 * Math.PI / 180), 1e-9);
        ledger["lip.reach"].Value.ShouldBe(18 * Math.Tan(35 * Math.PI / 180), 1e-9);
        Pull("projection=14").Checks.Single(c => c.Key == "fingers").Verdict.ShouldBe(Verdict.Watch);
        Pull("plate=2; letterDepth=1.2; text=Tacks").Checks.Single(c => c.Key == "face").Verdict.ShouldBe(Verdict.Stop);
    }

    /// <summary>A thick lip hides the lower part of the plate: words stand above it, or are told to have no room. Plane geometry: 10 mm thick, met going up
    /// over 10 / cos 35°; at the face of 4 mm it has leaned down by 4 tan 35°.</summary>
    [Fact]
    public void Words_stand_above_the_lip()
    {
        var pull = Pull("text=Tacks; face=10; tall=20; edge=1");
        var covered = (10 / Math.Cos(35 * Math.PI / 180)) - (4 * Math.Tan(35 * Math.PI / 180));
        pull.Ledger["label.height"].Value.ShouldBe(20 - 1 - covered - 2, 1e-9);
        var letters = Pull("text=Tacks; face=10; tall=20; edge=1; lettering=inlay").Pieces.Single(p => p.Key == "inlay");
        letters.Pose.By.Y.ShouldBe((covered - 1) / 2, 1e-9);
        Pull("text=Tacks; face=14; tall=16").Checks.Single(c => c.Key == "label").Verdict.ShouldBe(Verdict.Stop);
        Pull("face=14; tall=16").Checks.ShouldNotContain(c => c.Key == "label");
    }
}
