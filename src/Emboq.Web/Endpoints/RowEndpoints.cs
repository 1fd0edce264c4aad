using Emboq.Core;
using Emboq.Core.Families;
using Emboq.Exchange;

namespace Emboq.Web.Endpoints;

/// <summary>A pasted list.</summary>
/// <param name="Family">Whose members it names.</param>
/// <param name="Text">As pasted.</param>
public sealed record RowRequest(string Family, string Text);

/// <summary>Rows of parts from lists.</summary>
internal static class RowEndpoints
{
    public static void MapRows(this IEndpointRouteBuilder api) =>
        api.MapPost("/rows", Read).Produces<IReadOnlyList<RowItem>>().ProducesProblem(400);

    /// <summary>Reads a list and keeps nothing.</summary>
    private static IResult Read(RowRequest request)
    {
        var input = new Input();
        var family = input.OneOf("family", request.Family, FamilyList.All, f => f.Key);
        var text = input.Text("text", request.Text);
        var row = input.IsGood ? input.Gather(RowCsv.Read(text, family!)) : null;
        return input.IsGood ? TypedResults.Ok(row) : Problems.Bad(input.Problems);
    }

    /// <summary>Whether a row can be; gathers what is wrong with it.</summary>
    public static void Look(Input input, IReadOnlyList<RowItem>? row)
    {
        input.Within("row", row?.Count ?? 1, 1, PartRow.MostMembers, "members");
        foreach (var (item, i) in (row ?? []).Select((item, i) => (item, i + 1)))
        {
            input.Within($"row.{i}.count", item.Count, 1, PartRow.MostCopies, "copies");
            input.Text($"row.{i}.group", item.Group);
            foreach (var (key, entry) in item.Entries)
            {
                input.Text($"row.{i}.{key}", entry);
            }
        }
    }
}
