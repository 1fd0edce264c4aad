namespace Emboq.Core.Families.Drawers.DrawerPull;

/// <summary>The sizes of a pull. x runs along it, y up the face, z from the drawer to the face; the origin is the middle of the back.</summary>
internal sealed record PullReckoning
{
    public required Quantity Spacing { get; init; }

    public required Quantity Length { get; init; }

    public required Quantity Tall { get; init; }

    public required Quantity Projection { get; init; }

    public required Quantity Face { get; init; }

    public required Quantity Corner { get; init; }

    public required Quantity Edge { get; init; }

    /// <summary>Half the width of a post, from the screw to the finger room.</summary>
    public required Quantity Post { get; init; }

    public required Fastening Fastening { get; init; }

    /// <summary>What the screw passes, or the thread that holds it.</summary>
    public required Joint Hole { get; init; }

    /// <summary>Where a nut is slid in.</summary>
    public required Joint? Slot { get; init; }

    public Joint Joint => Slot is null ? Hole : Hole + Slot;

    public required SlotRoof Roof { get; init; }

    public required HoleLie Lie { get; init; }

    public required Label? Label { get; init; }

    /// <summary>The middle of its words, up the face, mm: a lip covers what is below.</summary>
    public required double LabelAt { get; init; }

    public required ScrewLength Screw { get; init; }

    public required JointScope Scope { get; init; }

    /// <summary>The hole to drill in the drawer, at a place.</summary>
    public required Func<double, double, PatternHole> Drilled { get; init; }

    /// <summary>The lip of a plate; <c>null</c> of a bar on posts.</summary>
    public required PullLip? Lip { get; init; }

    /// <summary>From the back to the face that the words are on: of a plate, its thickness.</summary>
    public Quantity FaceAt => Lip?.Plate ?? Projection;

    /// <summary>Whether its screws come from the front.</summary>
    public bool FromFront => Fastening is Fastening.Through or Fastening.Plate;

    /// <summary>Between the posts, or the ends of the lip.</summary>
    public double FingerRoom => Lip is null ? Spacing.Value - (2 * Post.Value) : Length.Value - (2 * Corner.Value) - (Lip.Stops ? 2 * PullLip.Stop : 0);

    /// <summary>From the upper side of the slot to the back, for a nut.</summary>
    public const double NutBelow = 4;

    public static PullReckoning Of(Brief brief, Ledger ledger)
    {
        var p = brief.Parameters;
        Quantity Chosen(string key, string name, string because) => ledger.Add(key, name,
            Quantity.Chosen(name, p.Number(key)!.Value, Unit.Millimetre), because);
        var fastening = PullParameters.FasteningOf(p.Choice("fastening"));
        var lie = PullParameters.WaysOf(p).Chosen.Key == "top" ? p.Choice("lyingHoles") == "bridged" ? HoleLie.Bridged : HoleLie.Teardrop : HoleLie.Upright;
        var spacing = Spaced(brief, ledger);
        var tall = Chosen("tall", "height of the face", "Chosen by the maker.");
        var projection = Chosen("projection", "projection", "From the drawer to the face.");
        var face = Chosen("face", fastening == Fastening.Plate ? "lip thickness" : "face thickness", "In front of the fingers.");
        var lip = fastening == Fastening.Plate ? PullLip.Of(Chosen("plate", "plate thickness", "What the screws pass."), projection,
            p.Choice("stops") == "ends",
            ledger) : null;
        var front = fastening is Fastening.Through or Fastening.Plate;
        var scope = PartBodies.Scope(brief, ledger, "screw", "screw");
        var roof = p.Choice("roof") switch { "plain" => SlotRoof.Plain, "sacrificial" => SlotRoof.Sacrificial, _ => SlotRoof.Raised };
        var size = p.Choice("screw");
        // A nut slides in from the finger side: how far that is, is known once the wall it needs is.
        var needed = fastening == Fastening.SideNut ? NutPost(scope, size) : 0;
        var hole = HoleOf(scope, fastening, p, (lip?.Plate ?? projection).Value, lie);
        var slot = fastening == Fastening.SideNut ? NutPocket.FromSide(scope, size, NutBelow, needed, roof, lie) : null;
        var joint = slot is null ? hole : hole + slot;
        var post = ledger.Add("post", "post, from screw to finger room",
            Quantity.Input("wall rule", Math.Max(Math.Max(joint.Reach, needed), 5), Unit.Millimetre,
            new Provenance.RuleOfThumb("The hole and the wall it must keep; no post is thinner than 10 mm.")), "Follows the hardware.");
        var corner = Chosen("corner", "corner radius", "Of the upright edges.");
        var edge = ledger.Add("edge", "eased edge", Quantity.Min(Quantity.Chosen("eased edge asked for", p.Number("edge")!.Value, Unit.Millimetre),
            0.9 * corner), "It rolls into the corner, so it is smaller.");
        // A head on the face must stay clear of the eased edge too.
        var needs = front ? post + edge : post;
        var length = ledger.Add("length", "length", p.Number("length") is { } asked ? Quantity.Chosen("length", asked, Unit.Millimetre)
            : spacing + (2 * needs), "Over all: the spacing, and what each end needs around its screw.");
        var head = front ? 2 * joint.Sleeves.Max(s => s.Radius) : 0;
        var space = front
            ? spacing - Quantity.Input("heads", head + 6, Unit.Millimetre, new Provenance.RuleOfThumb("A head, and 3 mm to each side of the words."))
            : length - Quantity.Input("margins", 6, Unit.Millimetre, new Provenance.RuleOfThumb("3 mm free at each end.")) - (2 * edge);
        var from = lip is null ? edge : Quantity.Max(edge, lip.Covers(projection, face));
        var label = Label.Of(brief, space, tall - edge - from - Quantity.RuleOfThumb("margins, up", 2, Unit.Millimetre,
            "1 mm free above and below."), ledger, Label.Usual);
        var screw = Screwed(scope, fastening, size, brief, joint, lip?.Plate ?? projection, ledger);
        var passing = Hardware.Passing(size, "medium").Value;
        return new()
        {
            Spacing = spacing,
            Length = length,
            Tall = tall,
            Projection = projection,
            Face = face,
            Corner = corner,
            Edge = edge,
            Post = post,
            Fastening = fastening,
            Hole = hole,
            Slot = slot,
            Roof = roof,
            Lie = lie,
            Label = label,
            LabelAt = (from - edge).Value / 2,
            Scope = scope,
            Screw = screw,
            Lip = lip,
            Drilled = front ? Hardware.PilotHole(scope, p.Choice("woodScrew"), screw, "drawer front") : (x, y) =>
                new(x, y, passing, HoleUse.Passing, "drawer front"),
        };
    }

    private static Quantity Spaced(Brief brief, Ledger ledger)
    {
        if (brief.Interfaces.GetValueOrDefault("drawer") is { } holes)
        {
            return ledger.Add("spacing", "hole spacing", Evaluation.Of(holes, "gap1.centre")!.Quantity, "As measured on the drawer.");
        }

        if (brief.Parameters.Choice("custom") is not "own" and var custom)
        {
            var table = StandardTables.Find("hole-spacings")!;
            var row = table.Rows.First(r => r.Name == custom);
            return ledger.Add("spacing", "hole spacing", Quantity.Input("hole spacing", row.Cells["spacing"].Value!.Value, Unit.Millimetre,
                new Provenance.Standard(table.Source, row.Name)), "A custom of furniture.");
        }

        return ledger.Add("spacing", "hole spacing", Quantity.Chosen("hole spacing", brief.Parameters.Number("spacing")!.Value, Unit.Millimetre),
            "As the drawers are drilled.");
    }

    /// <summary>How far the axis stands from the finger side when a nut slides in from there.</summary>
    private static double NutPost(JointScope scope, string size) =>
        Math.Max(NutPocket.PastTheLip(scope, size), (NutPocket.Corners(scope, size) / 2) + scope.LeastWall + 0.6);

    private static Joint HoleOf(JointScope scope, Fastening fastening, ParameterValues p, double thick, HoleLie lie)
    {
        var size = p.Choice("screw");
        return fastening switch
        {
            Fastening.Insert => Threaded.Insert(scope, size, lie),
            Fastening.SelfCut => Threaded.SelfCut(scope, size, Threaded.UsualEngagement, (2 * Hardware.Diameter(size).Value) + 2, lie),
            Fastening.Through or Fastening.Plate => ScrewHole.CountersunkWood(scope, p.Choice("woodScrew"), thick, lie),
            _ => ScrewHole.Passing(scope, size, "medium", NutBelow + NutPocket.Height(scope, size).Value + 4, lie),
        };
    }

    private static ScrewLength Screwed(JointScope scope, Fastening fastening, string size, Brief brief, Joint joint, Quantity thick, Ledger ledger)
    {
        var front = ledger.Add("front", "drawer front", brief.Interfaces.GetValueOrDefault("board") is { } board
            ? Evaluation.Of(board, "thickness")!.Quantity
            : Quantity.Chosen("drawer front", brief.Parameters.Number("front")!.Value, Unit.Millimetre), "The screw passes it, or holds in it.");
        if (fastening is Fastening.Through or Fastening.Plate)
        {
            return ScrewLength.IntoWood(scope, brief.Parameters.Choice("woodScrew"), "countersunk", [thick], front, brief.Drawer);
        }

        var room = ledger.Add("screw.room", "room for the screw", Quantity.Input("room for the screw", joint.Depth, Unit.Millimetre,
            new Provenance.Chosen("the joint")), "From the back to where it would bottom.");
        var (before, engage) = fastening switch
        {
            Fastening.SideNut => (NutBelow, NutPocket.Height(scope, size)),
            Fastening.SelfCut => (0.0, ledger["screw.engagement.least"]),
            _ => (0.0, Threaded.InsertLength(size)),
        };
        var plastic = Quantity.Input("plastic before the thread", before, Unit.Millimetre, new Provenance.Chosen("this family"));
        return ScrewLength.Of(scope, (size, "pan", $"{Hardware.Name(size)} pan head"), [front, .. Hardware.UnderHead(brief.Parameters, size), plastic],
            engage, room - plastic, brief.Drawer);
    }
}
