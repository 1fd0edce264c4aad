namespace Emboq.Core.Families.Kit;

/// <summary>What every family of upright or lying blocks does alike.</summary>
internal static class PartBodies
{
    /// <summary>A design of which nothing can be built yet.</summary>
    public static Design Unbuilt(Ledger ledger, IReadOnlyList<Check> checks, IReadOnlyList<string> cautions) =>
        new() { Ledger = ledger, Checks = checks, Cautions = cautions };

    /// <summary>A stop for every dimension that a family cannot do without, of the places that are named.</summary>
    public static IReadOnlyList<Check> Unread(Brief brief, params IReadOnlyList<(string Slot, string[] Keys)> needs) =>
        [.. needs.Append((Specs.Nut.Key, ["flats", "height"])).Append((Specs.Screw.Key, ["head", "shank"])).Where(n =>
            brief.Interfaces.ContainsKey(n.Slot)).SelectMany(n => Unread(brief.Interfaces[n.Slot], n.Slot, n.Keys))];

    /// <summary>A stop for every dimension of a place that a family cannot do without.</summary>
    public static IReadOnlyList<Check> Unread(Interface place, string slot, params IReadOnlyList<string> keys) =>
    [
        .. keys.Where(k => Measuring.Evaluation.Of(place, k) is null).Select(k => new Check($"{slot}.{k}.readings", $"{place.Name} measured", Verdict.Stop,
            $"No reading yet of {place[k].Name}: nothing can be reckoned without it.", "0 readings", "1 reading", "A size is measured, never assumed.",
            [new Remedy.Measure($"Measure {place[k].Name}", place.Id, k)])),
        .. place.Kind.IsTraced && place.Outline is null ? [new Check($"{slot}.outline", $"{place.Name} outlined", Verdict.Stop,
            $"No outline yet of {place.Name}: give it the drawing, where it is measured.", "no outline", "an outline", "A shape is taken, never assumed.",
            [new Remedy.Measure($"Outline {place.Name}", place.Id, keys[0])])] : Array.Empty<Check>(),
    ];

    /// <summary>The revision mark, sunk a little into a face that touches nothing; the part alone where there is no mark.</summary>
    /// <param name="part">The part.</param>
    /// <param name="mark">What to write, or nothing.</param>
    /// <param name="place">Turns and moves letters that are read from above, on z = 0, to the face.</param>
    /// <param name="room">Greatest width, mm.</param>
    public static Solid Marked(Solid part, string? mark, Func<Solid, Solid> place, double room)
    {
        const double Deep = 0.4;
        return mark is null || room < 4 ? part : part - place(new Solid.Lettering(mark, Math.Min(5, room / 2), room, 2 * Deep).At(0, 0, -Deep));
    }

    /// <summary>Where the figures of a joint go; a nut or a screw that was measured goes before its table.</summary>
    public static JointScope Scope(Brief brief, Ledger ledger, string key, string name) => new(ledger, brief.Fits, key, name)
    {
        Nut = brief.Interfaces.GetValueOrDefault(Specs.Nut.Key),
        Screw = brief.Interfaces.GetValueOrDefault(Specs.Screw.Key),
    };

    /// <summary>A slice of the part around a place, set on the bed: a proof of a fit that is made in minutes.</summary>
    public static Solid Slice(Solid part, double x0, double y0, double z0, double x1, double y1, double z1) =>
        (part & new Solid.Box(x1 - x0, y1 - y0, z1 - z0).At(x0, y0, z0)).At(0, 0, -z0);
}
