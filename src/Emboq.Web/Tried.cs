namespace Emboq.Web;

/// <summary>Printed seats, as they are reckoned now with what was tried of them.</summary>
internal static class Tried
{
    /// <summary>Where it would be printed again as it was: by the same setup, in a row that still has it.</summary>
    public static Seat? Seat(Outcome<IReadOnlyList<Design>> members, BodyAddress at, Guid printedWith) =>
        members.IsGood && members.Value.ElementAtOrDefault((at.Member ?? 1) - 1) is { } design && design.ProcessOf(Piece.Main).Id == printedWith
            ? design.Seats.FirstOrDefault(s => s.Slot == at.Key) : null;

    /// <summary>What was told of it last, of what still counts.</summary>
    /// <param name="place">Of a revision.</param>
    /// <param name="tries">Of that revision, oldest first.</param>
    public static Try? Last(TryPlace place, IEnumerable<Try> tries) => tries.LastOrDefault(t => t.StruckBecause is null && t.Slot == $"{place.At}");

    /// <summary>The seat of a part that does not fit there as it came off the bed; a proof is no part: it is not mended, but printed again.</summary>
    public static Seat? Off(Outcome<IReadOnlyList<Design>> members, Revision revision, TryPlace place, IEnumerable<Try> tries) =>
        Seat(members, place.At, revision.Process.Id) is { } seat && place.Step is null && Last(place, tries) is { Worked: false } last
        && !Advice.Fits(seat, last)
        && revision.Printed.Any(p => BodyAddress.Parse(p) is { Key: Piece.Main } piece && piece.Member == place.At.Member) ? seat : null;
}
