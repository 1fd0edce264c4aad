using System.Runtime.CompilerServices;
using Emboq.Store;
using Npgsql;

namespace Emboq.Web;

/// <summary>What the workshop believes of its prints, kept until anything changes that it rests on.</summary>
internal static class FitLibrary
{
    /// <summary>A counterpart that reads otherwise now by more than this was lined, or is another one, mm; what is then known of it.</summary>
    private const double SameSize = 0.3, AsKnownThen = 0.05;

    private sealed record Kept(string Version, FitBelief Belief);

    private static readonly ConditionalWeakTable<NpgsqlDataSource, Kept> Beliefs = [];

    /// <summary>By all that was told.</summary>
    /// <param name="database">The notebook.</param>
    /// <param name="version">As it stands: see <see cref="BriefRead.FitsVersion"/>.</param>
    /// <param name="stop">Ends the wait.</param>
    public static async Task<FitBelief> Of(NpgsqlDataSource database, string version, CancellationToken stop)
    {
        if (Beliefs.TryGetValue(database, out var kept) && kept.Version == version)
        {
            return kept.Belief;
        }

        var belief = FitBelief.Of([.. await Own(database, stop), .. (await LearnedStore.Now(database, stop)).SelectMany(l => l.File.Told(l.Name))]);
        Beliefs.AddOrUpdate(database, new(version, belief));
        return belief;
    }

    /// <summary>What this workshop's own prints told, oldest first.</summary>
    public static async Task<IReadOnlyList<TriedPrint>> Own(NpgsqlDataSource database, CancellationToken stop)
    {
        var told = await FitStore.Told(database, stop);
        var places = await InterfaceStore.Of(database, [.. told.Select(t => t.Seat.Place).OfType<Guid>().Distinct()], stop);
        return [.. told.GroupBy(t => (t.Part, t.Revision, t.Address, Worked: t.Worked ? t.Printed : null)).Select(g => Print(g.First(), [.. g], places)),
            .. await Teeth(database, stop)];
    }

    /// <summary>Faces of test prints that were read or felt.</summary>
    private static async Task<IEnumerable<TriedPrint>> Teeth(NpgsqlDataSource database, CancellationToken stop)
    {
        var told = (await CombStore.Told(database, stop)).Where(t => t.StruckBecause is null).GroupBy(t => (t.Comb, t.Tooth)).ToList();
        var combs = told.Count == 0 ? [] : (await CombStore.All(database, stop)).ToDictionary(c => c.Id);
        return told.Select(g => combs[g.Key.Comb].Teeth.First(t => t.Number == g.Key.Tooth).Tried(
            FormattableString.Invariant($"comb/{g.Key.Comb}/{g.Key.Tooth}"), "test print", combs[g.Key.Comb].Process, [.. g.Select(t => t.Feel).OfType<Feel>()],
            [.. g.Where(t => t.Instrument is not null).Select(t => (t.Printed!.Value, t.Instrument!))]) with
        {
            RunsSince = g.First().RunsSince,
            ServicesSince = g.First().ServicesSince,
        });
    }

    private static TriedPrint Print(ToldOfFace first, IReadOnlyList<ToldOfFace> told, IReadOnlyDictionary<Guid, Interface> places)
    {
        var (seat, words) = (first.Seat, SeatWords.Of(first.Seat.Joint));
        var id = FormattableString.Invariant($"{first.Part}/{first.Revision}/{first.Address}{(first.Worked ? $"/worked {first.Printed}" : "")}");
        var drawn = first.Worked ? first.Printed!.Value : first.Address.Rung is { } rung && rung <= seat.Ladder.Count ? seat.Ladder[rung - 1] : seat.Drawn;
        return new(id, $"revision {first.Revision}", first.Process, new(seat.Surface, seat.Counterpart ?? drawn, seat.Lie), drawn, Met(seat, places, id), words,
            seat.Clearance is { } loose && !words.Tell(loose) ? [] : [.. told.Select(t => t.Feel).OfType<Feel>()],
            first.Worked ? [] : [.. told.Where(t => t is { Printed: not null, Instrument: not null }).Select(t => (t.Printed!.Value, t.Instrument!))],
                first.RunsSince,
            first.ServicesSince)
        { Worked = first.Worked ? first.Instrument : null, Met = seat.Place is { } of ? $"{of}/{seat.Dimension}" : null };
    }

    /// <summary>The machine's size as it reads now; as it was known then, where it is read no more or something lay between.</summary>
    private static Quantity? Met(FrozenSeat seat, IReadOnlyDictionary<Guid, Interface> places, string id)
    {
        var now = seat.Place is { } at && places.GetValueOrDefault(at) is { } place && place.Dimensions.Any(d => d.Key == seat.Dimension)
            ? Evaluation.Of(place, seat.Dimension)?.Quantity : null;
        return now is not null && (seat.Counterpart is not { } then || Math.Abs(now.Value - then) <= SameSize) ? now
            : seat.Counterpart is { } known ? Quantity.Input("as known then", known, Unit.Millimetre, new Provenance.Measured("readings of then"),
                (new Source($"then/{id}", "what was known of the machine then", AsKnownThen, Kind: SourceKind.Measuring), 1)) : null;
    }
}
