namespace Emboq.Core.Combs;

/// <summary>Where a tooth stands on a test print, mm from its left front corner.</summary>
/// <param name="Tooth">Which.</param>
/// <param name="X">Left edge of its tile.</param>
/// <param name="Y">Front edge; its number stands there.</param>
/// <param name="Wide">Along x.</param>
/// <param name="Deep">Along y.</param>
public sealed record CombSpot(CombTooth Tooth, double X, double Y, double Wide, double Deep);

/// <summary>A test print as a solid: tiles in rows on one plate, each with its number in front; what is asked of the first layer lies beside it.</summary>
/// <param name="Solid">As it is printed.</param>
/// <param name="Spots">Where everything stands.</param>
/// <param name="Wide">Along x, mm.</param>
/// <param name="Deep">Along y, mm.</param>
public sealed record CombShape(Solid Solid, IReadOnlyList<CombSpot> Spots, double Wide, double Deep)
{
    /// <summary>Height of the plate, of what stands on it, walls, free room for the jaws of a caliper, the strip for a number, length of what is
    /// prismatic, mm.</summary>
    private const double Plate = 2, High = 8, Wall = 3, Jaws = 5, Front = 9, Long = 12;

    /// <summary>Of a pin printed in place, and what its foot and its bore are broken by, so that first layers do not grow together, mm.</summary>
    private const double Pin = 8, Chamfer = 0.6;

    /// <summary>A row is no longer than this, mm.</summary>
    private const double Longest = 150;

    /// <summary>What is asked of the first layer lies apart from the plate, mm.</summary>
    private const double Apart = 4;

    /// <summary>How deep a number is sunk, mm.</summary>
    private const double Sunk = 0.6;

    /// <summary>Lays out teeth in their order.</summary>
    /// <param name="teeth">One or more.</param>
    /// <param name="bed">Where it will lie.</param>
    public static CombShape Of(IReadOnlyList<CombTooth> teeth, Bed bed)
    {
        List<CombTooth> feet = [.. teeth.Where(t => IsFoot(t.Face))], stand = [.. teeth.Except(feet)];
        var widest = Math.Min(Longest, bed.Width - (2 * bed.Margin) - feet.Select(f => f.Face.Size + Apart).DefaultIfEmpty(0).Max());
        List<CombSpot> spots = [];
        foreach (var tooth in stand)
        {
            var (wide, deep) = Tile(tooth.Face);
            var row = spots.LastOrDefault() is { } last && last.X + last.Wide + wide <= widest ? last : null;
            spots.Add(new(tooth, row is null ? 0 : row.X + row.Wide, row?.Y ?? Back(spots), wide, deep));
        }

        var (aside, back) = (Side(spots), Back(spots));
        foreach (var foot in feet)
        {
            var size = foot.Face.Size;
            spots.Add(new(foot, aside == 0 ? 0 : aside + Apart, spots.Count == stand.Count ? 0 : Back(spots[^1..]) + Apart, size, size));
        }

        var built = spots.Select(s => (Spot: s, Parts: Parts(s.Tooth.Face))).ToList();
        var loose = built.Where(b => b.Parts.Loose is not null).Select(b => At(b.Spot, b.Parts.Loose!));
        var stands = built.Where(b => b.Parts.Stands is not null).Select(b => At(b.Spot, b.Parts.Stands!));
        var plate = aside == 0 ? null : stands.Aggregate((Solid)new Solid.Box(aside, back, Plate), (all, s) => all + s)
            .Without(built.Where(b => b.Parts.Cut is not null).Select(b => At(b.Spot, b.Parts.Cut!)));
        var whole = loose.Aggregate(plate, (all, l) => all is null ? l : all + l)!;
        return new(whole.Without(spots.Select(Number)), spots, Side(spots), Back(spots));
    }

    private static Solid At(CombSpot s, Solid solid) => Middle(s) is var (x, y) ? solid.At(x, y, 0) : solid;

    /// <summary>Of a tooth, behind its number.</summary>
    private static (double X, double Y) Middle(CombSpot s) =>
        (s.X + (s.Wide / 2), IsFoot(s.Tooth.Face) ? s.Y + (s.Deep / 2) : s.Y + Front + ((s.Deep - Front) / 2));

    private static bool IsFoot(Face face) => face.Surface == Surface.FirstLayerFoot;

    private static double Side(IEnumerable<CombSpot> spots) => spots.Select(s => s.X + s.Wide).DefaultIfEmpty(0).Max();

    private static double Back(IEnumerable<CombSpot> spots) => spots.Select(s => s.Y + s.Deep).DefaultIfEmpty(0).Max();

    /// <summary>Room that a face takes on the bed, mm².</summary>
    internal static double Room(Face face) => Tile(face) is var (wide, deep) ? wide * deep : 0;

    /// <summary>Where every face must be found again in the triangles.</summary>
    public IReadOnlyList<Gauge> Gauges =>
    [
        .. Spots.Select(s =>
        {
            var ((x, y), size, what) = (Middle(s), s.Tooth.Face.Size, $"tooth {s.Tooth.Number}");
            return s.Tooth.Face.Surface switch
            {
                Surface.HoleUpright or Surface.Pocket => new Gauge("comb", what, size, new(x, y, Plate + (High / 2)), Axis.X),
                Surface.HoleLying => new("comb", what, size, new(x, y, AxisHeight(size)), Axis.X),
                Surface.GapInPlace => new("comb", what, size / 2, new(x + (Pin / 2) + (size / 4), y, Plate + (High / 2)), Axis.X),
                Surface.FirstLayerFoot => new("comb", what, size, new(x - (size / 2) + 1, y, Plate / 4), Axis.Y, Solids.Jaws.Over),
                _ => new("comb", what, size, new(x, y, Plate + (High / 2)), Axis.Y, Solids.Jaws.Over),
            };
        }),
    ];

    /// <summary>How much of the plate a face takes: across an outside a caliper's jaws have room before and behind.</summary>
    private static (double Wide, double Deep) Tile(Face face) => face.Surface switch
    {
        Surface.HoleUpright => (face.Size + (2 * Wall) + 2, Front + face.Size + (2 * Wall) + 2),
        Surface.HoleLying => (face.Size + (2 * Wall) + 2, Front + Long + 2),
        Surface.Pocket => (face.Size + (2 * Wall) + 2, Front + Long + 2),
        Surface.OutsideRound => (Math.Max(Long, face.Size) + 2, Front + face.Size + Jaws),
        Surface.OutsideFlat => (Long + 2, Front + face.Size + Jaws),
        Surface.GapInPlace => (Pin + face.Size + (2 * Wall) + 2, Front + Pin + face.Size + (2 * Wall) + 2),
        _ => (face.Size, face.Size),
    };

    /// <summary>Height of the axis of a lying hole above the bed, mm.</summary>
    private static double AxisHeight(double size) => Plate + Wall + (size / 2);

    /// <summary>What stands, what is cut away through all, and what stays loose, around the middle of a tile.</summary>
    private static (Solid? Stands, Solid? Cut, Solid? Loose) Parts(Face face)
    {
        var (size, top) = (face.Size, Plate + High);
        switch (face.Surface)
        {
            case Surface.HoleUpright:
                return (new Solid.Cylinder((size / 2) + Wall, top), new Solid.Cylinder(size / 2, top + 2).At(0, 0, -1), null);
            case Surface.HoleLying:
                var block = AxisHeight(size) + HoleShape.Rise(size, HoleLie.Teardrop) + Wall;
                return (Block(size + (2 * Wall), Long, block), HoleShape.Cut(size, -1, Long + 1, HoleLie.Teardrop).Tipped(90).At(0, Long / 2,
                    AxisHeight(size)), null);
            case Surface.Pocket:
                return (Block(size + (2 * Wall), Long, top), Block(size, Long + 2, High + 1).At(0, 0, Plate), null);
            case Surface.OutsideRound:
                return (new Solid.Cylinder(size / 2, top), null, null);
            case Surface.OutsideFlat:
                return (Block(Long, size, top), null, null);
            case Surface.GapInPlace:
                var bore = (Pin + size) / 2;
                // Two flats above the bore for fingers.
                var pin = new Solid.Revolved(new(new Point2(0, 0), new((Pin / 2) - Chamfer, 0), new(Pin / 2, Chamfer), new(Pin / 2, top + 1), new(0, top + 1)));
                return (new Solid.Cylinder(bore + Wall, top), new Solid.Revolved(new(new Point2(0, -1), new(bore + Chamfer, -1), new(bore + Chamfer, 0),
                    new(bore, Chamfer), new(bore, top + 1), new(0, top + 1))), pin + (new Solid.Cylinder(Pin / 2, High) & Block(Pin, Pin / 2, High)).At(0, 0,
                        top));
            default:
                return (null, null, Block(size, size, Plate));
        }
    }

    private static Solid Block(double wide, double deep, double high) => new Solid.Box(wide, deep, high).At(-wide / 2, -deep / 2, 0);

    private static Solid Number(CombSpot s) => new Solid.Lettering($"{s.Tooth.Number}", 5, s.Wide - 2, Sunk + 1)
        .At(s.X + (s.Wide / 2), IsFoot(s.Tooth.Face) ? Middle(s).Y : s.Y + (Front / 2), Plate - Sunk);
}
