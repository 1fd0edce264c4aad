using System.Globalization;
using Emboq.Exchange.Pdf;
using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>Shop cards: a part on paper, for the bench.</summary>
internal static class ShopCardEndpoints
{
    private const int MostFigures = 14;

    public static void MapShopCards(this IEndpointRouteBuilder api) =>
        api.MapGet("/parts/{id:guid}/card.pdf", Card).Produces(200, contentType: "application/pdf").ProducesProblem(400).ProducesProblem(404);

    /// <summary>The part as it stands: of a row one member, or all of them.</summary>
    /// <param name="id">The part.</param>
    /// <param name="paper">a4 or letter.</param>
    /// <param name="member">Which member of a row, counted from 1; all of them when left out.</param>
    /// <param name="request">Tells where Emboq is found.</param>
    /// <param name="database">The notebook.</param>
    /// <param name="stop">Ends the wait.</param>
    private static async Task<IResult> Card(Guid id, string? paper, int? member, HttpRequest request, NpgsqlDataSource database, CancellationToken stop)
    {
        var input = new Input();
        var size = input.Word<PaperSize>("paper", paper ?? "a4");
        if (await JobStore.Part(database, id, stop) is not { } part || await JobStore.One(database, part.Job, stop) is not { } job)
        {
            return Problems.Missing("part", id);
        }

        var members = PartRow.Members(part.State);
        input.Within("member", member ?? 1, 1, members.Count, "members");
        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var revisions = await RevisionStore.Of(database, id, stop);
        var address = $"{request.Scheme}://{request.Host}/jobs/{job.Id}?part={id}";
        var cards = new List<CardContent>();
        foreach (var number in member is { } only ? [only] : Enumerable.Range(1, members.Count))
        {
            var design = await Designer.OfPart(database, part with { State = members[number - 1] }, stop);
            if (!design.IsGood || design.Value.Drawing is not { } drawing)
            {
                return Problems.Bad(design.IsGood ? [new("part", part.Name, design.Value.Checks.FirstOrDefault(c => c.Verdict == Verdict.Stop)?.Says
                    ?? "It cannot be drawn yet.", "Measure what is missing first.")] : design.Problems);
            }

            cards.Add(Content(job, part, number, design.Value, drawing, revisions, address));
        }

        return TypedResults.File(ShopCard.Write(cards, size), "application/pdf", $"{part.Name}.pdf");
    }

    private static CardContent Content(Job job, Part part, int member, Design design, SeatDrawing drawing, IReadOnlyList<Revision> revisions, string address)
    {
        var (process, row) = (design.Process!, part.State.Row ?? []);
        var s = process.Settings;
        return new()
        {
            Part = row.Count > 1 ? $"{part.Name}: {row[member - 1].Entries.Values.FirstOrDefault() ?? $"member {member}"}" : part.Name,
            Job = job.Name,
            Revision = revisions switch
            {
                [] => "not printed yet",
                [var newest, ..] when PackWriter.Written(newest.State) == PackWriter.Written(part.State) => $"revision {newest.Number}",
                [var newest, ..] => $"changed since revision {newest.Number}",
            },
            Address = address,
            Drawing = drawing,
            Figures = [.. drawing.Callouts.Select(c => design.Ledger.Lines.First(l => l.Key == c.Line)).Take(MostFigures)
                .Select(l => new CardFigure(l.Key, l.Quantity.Name, QuantityText.Metric(l.Quantity.Value, l.Quantity.Unit),
                    QuantityText.Inches(l.Quantity.Value, l.Quantity.Unit)))],
            Sections =
            [
                ("Hardware", design.Hardware),
                ("Drill", [.. design.Pattern.Select(h => $"{h.Says}; {design.Pattern.Count(o => o.Says == h.Says)} of them").Distinct(),
                    .. design.Pattern.Count > 0 ? ["The part's own holes are printed: nothing is drilled in it."] : Array.Empty<string>()]),
                ("Steps", [.. design.Fitting.Select((step, i) => $"{i + 1}. {step}")]),
                ("Print", [$"{process.Name}; {string.Join("; ", design.Pieces.Where(p => p.WayBy is not null).Select(p => p.Way.Name).Distinct())}",
                    string.Create(CultureInfo.InvariantCulture,
                    $"layers {process.LayerHeight} mm, lines {process.LineWidth} mm, {s.Walls} walls, {s.Fill * 100:0} % fill"),
                    .. design.PrintItems.Where(i => design.Own.ContainsKey(i.Key)).Select(i => $"{i.Name}: {design.ProcessOf(i.Key).Name}")]),
                ("Row", [.. row.Select((item, i) => Member(item, i + 1))]),
                ("Look at", [.. design.Checks.Where(c => c.Verdict != Verdict.Good).Select(c => $"{c.Title}: {c.Says}")]),
            ],
            Cautions = design.Cautions,
            Pattern = design.WallPattern.Count > 0 ? design.WallPattern : design.Pattern,
            Label = design.Paper,
            FromTop = design.Ledger.Lines.FirstOrDefault(l => l.Key == "fromTop")?.Quantity.Value,
        };
    }

    /// <summary>A member in one line; of a front's width, the half too: the centre mark.</summary>
    private static string Member(RowItem item, int number)
    {
        var words = string.Join(", ", item.Entries.Values);
        var half = item.Entries.TryGetValue("frontWidth", out var front)
            && LengthNotation.Parse(front, LengthSystem.Metric, "frontWidth") is { IsGood: true } width
            ? $"; centre mark at {LengthNotation.Print(Half(width.Value))}" : "";
        return $"{number}  {words}{(item.Count > 1 ? $" × {item.Count}" : "")}{half}";
    }
    private static LengthEntry Half(LengthEntry width) =>
        width with { Millimetres = new Rational(width.Millimetres.Numerator, width.Millimetres.Denominator * 2) };
}
