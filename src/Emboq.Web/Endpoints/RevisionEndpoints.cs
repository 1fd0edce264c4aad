using Emboq.Store;
using Emboq.Web.Views;
using Npgsql;

namespace Emboq.Web.Endpoints;

/// <summary>What is printed now.</summary>
/// <param name="Bodies">Keys of the pieces and proofs on the bed; of a row, of each member that is named, unless they name it themselves ("part@2").</param>
/// <param name="Remark">What is worth noting.</param>
/// <param name="Members">Of a row, from 1.</param>
public sealed record RevisionRequest(IReadOnlyList<string> Bodies, string? Remark = null, IReadOnlyList<int>? Members = null);

/// <summary>A number that was given.</summary>
public sealed record RevisionNumber(int Number);

/// <summary>How a print fitted.</summary>
/// <param name="Revision">What was fitted.</param>
/// <param name="Slot">At which interface; "part" for the whole part.</param>
/// <param name="Feel">How it felt.</param>
/// <param name="Printed">The printed size, in workshop notation.</param>
/// <param name="Instrument">What it was measured with.</param>
/// <param name="Remark">What is worth noting.</param>
/// <param name="Word">Of the whole part: how it did what it must, a word of its family.</param>
/// <param name="Leading">What a bare number means; metric when left out.</param>
/// <param name="Worked">Whether it was sanded, reamed or taped before: what was measured is then the size that it has now.</param>
public sealed record TryRequest(int Revision, string Slot, Feel? Feel = null, string? Printed = null, string? Instrument = null, string? Remark = null,
    string? Word = null, LengthSystem? Leading = null, bool Worked = false);

/// <summary>What a try changed.</summary>
/// <param name="Try">Its identity.</param>
/// <param name="What">The drawn size, in words; <c>null</c> when it moved none.</param>
/// <param name="Before">That size before it.</param>
/// <param name="After">The corrected one.</param>
/// <param name="ChanceBefore">Chance of a fit before.</param>
/// <param name="ChanceAfter">Chance of a fit after.</param>
/// <param name="BelievedBefore">What was believed of that size before; <c>null</c> when it moved none.</param>
/// <param name="BelievedAfter">What is believed of it now.</param>
public sealed record TryAnswer(Guid Try, string? What, string Before, string After, double? ChanceBefore, double? ChanceAfter,
    SizeBelief? BelievedBefore = null, SizeBelief? BelievedAfter = null);

internal static class RevisionEndpoints
{
    public static void MapRevisions(this IEndpointRouteBuilder api)
    {
        api.MapGet("/parts/{id:guid}/history", History).Produces<HistoryView>().ProducesProblem(404);
        api.MapPost("/parts/{id:guid}/revisions", Freeze).Produces<RevisionNumber>(201).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/parts/{id:guid}/revisions/{number:int}/keeps", Keep).Produces(204).ProducesProblem(404);
        api.MapPost("/tries/{id:guid}/strikes", StrikeTry).Produces(204).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/parts/{id:guid}/tries", AddTry).Produces<TryAnswer>(201).ProducesProblem(400).ProducesProblem(404);
    }

    private static async Task<IResult> Freeze(Guid id, RevisionRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        if (await JobStore.Part(database, id, stop) is not { } part)
        {
            return Problems.Missing("part", id);
        }

        // Should another print take the number meanwhile, the next one is raised on the part and tried.
        while (true)
        {
            var number = await RevisionStore.Next(database, id, stop);
            var outcome = await Designer.OfMembers(database, part, stop, Frozen.Mark(number));
            var revision = outcome.IsGood ? ToFreeze(part, number, request, outcome.Value, clock.GetUtcNow()) : outcome.Problems.ToList();
            if (!revision.IsGood)
            {
                return Problems.Bad(revision.Problems);
            }

            if (await RevisionStore.Add(database, revision.Value, stop))
            {
                return TypedResults.Created($"/api/parts/{id}/revisions/{number}.stl", new RevisionNumber(number));
            }
        }
    }

    private static Outcome<Revision> ToFreeze(Part part, int number, RevisionRequest request, IReadOnlyList<Design> members, DateTimeOffset now)
    {
        var frozen = Frozen.Of(part.State, members);
        var printable = frozen.Solids.Keys.ToList();
        var input = new Input();
        var remark = input.Text("remark", request.Remark);
        input.Within("members", request.Members?.Count ?? 1, 1, PartRow.MostMembers, "members");
        IReadOnlyList<string> bodies = request.Members is { } of ? [.. of.Take(PartRow.MostMembers).SelectMany(m =>
            request.Bodies.Select(key => $"{new BodyAddress(key, m)}"))] : request.Bodies;
        foreach (var key in bodies)
        {
            input.OneOf("bodies", key, printable, k => k);
        }

        if (bodies.Count == 0 || bodies.Distinct().Count() < bodies.Count)
        {
            input.Add(new("bodies", string.Join(", ", bodies), "A print holds one or more different bodies.", $"Name some of {string.Join(", ", printable)}."));
        }

        var with = bodies.Where(printable.Contains).Select(b => members[0].ProcessOf(BodyAddress.Parse(b).Key)).DistinctBy(p => (p.Id, p.Settings)).ToList();
        if (with.Count > 1 && with.Select(p => p.Id).Distinct().Count() == 1)
        {
            input.Add(new("bodies", string.Join(", ", bodies), "A draft is laid in two walls without fill, and the others are not: they are not one print.",
                "Number the draft by itself."));
        }
        else if (with.Count > 1)
        {
            input.Add(new("bodies", string.Join(", ", with.Select(p => p.Name)), "These are printed with different setups: they are not one print.",
                "Number them one after the other."));
        }

        return input.IsGood
            ? new Revision(part.Id, number, bodies, part.State, now, remark.Length == 0 ? null : remark, null,
                frozen)
            { Seats = Frozen.SeatsOf(part.State, members, with[0]), Process = with[0] }
            : input.Problems.ToList();
    }

    private static async Task<IResult> AddTry(Guid id, TryRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        if (await JobStore.Part(database, id, stop) is not { } part)
        {
            return Problems.Missing("part", id);
        }

        var input = new Input();
        var revision = (await RevisionStore.Of(database, id, stop)).FirstOrDefault(r => r.Number == request.Revision);
        if (revision is null)
        {
            input.Add(new("revision", $"{request.Revision}", $"This part has no revision {request.Revision}.",
                "Print something first, or name the number on it."));
        }

        var whole = request.Slot == TryWord.WholePart;
        var slot = whole ? TryWord.WholePart : input.OneOf("slot", request.Slot, [.. revision?.Frozen.Drawn.Keys ?? [], TryWord.WholePart], k => k);
        var remark = input.Text("remark", request.Remark);
        var measured = whole || string.IsNullOrWhiteSpace(request.Printed) ? null
            : (double?)input.Size("printed", request.Printed, request.Leading ?? LengthSystem.Metric);
        var instrument = measured is null ? null : input.OneOf("instrument", request.Instrument, await InstrumentStore.All(database, stop), i => i.Id);
        var word = whole ? input.OneOf("word", request.Word, FamilyList.Find(part.Family)!.Words, w => w.Key) : null;
        if (request.Worked && measured is null)
        {
            input.Add(new("printed", request.Printed, "What was worked by hand is told by the size that it has now.", "Type what the caliper shows on it."));
        }
        else if (!whole && request.Feel is null && measured is null)
        {
            input.Add(new("feel", null, "A try says how it felt, or what was measured, or both.", "Choose a word, or type what was measured."));
        }

        if (measured is { } size && input.IsGood && Math.Abs(size - revision!.Frozen.Drawn[slot!]) > 3)
        {
            input.Add(new("printed", request.Printed,
                $"{QuantityText.Metric(size, Unit.Millimetre)} is further than 3 mm from the drawn "
                    + $"{QuantityText.Metric(revision.Frozen.Drawn[slot!], Unit.Millimetre)}.",
                "Look at the place that was measured, and at the unit.", "3 mm from the drawn size"));
        }

        if (!input.IsGood)
        {
            return Problems.Bad(input.Problems);
        }

        var entry = new Try(Guid.CreateVersion7(), id, request.Revision, slot!, whole ? null : request.Feel, measured, instrument, remark.Length == 0 ? null
            : remark, clock.GetUtcNow())
        { Word = word?.Key, Worked = request.Worked };
        if (whole)
        {
            await RevisionStore.AddTry(database, entry, stop);
            return TypedResults.Created($"/api/parts/{id}/history", new TryAnswer(entry.Id, null, "", "", null, null));
        }

        // Of the member of a row that was tried, while the row still has it.
        var members = PartRow.Members(part.State);
        var tried = part with { State = members[Math.Min(members.Count, BodyAddress.Parse(entry.Slot).Member ?? 1) - 1] };
        var before = await Designer.OfPart(database, tried, stop);
        await RevisionStore.AddTry(database, entry, stop);
        var after = await Designer.OfPart(database, tried, stop);
        return TypedResults.Created($"/api/parts/{id}/history", new TryAnswer(entry.Id, SeatIn(after, entry.Seat)?.Drawn.Name, Drawn(before, entry.Seat),
            Drawn(after, entry.Seat), Chance(before), Chance(after), Believed(before, entry.Seat), Believed(after, entry.Seat)));
    }

    /// <summary>A try that was a mistake: it stays, struck out, and what it taught goes back.</summary>
    private static async Task<IResult> StrikeTry(Guid id, StrikeRequest request, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop)
    {
        var input = new Input();
        var because = input.Words("because", request.Because);
        return !input.IsGood ? Problems.Bad(input.Problems)
            : await RevisionStore.StrikeTry(database, id, because, clock.GetUtcNow(), stop) ? TypedResults.NoContent() : Problems.Missing("try", id);
    }

    private static async Task<IResult> Keep(Guid id, int number, NpgsqlDataSource database, TimeProvider clock, CancellationToken stop) =>
        await RevisionStore.Keep(database, id, number, clock.GetUtcNow(), stop) ? TypedResults.NoContent() : Problems.Missing("revision", number);

    private static async Task<IResult> History(Guid id, NpgsqlDataSource database, CancellationToken stop)
    {
        if (await JobStore.Part(database, id, stop) is not { } part)
        {
            return Problems.Missing("part", id);
        }

        var revisions = await RevisionStore.Of(database, id, stop);
        var tries = (await RevisionStore.Tries(database, id, stop)).ToLookup(t => t.Revision);
        var family = FamilyList.Find(part.Family)!;
        var designs = await Designer.OfMembers(database, part, stop);
        var words = designs.IsGood ? designs.Value[0].Seats.ToDictionary(s => s.Slot, s => s.Words) : [];
        var names = designs.IsGood ? Frozen.Names(part.State, designs.Value) : new Dictionary<string, string>();
        var photos = await PhotoStore.OfTries(database, id, stop);
        var runs = (await ServiceStore.RunsOf(database, id, stop)).ToLookup(r => r.Revision);
        var notes = (await ServiceStore.NotesOf(database, id, stop)).ToLookup(n => n.Revision);
        var processes = (await ProcessStore.All(database, stop)).ToDictionary(p => p.Id, p => p.Name);
        // Only the newest print asks for a change.
        IReadOnlyList<RemedyView> Helps(Revision r, Try t) => !designs.IsGood || r.Number != revisions[0].Number || t.StruckBecause is not null ? []
            : [.. (family.Words.FirstOrDefault(w => w.Key == t.Word)?.Helps ?? []).Select(h => Offers.Offer(h, family, designs.Value[0], part.State,
                r.State)).OfType<Remedy.Change>().Select(RemedyView.Of)];
        RevisionView Viewed(Revision r)
        {
            var called = r.Frozen.Names ?? names;
            IReadOnlyList<TryView> told = [.. tries[r.Number].Select(t => TryView.Of(t, words.GetValueOrDefault(t.Seat, SeatWords.Cuff), called, family,
                [.. photos[t.Id]], Helps(r, t)))];
            return new(r.Number, [.. r.Printed.Select(p => PrintedView.Of(p, called))], processes[r.Process.Id], r.At, r.Remark, r.Kept,
                RevisionChanges.Between(revisions.FirstOrDefault(o => o.Number == r.Number - 1), r, family, called, processes), told,
                [.. runs[r.Number].Select(RunView.Of)], [.. notes[r.Number].Select(ServiceNoteView.Of)],
                [.. TryPlace.Of(r, called, words, family).Select(p => Placed(r, p, told))], r.State.Row);
        }

        TryPlaceView Placed(Revision r, TryPlace place, IReadOnlyList<TryView> told)
        {
            var (seat, last) = (Tried.Seat(designs, place.At, r.Process.Id), Tried.Last(place, tries[r.Number]));
            return TryPlaceView.Of(place, told, seat is null ? null : SizeBelief.Of(seat), Tried.Off(designs, r, place, tries[r.Number]) is not null,
                seat is null ? null : last is { Worked: true } ? Offers.Worked(place, last, family, designs.Value[0])
                    : Offers.Like(place, family, designs.Value[0]));
        }

        return TypedResults.Ok(new HistoryView([.. revisions.Select(Viewed)]));
    }

    private static Seat? SeatIn(Outcome<Design> design, string slot) => design.IsGood ? design.Value.Seats.FirstOrDefault(s => s.Slot == slot) : null;

    private static string Drawn(Outcome<Design> design, string slot) => SeatIn(design, slot) is { } seat
        ? QuantityText.Metric(seat.Drawn.Value, Unit.Millimetre)
        : "not computed";

    private static SizeBelief? Believed(Outcome<Design> design, string slot) => SeatIn(design, slot) is { } seat ? SizeBelief.Of(seat) : null;

    private static double? Chance(Outcome<Design> design) => design.IsGood ? design.Value.Chance : null;
}
