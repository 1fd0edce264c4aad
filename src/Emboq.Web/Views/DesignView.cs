using System.Runtime.InteropServices;

namespace Emboq.Web.Views;

/// <summary>A computed part.</summary>
public sealed record DesignView(
    IReadOnlyList<LedgerLineView> Ledger,
    IReadOnlyList<CheckView> Checks,
    IReadOnlyList<SeatView> Seats,
    double? Chance,
    IReadOnlyList<BodyView> Bodies,
    DrawingView? Drawing,
    IReadOnlyList<string> Cautions,
    IReadOnlyList<Motion> Motions,
    string Kernel)
{
    /// <summary>From a design, without bodies.</summary>
    /// <param name="design">The design.</param>
    /// <param name="kernel">Version of the kernel.</param>
    /// <param name="why">Lines of the ledger that answer why; all of them when left out.</param>
    public static DesignView Of(Design design, string kernel, IReadOnlyList<string>? why = null) => new(
        [.. design.Ledger.Lines.Select(l => why is null || why.Contains(l.Key) ? LedgerLineView.Of(l) : LedgerLineView.Bare(l))],
        [.. design.Checks.Select(CheckView.Of)],
        [.. design.Seats.Select(s => SeatView.Of(s, design.NameOf(s)))],
        design.Chance,
        [],
        design.Drawing is { } drawing ? DrawingView.Of(drawing) : null,
        design.Cautions,
        design.Motions,
        kernel);
}

/// <summary>One judgement.</summary>
public sealed record CheckView(string Key, string Title, Verdict Verdict, string Says, string Figure, string Limit, string Source,
    IReadOnlyList<RemedyView> Remedies, double? Used = null)
{
    /// <summary>From a check.</summary>
    public static CheckView Of(Check c) => new(c.Key, c.Title, c.Verdict, c.Says, c.Figure, c.Limit, c.Source, [.. c.Remedies.Select(RemedyView.Of)], c.Used);
}

/// <summary>Something to press: it changes parameters, or leads to a reading, or to a proof.</summary>
/// <param name="Label">What it does.</param>
/// <param name="Changes">Parameters to set, for a change.</param>
/// <param name="Measure">What to read, for a reading.</param>
/// <param name="Station">Where to go otherwise.</param>
public sealed record RemedyView(string Label, IReadOnlyDictionary<string, string>? Changes, DimensionAddress? Measure, string? Station)
{
    /// <summary>From a remedy.</summary>
    public static RemedyView Of(Remedy remedy) => remedy switch
    {
        Remedy.Change c => new(c.Label, c.Entries, null, null),
        Remedy.Measure m => new(m.Label, null, new(m.Interface, m.Dimension), null),
        Remedy.Prove p => new(p.Label, null, null, "prove"),
        _ => throw new InvalidOperationException($"No view is defined for {remedy.GetType().Name}."),
    };
}

/// <summary>A seat with its fit.</summary>
public sealed record SeatView(string Slot, Guid Interface, string Name, string Fit, string Feels, QuantityView Drawn, QuantityView Clearance, double Least,
    double Greatest, double Chance)
{
    /// <summary>From a seat.</summary>
    public static SeatView Of(Seat s, string name) => new(s.Slot, s.Interface.Id, name, s.Fit.Name, s.Fit.Feels, QuantityView.Of(s.Drawn),
        QuantityView.Of(s.Clearance), s.Least, s.Greatest, s.Chance);
}

/// <summary>What a body is for.</summary>
public enum BodyRole
{
    /// <summary>A piece of the part.</summary>
    Part,

    /// <summary>A proof.</summary>
    Coupon,

    /// <summary>The machine's side, never printed.</summary>
    Counterpart,

    /// <summary>A piece as it lies on the bed, with what is broken off it afterwards; only where it is asked for.</summary>
    Lying,
}

/// <summary>A body with its triangles.</summary>
/// <param name="Key">Unique in its design.</param>
/// <param name="Name">As shown.</param>
/// <param name="Role">What it is for.</param>
/// <param name="Proves">The slot a coupon proves.</param>
/// <param name="Rungs">How many steps around the drawn size a proof has; 1 with the drawn size alone.</param>
/// <param name="Says">What it is good for.</param>
/// <param name="MayDiffer">Whether it may be printed with a setup of its own.</param>
/// <param name="Hash">Content hash of its tree.</param>
/// <param name="Volume">mm³.</param>
/// <param name="Size">Width, depth and height, mm.</param>
/// <param name="Pose">Where it stands in the assembly, motions at their beginning.</param>
/// <param name="Positions">Base64 of little-endian 32-bit floats: x, y, z of each vertex, mm.</param>
/// <param name="Triangles">Base64 of little-endian 32-bit integers: three vertex indices each.</param>
public sealed record BodyView(string Key, string Name, BodyRole Role, string? Proves, int Rungs, string? Says, bool MayDiffer, string Hash,
    double Volume, Point3 Size,
    Pose Pose, byte[] Positions, byte[] Triangles)
{
    /// <summary>How it is laid where not as its setup says: "two walls, no fill".</summary>
    public string? Laid { get; init; }

    /// <summary>From a body and its mesh.</summary>
    public static BodyView Of(Body body, BodyRole role, SolidMesh mesh, Pose? pose = null, string? proves = null, int rungs = 1, string? says = null,
        bool mayDiffer = false)
    {
        var (least, greatest) = mesh.Bounds;
        return new(body.Key, body.Name, role, proves, rungs, says, mayDiffer, body.Solid.Hash, mesh.Volume,
            new(greatest.X - least.X, greatest.Y - least.Y, greatest.Z - least.Z), pose ?? Pose.Here,
            MemoryMarshal.AsBytes(mesh.Positions.AsSpan()).ToArray(), MemoryMarshal.AsBytes(mesh.Triangles.AsSpan()).ToArray());
    }
}

/// <summary>The seat drawing, mm.</summary>
public sealed record DrawingView(Point2 Least, Point2 Greatest, IReadOnlyList<Region> Regions, IReadOnlyList<LineView> CentreLines,
    IReadOnlyList<Callout> Callouts, IReadOnlyList<DrawnText> Texts)
{
    /// <summary>From a drawing.</summary>
    public static DrawingView Of(SeatDrawing d) => new(d.Bounds.Least, d.Bounds.Greatest, d.Regions,
        [.. d.CentreLines.Select(l => new LineView(l.From, l.To))], d.Callouts, d.Texts);
}

/// <summary>A straight line, mm.</summary>
public sealed record LineView(Point2 From, Point2 To);
