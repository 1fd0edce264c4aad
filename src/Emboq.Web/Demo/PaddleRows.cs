using Emboq.Core;
using Emboq.Store;

namespace Emboq.Web.Demo;

/// <summary>The everyday parts of the demo: nine labelled pulls with their template, a bin for the plane irons, and what lies on the shelf.</summary>
internal sealed partial class PaddleWorkshop
{
    private static readonly string[] Drawers = ["Copper tacks", "Cane & cord", "Varnish brushes", "Brass tips", "Grip stock", "Scrapers", "Epoxy pumps", "Sanding discs", "Spare irons"];

    private async Task EverydayParts(Process plain, Process tough)
    {
        var (job, pull) = await Part("Drawers of the fitting bench", "Nine drawers look alike and stick: each needs a pull that says what is in it.", "labelled pull", "drawer-pull",
            new() { ["tall"] = "22", ["front"] = "16", ["fastening"] = "insert" }, new() { ["drawer"] = Named("pull screws") }, plain,
            [.. Drawers.Select((text, i) => new RowItem(1, new Dictionary<string, string> { ["text"] = text }, i is 2 or 6 ? "red" : ""))]);
        await JobStore.AddPart(database, new(Guid.CreateVersion7(), job, "drawer template", "drilling-template", 1,
            new(new Dictionary<string, string> { ["fromTop"] = "45", ["frontWidth"] = "13 7/8 in" }, new Dictionary<string, Guid>(), tough.Id, pull)), Later(), default);
        await Part("Irons off the sill", "The box with the spare irons falls off the sill whenever the window is opened.", "iron bin", "wall-bin",
            new() { ["wall"] = "4.5", ["strip"] = "480" }, new() { ["item"] = Named("iron box") }, plain, null);
        await SpoolStore.Add(database, new(Guid.CreateVersion7(), "grey, half", "plain grey", "", 212, 538, Later()), default);
        await SpoolStore.Add(database, new(Guid.CreateVersion7(), "grey, the end of one", "plain grey", "", 212, 259, Later()), default);
        await SpoolStore.Add(database, new(Guid.CreateVersion7(), "red", "plain grey", "red", 198, 463, Later()), default);
        await SpoolStore.Add(database, new(Guid.CreateVersion7(), "green, new", "tough green", "", 245, 1238, Later()), default);
        await ScrewStore.Save(database, 0,
        [
            .. new[] { 12.0, 16, 20, 25, 40 }.Select(l => new DrawerScrew("M4", "pan", l)), .. new[] { 10.0, 16, 30 }.Select(l => new DrawerScrew("M5", "cap", l)),
            .. new[] { 20.0, 30, 45 }.Select(l => new DrawerScrew("4 mm", "wood", l)),
        ], Later(), default);
    }
}
