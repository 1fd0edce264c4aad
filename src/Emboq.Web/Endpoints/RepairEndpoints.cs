using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>What may be done to a print that does not fit, in place of another.</summary>
/// <param name="Sort">What is done.</param>
/// <param name="Says">In a sentence with a verb.</param>
/// <param name="Chance">That it then fits, where it can be told.</param>
/// <param name="Weighed">Against another print, in a sentence; <c>null</c> where nothing is mended.</param>
/// <param name="Cheaper">Whether mending costs less.</param>
public sealed record RepairView(RepairSort Sort, string Says, double? Chance, string? Weighed, bool Cheaper);

/// <summary>Tape and files in place of another print.</summary>
internal static class RepairEndpoints
{
    private const double ThinnestTape = 0.02, ThickestTape = 1;

    public static void MapRepairs(this IEndpointRouteBuilder api) => api.MapGet("/parts/{id:guid}/revisions/{number:int}/repair", Repaired)
        .Produces<RepairView>().Produces(204).ProducesProblem(400).ProducesProblem(404).Heavy();

    /// <summary>With tape of a thickness, weighed against printing it again; nothing where what was told fits, or no longer stands so.</summary>
    private static async Task<IResult> Repaired(Guid id, int number, string? at, string? tape, string? leading, NpgsqlDataSource database,
        ISolidKernel kernel, CancellationToken stop)
    {
        if (await JobStore.Part(database, id, stop) is not { } part)
        {
            return Problems.Missing("part", id);
        }

        if ((await RevisionStore.Of(database, id, stop)).FirstOrDefault(r => r.Number == number) is not { } revision)
        {
            return Problems.Missing("revision", number);
        }

        var input = new Input();
        var system = input.Word<LengthSystem>("leading", leading ?? "metric");
        var thick = string.IsNullOrWhiteSpace(tape) ? Repair.PaperTape : input.Size("tape", tape, system);
        thick = input.Within("tape", thick, ThinnestTape, ThickestTape, "mm");
        var designs = await Designer.OfMembers(database, part, stop);
        var words = designs.IsGood ? designs.Value[0].Seats.ToDictionary(s => s.Slot, s => s.Words) : [];
        var place = input.OneOf("at", at, TryPlace.Of(revision, revision.Frozen.Names ?? new Dictionary<string, string>(), words,
            FamilyList.Find(part.Family)!), p => $"{p.At}");
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var tries = (await RevisionStore.Tries(database, id, stop)).Where(t => t.Revision == number);
        if (Tried.Off(designs, revision, place!, tries) is not { } seat)
        {
            return TypedResults.NoContent();
        }

        var repair = Repair.Of(seat, place!.Drawn!.Value, thick);
        var design = designs.Value[(place.At.Member ?? 1) - 1];
        var main = design.Pieces.FirstOrDefault(p => p.Key == Piece.Main && p.IsBuildable);
        if (repair.Hands == 0 || main is null)
        {
            return TypedResults.Ok(new RepairView(repair.Sort, repair.Says, repair.Chance, null, Cheaper: false));
        }

        var again = await Planner.Takes(main.AsPrinted, design.ProcessOf(Piece.Main), database, kernel, stop);
        var weighed = Mending.Of(repair, again)!;
        return TypedResults.Ok(new RepairView(repair.Sort, repair.Says, repair.Chance, $"{Took(60 * repair.Hands)} of your time; another print takes "
            + $"{Took(3600 * again.Hours)} and {QuantityText.Metric(again.Grams, Unit.Grams)}. {(weighed.Cheaper ? "Mending costs less."
                : "Printing it again costs less.")}", weighed.Cheaper));
    }

    private static string Took(double seconds) => QuantityText.Metric(seconds, Unit.Seconds);
}
