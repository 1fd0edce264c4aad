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

    /// <summary>What printing a design takes, for the roles that are asked about.</summary>
    public static async Task<PlanView> Of(Design design, IReadOnlyList<BodyRole> roles, ParameterValues values, Process process, NpgsqlDataSource database, ISolidKernel kernel, CancellationToken stop)
    {
        var factor = TimeFactor.Of(process, [.. (await ServiceStore.RunsOn(database, process.Id, stop)).Select(r => (r.Seconds, r.ModelledSeconds))]);
        var coupons = await Task.WhenAll(design.Bodies.Where(b => b.Role == BodyRole.Coupon && roles.Contains(b.Role) && b.IsBuildable).Select(async c =>
            PrintView.Of(c, PrintPlan.Of(await Layers(c.Solid, process, kernel, stop), process, factor))));
        if (design.Bodies.FirstOrDefault(b => b.Role == BodyRole.Part && roles.Contains(b.Role) && b.IsBuildable) is not { } part)
        {
            return new(coupons, null, null, []);
        }

        var ways = await Task.WhenAll(design.Ways.Select(async w => (w, await Layers(part.Solid.Tipped(w.Tip), process, kernel, stop))));
        var comparison = WayComparison.Of(ways, process, factor);
        var report = comparison.Ways.First(w => w.Way.Key == design.Way);
        var plan = report.Plan;
        var others = await Task.WhenAll(design.Bodies.Where(b => b.Role == BodyRole.Part && b != part && b.IsBuildable).Select(async b => PrintView.Of(b, PrintPlan.Of(await Layers(design.AsPrinted(b), process, kernel, stop), process, factor))));
        return new([PrintView.Of(part, plan), .. others, .. coupons], WaysView.Of(comparison, design.Way),
            MakeOrBuy.Of(values, plan) is { } choice ? new([.. choice.Lines.Lines.Select(LedgerLineView.Of)], choice.Says) : null,
            [.. WayChecks.Of(report, comparison.Better == design.Way ? null : design.Ways.First(w => w.Key == comparison.Better)).Select(CheckView.Of)]);
    }

    /// <summary>How long the model says that bodies printed together take, s, without any factor.</summary>
    public static async Task<double> ModelledSeconds(IEnumerable<Solid> asPrinted, Process process, ISolidKernel kernel, CancellationToken stop)
    {
        var layers = await Task.WhenAll(asPrinted.Select(s => Layers(s, process, kernel, stop)));
        return PrintPlan.Of(PrintPlan.Together(layers), process, TimeFactor.Of(process, []))["time.modelled"].Value;
    }

    /// <summary>Cuts a solid as a process would print it.</summary>
    public static Task<IReadOnlyList<Layer>> Layers(Solid solid, Process process, ISolidKernel kernel, CancellationToken stop) =>
        kernel.Layers(solid, new(process.LayerHeight, process.LineWidth, process.Settings.Walls, process.Settings.Skins), ChordError, stop);
}
