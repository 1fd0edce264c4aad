namespace Emboq.Web.Demo;

/// <summary>What swings and turns in the demo.</summary>
internal sealed partial class PaddleWorkshop
{
    /// <summary>A rail that holds blanks down on the trim bench, and is in the way of everything else.</summary>
    private async Task OnTheTrimBench(Process tough)
    {
        var bench = await Machine("Trim bench", "Blanks are trimmed to length here, under a rail of ash across the table.");
        var rail = await Place(bench, "ash rail", KindList.Of("board"));
        await Read(rail, "length", "tape", "742", "743");
        await Read(rail, "width", "caliper", "46.1", "45.9");
        await Read(rail, "thickness", "caliper", "27.8", "28.1");
        await Read(rail, "mass", "scale", "612");
        await Read(rail, "balance", "tape", "366");
        var pin = await Place(bench, "drawn pin", KindList.Of("pin"));
        await Around(pin, "diameter", "caliper", ("4.98", 0), ("4.97", 60), ("4.98", 120));
        await Part("Rail that swings away", "The rail over the blanks is unscrewed whenever the bench is wanted for anything else.", "rail hinge", "flip-hinge",
            new() { ["stock"] = "24", ["past"] = "12", ["wide"] = "90", ["tableThick"] = "38", ["slots"] = "4", ["play"] = "9" },
            new() { ["rail"] = rail, ["pin"] = pin }, tough, null);
    }
}
