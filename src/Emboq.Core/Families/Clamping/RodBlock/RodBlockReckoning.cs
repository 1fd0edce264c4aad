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

    /// <summary>From a rod's bore to its side: what set screws cut their thread in, or what holds the screw of a slit.</summary>
    public required Quantity Aside { get; init; }

    /// <summary>From the middle of the rods to the top.</summary>
    public required Quantity Top { get; init; }

    /// <summary>Where the axis of what stands on it comes to lie, over the middle of the rods.</summary>
    public required Quantity Axis { get; init; }

    /// <summary>The thread that set screws, or those of a slit, cut in the block.</summary>
    public required Joint Thread { get; init; }

    /// <summary>How it is drawn tight where no set screws hold it.</summary>
    public required Pinch? Pinch { get; init; }

    public required string Size { get; init; }

    /// <summary>Places of the screws along the rods, mm.</summary>
    public required IReadOnlyList<double> At { get; init; }

    public required BoltForce Bolt { get; init; }

    /// <summary>What holds the thing on top: insert, printed thread, or slot.</summary>
    public required Joint Insert { get; init; }

    public required string InsertSize { get; init; }

    /// <summary>The slot that its nut slides in; <c>null</c> where it has none.</summary>
    public required TopSlot? Slot { get; init; }

    /// <summary>Whether what stands on top is screwed into a printed thread.</summary>
    public required bool Printed { get; init; }

    /// <summary>Of a printed thread, the share of its flanks that touch.</summary>
    public required double Overlap { get; init; }

    /// <summary>What a printed thread on top bears before it strips, N: as with a set screw's, less what its clearance takes; it shears across its layers.
    /// </summary>
    public double? TopStrips => Material is null ? null : Math.PI * Hardware.Diameter(InsertSize).Value * Insert.Depth * 7 / 8 * Overlap
        * Material.Across.Value / 2 / PrintedMaterial.Safety * Inserts.Count * Load.Left.Value;

    /// <summary>Places of the inserts across, mm.</summary>
    public required IReadOnlyList<double> Inserts { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required Load Load { get; init; }

    public required WayUp Way { get; init; }

    public bool OnEnd => Way.Key == "end";

    /// <summary>Across the rods, mm.</summary>
    public IReadOnlyList<double> Rods => Centres is { } c ? [-c.Value / 2, c.Value / 2] : [0];

    public double Radius => Bore.Drawn.Value / 2;

    public double HalfWide => Rods[^1] + Radius + Aside.Value;

    /// <summary>From the middle to the screws of a slit, mm.</summary>
    public double PinchAt => Rods[^1] + Radius + (Aside.Value / 2);

    /// <summary>Upper side of a slit, mm: it is cut where the bore is lowest.</summary>
    public double SlitTop => Pinch!.Slit.Value - Radius;

    /// <summary>What a screw presses on its rod with after a day, N: what brings a lip to the rod is lost.</summary>
    public double? Holding => Bolt.Lasting is not { } lasting ? null : Pinch is null ? lasting.Value
        : Pinch.Shut is { } shut ? Pinch.Lip.OnRod(Math.Max(0, lasting.Value - (shut / At.Count))) : null;

    public double Low => -Radius - Wall.Value;

    /// <summary>What the thread of a screw that holds it bears before it strips, N.</summary>
    public double? Strips => CutThread.Bears(Size, Pinch?.Takes.InThread ?? Thread.Depth, Material);

    /// <summary>How a hole that stands upright in use lies as the block is printed.</summary>
    public static HoleLie Lie(Brief brief) => brief.Parameters.Choice(RodBlockFamily.Way.Spec.Key) == "end" ? HoleLie.Teardrop : HoleLie.Upright;

    public static RodBlockReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, place) = (brief.Parameters, brief.Interfaces["rod"]);
        var way = RodBlockFamily.Way.Read(p, ledger);
        var (end, lie) = (way.Key == "end", Lie(brief));
        var bore = Fitted.Reckon(new("rod", "diameter", end ? Surface.HoleUpright : Surface.HoleLying, FitClasses.Of(p.Choice("across")),
            p.Number("clearance"), "bore")
        { Words = SeatWords.Rods }, place, brief.Fits, brief.Tries, ledger);
        Quantity? centres = place.Kind.Key == "rods" ? ledger.Add("centres", "rod to rod", Evaluation.Of(place, "centres")!.Quantity,
            "Centre to centre, as read.") : null;
        var pinched = p.Choice("hold") == "pinch";
        var (length, wall) = (RodBlockFamily.Length.Read(p, ledger), (pinched ? RodBlockFamily.Under : RodBlockFamily.Wall).Read(p, ledger));
        var aside = (pinched ? RodBlockFamily.Ear : RodBlockFamily.Boss).Read(p, ledger);
        var wanted = ledger.Add("wanted", "height wanted", Quantity.Chosen("height wanted", p.Number("axisHeight")!.Value, Unit.Millimetre),
            "From the rods' middle to the axis of what it carries.");
        var own = ledger.Add("own", "its own height", Quantity.Chosen("its own height", p.Number("thingHeight")!.Value, Unit.Millimetre),
            "From what it stands on to its axis.");
        var top = ledger.Add("top", "top over the rods", wanted - own + (bore.Realised.Fixed("play", "this design") / 2),
            "The stack backwards: wanted, less the thing, and half of the play by which the block sinks onto its rods.");
        var (size, insert) = (p.Choice("screw"), p.Choice("insert"));
        var printed = p.Choice("thread") == "printed" && p.Choice("inserts") != "slot";
        var slotted = p.Choice("inserts") == "slot" ? TopSlot.Of(brief, ledger, insert, length, (2 * (((centres?.Value ?? 0) + bore.Drawn.Value) / 2)
            + (2 * aside.Value))) : null;
        var scope = PartBodies.Scope(brief, ledger, "insert", printed ? "thread" : "insert");
        var joint = slotted?.Joint ?? (printed ? PrintedThread.Internal(scope, insert, 2 * Hardware.Diameter(insert).Value, lie)
            : Threaded.Insert(scope, insert, lie));
        var (radius, thread) = (bore.Drawn.Value / 2, Hardware.Diameter(size).Value);
        var (held, deep) = pinched ? (PartBodies.Scope(brief, ledger, "pinch", "pinch screw"),
            ThreadAbove(top.Value + radius - p.Number("slit")!.Value, joint.Depth, thread)) : (PartBodies.Scope(brief, ledger, "set", "set screw"),
                aside.Value);
        var pinch = pinched ? Pinch.Of(held, brief, bore.Realised, (wall, length, radius + (aside.Value / 2)), size, deep) : null;
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
            Aside = aside,
            Top = top,
            Axis = ledger.Add("axis", "height to expect", top + own - (bore.Realised / 2), "With all that is in doubt: the block sinks by half of its play."),
            Thread = Threaded.SelfCut(held, size, Threaded.UsualEngagement, deep, pinched ? lie : HoleLie.Teardrop),
            Pinch = pinch,
            Size = size,
            At = [.. Enumerable.Range(0, count).Select(i => length.Value * ((2.0 * i) + 1 - count) / (2 * count))],
            Bolt = BoltForce.Of(size, p.Number("torque")!.Value, material, p.Choice("heat") == "warm", ledger),
            Insert = joint,
            Slot = slotted,
            Printed = printed,
            Overlap = printed ? ledger["insert.overlap"].Value : 1,
            InsertSize = insert,
            Inserts = spacing > 0 ? [-spacing / 2, spacing / 2] : [0],
            Material = material,
            Load = Load.Of(brief, ledger),
            Way = way,
        };
    }
    /// <summary>How long the thread of a slit's screw may be above it, mm: three diameters, below what is let in on top where two are left.</summary>
    private static double ThreadAbove(double high, double top, double diameter) =>
        Math.Max(0.5, Math.Min(3 * diameter, high - 2 - (high - 2 - top >= 2 * diameter ? top : 0)));
}
