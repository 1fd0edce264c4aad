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
        var screw = await Place(bench, "stop's screw", KindList.Of("pin"));
        await Around(screw, "diameter", "caliper", ("4.91", 0), ("4.9", 60), ("4.92", 120));
        await Part("Stop for blade ends", "Blanks are pushed against a nail at the bench's edge, and the nail catches every apron.", "end stop", "flip-stop",
            new() { ["over"] = "22", ["push"] = "80", ["tableThick"] = "38", ["folds"] = "15" }, new() { ["pin"] = screw }, tough, null);
    }

    /// <summary>A table behind the strip saw that is in the way whenever long strips are not cut.</summary>
    private async Task BehindTheStripSaw(Process tough)
    {
        var table = await Machine("Outfeed table", "Takes long strips behind the saw, and is leaned against the wall for the rest of the day.");
        var leg = await Place(table, "table leg", KindList.Of("board"));
        await Read(leg, "length", "tape", "688", "689");
        await Read(leg, "width", "caliper", "44.32", "44.29", "44.33");
        await Read(leg, "thickness", "caliper", "27.6", "27.7");
        await Part("Legs that fold", "Trestles under the outfeed table take half of the floor, and the table half of the wall.", "leg hinge", "leg-hinge",
            new() { ["between"] = "820", ["room"] = "150", ["pairs"] = "410", ["frame"] = "95", ["board"] = "20", ["tableMass"] = "14", ["carries"] = "25" },
            new() { ["leg"] = leg }, tough, null);
    }

    /// <summary>Blanks for T-grips are scraped on both sides, and every clamp is in the way.</summary>
    private async Task OnTheScrapingBench(Process tough)
    {
        var bench = await Machine("Scraping bench", "Grip blanks and blades are scraped here, by the window.");
        var blank = await Place(bench, "grip blank", KindList.Of("board"));
        await Read(blank, "length", "tape", "126");
        await Read(blank, "width", "caliper", "61.4", "61.6");
        await Read(blank, "thickness", "caliper", "12.2", "12.3");
        await Part("A vice for grip blanks", "Blanks are scraped on both faces, and a clamp covers the half of either.", "blank vice", "cam-vice",
            new() { ["opens"] = "75", ["rest"] = "20", ["proud"] = "9", ["press"] = "150", ["differs"] = "1.2", ["board"] = "40" },
            new() { ["work"] = blank, ["pin"] = Named("drawn pin") }, tough, null);
    }

    /// <summary>Knobs for the ends of paddle shafts, on a small lathe without plates of its own.</summary>
    private async Task OnTheKnobLathe(Process tough)
    {
        var lathe = await Machine("Knob lathe", "Knobs for T-grips are turned here, the largest from 140 mm of ash.");
        var spindle = await Place(lathe, "knob lathe spindle", KindList.Of("spindle"));
        await Around(spindle, "outside", "caliper", ("24.86", 0), ("24.84", 60), ("24.87", 120));
        await Read(spindle, "turns", "eye", "6");
        await Read(spindle, "over", "caliper", "18.02", "17.98");
        await Read(spindle, "length", "depth-rod", "26.5", "26.4");
        await Read(spindle, "neck", "caliper", "25.02", "25.01");
        await Read(spindle, "neckLong", "depth-rod", "4.1");
        await Read(spindle, "bore", "caliper", "9.62");
        await Part("Plates for the knob lathe", "Each size of knob wants its own plate, and the lathe came with none.", "knob plate", "faceplate",
            new()
            {
                ["across"] = "100",
                ["wall"] = "12",
                ["screws"] = "6",
                ["woodScrew"] = "4 mm",
                ["workAcross"] = "140",
                ["workLong"] = "55",
                ["workMass"] = "620",
                ["speed"] = "750",
                ["power"] = "370",
                ["machineMass"] = "34",
                ["allowed"] = "900",
            }, new() { ["spindle"] = spindle }, tough, [PlateOf("90"), PlateOf("100"), PlateOf("115"), PlateOf("130")]);
        var knob = await Place(lathe, "turned knob", KindList.Of("turned"), "tenon", "shoulder", "top");
        await Read(knob, "mass", "scale", "86");
        foreach (var (step, length, first, last) in new[] { (1, "12.1", "19.9", "19.9"), (2, "14.2", "27.8", "57.6"), (3, "22.4", "57.6", "41.2") })
        {
            await Read(knob, $"step{step}.length", "caliper", length);
            await Read(knob, $"step{step}.first", "caliper", first);
            await Read(knob, $"step{step}.last", "caliper", last);
        }

        await Part("Knobs without a tenon mark", "The end of a knob is finished last, and nothing may mark its shoulder.", "vacuum seat", "vacuum-chuck",
            new() { ["land"] = "5", ["gauge"] = "68", ["speed"] = "600", ["off"] = "0.3", ["power"] = "370", ["machineMass"] = "34", ["allowed"] = "900" },
            new() { ["spindle"] = spindle, ["turned"] = knob }, tough, null);
    }

    /// <summary>The large pad of the orbit sander does not reach into the throat of a blade.</summary>
    private async Task OnTheOrbitSander(Process tough)
    {
        var sander = await Machine("Orbit sander", "Sands blades; its pad was 125 mm, and the throat of a blade wants 75.");
        var circle = await Place(sander, "sander's screw circle", KindList.Of("hole-circle"));
        await Read(circle, "count", "eye", "4");
        await Read(circle, "inner", "caliper", "26.96");
        await Read(circle, "outer", "caliper", "37.08");
        await Read(circle, "diameter", "caliper", "5.06");
        var boss = await Place(sander, "sander's boss", KindList.Of("post"));
        await Around(boss, "diameter", "caliper", ("17.94", 0), ("17.95", 60), ("17.94", 120));
        var original = await Place(sander, "sander's own plate", KindList.Of("mass"));
        await Read(original, "mass", "scale", "52");
        var guard = await Place(sander, "sander's guard", KindList.Of("bore"));
        await Around(guard, "diameter", "long-caliper", ("131.4", 0), ("131.9", 60), ("131.6", 120));
        await Part("A small pad for the throat", "A pad of 125 mm rides on both edges of the throat and leaves its middle rough.", "small pad", "pad-holder",
            new()
            {
                ["across"] = "75",
                ["boss"] = "46",
                ["bossHigh"] = "5",
                ["screwMass"] = "2.4",
                ["was"] = "125",
                ["allowed"] = "12000",
                ["speed"] = "10000",
                ["moving"] = "480"
            },
            new() { ["mount"] = circle, ["centre"] = boss, ["original"] = original, ["guard"] = guard }, tough, null);
    }

    private static RowItem PlateOf(string across) => new(1, new Dictionary<string, string> { ["across"] = across });
}
