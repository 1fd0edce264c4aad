using Emboq.Core.Measuring.Kinds;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Clamping.ShellClamp;

/// <summary>The figures of a shell clamp. y runs along the handle from the left end of its scan, z = 0 is the table.</summary>
internal sealed record ShellReckoning
{
    public required Fitted Fit { get; init; }

    /// <summary>The handle as it stands in the clamps, its lowest place at z = 0.</summary>
    public required SectionBody Body { get; init; }

    /// <summary>What a clamp is open for, where it is the surface as scanned; <c>null</c> where it is the smooth body.</summary>
    public required ClosedMesh? Hollow { get; init; }

    /// <summary>The handle as it is taken.</summary>
    public Solid Handle => Hollow is null ? Body.Solid : new Solid.Meshed(Body.Skin!);

    /// <summary>How far the handle as scanned stands out of the smooth body where it is held, and lies within it, at most, mm; <c>null</c> where only sections
    /// were kept, or a clamp stands beside the handle.</summary>
    public (double Out, double In)? Beside { get; private init; }

    /// <summary>Of its surface where it is held.</summary>
    public int Triangles => Held.Sum(at => Body.Skin!.Between(at.From, at.To));

    private IEnumerable<(double From, double To)> Held => Wanted.Select(at => (at - (Along.Value / 2), at + (Along.Value / 2)));

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

    /// <summary>Whether the screws bite into inserts, and not into the half itself.</summary>
    public required bool Inserted { get; init; }

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

    /// <summary>Of the table, apart, mm.</summary>
    public required double Rows { get; init; }

    /// <summary>Plastic at the ends of a foot's slot beyond what its hole asks for, mm.</summary>
    public const double FootWall = 1;

    /// <summary>How far what opens a half straight lies within the surface as scanned, mm: less than a printer sees, more than triangles differ by.</summary>
    private const double Hair = 0.03;

    public bool Built => Stations.Count == Wanted.Count;

    public double Gap => Pinch.Value;

    /// <summary>Where the halves of a clamp meet, over the table, mm.</summary>
    public double SplitOf(ShellStation s) => Raised.Value + s.Split.At;

    /// <summary>Upper face of the lower half, over the table, mm.</summary>
    public double FaceOf(ShellStation s) => SplitOf(s) - (Gap / 2);

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
        var pinch = ShellParameters.Pinch.Read(p, ledger);
        var roll = ledger.Add("roll", "turned about its length", Quantity.Chosen("turned about its length", p.Number("roll")!.Value, Unit.DegreeOfArc),
            "From how it lies in the scan.").Value;
        var scanned = GripKind.Body(sizes)!;
        var rolled = scanned.Rolled(roll);
        var body = rolled.At(0, -rolled.Heights.Low);
        var table = ShellTable.Of(brief, ledger);
        var scope = PartBodies.Scope(brief, ledger, "screw", "screw");
        var (size, lie) = (p.Choice("screw"), way.Key == "end" ? HoleLie.Teardrop : HoleLie.Upright);
        var seat = Sized(p, ledger, ("seat", "under the heads", "What the screws press on."), 6, 0);
        var high = scope.OfScrew("height") ?? Hardware.Of("cap-screws", size, "height", $"{Hardware.Name(size)} head height");
        // The head lies as deep below the face as its recess is; below it stays what was decided.
        var head = ScrewHole.Counterbored(scope, size, seat.Value + high.Value + 0.3, lie);
        var insert = ShellParameters.Insert.Read(p, ledger);
        var bitten = scope with { Key = "thread", Name = insert ? "insert" : "screw", Screw = null };
        var thread = insert ? ledger.Add("insertLong", "thread of an insert", Threaded.InsertLength(size), "All of it holds.") : Thread(p, size, ledger);
        var bite = insert ? Threaded.Insert(bitten, size, lie) : Threaded.SelfCut(bitten, size, Threaded.UsualEngagement, thread.Value, lie);
        var (foot, tableSize) = (ShellParameters.Foot.Read(p, ledger), p.Choice("tableScrew"));
        var washer = Hardware.Of("washers", tableSize, "outside", "washer").Value;
        var hole = ScrewHole.Passing(PartBodies.Scope(brief, ledger, "table", "table screw") with { Screw = null }, tableSize, "medium", foot.Value, lie);
        var (reach, rows) = (Math.Max(head.Reach, bite.Reach), int.Parse(p.Choice("screws"), System.Globalization.CultureInfo.InvariantCulture));
        var shell = Sized(p, ledger, ("shell", "shell", "Around the handle; the screws stand in it."), 14, 2 * reach);
        var along = Sized(p, ledger, ("along", "clamp, along the handle", "It holds so much of it."), 25, Math.Max(rows * 2 * reach,
            (2 * (hole.Reach + FootWall)) + ShellFeet.Spare));
        var wanted = Places(p, body, table.Rows, along.Value / 2, ledger);
        var growth = (fit.Drawn.Value - fit.Counterpart.Value) / 2;
        var hollow = ShellParameters.AsScanned.Read(p, ledger) ? body.Skin!.Grown(growth) : null;
        // Straight openings lie a hair within it, so that only what they open more is theirs.
        var within = hollow is null ? null : body.Skin!.Grown(growth - Hair);
        ShellOpening? Cut(Point2 about, double turn, double along) => body.Across(about, turn, along) is not { } smooth ? null
            : hollow is null ? Outlines.Moved(smooth, growth) is { } moved ? new(moved, null) : null
            : within!.Across(about, turn, along) is { } straight && hollow.Across(about, turn, along) is { } surface ? new(straight, surface) : null;
        // No screw of the table stands further out than a column beside the broadest place.
        var turn = ShellFeet.MostTurn(along.Value, hole.Reach + FootWall, ((body.Sides.Right - body.Sides.Left) / 2) + shell.Value + washer + table.Columns);
        List<ShellStation> stations = [.. wanted.Select((at, i) => ShellStation.Of(body, i == 0 ? "front" : "rear", i == 0 ? "first clamp" : "second clamp", at,
            Cut, (along.Value, pinch.Value), turn)).OfType<ShellStation>()];
        var material = PrintedMaterial.Of(brief.Process);
        var push = ledger.Add("push", "push of the work", (p.Choice("shakes") == "shakes" ? Quantity.RuleOfThumb("shaking", 3, Unit.None,
            "What shakes pushes up to three times as hard; common practice, no published source.") : Quantity.Chosen("quiet", 1, Unit.None))
            * Quantity.Chosen("push", p.Number("push")!.Value, new Unit(Newton: 1)), "At its worst.");
        var draft = new ShellReckoning
        {
            Fit = fit,
            Body = body,
            Hollow = hollow,
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
            Inserted = insert,
            TableHole = hole,
            Washer = washer,
            Takes = ScrewLength.Of(scope, (size, "cap", $"{Hardware.Name(size)} cap screw"), [seat, pinch], insert ? thread : 2 * Hardware.Diameter(size),
                insert ? ledger["thread.insert.depth"] : thread, brief.Drawer),
            Feet = [],
            ScrewsAt = rows == 2 ? [-along.Value / 4, along.Value / 4] : [0],
            Bolt = BoltForce.Of(size, p.Number("torque")!.Value, material, p.Choice("heat") == "warm", ledger),
            Push = push,
            Material = material,
            Keepings = Keeping.Of(sizes, roll),
            Rows = table.Rows,
            Way = way,
        };
        var beside = body.Skin is null ? null : draft.Held.Select(at => body.Beside(at.From, at.To)).Aggregate((a, b) => a is { } one && b is { } other
            ? (Math.Max(one.Out, other.Out), Math.Max(one.In, other.In)) : null);
        return (draft with { Beside = beside }).Standing(brief, sizes, table, rolled.Heights.Low, ledger);
    }

    /// <summary>A size as decided; left open, the usual one, or what it must be.</summary>
    private static Quantity Sized(ParameterValues p, Ledger ledger, (string Key, string Name, string Because) of, double usual, double least) =>
        ledger.Add(of.Key, of.Name, p.Number(of.Key) is { } chosen ? Quantity.Chosen(of.Name, chosen, Unit.Millimetre)
            : Quantity.RuleOfThumb(of.Name, Math.Max(usual, Math.Ceiling(least)), Unit.Millimetre, "Common practice, no published source."), of.Because);

    private static Quantity Thread(ParameterValues p, string size, Ledger ledger) => p.Number("thread") is { } chosen
        ? ledger.Add("thread", "thread", Quantity.Chosen("thread", chosen, Unit.Millimetre), "In the lower half.")
        : ledger.Add("thread", "thread", Quantity.RuleOfThumb("diameters of thread", 3, Unit.None, "Three diameters, of which two must hold; common practice, "
            + "no published source.") * Hardware.Diameter(size), "In the lower half.");

    /// <summary>Where the clamps stand along the handle: the second on a row of the table from the first.</summary>
    private static List<double> Places(ParameterValues p, SectionBody body, double rows, double half, Ledger ledger)
    {
        var (from, to) = body.Ends;
        double Chosen(string key, double share) => p.Number(key) ?? Math.Round(from + ((to - from) * share));
        var front = ledger.Add("front", "up to the first clamp", Quantity.Chosen("up to the first clamp", Chosen("front", 0.25), Unit.Millimetre),
            "From the left end of the scan.").Value;
        if (!ShellParameters.Two.Read(p, ledger))
        {
            return [front];
        }

        // Rows that keep the clamp on the handle go before nearer ones.
        var asked = Chosen("rear", 0.75);
        var rear = Enumerable.Range(1, 40).SelectMany(i => new[] { front + (i * rows), front - (i * rows) }).OrderBy(at => at - half < from || at + half > to)
            .ThenBy(at => Math.Abs(at - asked)).First();
        return [front, ledger.Add("rear", "up to the second clamp", Quantity.Chosen("up to the second clamp", rear, Unit.Millimetre),
            "From the left end of the scan: on the row of the table that is nearest to what was asked for.").Value];
    }

    /// <summary>The same on its table: how high, and where its feet are.</summary>
    /// <param name="brief">What is asked.</param>
    /// <param name="sizes">Of the handle.</param>
    /// <param name="table">What it stands on.</param>
    /// <param name="low">Of the handle's lowest place over what it was scanned on, mm.</param>
    /// <param name="ledger">Takes the lines.</param>
    private ShellReckoning Standing(Brief brief, Sizes sizes, ShellTable table, double low, Ledger ledger)
    {
        var (raised, tip, packer) = Height(brief.Parameters, sizes, low, ledger);
        var feet = OnColumns(table.Columns);
        if (Stations.Count > 0)
        {
            ledger.Add("split", "where the halves of the first meet", raised + Quantity.Chosen("split over the handle's floor", Stations[0].Split.At,
                Unit.Millimetre), "Over the table: there both halves go on straight, and are open least beyond the handle.");
            ledger.Add("apart", "screws of the table, apart", Quantity.Chosen("screws of the table, apart", feet[0].Right - feet[0].Left, Unit.Millimetre),
                "Of the first clamp, from middle to middle, on the columns of the table.");
        }

        return this with { Raised = raised, Tip = tip, Packer = packer, Feet = feet };
    }

    private (Quantity Raised, Quantity? Tip, Quantity? Packer) Height(ParameterValues p, Sizes sizes, double low, Ledger ledger)
    {
        if (p.Number("bladeHeight") is not { } wanted)
        {
            var lowest = Quantity.Chosen("lowest place in a clamp", Stations.Select(s => s.Sides.Low).DefaultIfEmpty(0).Min(), Unit.Millimetre);
            return (ledger.Add("raised", "handle over the table", ShellParameters.Under.Read(p, ledger) - lowest,
                "To its lowest place, so that the plastic below it is as wanted."), null, null);
        }

        var packer = ShellParameters.Fine.Read(p, ledger);
        var read = ledger.Add("tip", "tip, as it lies in the scan", sizes["tip"]!, "As read.");
        var tip = ledger.Add("bladeHeight", "tip over the table", Quantity.Chosen("tip over the table", wanted, Unit.Millimetre), "As wanted.");
        return (ledger.Add("raised", "handle over the table", tip - read - packer + Quantity.Chosen("lowest place in the scan", low, Unit.Millimetre),
            "Without its packers: they bring it to its height."), tip, packer);
    }

    private List<ShellFeet> OnColumns(double apart)
    {
        var feet = new List<ShellFeet>();
        (double At, double Apart) columns = (0, apart);
        foreach (var s in Stations)
        {
            // A screw stands clear of the half with its washer.
            var clear = (Left: -LeftOf(s) + (Washer / 2) + 1, Right: RightOf(s) + (Washer / 2) + 1);
            if (feet.Count == 0 && apart > 0)
            {
                // The first stands midway between two columns, or on one, whichever takes less.
                var most = Math.Max(clear.Left, clear.Right);
                var (on, between) = (Math.Ceiling(most / apart) * apart, (Math.Ceiling((most / apart) - 0.5) + 0.5) * apart);
                columns = (s.Middle.X + (on <= between ? 0 : apart / 2), apart);
            }

            feet.Add(ShellFeet.Of(s, clear, columns));
        }

        return feet;
    }
}
