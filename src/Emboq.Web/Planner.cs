using Emboq.Core;
using Emboq.Core.Printing;
using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web;

/// <summary>Plans prints: cuts bodies into layers and reckons time, material and money.</summary>
internal static class Planner
{
    /// <summary>Coarser than for printing: a tenth of a line does not change a plan. mm.</summary>
    private const double ChordError = 0.05;

    /// <summary>Everything about printing a design.</summary>
    public static async Task<PlanView> Of(Design design, ParameterValues values, Process process, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        var factor = TimeFactor.Of(process, [.. (await ServiceStore.RunsOn(database, process.Id, stop)).Select(r => (r.Seconds, r.ModelledSeconds))]);
        var part = design.Bodies.FirstOrDefault(b => b.Role == BodyRole.Part);
        if (part is null)
        {
            return new([], null, null);
        }

        var coupons = design.Bodies.Where(b => b.Role == BodyRole.Coupon).ToList();
        var ways = Task.WhenAll(design.Ways.Select(async w => (w, await Layers(part.Solid.Tipped(w.Tip), process, kernel, stop))));
        var proofs = await Task.WhenAll(coupons.Select(async c => (c, await Layers(c.Solid, process, kernel, stop))));
        var comparison = WayComparison.Of(await ways, process, factor);
        var chosen = comparison.Ways.First(w => w.Way.Key == design.Way);
        return new(
            [PrintView.Of(part, chosen.Plan), .. proofs.Select(p => PrintView.Of(p.c, PrintPlan.Of(p.Item2, process, factor)))],
            WaysView.Of(comparison, design.Way),
            MakeOrBuy.Of(values, chosen.Plan) is { } choice ? new([.. choice.Lines.Lines.Select(LedgerLineView.Of)], choice.Says) : null);
    }

    /// <summary>How long the model says that bodies printed together take, s, without any factor.</summary>
    public static async Task<double> ModelledSeconds(IEnumerable<Solid> asPrinted, Process process, ISolidKernel kernel, CancellationToken stop)
    {
        var layers = await Task.WhenAll(asPrinted.Select(s => Layers(s, process, kernel, stop)));
        return PrintPlan.Of(PrintPlan.Together(layers), process, TimeFactor.Of(process, []))["time.modelled"].Value;
    }

    private static Task<IReadOnlyList<Layer>> Layers(Solid solid, Process process, ISolidKernel kernel, CancellationToken stop) =>
        kernel.Layers(solid, new(process.LayerHeight, process.LineWidth, process.Settings.Walls, process.Settings.Skins), ChordError, stop);
}
