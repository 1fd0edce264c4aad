using Emboq.Core.Homes;
using Emboq.Store;

namespace Emboq.Web.Demo;

/// <summary>Where the tools of the carving bench live.</summary>
internal sealed partial class PaddleWorkshop
{
    private async Task HomesAtTheBench(Guid job)
    {
        ThingEntry Thing(string name, string sort, Use use, string sizes, string? now = null, int count = 1, double? mass = null, string? place = null) =>
            sizes.Split(' ', StringSplitOptions.RemoveEmptyEntries) is var s && s.Length == 3
                ? new(name, name, sort, null, s[0], s[1], s[2], mass, use, count, now, null)
                : new(name, name, sort, Named(place!), "", "", "", mass, use, count, now, null);
        HomesAsked asked = new(
            [
                new("knives", "knife drawer", Named("knife drawer inside"), "", "", "", Reach.AtHand, null),
                new("deep", "deep drawer", null, "412", "365", "118", Reach.Step, 9000),
                new("shelf", "shelf over the window", null, "760", "190", "260", Reach.Away, null),
            ],
            [
                Thing("spoke pointer", "edges", Use.Weekly, "", "knives", mass: 212, place: "spoke pointer"),
                Thing("bent shaft knife", "edges", Use.Daily, "", "knives", mass: 118, place: "bent shaft knife"),
                Thing("crooked knife", "edges", Use.Daily, "134 39 19", "knives", 2, 96),
                Thing("block of edge gauges", "gauges", Use.Monthly, "", "deep", mass: 610, place: "block of edge gauges"),
                Thing("strop", "sharpening", Use.Daily, "230 58 22", "shelf", mass: 180),
                Thing("water stones in their tub", "sharpening", Use.Weekly, "236 148 92", "shelf", mass: 2700),
                Thing("tin of oil", "finish", Use.Monthly, "84 84 168", "deep", mass: 940),
                Thing("tin of varnish", "finish", Use.Seldom, "108 108 134", "deep", 2, 1150),
                Thing("wax", "finish", Use.Monthly, "92 92 48", "deep", mass: 260),
            ], "10");
        var (storages, things) = await HomesRead.Of(new Input(), asked, database, default);
        await HomeStore.Save(database, job, 0, asked, new(storages, things, 10, HomeSearch.Of(storages, things, 10)), Later(), default);
    }
}
