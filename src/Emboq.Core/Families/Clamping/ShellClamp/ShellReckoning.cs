using Emboq.Core.Measuring.Kinds;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.ShellClamp;

/// <summary>The figures of a shell clamp. y runs along the handle from the left end of its scan, z = 0 is the table.</summary>
internal sealed record ShellReckoning
{
    public required Fitted Fit { get; init; }

    /// <summary>The handle as it stands in the clamps, its lowest place at z = 0.</summary>
    public required SectionBody Body { get; init; }

    /// <summary>Those that go around the handle; fewer than <see cref="Wanted"/> where one does not.</summary>
    public required IReadOnlyList<ShellStation> Stations { get; init; }

    /// <summary>Where they were to be, along the handle, mm.</summary>
    public required IReadOnlyList<double> Wanted { get; init; }

    /// <summary>From the table to the lowest place of the handle.</summary>
    public required Quantity Raised { get; init; }

    public required Quantity Along { get; init; }

    public required Quantity Shell { get; init; }

    public required Quantity Pinch { get; init; }

    public required Quantity Seat { get; init; }

    public required Quantity Foot { get; init; }

    /// <summary>Height of the tip over the table; <c>null</c> where nobody asks for one.</summary>
    public required Quantity? Tip { get; init; }

    public required Quantity? Packer { get; init; }

    /// <summary>Head and hole in the upper half, entered from above; diameter of its recess as drawn.</summary>
    public required (Joint Joint, double Recess) Head { get; init; }

    public required Joint Bite { get; init; }

    public required Joint TableHole { get; init; }

    public required double Washer { get; init; }

    public required ScrewLength Takes { get; init; }

    public required IReadOnlyList<ShellFeet> Feet { get; init; }

    /// <summary>Along a clamp from its middle, mm.</summary>
    public required IReadOnlyList<double> ScrewsAt { get; init; }

    public required BoltForce Bolt { get; init; }

    public required Quantity Push { get; init; }

    public required PrintedMaterial? Material { get; init; }

    public required IReadOnlyList<Keeping> Keepings { get; init; }

    public required WayUp Way { get; init; }

    public bool Built => Stations.Count == Wanted.Count;

    /// <summary>The handle's section is moved out by so much, mm.</summary>
    public double Growth => (Fit.Drawn.Value - Fit.Counterpart.Value) / 2;

    public double Gap => Pinch.Value;

    /// <summary>Where the halves of a clamp meet, over the table, mm.</summary>
    public double SplitOf(ShellStation s) => Raised.Value + s.Split.At;

    public double TopOf(ShellStation s) => Raised.Value + s.Sides.High + Shell.Value;

    /// <summary>Plastic below the handle, mm.</summary>
    public double BelowOf(ShellStation s) => Raised.Value + s.Sides.Low;

    public double LeftOf(ShellStation s) => s.Sides.Left - Shell.Value;

    public double RightOf(ShellStation s) => s.Sides.Right + Shell.Value;

    /// <summary>x of the screws that draw the halves of a clamp together.</summary>
    public double[] ScrewsOf(ShellStation s) => [s.Sides.Left - (Shell.Value / 2), s.Sides.Right + (Shell.Value / 2)];

    /// <summary>From the split to where a head's recess begins, mm.</summary>
    public double HeadAt => (Gap / 2) + Head.Joint.Depth;

    /// <summary>From a screw of the table to the end of its foot, mm.</summary>
    public double FootEnd => (Washer / 2) + 2;

    public static ShellReckoning Of(Brief brief, Ledger ledger)
    {
        var (p, place) = (brief.Parameters, brief.Interfaces["grip"]);
        var (way, sizes) = (ShellParameters.Way.Read(p, ledger), new Sizes(place));
        var fit = Fitted.Reckon(new("grip", "breadth", way.Key == "end" ? Surface.HoleUpright : Surface.HoleLying, FitClasses.Of(p.Choice("fit")),
            p.Number("clearance"), "hollow")
        { Words = SeatWords.Shell, Because = "As read across its broadest place: it settles the scale of the scan." }, place, brief.Fits, brief.Tries, ledger);
        var (along, shell, pinch) = (ShellParameters.Along.Read(p, ledger), ShellParameters.Shell.Read(p, ledger), ShellParameters.Pinch.Read(p, ledger));
        var roll = ledger.Add("roll", "turned about its length", Quantity.Chosen("turned about its length", p.Number("roll")!.Value, Unit.DegreeOfArc),
            "From how it lies in the scan.").Value;
        var scanned = GripKind.Body(sizes)!;
        var rolled = scanned.Rolled(roll);
        var body = rolled.At(0, -rolled.Heights.Low);
        var table = ShellTable.Of(brief, ledger);
        var wanted = Places(p, body, table.Rows, ledger);
        var growth = (fit.Drawn.Value - fit.Counterpart.Value) / 2;
        List<ShellStation> stations = [.. wanted.Select((at, i) => ShellStation.Of(body, i == 0 ? "front" : "rear", i == 0 ? "first clamp" : "second clamp", at,
            (along.Value, growth, pinch.Value))).OfType<ShellStation>()];
        var scope = PartBodies.Scope(brief, ledger, "screw", "screw");
        var (size, lie, seat) = (p.Choice("screw"), way.Key == "end" ? HoleLie.Teardrop : HoleLie.Upright, ShellParameters.Seat.Read(p, ledger));
        var high = scope.OfScrew("height") ?? Hardware.Of("cap-screws", size, "height", $"{Hardware.Name(size)} head height");
        // The head lies as deep below the face as its recess is; below it stays what was decided.
        var head = ScrewHole.Counterbored(scope, size, seat.Value + high.Value + 0.3, lie);
        var insert = ShellParameters.Insert.Read(p, ledger);
        var bitten = scope with { Key = "thread", Name = insert ? "insert" : "thread", Screw = null };
        var thread = insert ? ledger.Add("insertLong", "thread of an insert", Threaded.InsertLength(size), "All of it holds.") : ShellParameters.Thread.Read(p, ledger);
        var bite = insert ? Threaded.Insert(bitten, size, lie) : Threaded.SelfCut(bitten, size, Threaded.UsualEngagement, thread.Value, lie);
        var (foot, tableSize) = (ShellParameters.Foot.Read(p, ledger), p.Choice("tableScrew"));
        var washer = Hardware.Of("washers", tableSize, "outside", "washer").Value;
        var material = PrintedMaterial.Of(brief.Process);
        var push = ledger.Add("push", "push of the work", (p.Choice("shakes") == "shakes" ? Quantity.RuleOfThumb("shaking", 3, Unit.None,
            "What shakes pushes up to three times as hard; common practice, no published source.") : Quantity.Chosen("quiet", 1, Unit.None))
            * Quantity.Chosen("push", p.Number("push")!.Value, new Unit(Newton: 1)), "At its worst.");
        var draft = new ShellReckoning
        {
            Fit = fit,
            Body = body,
            Stations = stations,
            Wanted = wanted,
            Raised = Quantity.Chosen("raised", 0, Unit.Millimetre),
            Along = along,
            Shell = shell,
            Pinch = pinch,
            Seat = seat,
            Foot = foot,
            Tip = null,
            Packer = null,
            Head = (head, ledger["screw.counterbore"].Value),
            Bite = bite,
            TableHole = ScrewHole.Passing(PartBodies.Scope(brief, ledger, "table", "table screw") with { Screw = null }, tableSize, "medium", foot.Value, lie),
            Washer = washer,
            Takes = ScrewLength.Of(scope, (size, "cap", $"{Hardware.Name(size)} cap screw"), [seat, pinch], insert ? thread : 2 * Hardware.Diameter(size),
                insert ? ledger["thread.insert.depth"] : thread, brief.Drawer),
            Feet = [],
            ScrewsAt = p.Choice("screws") == "2" ? [-along.Value / 4, along.Value / 4] : [0],
            Bolt = BoltForce.Of(size, p.Number("torque")!.Value, material, p.Choice("heat") == "warm", ledger),
            Push = push,
            Material = material,
            Keepings = Keeping.Of(sizes, roll),
            Way = way,
        };
        return draft.Standing(brief, sizes, table, -rolled.Heights.Low, ledger);
    }

    /// <summary>Where the clamps stand along the handle: the second on a row of the table from the first.</summary>
    private static List<double> Places(ParameterValues p, SectionBody body, double rows, Ledger ledger)
    {
        var (from, to) = body.Ends;
        double Chosen(string key, double share) => p.Number(key) ?? Math.Round(from + ((to - from) * share));
        var front = ledger.Add("front", "up to the first clamp", Quantity.Chosen("up to the first clamp", Chosen("front", 0.25), Unit.Millimetre), "From the left end of the scan.").Value;
        if (p.Choice("stations") != "two")
        {
            return [front];
        }

        var asked = Chosen("rear", 0.75);
        var count = Math.Max(1, Math.Round(Math.Abs(asked - front) / rows));
        var rear = front + (Math.Sign(asked - front) is var way && way == 0 ? rows : way * count * rows);
        return [front, ledger.Add("rear", "up to the second clamp", Quantity.Chosen("up to the second clamp", rear, Unit.Millimetre),
            "From the left end of the scan: on the row of the table that is nearest to what was asked for.").Value];
    }

    /// <summary>The same on its table: how high, and where its feet are.</summary>
    private ShellReckoning Standing(Brief brief, Sizes sizes, ShellTable table, double floor, Ledger ledger)
    {
        var p = brief.Parameters;
        var packer = p.Number("bladeHeight") is null ? null : ShellParameters.Fine.Read(p, ledger);
        Quantity raised, tip;
        if (packer is null)
        {
            var under = ShellParameters.Under.Read(p, ledger);
            raised = ledger.Add("raised", "handle over the table", under - Quantity.Chosen("lowest place in a clamp",
                Stations.Select(s => s.Sides.Low).DefaultIfEmpty(0).Min(), Unit.Millimetre), "To its lowest place, so that the plastic below it is as wanted.");
            tip = raised;
        }
        else
        {
            var read = ledger.Add("tip", "tip, as it lies in the scan", sizes["tip"] ?? Quantity.Chosen("tip", 0, Unit.Millimetre), "As read.");
            tip = ledger.Add("bladeHeight", "tip over the table", Quantity.Chosen("tip over the table", p.Number("bladeHeight")!.Value, Unit.Millimetre), "As wanted.");
            raised = ledger.Add("raised", "handle over the table", tip - read - packer, "Without its packers: they bring it to its height.");
        }

        var feet = new List<ShellFeet>();
        (double At, double Apart) columns = (0, table.Columns);
        foreach (var s in Stations)
        {
            // A screw stands clear of the half with its washer.
            var clear = (Left: -LeftOf(s) + (Washer / 2) + 1, Right: RightOf(s) + (Washer / 2) + 1);
            if (feet.Count == 0 && table.Columns > 0)
            {
                // The first stands midway between two columns, or on one, whichever takes less.
                var most = Math.Max(clear.Left, clear.Right);
                var (on, between) = (Math.Ceiling(most / table.Columns) * table.Columns, (Math.Ceiling((most / table.Columns) - 0.5) + 0.5) * table.Columns);
                columns = (s.Middle.X + (on <= between ? 0 : table.Columns / 2), table.Columns);
            }

            feet.Add(ShellFeet.Of(s, clear, columns));
        }

        if (Stations.Count > 0)
        {
            ledger.Add("split", "where the halves of the first meet", raised + Quantity.Chosen("split over the handle's floor", Stations[0].Split.At,
                Unit.Millimetre), "Over the table: there both halves go on straight, and are open least beyond the handle.");
            ledger.Add("apart", "screws of the table, apart", Quantity.Chosen("screws of the table, apart", feet[0].Right - feet[0].Left, Unit.Millimetre),
                "Of the first clamp, from middle to middle, on the columns of the table.");
        }

        return this with { Raised = raised, Tip = packer is null ? null : tip, Packer = packer, Feet = feet };
    }
}
