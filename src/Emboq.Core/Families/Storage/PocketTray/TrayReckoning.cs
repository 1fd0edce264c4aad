namespace Emboq.Core.Families.Storage.PocketTray;

/// <summary>The sizes of a tray. x from the left, y from the front, z up from the underside.</summary>
internal sealed record TrayReckoning
{
    public required IReadOnlyList<TrayItem> Items { get; init; }

    /// <summary>Where they lie; <c>null</c> when not everything has room.</summary>
    public required IReadOnlyList<Pocket>? Pockets { get; init; }

    public required Quantity Width { get; init; }

    public required Quantity Depth { get; init; }

    public required Quantity Wall { get; init; }

    public required Quantity Floor { get; init; }

    public required Quantity Height { get; init; }

    public required double Finger { get; init; }

    public required double Chamfer { get; init; }

    public required double Trough { get; init; }

    public required Joint? Ear { get; init; }

    /// <summary>Which screw holds an ear.</summary>
    public required ScrewLength? Screw { get; init; }

    /// <summary>The hole to drill under an ear, at a place.</summary>
    public required Func<double, double, PatternHole>? Pilot { get; init; }

    /// <summary>What keeps it in line with the trays beside it; <c>null</c> where it stands alone.</summary>
    public required TongueGroove? Tongue { get; init; }

    /// <summary>Where the tongues are, from the front, mm.</summary>
    public IReadOnlyList<double> TonguesAt => Tongue is null ? [] : [Depth.Value / 4, Depth.Value * 3 / 4];

    /// <summary>How wide it is with its tongues, mm.</summary>
    public double Over => Width.Value + (Tongue?.Stands.Value ?? 0);

    /// <summary>What holds it from below; <c>null</c> where nothing does.</summary>
    public required TrayCarried? Below { get; init; }

    /// <summary>Clear height of the drawer it goes into, mm.</summary>
    public required double? Room { get; init; }

    /// <summary>Where no pocket may be.</summary>
    public required IReadOnlyList<KeptFree> KeptFree { get; init; }

    /// <summary>Whether its underside has hollow cells.</summary>
    public required bool Hollow { get; init; }

    /// <summary>Whether the long sides of its trough lean outwards.</summary>
    public required bool Sloped { get; init; }

    /// <summary>Over all, with the highest border; <c>null</c> where no border stands over the tray.</summary>
    public required Quantity? Tall { get; init; }

    /// <summary>What the pockets share.</summary>
    public (double Left, double Front, double Right, double Back) Field => FieldOf(Width.Value, Depth.Value);

    /// <summary>A size in which everything has room and that the printer takes, when this one is too small; <c>null</c> when there is none, or a drawer
    /// decides.</summary>
    public required (double Width, double Depth)? Roomier { get; init; }

    private (double Left, double Front, double Right, double Back) FieldOf(double width, double depth) =>
        (Wall.Value, Wall.Value + (Trough > 0 ? Trough + Wall.Value : 0), width - Wall.Value, depth - Wall.Value);

    /// <summary>Between the holes of both ears.</summary>
    public required Quantity? EarSpacing { get; init; }

    /// <summary>How far an ear stands out, mm.</summary>
    public double EarOut => Ear is null ? 0 : ((EarSpacing!.Value - Width.Value) / 2) + Ear.Reach;

    /// <summary>Above the tray, around a slender thing.</summary>
    public double Border(TrayItem item) => Math.Max(0, Floor.Value + item.Hold - Height.Value);

    public static TrayReckoning Of(Brief brief, Ledger ledger)
    {
        var p = brief.Parameters;
        var fit = FitClasses.Pocket(p.Choice("fit"));
        var line = Quantity.Chosen("line width", brief.Process.LineWidth, Unit.Millimetre, brief.Process.Name);
        var wall = ledger.Add("wall", "walls between", Quantity.Chosen("walls asked for", p.Number("wall")!.Value, Unit.Millimetre).RoundedUpTo(line),
            "Whole lines, without voids.");
        var chamfer = Math.Min(p.Number("chamfer")!.Value, wall.Value / 2.5);
        var items = TrayParameters.Slots.Where(brief.Interfaces.ContainsKey).Select(slot => TrayItem.Of(slot, brief, fit, chamfer, ledger)).ToList();
        var drawer = brief.Interfaces.GetValueOrDefault("drawer") is { } d ? new Sizes(d) : null;
        // A tray is put in and taken out: a millimetre free in all.
        Quantity Outer(string key, string name) => drawer is null
            ? ledger.Add(key, name, Quantity.Chosen(name, p.Number(key)!.Value, Unit.Millimetre), "Chosen by the maker.")
            : ledger.Add(key, name, SizeLaw.Drawn(drawer[key]! - Quantity.RuleOfThumb("free in the drawer", 1, Unit.Millimetre,
                "A tray is put in and taken out by hand."), Surface.OutsideFlat, brief.Fits),
                "The clear size of the drawer, less what stays free; drawn so that it prints at that size.");
        var (width, depth) = (Outer("width", "width"), Outer("depth", "depth"));
        var floor = ledger.Add("floor", "floor", Quantity.Chosen("floor", p.Number("floor")!.Value, Unit.Millimetre), "Under the pockets.");
        var steady = items.Where(i => !i.Wobbly).Select(i => i.Hold).DefaultIfEmpty(items.Select(i => i.Hold).DefaultIfEmpty(10).Min()).Max();
        var below = TrayCarried.Of(brief, width.Value, depth.Value, ledger);
        var pockets = floor + Quantity.Input("deepest pocket of a steady thing", steady, Unit.Millimetre, new Provenance.Chosen("the things themselves"));
        var height = ledger.Add("height", "height", below is null ? pockets : Quantity.Max(pockets, Quantity.Input("inserts and a millimetre over them",
            below.Insert.Depth + 1, Unit.Millimetre, new Provenance.RuleOfThumb("An insert must not come through."))),
            "Floor and the deepest pocket; slender things get a border of their own, and inserts do not come through.");
        var tallest = items.Select(i => i.Hold).DefaultIfEmpty(0).Max();
        var tall = tallest > steady + 0.2 ? ledger.Add("tall", "height over all", floor + Quantity.Input("deepest pocket of all", tallest, Unit.Millimetre,
            new Provenance.Chosen("the things themselves")), "With the border around the most slender thing.") : null;
        // Where this workshop's windows go by size, pockets differ.
        var loose = items.Select(i => i.Size.Law.Clearance).DistinctBy(c => c.Value).ToList();
        ledger.Add("pockets", "pocket clearance", loose.Count > 0 ? loose[0] : Quantity.RuleOfThumb("pocket clearance", fit.Clearance, Unit.Millimetre,
            fit.Basis), loose.Count > 1 ? $"On the full size of the {items[0].Place.Name}'s pocket; others have theirs." : "On the full size of every pocket.");
        var (scope, mounted) = (PartBodies.Scope(brief, ledger, "ear", "ear"), p.Choice("mount") == "screws");
        var ear = mounted ? ScrewHole.CountersunkWood(scope, p.Choice("woodScrew"), EarThickness, p.Choice("wayUp") == "side" ? HoleLie.Teardrop
            : HoleLie.Upright) : null;
        var screw = mounted ? ScrewLength.IntoWood(scope, p.Choice("woodScrew"), "countersunk",
            [Quantity.Chosen("ear", EarThickness, Unit.Millimetre, "this family")], Kit.Specs.BoardOf(p, ledger), brief.Drawer) : null;
        var draft = new TrayReckoning
        {
            Items = items,
            Pockets = null,
            Width = width,
            Depth = depth,
            Wall = wall,
            Floor = floor,
            Height = height,
            Finger = p.Number("finger")!.Value / 2,
            Chamfer = chamfer,
            Trough = ledger.Add("trough", "trough", Quantity.Chosen("trough", p.Number("trough")!.Value, Unit.Millimetre), "Along the front.").Value,
            Ear = ear,
            EarSpacing = ear is null ? null : Spaced(brief, width, ear, ledger),
            Screw = screw,
            Pilot = screw is null ? null : Hardware.PilotHole(scope, p.Choice("woodScrew"), screw, "wood behind it"),
            Room = drawer?["height"]?.Value - drawer?.Or("lip", 0),
            Roomier = null,
            KeptFree = [.. PocketTray.KeptFree.Of(p.Outline("keepOut"), drawer, wall.Value), .. below?.KeptFree(wall.Value) ?? []],
            Below = below,
            Tongue = p.Choice("beside") == "tongue" && !mounted && drawer is null
                ? TongueGroove.Of(PartBodies.Scope(brief, ledger, "tongue", "tongue"), 8, 1.4) : null,
            Hollow = p.Choice("underside") == "hollow",
            Sloped = p.Choice("troughSides") == "sloped",
            Tall = tall,
        };
        var support = TrayParameters.SupportOf(p.Choice("support"));
        var placed = items.Count == 0 ? [] : TrayPacking.Place(items, draft.Field, wall.Value, draft.Finger, support, draft.KeptFree);
        return draft with { Pockets = placed, Roomier = placed is null && drawer is null ? draft.Larger(brief.Process, support) : null };
    }

    /// <summary>Between this size and the whole bed, the smallest that is found to hold everything, to 5 mm.</summary>
    private (double Width, double Depth)? Larger(Process process, Support support)
    {
        const double Step = 5, Most = 600;
        static double Usable(double free) => Math.Min(Most, Math.Floor(free / Step) * Step);
        var free = process.Bed.Free();
        var (longer, shorter) = (Usable(Math.Max(free.Width, free.Depth)), Usable(Math.Min(free.Width, free.Depth)));
        var (most, deepest) = Width.Value + (2 * EarOut) >= Depth.Value ? (longer - (2 * EarOut), shorter) : (shorter - (2 * EarOut), longer);
        (double Width, double Depth) At(int step, int steps) => (Up(Width.Value, most, step, steps), Up(Depth.Value, deepest, step, steps));
        static double Up(double from, double to, int step, int steps) =>
            Math.Max(from, Math.Min(to, Math.Ceiling((from + ((to - from) * step / steps)) / Step) * Step));
        bool Holds((double Width, double Depth) size) => TrayPacking.Place(Items, FieldOf(size.Width, size.Depth), Wall.Value, Finger,
            support, KeptFree) is not null;
        const int Steps = 8;
        if (most < Width.Value || deepest < Depth.Value || !Holds(At(Steps, Steps)))
        {
            return null;
        }

        var (fails, holds) = (0, Steps);
        while (holds - fails > 1)
        {
            var middle = (fails + holds) / 2;
            (fails, holds) = Holds(At(middle, Steps)) ? (fails, middle) : (middle, holds);
        }

        return At(holds, Steps);
    }

    /// <summary>As measured where it goes, as a multiple of what trays share, or as near as ears stand.</summary>
    private static Quantity Spaced(Brief brief, Quantity width, Joint ear, Ledger ledger)
    {
        if (brief.Interfaces.GetValueOrDefault("holes") is { } holes)
        {
            return ledger.Add("ear.spacing", "between the ears' holes", Evaluation.Of(holes, "gap1.centre")!.Quantity, "As measured where it is screwed to.");
        }

        var nearest = width + Quantity.Input("two ears", 2 * ear.Reach, Unit.Millimetre,
            new Provenance.RuleOfThumb("A screw's head and the wall it must keep, on both sides."));
        return ledger.Add("ear.spacing", "between the ears' holes", brief.Parameters.Number("raster") is { } raster
            ? nearest.RoundedUpTo(Quantity.Chosen("raster of the holes", raster, Unit.Millimetre)) : nearest, "Both ears clear of the tray.");
    }

    /// <summary>An ear is as thick as its screw's head is deep, and more.</summary>
    public const double EarThickness = 5;
}
