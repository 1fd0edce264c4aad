using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web;

/// <summary>Plans prints: cuts bodies into layers and reckons time, material and money.</summary>
internal static class Planner
{
    /// <summary>Coarser than for printing: a tenth of a line does not change a plan. mm.</summary>
    private const double ChordError = 0.05;

    /// <summary>What printing a design takes, for the roles that are asked about.</summary>
    public static async Task<PlanView> Of(Design design, IReadOnlyList<BodyRole> roles, ParameterValues values, NpgsqlDataSource database,
        ISolidKernel kernel, CancellationToken stop)
    {
        var factors = new Dictionary<Guid, RunFactors>();
        foreach (var process in design.Own.Values.Append(design.ProcessOf(Piece.Main)).DistinctBy(p => p.Id))
        {
            factors[process.Id] = await Factors(process, database, stop);
        }

        Task<IReadOnlyList<Layer>> Cut(PrintItem item, Solid lying) => Layers(lying, design.ProcessOf(item.Key), kernel, stop);
        Ledger Plan(PrintItem item, IReadOnlyList<Layer> layers) =>
            PrintPlan.Of(layers, design.ProcessOf(item.Key), factors[design.ProcessOf(item.Key).Id]);
        var pieces = design.Pieces.Where(p => roles.Contains(BodyRole.Part) && p.IsBuildable).ToList();
        // Pieces that one decision lays the same way are compared by the first of them, without what is broken off; each is planned for itself.
        var compared = new List<(Piece Piece, WayComparison Ways)>();
        foreach (var piece in pieces.Where(p => p.WayBy is not null).DistinctBy(p => p.WayBy))
        {
            compared.Add((piece, WayComparison.Of(await Task.WhenAll(piece.Ways.Select(async w => (w, await Cut(piece, piece.Bare(w))))),
                design.ProcessOf(piece.Key), factors[design.ProcessOf(piece.Key).Id])));
        }

        var proofs = design.Proofs.Where(p => roles.Contains(BodyRole.Coupon) && p.IsBuildable);
        var cut = await Task.WhenAll(pieces.Cast<PrintItem>().Concat(proofs).Select(async i => (Item: i, Layers: await Cut(i, i.AsPrinted))));
        var prints = cut.Select(c => (c.Item, Plan: Plan(c.Item, c.Layers))).ToList();
        return new([.. prints.Select(p => PrintView.Of(p.Item, p.Plan))],
            [.. compared.Select(c => WaysView.Of(c.Piece, c.Ways))],
            pieces.Count > 0 && MakeOrBuy.Of(values, prints[0].Plan) is { } choice ? new([.. choice.Lines.Lines.Select(LedgerLineView.Of)], choice.Says) : null,
            [.. Lying().Concat(cut.Where(c => design.Own.ContainsKey(c.Item.Key)).Select(c =>
                BedRoom.Check(c.Item.Key, c.Item.Name, c.Layers, design.ProcessOf(c.Item.Key)))).Concat(pieces.Count == 0 ? []
                    : [Longest()]).Select(CheckView.Of)]);

        // What the layers of each piece say of it as it lies: all of it for those that were compared, what speaks against it for the others.
        IEnumerable<Check> Lying() => compared.SelectMany((c, i) => Judged(c.Piece, c.Ways.Better, isMain: i == 0)).Concat(pieces.Where(p =>
            compared.All(c => c.Piece != p)).SelectMany(p => Judged(p, p.Way.Key, isMain: false).Where(c => c.Verdict != Verdict.Good)));

        IEnumerable<Check> Judged(Piece piece, string better, bool isMain) => WayChecks.Of(WayReport.Of(piece.Way, cut.First(c => c.Item == piece).Layers,
            design.ProcessOf(piece.Key), factors[design.ProcessOf(piece.Key).Id]), better == piece.Way.Key ? null
                : piece.Ways.First(w => w.Key == better), piece.WayBy ?? WayUp.UsualBy, piece.Beneath)
            .Select(c => isMain ? c : c with { Key = $"{piece.Key}.{c.Key}", Title = $"{c.Title}, {piece.Name}" });

        Check Longest()
        {
            var (item, plan) = prints.Take(pieces.Count).MaxBy(p => p.Plan["time"].Value);
            return HoursCheck.Of(plan, item.Name, design.Lighter);
        }
    }

    /// <summary>What a process really takes, as its finished runs tell.</summary>
    public static async Task<RunFactors> Factors(Process process, NpgsqlDataSource database, CancellationToken stop) =>
        RunFactors.Of(process, await ServiceStore.FinishedOn(database, process.Id, stop));

    /// <summary>The ways on from here to a part that fits, the one that takes least first.</summary>
    public static async Task<IReadOnlyList<WayOn>> Next(Design design, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        var proofs = design.Proofs.Where(p => p.Seat is not null && p.Laid is null && p.IsBuildable);
        var taken = await Task.WhenAll(design.Pieces.Where(p => p.IsBuildable).Cast<PrintItem>().Concat(proofs).Select(async i => (Item: i,
            Takes: await Takes(i.AsPrinted, design.ProcessOf(i.Key), database, kernel, stop))));
        var pieces = taken.Where(t => t.Item is Piece).ToList();
        var instruments = await InstrumentStore.All(database, stop);
        return WhatNext.Of(design, new(pieces.Sum(t => t.Takes.Hours), pieces.Sum(t => t.Takes.Grams)), taken.Where(t => t.Item is Proof).ToDictionary(t =>
            t.Item.Key, t => t.Takes), MeasureNext.Of(design, design.Seats.Select(s => s.Interface).Where(i => i.Id != Guid.Empty).DistinctBy(i => i.Id),
                instruments));
    }

    /// <summary>What printing a solid takes, as it lies.</summary>
    public static async Task<PrintTakes> Takes(Solid lying, Process process, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        var plan = PrintPlan.Of(await Layers(lying, process, kernel, stop), process, await Factors(process, database, stop));
        return new(plan["time"].Value / 3600, plan["mass"].Value);
    }

    /// <summary>What the model says that bodies printed together take, s and g, without any factor.</summary>
    public static async Task<(double Seconds, double Grams)> Modelled(IEnumerable<Solid> asPrinted, Process process, ISolidKernel kernel,
        CancellationToken stop)
    {
        var layers = await Task.WhenAll(asPrinted.Select(s => Layers(s, process, kernel, stop)));
        var plan = PrintPlan.Of(PrintPlan.Together(layers), process, RunFactors.Of(process, []));
        return (plan["time.modelled"].Value, plan["mass.modelled"].Value);
    }

    /// <summary>Cuts a solid as a process would print it.</summary>
    public static Task<IReadOnlyList<Layer>> Layers(Solid solid, Process process, ISolidKernel kernel, CancellationToken stop) =>
        kernel.Layers(Coarse.Of(solid), new(process.LayerHeight, process.LineWidth, process.Settings.Walls, process.Settings.Skins), ChordError, stop);
}
