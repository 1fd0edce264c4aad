using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.RodBlock;

/// <summary>The figures of a block on one rod or two. Rods run along y, side by side along x, their middles at z = 0; what it carries stands on top.</summary>
internal sealed record RodBlockReckoning
{
    public required Fitted Bore { get; init; }

    /// <summary>From rod to rod; <c>null</c> on one.</summary>
    public required Quantity? Centres { get; init; }

    public required Quantity Length { get; init; }

    public required Quantity Wall { get; init; }

    /// <summary>From a rod's bore to the side where its screws come in: what their thread is cut in.</summary>
    public required Quantity Boss { get; init; }

    /// <summary>From the middle of the rods to the top.</summary>
    public required Quantity Top { get; init; }

    /// <summary>Where the axis of what stands on it comes to lie, over the middle of the rods.</summary>
    public required Quantity Axis { get; init; }

    public required Joint SetScrew { get; init; }

    public required string Size { get; init; }

    /// <summary>Places of the set screws along the rods, mm.</summary>
    public required IReadOnlyList<double> At { get; init; }

    public required BoltForce Bolt { get; init; }

    public required Joint Insert { get; init; }

    public required string InsertSize { get; init; }

    /// <summary>Whether what stands on top is screwed into a printed thread.</summary>
    public required bool Printed { get; init; }

    /// <summary>Of a printed thread, the share of its flanks that touch.</summary>
    public required double Overlap { get; init; }

    /// <summary>What a printed thread on top bears before it strips, N: as with a set screw's, less what its clearance takes; it shears across its layers.
    /// </summary>
    public double? TopStrips => Material is null ? null : Math.PI * Hardware.Diameter(InsertSize).Value * Insert.Depth * 7 / 8 * Overlap
        * Material.Across.Value / 2 / PrintedMaterial.Safety * Inserts.Count;

    /// <summary>Places of the inserts across, mm.</summary>
    public required IReadOnlyList<double> Inserts { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required Load Load { get; init; }

    public required WayUp Way { get; init; }

    public bool OnEnd => Way.Key == "end";

    /// <summary>Across the rods, mm.</summary>
    public IReadOnlyList<double> Rods => Centres is { } c ? [-c.Value / 2, c.Value / 2] : [0];

    public double Radius => Bore.Drawn.Value / 2;

    public double HalfWide => Rods[^1] + Radius + Boss.Value;

    public double Low => -Radius - Wall.Value;

    /// <summary>What a set screw's thread bears before it strips, N: plastic shears at the screw's major diameter, 7/8 of the pitch (ISO 68-1; FED-STD-H28,
    /// from
    /// memory); the screw lies within the layers, half of
    /// their strength across counts in shear, and a third of that is allowed.</summary>
    public double? Strips => Material is null ? null : Math.PI * Hardware.Diameter(Size).Value * Boss.Value * 7 / 8
        * Material.Across.Value / 2 / PrintedMaterial.Safety;

    public static RodBlockReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, place) = (brief.Parameters, brief.Interfaces["rod"]);
        var way = RodBlockFamily.Way.Read(p, ledger);
        var end = way.Key == "end";
        var bore = Fitted.Reckon(new("rod", "diameter", end ? Surface.HoleUpright : Surface.HoleLying, FitClasses.Of(p.Choice("across")),
            p.Number("clearance"), "bore"),
            place, brief.Fits, brief.Tries, ledger);
        Quantity? centres = place.Kind.Key == "rods" ? ledger.Add("centres", "rod to rod", Evaluation.Of(place, "centres")!.Quantity,
            "Centre to centre, as read.") : null;
        var (length, wall, boss) = (RodBlockFamily.Length.Read(p, ledger), RodBlockFamily.Wall.Read(p, ledger), RodBlockFamily.Boss.Read(p, ledger));
        var wanted = ledger.Add("wanted", "height wanted", Quantity.Chosen("height wanted", p.Number("axisHeight")!.Value, Unit.Millimetre),
            "From the rods' middle to the axis of what it carries.");
        var own = ledger.Add("own", "its own height", Quantity.Chosen("its own height", p.Number("thingHeight")!.Value, Unit.Millimetre),
            "From what it stands on to its axis.");
        var top = ledger.Add("top", "top over the rods", wanted - own + (bore.Realised.Fixed("play", "this design") / 2),
            "The stack backwards: wanted, less the thing, and half of the play by which the block sinks onto its rods.");
        var (size, insert) = (p.Choice("screw"), p.Choice("insert"));
        var printed = p.Choice("thread") == "printed";
        var scope = PartBodies.Scope(brief, ledger, "insert", printed ? "thread" : "insert");
        var material = PrintedMaterial.Of(brief.Process);
        var count = int.Parse(p.Choice("screws"), System.Globalization.CultureInfo.InvariantCulture);
        var spacing = p.Choice("inserts") == "2" ? ledger.Add("insertSpacing", "inserts apart",
            Quantity.Chosen("inserts apart", p.Number("insertSpacing")!.Value, Unit.Millimetre),
            "From middle to middle.").Value : 0;
        return new()
        {
            Bore = bore,
            Centres = centres,
            Length = length,
            Wall = wall,
            Boss = boss,
            Top = top,
            Axis = ledger.Add("axis", "height to expect", top + own - (bore.Realised / 2), "With all that is in doubt: the block sinks by half of its play."),
            SetScrew = Threaded.SelfCut(PartBodies.Scope(brief, ledger, "set", "set screw"), size, Threaded.UsualEngagement, boss.Value, HoleLie.Teardrop),
            Size = size,
            At = [.. Enumerable.Range(0, count).Select(i => length.Value * ((2.0 * i) + 1 - count) / (2 * count))],
            Bolt = BoltForce.Of(size, p.Number("torque")!.Value, material, p.Choice("heat") == "warm", ledger),
            Insert = printed ? PrintedThread.Internal(scope, insert, 2 * Hardware.Diameter(insert).Value, end ? HoleLie.Teardrop : HoleLie.Upright)
                : Threaded.Insert(scope, insert, end ? HoleLie.Teardrop : HoleLie.Upright),
            Printed = printed,
            Overlap = printed ? ledger["insert.overlap"].Value : 1,
            InsertSize = insert,
            Inserts = spacing > 0 ? [-spacing / 2, spacing / 2] : [0],
            Material = material,
            Load = Load.Of(brief, ledger),
            Way = way,
        };
    }
}
