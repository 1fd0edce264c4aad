using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>What this workshop means by a fit from now on. Lengths in any notation.</summary>
/// <param name="Joint">Key of the joint.</param>
/// <param name="Fit">Key of the fit.</param>
/// <param name="Aim">Clearance aimed at; negative is interference.</param>
/// <param name="Least">Smallest that counts as the fit.</param>
/// <param name="Greatest">Largest.</param>
/// <param name="From">Least size that it holds for; left out, from nothing.</param>
/// <param name="To">Greatest; left out, any.</param>
/// <param name="Because">Why.</param>
/// <param name="Leading">What a bare number means.</param>
public sealed record FitWindowRequest(string? Joint, string? Fit, string? Aim, string? Least, string? Greatest, string? From, string? To, string? Because,
    LengthSystem? Leading = null);

/// <summary>The windows of clearance that fits stand for, and those that this workshop moves.</summary>
internal static class FitWindowEndpoints
{
    /// <summary>No fit of a printed part is further from touching, mm.</summary>
    private const double Furthest = 5;

    private const double UsualSize = 30;

    private static IEnumerable<SeatWords> Joints => SeatWords.All.Where(w => w.Fits.Count > 0);

    public static void MapFitWindows(this IEndpointRouteBuilder api)
    {
        api.MapGet("/fit-windows", Windows).Produces<IReadOnlyList<JointWindowsView>>().ProducesProblem(400);
        api.MapPost("/fit-windows", Move).Produces(204).ProducesProblem(400);
        api.MapDelete("/fit-windows/{id:guid}", TakeBack).Produces(204).ProducesProblem(404);
    }

    /// <summary>What every fit of every joint means at one size, beside what the word means in metal.</summary>
    private static async Task<IResult> Windows(string? size, string? leading, NpgsqlDataSource database, CancellationToken stop)
    {
        var input = new Input();
        var system = input.Word<LengthSystem>("leading", leading ?? "metric");
        var at = string.IsNullOrWhiteSpace(size) ? UsualSize : input.Size("size", size, system);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var windows = await FitWindowStore.Now(database, stop);
        return TypedResults.Ok<IReadOnlyList<JointWindowsView>>([.. Joints.Select(w => JointWindowsView.Of(w, windows, at))]);
    }

    private static async Task<IResult> Move(FitWindowRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var (input, leading) = (new Input(), request.Leading ?? LengthSystem.Metric);
        double Clearance(string field, string? text) => input.Reading(field, text, Access.Position, leading, Furthest);
        double Size(string field, string? text, double open) => string.IsNullOrWhiteSpace(text) ? open : input.Size(field, text, leading);
        var joint = input.OneOf("joint", request.Joint, Joints, w => w.Key);
        var fit = joint is null ? null : input.OneOf("fit", request.Fit, joint.Fits, f => f.Key);
        var (aim, least, greatest) = (Clearance("aim", request.Aim), Clearance("least", request.Least), Clearance("greatest", request.Greatest));
        var (from, to) = (Size("from", request.From, 0), Size("to", request.To, Limits.LongestReading));
        if (input.IsGood)
        {
            Ordered("least", request.Least, least < aim, "The least clearance lies below the one aimed at.", $"below {Said(aim)}");
            Ordered("greatest", request.Greatest, greatest > aim, "The greatest clearance lies above the one aimed at.", $"above {Said(aim)}");
            Ordered("greatest", request.Greatest, joint!.MayBeMended || greatest <= fit!.Greatest,
                "What turns, holds or carries something is not let looser than is usual.", $"{Said(fit!.Greatest)} or less");
            Ordered("to", request.To, to > from, "The largest size lies above the smallest.", $"above {Said(from)}");
        }

        var because = input.Words("because", request.Because);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        await FitWindowStore.Move(database, new(Guid.CreateVersion7(), joint!.Key, fit!.Key, from, to, aim, least, greatest, because), clock.GetUtcNow(), stop);
        return TypedResults.NoContent();

        void Ordered(string field, string? text, bool holds, string says, string limit)
        {
            if (!holds)
            {
                input.Add(new(field, text, says, "Look at the sign, the unit and the point.", limit));
            }
        }
    }

    private static string Said(double value) => QuantityText.Metric(value, Unit.Millimetre);

    private static async Task<IResult> TakeBack(Guid id, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop) =>
        await FitWindowStore.TakeBack(database, id, clock.GetUtcNow(), stop) ? TypedResults.NoContent() : Problems.Missing("fit window", id);
}
