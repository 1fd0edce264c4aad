using System.Text.Json;
using Emboq.Exchange;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>A pasted list.</summary>
/// <param name="Family">Whose members it names.</param>
/// <param name="Text">As pasted.</param>
/// <param name="Leading">What a bare length means; metric when left out.</param>
public sealed record RowRequest(string Family, string Text, LengthSystem? Leading = null);

/// <summary>A part with the row to judge.</summary>
/// <param name="Design">The part.</param>
/// <param name="Row">Its members.</param>
public sealed record RowVerdictsRequest(DesignRequest Design, IReadOnlyList<RowItem> Row);

/// <summary>How one member of a row stands.</summary>
/// <param name="Verdict">Its worst judgement.</param>
/// <param name="Says">That judgement in words; nothing when all is good.</param>
/// <param name="LetterSize">Height of its letters, mm, when it has any.</param>
public sealed record MemberVerdict(Verdict Verdict, string? Says, double? LetterSize);

/// <summary>Rows of parts from lists.</summary>
internal static class RowEndpoints
{
    /// <summary>A list of the most members, each with its columns, is a few thousand characters.</summary>
    private const int LongestList = 100_000;

    public static void MapRows(this IEndpointRouteBuilder api)
    {
        api.MapPost("/rows", Read).Produces<IReadOnlyList<RowItem>>().ProducesProblem(400).Computes();
        api.MapPost("/rows/verdicts", Judge).Produces<IReadOnlyList<MemberVerdict>>().ProducesProblem(400).Computes().Heavy();
    }

    /// <summary>Reads a list and keeps nothing.</summary>
    private static IResult Read(RowRequest request)
    {
        var input = new Input();
        var family = input.OneOf("family", request.Family, FamilyList.All, f => f.Key);
        var text = input.Text("text", request.Text, LongestList);
        var row = input.IsGood ? input.Gather(RowCsv.Read(text, family!, request.Leading ?? LengthSystem.Metric)) : null;
        return input.IsGood ? TypedResults.Ok(row) : Problems.Bad(input.Problems);
    }

    /// <summary>Judges every member, not only the one that is looked at.</summary>
    private static async Task<IResult> Judge(RowVerdictsRequest request, NpgsqlDataSource database, CancellationToken stop)
    {
        var input = new Input();
        Look(input, request.Row);
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var verdicts = new List<MemberVerdict>();
        foreach (var item in request.Row)
        {
            var entries = (request.Design.Parameters ?? new Dictionary<string, JsonElement>()).ToDictionary();
            foreach (var (key, entry) in item.Entries)
            {
                entries[key] = JsonSerializer.SerializeToElement(entry);
            }

            var design = await DesignEndpoints.Read(request.Design with { Parameters = entries }, database, stop);
            var worst = design.IsGood ? design.Value.Checks.MaxBy(c => c.Verdict) : null;
            verdicts.Add(design.IsGood
                ? new(worst?.Verdict ?? Verdict.Good, worst is { Verdict: not Verdict.Good } ? $"{worst.Title}: {worst.Says}" : null,
                    design.Value.Ledger.Lines.FirstOrDefault(l => l.Key == "label.size")?.Quantity.Value)
                : new(Verdict.Stop, design.Problems[0].Message, null));
        }

        return TypedResults.Ok(verdicts);
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
