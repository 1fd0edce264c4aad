namespace Emboq.Core.Families.Storage.LiddedCase;

/// <summary>A lidded case cut from front to back through a clasp and a knuckle, and from the front.</summary>
internal static class CaseDrawing
{
    public static SeatDrawing Of(CaseReckoning r)
    {
        var (w, deep, wall, rim, from, top) = (r.Wide, r.Deep, r.Wall.Value, r.Rim, r.LidFrom, r.Top);
        var clasp = CaseShape.ClaspProfile(r).Points;
        var axis = r.Axis;
        var sheet = new Sheet().Box(Matter.Part, 0, 0, deep, rim).Box(Matter.Opening, wall, r.Floor.Value, deep - wall, rim);
        Shelf(sheet, r);
        sheet.Box(Matter.Part, 0, from, deep, top).Box(Matter.Opening, wall, from, deep - wall, top - r.Floor.Value)
            .Face(Matter.Part, [new(0, r.BeadAt - CaseReckoning.BeadHalf), new(0, r.BeadAt + CaseReckoning.BeadHalf), new(-CaseReckoning.BeadOut,
                r.BeadAt + CaseReckoning.BeadFlat),
                new(-CaseReckoning.BeadOut, r.BeadAt - CaseReckoning.BeadFlat)])
            .Box(Matter.Part, -CaseReckoning.StandsOff, from + CaseReckoning.BlockFrom, 0, top).Face(Matter.Part, clasp)
            .Face(Matter.Part, [new(deep, rim - r.Lug), new(axis.X + (0.7 * r.Radius), axis.Y - (0.7 * r.Radius)), new(axis.X, axis.Y + r.Radius),
                new(deep, rim)]).Round(Matter.Opening, axis.X, axis.Y, r.Bore).Cross(axis.X, axis.Y, r.Bore)
            .Along("depth", wall, deep - wall, 0, 1, sets: r.Chosen ? "depth" : null).Up("bodyHigh", deep + (2 * r.Radius), r.Floor.Value, rim,
                1, CalloutSide.Right).Up("lidHigh", deep + (2 * r.Radius), from, top - r.Floor.Value, 2, CalloutSide.Right, "lidHigh")
            .Point("floor", deep * 0.6, r.Floor.Value / 2, CalloutSide.Below, "floor").Point("wall", deep - (wall / 2), rim / 2, CalloutSide.Right, "wall")
            .Point("pin.diameter.drawn", axis.X, axis.Y, CalloutSide.Right).Point("pin.diameter.clearance", axis.X, axis.Y + (r.Bore / 2), CalloutSide.Above,
                "clearance").Up("arm", clasp.Min(p => p.X), clasp.Min(p => p.Y), from + CaseReckoning.BlockFrom, 1, CalloutSide.Left, "arm")
            .Point("thick", clasp.Min(p => p.X), (rim + r.BeadAt) / 2, CalloutSide.Left, "thick").Point("catch", -CaseReckoning.BeadOut, r.BeadAt,
                CalloutSide.Left, "catch");
        sheet.View(deep + 90 + (w / 2), 0).Box(Matter.Part, -w / 2, 0, w / 2, rim).Box(Matter.Part, -w / 2, from, w / 2, top);
        foreach (var x in r.At)
        {
            sheet.Box(Matter.Part, x - (CaseReckoning.ClaspWide / 2), clasp.Min(p => p.Y), x + (CaseReckoning.ClaspWide / 2), clasp.Max(p => p.Y));
        }

        if (r.Handle is var (at, hangs, wide, bar))
        {
            var half = (wide / 2) + (1.5 * r.Knuckle.Value);
            sheet.Box(Matter.Part, -half, at - hangs, half, at - hangs + bar).Box(Matter.Part, -half, at - hangs, -half + r.Knuckle.Value, at + r.Radius)
                .Box(Matter.Part, half - r.Knuckle.Value, at - hangs, half, at + r.Radius);
        }

        foreach (var x in r.CutsAcross)
        {
            sheet.Axis(x, -5, x, top + 5);
        }

        Ears(sheet, r);
        if (r.Seam is { } seam && r.CutsAcross.Any())
        {
            var (x, half, up) = (r.CutsAcross.First(), seam.Fit.Tongue.Value / 2, r.Floor.Value / 2);
            sheet.Face(Matter.Part, [new(x, up - half), new(x + half, up), new(x, up + half)]).Point("seam.wide", x, up, CalloutSide.Below);
        }

        return sheet.Along("width", (-w / 2) + wall, (w / 2) - wall, 0, 1, sets: r.Chosen ? "width" : null).Along("outer", -w / 2, w / 2, 0, 2).Done;
    }

    /// <summary>The ears of its screws from the front, with what is drawn of the first.</summary>
    private static void Ears(Sheet sheet, CaseReckoning r)
    {
        if (r.Screws is not { } screws || !r.CutsAcross.Any())
        {
            return;
        }

        var (half, (passed, bitten)) = (screws.Ear / 2, screws.Lengths);
        foreach (var (x, z) in r.CutsAcross.SelectMany(x => screws.Heights(r).Append(r.Top - half).Select(z => (x, z))))
        {
            sheet.Box(Matter.Part, x - passed, z - half, x + bitten, z + half);
        }

        sheet.Point("join.hole", r.CutsAcross.First() - passed, half, CalloutSide.Left).Point("bite.thread", r.CutsAcross.First() + bitten, half);
    }

    /// <summary>The tray on its ledges, cut from front to back.</summary>
    private static void Shelf(Sheet sheet, CaseReckoning r)
    {
        if (r.ShelfTall is null)
        {
            return;
        }

        const double Wall = CaseReckoning.ShelfWall, Ledge = CaseReckoning.Ledge;
        var (near, far, at, rim) = (r.Wall.Value, r.Deep - r.Wall.Value, r.ShelfAt, r.Rim);
        var (from, to) = (near + CaseReckoning.ShelfFree, far - CaseReckoning.ShelfFree);
        sheet.Face(Matter.Part, [new(near, at), new(near + Ledge, at), new(near, at - Ledge)]).Face(Matter.Part, [new(far, at), new(far - Ledge, at),
            new(far, at - Ledge)]).Box(Matter.Part, from, at, to, rim).Box(Matter.Opening, from + Wall, at + Wall, to - Wall, rim)
            .Point("shelf", (from + to) / 2, at + (Wall / 2), CalloutSide.Below, "shelfHigh");
    }
}
