namespace Emboq.Core.Notebook;

/// <summary>Where a print can be tried, and the words it is tried in.</summary>
/// <param name="At">The seat, with member and rung; of the whole part <see cref="TryWord.WholePart"/>.</param>
/// <param name="Name">What is tried: "hose cuff".</param>
/// <param name="Step">Of a ladder, in words: "ring 3"; <c>null</c> of what stands alone.</param>
/// <param name="Measured">What may be measured there: "diameter"; <c>null</c> where nothing is.</param>
/// <param name="Drawn">Its size in the solid, mm; <c>null</c> of the whole part.</param>
/// <param name="Choices">What a hand may say of it.</param>
public sealed record TryPlace(BodyAddress At, string Name, string? Step, string? Measured, double? Drawn, IReadOnlyList<TryChoice> Choices)
{
    /// <summary>All of it in words.</summary>
    public string Label => Step is null ? Name : $"{Step}, {Name}";

    /// <summary>Every seat that was printed, rung by rung where its ladder was, and the part for what it must do.</summary>
    /// <param name="revision">What was printed.</param>
    /// <param name="names">What its seats are called, by address.</param>
    /// <param name="words">The words of the seats' joints, by slot; of a seat that cannot be computed now those of a cuff.</param>
    /// <param name="family">Of the part.</param>
    public static IReadOnlyList<TryPlace> Of(Revision revision, IReadOnlyDictionary<string, string> names,
        IReadOnlyDictionary<string, SeatWords> words, Family family)
    {
        var printed = revision.Printed.Select(BodyAddress.Parse).ToList();
        var drawn = revision.Frozen.Drawn.Keys.Select(BodyAddress.Parse).ToList();
        return
        [
            .. drawn.Where(d => d.Rung is null).SelectMany(Seated),
            new(new(TryWord.WholePart), "what it must do", null, null, null, [.. family.Words.Select(w => new TryChoice(w.Says, null, w.Key))]),
        ];

        IEnumerable<TryPlace> Seated(BodyAddress seat)
        {
            var (name, says) = (names.GetValueOrDefault($"{seat}", "the seat"), words.GetValueOrDefault(seat.Key, SeatWords.Cuff));
            IReadOnlyList<TryChoice> choices = [.. Enum.GetValues<Feel>().Select(f => new TryChoice(says.Of(f), f, null))];
            var here = printed.Where(p => p.Member == seat.Member).ToList();
            if (here.Any(p => p.Key is Piece.Main or Draft.Key || revision.Frozen.ProofOf(p.Key) is { IsLadder: false } proof && proof.Proves(seat.Key)))
            {
                yield return new(seat, name, null, says.Measured, revision.Frozen.Drawn[$"{seat}"], choices);
            }

            if (here.Any(p => revision.Frozen.ProofOf(p.Key) is { IsLadder: true } proof && proof.Proves(seat.Key)))
            {
                foreach (var rung in drawn.Where(d => d.Rung is not null && d with { Rung = null } == seat))
                {
                    yield return new(rung, name, $"{says.Rung} {rung.Rung}", says.Measured, revision.Frozen.Drawn[$"{rung}"], choices);
                }
            }
        }
    }
}

/// <summary>Something that a hand may say of a place.</summary>
/// <param name="Says">In words.</param>
/// <param name="Feel">Of a seat.</param>
/// <param name="Word">Of the whole part: key of a word of its family.</param>
public sealed record TryChoice(string Says, Feel? Feel, string? Word);
