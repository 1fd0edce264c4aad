namespace Emboq.Core.Families.Storage.PocketTray;

/// <summary>What is judged about a tray.</summary>
internal static class TrayChecks
{
    private const string CommonPractice = "Common practice, no published source.";

    public static IEnumerable<Check> Of(TrayReckoning r, IReadOnlyList<string> clashes)
    {
        foreach (var item in r.Items)
        {
            var (fits, chance) = (item.Chance >= 0.8, item.Chance);
            yield return new($"{item.Slot}.size", $"{item.Place.Name} in its pocket", fits ? Verdict.Good : Verdict.Watch, fits ? $"It {item.Size.Fit.Feels}."
                : "The doubt is wider than the fit: print its slice first.",
                Figures.Percent(chance), "80 % or more", $"Probability of conformity, JCGM 106; {item.Size.Counterpart.Name}.", fits ? []
                    : [new Remedy.Prove("Print the slices first")]);
        }

        yield return Room(r);
        yield return new("clashes", "pockets keep apart", clashes.Count == 0 ? Verdict.Good : Verdict.Stop, clashes.Count == 0
            ? "A whole wall stands between all of them." : $"{string.Join("; ", clashes)}.",
            $"{clashes.Count} clashes", "none", "Plane geometry.", clashes.Count == 0 ? []
                : [new Remedy.Change("Let Emboq place them all", r.Items.SelectMany(i => new[] { $"{i.Slot}X", $"{i.Slot}Y" }).ToDictionary(k => k, _ => ""))]);
        foreach (var item in r.Items.Where(i => i.Wobbly))
        {
            yield return new($"{item.Slot}.steady", $"{item.Place.Name} stands", Verdict.Good,
                "It is slender, so more than half of it is held, in a border of its own.", Figures.Mm(item.Hold),
                Figures.Mm(item.Height / 2), CommonPractice, []);
        }

        if (r.Room is { } room)
        {
            var tall = r.Items.MaxBy(i => i.Height)!;
            var top = Math.Max(r.Height.Value, r.Floor.Value + tall.Hold) - tall.Hold + tall.Height;
            var fits = top <= room;
            yield return new("closes", "drawer closes", fits ? Verdict.Good : Verdict.Stop, fits ? "The tallest thing passes under the lip."
                : $"The {tall.Place.Name} stands higher than the drawer's opening: lay it down, or choose another drawer.",
                Figures.Mm(top), $"{Figures.Mm(room)} or less", "Plane sums.", []);
        }

        foreach (var check in r.Tongue?.Checks("tongue", r.Wall.Value, 1.2, new Remedy.Change("Make the walls 3 mm", new Dictionary<string, string>
        { ["wall"] = "3" })) ?? [])
        {
            yield return check;
        }

        if (r.Below is { } below)
        {
            yield return below.Insert.WallCheck("below.wall", "insert, to the sides", below.At.Min(h => Math.Min(Math.Min(h.X, r.Width.Value - h.X),
                Math.Min(h.Y, r.Depth.Value - h.Y))));
            yield return below.Insert.FloorCheck("below.floor", "insert", r.Height.Value, 1);
            foreach (var check in below.Insert.Checks)
            {
                yield return check;
            }
        }

        if (r.Ear is { } ear)
        {
            yield return ear.WallCheck("ear.wall", "ear's screw", ear.Reach);
            yield return ear.SeatCheck("ear.seat", "ear's screw", Joints.Joint.FlushSeat);
            yield return r.Screw!.Check;
            foreach (var check in ear.Checks)
            {
                yield return check;
            }

            var (apart, narrowest) = (r.EarSpacing!.Value, r.EarSpacing.Value - (2 * ear.Reach));
            var clear = apart >= r.Width.Value + (2 * ear.Reach) - 1e-6;
            yield return new("ear.clear", "ears beside the tray", clear ? Verdict.Good : Verdict.Stop, clear ? "Both holes stand clear of the tray."
                : "The holes it goes on lie under the tray: make it narrower.",
                Figures.Mm(apart), $"{Figures.Mm(r.Width.Value + (2 * ear.Reach))} or more", "Plane geometry.",
                clear || narrowest < 30 ? [] : [new Remedy.Change($"Make it {Figures.Mm(Math.Floor(narrowest))} wide",
                    new Dictionary<string, string> { ["width"] = Figures.Number(Math.Floor(narrowest)) })]);
            var fits = r.Depth.Value >= 2 * ear.Reach;
            yield return new("ear.room", "ears on the side", fits ? Verdict.Good : Verdict.Stop, fits ? "The ears fit the side of the tray."
                : "The tray is shallower than an ear is wide.",
                Figures.Mm(r.Depth.Value), $"{Figures.Mm(2 * ear.Reach)} or more", "Plane geometry.", []);
        }
    }

    private static Check Room(TrayReckoning r)
    {
        var field = r.Field;
        var area = Math.Max(0, field.Right - field.Left) * Math.Max(0, field.Back - field.Front);
        var needed = r.Items.Sum(i => (i.Wide + r.Wall.Value) * (i.Deep + r.Finger + r.Wall.Value));
        var fits = r.Pockets is not null;
        Remedy[] larger = r.Roomier is { } size
            ? [new Remedy.Change($"Make it {Figures.Mm(size.Width)} × {Figures.Mm(size.Depth)}",
                new Dictionary<string, string> { ["width"] = Figures.Number(size.Width), ["depth"] = Figures.Number(size.Depth) })] : [];
        return new("room", "room for everything", fits ? Verdict.Good : Verdict.Stop,
            fits ? "Everything has a place with its walls and finger room." : larger.Length > 0
                ? "Not everything has room: make it larger, or take a thing out."
                : "Not everything has room, and the printer takes no tray that it would have room in: take a thing out.",
            Figures.SquareMm(needed), Figures.SquareMm(area), "Placed by constraint programming (CP-SAT); areas by plane geometry.", larger);
    }
}
