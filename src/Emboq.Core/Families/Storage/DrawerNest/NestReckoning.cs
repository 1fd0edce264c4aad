namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>The figures of a row of nests. x runs from left to right, the first nest's left edge is 0; y from the front of the row back; z up from the
/// drawer's floor.</summary>
internal sealed record NestReckoning
{
    public required IReadOnlyList<NestTool> Tools { get; init; }

    public required Quantity Floor { get; init; }

    public required Quantity Wall { get; init; }

    public required Quantity Finger { get; init; }

    public required Quantity Lip { get; init; }

    public required Quantity Corner { get; init; }

    public required Quantity Height { get; init; }

    public required NestLock Lock { get; init; }

    public required NestRow Row { get; init; }

    /// <summary>Clear in the drawer for the row from left to right, front to back, and up to what closes over it; <c>null</c> where no drawer was
    /// named.</summary>
    public required (double Wide, double Deep, double High, double Opening)? Drawer { get; init; }

    public required IReadOnlyList<Relief> Reliefs { get; init; }

    public required bool Exact { get; init; }

    /// <summary>How far tools are turned when they are lifted out, degrees.</summary>
    public required double Turn { get; init; }

    public required WayUp Way { get; init; }

    /// <summary>Whether all of it can be cut as it was reckoned.</summary>
    public bool Built => Clashes.Count == 0 && (Alone || Wall.Value - NestLock.Deep >= LeastBehind - Hair) && CornersHold && Across <= 0
        && Along <= 0 && PassesLip;

    /// <summary>Whether locks and frames pass below a lip that reaches over them.</summary>
    public bool PassesLip => Lip.Value <= 0 || Drawer is not { } d || d.Opening - 1 >= FrameHigh;

    /// <summary>Whether there is no neighbour to lock to.</summary>
    public bool Alone => Row.Columns.Count < 2;

    private const double Hair = 1e-9;

    /// <summary>What must stay behind a channel, mm.</summary>
    public const double LeastBehind = 1.2;

    /// <summary>How much the row is wider than the drawer, mm.</summary>
    public double Across => Drawer is { } d ? Tools.Sum(t => Column(t).Wide) + ((Tools.Count - 1) * NestRow.Apart) - d.Wide : 0;

    /// <summary>How much the longest nest is longer than the drawer, mm.</summary>
    public double Along => Drawer is { } d ? Tools.Max(t => t.Long + FrontWall + Wall.Value) - d.Deep : 0;

    /// <summary>Before every nest, mm.</summary>
    public double FrontWall => FrontOf(Wall.Value, Lip.Value);

    private static double FrontOf(double wall, double lip) => lip > 0 ? lip + 1 + wall : wall;

    /// <summary>Where the row's top is lower, below the lip: how far back, and how high; <c>null</c> where all of it passes.</summary>
    public (double To, double High)? BelowLip => Lip.Value > 0 && Drawer is { } d && Height.Value > d.Opening - 1 ? (Lip.Value + 1, d.Opening - 1) : null;

    public Column Column(NestTool tool) => Row.Columns.First(c => c.Modules.Any(m => m.Tool is { } i && Tools[i] == tool));

    /// <summary>A slanting corner must leave a whole wall around what lies behind it: of spacers their frames are thicker there.</summary>
    public bool CornersHold => Corner.Value <= MostCorner + Hair;

    public double MostCorner => Math.Min(Row.Columns[0].Wide, Row.Columns[^1].Wide) - 2 is var across && Row.Columns[0].Modules[0].Tool is null ? across
        : Math.Min(across, (2 * Wall.Value) - (LeastBehind * Math.Sqrt(2)));

    /// <summary>Where finger room is cut: its middle from the front, its radius and how deep; <c>null</c> where there is none.</summary>
    public (double Y, double Radius, double Deep)? FingerAt(NestTool tool)
    {
        var radius = Math.Min(Finger.Value / 2, (tool.Long - 4) / 2);
        var deep = Math.Min(radius, Height.Value - Math.Max(Floor.Value + 1, Lock.High + NestLock.Over + 0.8));
        return Finger.Value < 4 || deep < 2 ? null
            : (tool.Lies.GraspedInFront ? tool.From + radius + 2 : tool.From + tool.Long - radius - 2, radius, deep);
    }

    /// <summary>Where feet go from a column into the next: not where something of the drawer is in the way.</summary>
    public IReadOnlyList<double> LocksAfter(int column) => column + 1 >= Row.Columns.Count ? [] : [.. Row.LocksAfter(column).Where(y =>
        Reliefs.All(f => !f.Meets(Row.Columns[column + 1].X - 8, Row.Columns[column + 1].X + 8, y - 8, y + 8)))];

    /// <summary>What of the drawer reaches into which nest, or would cut a module apart, in words.</summary>
    public IReadOnlyList<string> Clashes => [.. Reliefs.SelectMany(f => Row.Columns.SelectMany(c => c.Modules.Where(m => f.Z < (m.Tool is null ? FrameHigh
        : Height.Value) && f.Meets(c.X, c.X + c.Wide, m.From, m.To) && (Splits(f, c, m) || (m.Tool is { } i && Nears(f, c, Tools[i]))))
            .Select(m => $"{f.Name} reaches into the {m.Name}")))];

    private bool Nears(Relief f, Column c, NestTool t) => f.Meets(c.X + Wall.Value - LeastBehind, c.X + c.Wide - Wall.Value + LeastBehind, t.From
        - LeastBehind, t.From + t.Long + LeastBehind);

    /// <summary>Whether a module would fall apart, or have nothing left of it: what is cut goes through from side to side, or from end to end.</summary>
    private bool Splits(Relief f, Column c, Module m)
    {
        var (across, along) = (f.X0 < c.X + Wall.Value && f.X1 > c.X + c.Wide - Wall.Value, f.Y0 < m.From + Wall.Value && f.Y1 > m.To - Wall.Value);
        return (across && along) || (across && f.Y0 > m.From && f.Y1 < m.To) || (along && f.X0 > c.X && f.X1 < c.X + c.Wide);
    }

    /// <summary>What a module is of, about: its walls, closed layers, and fill between, g.</summary>
    public double Grams(Module module, Process process)
    {
        var c = Row.Columns.First(k => k.Modules.Contains(module));
        var (w, l) = (c.Wide, module.To - module.From);
        var high = module.Tool is null ? FrameHigh : Height.Value;
        var hollow = module.Tool is { } i ? NestVolume.Of(Tools[i], Height.Value, Exact, module.From, module.To)
            : Math.Max(0, w - (2 * Wall.Value)) * Math.Max(0, l - (2 * Wall.Value)) * high;
        return Laid((w * l * high) - hollow, (2 * (w + l) * high) + (hollow > 0 ? 2 * (w + l) * high * 0.8 : 0), w * l, process);
    }

    /// <summary>Low, for neighbours to lock into, mm.</summary>
    public double FrameHigh => Lock.High + NestLock.Over + 2;

    private static double Laid(double volume, double sides, double plan, Process process)
    {
        var s = process.Settings;
        var shell = Math.Min(volume, (sides * s.Walls * process.LineWidth) + (2 * plan * s.Skins * process.LayerHeight));
        return Math.Max(0, shell + (s.Fill * (volume - shell))) * process.Density / 1000;
    }

    /// <summary>Reckons a row of tools that all lie.</summary>
    public static NestReckoning Of(Brief brief, IReadOnlyList<ToolThought> laid, Ledger ledger)
    {
        var p = brief.Parameters;
        var (floor, wall, finger, lip, corner, slides) = (NestParameters.Floor.Read(p, ledger), NestParameters.Wall.Read(p, ledger),
            NestParameters.Finger.Read(p, ledger), Counted(NestParameters.LipIn, brief, ledger), Counted(NestParameters.Corner, brief, ledger),
            NestParameters.Slides.Read(p, ledger));
        var exact = NestParameters.Exact.Read(p, ledger);
        var cavity = brief.Interfaces.TryGetValue("drawer", out var place) ? new Sizes(place) : null;
        var clear = cavity is null ? default((double Wide, double Deep, double High, double Opening)?)
            : (cavity["width"]!.Value - Play, cavity["depth"]!.Value - Play, cavity["height"]!.Value, cavity["height"]!.Value - cavity.Or("lip", 0));
        var sunk = p.Number("sunk")!.Value / 100;
        var deep = laid.Max(t => t.Deep(sunk));
        var height = ledger.Add("height", "height of the nests", Quantity.Max(floor + Quantity.Input("deepest nest", deep, Unit.Millimetre,
            new Provenance.Chosen("how the tools lie")), Quantity.RuleOfThumb("lowest nest", 12, Unit.Millimetre, "Lower walls hold no lock.")),
            "Floor and the deepest nest: so much of each tool is sunk where it balances. All are of one height.");
        var locked = NestLock.Of(brief, ledger, slides, Math.Min(8, height.Value - 4));
        var front = FrontOf(wall.Value, lip.Value);
        var tools = laid.Select(t => t.Nested(brief, exact, floor.Value, height.Value, front, ledger)).ToList();
        var reliefs = cavity is null ? [] : Reaching(cavity, height.Value);
        var (insetLeft, insetRight) = cavity is null ? (0, 0) : Insets(cavity, height.Value);
        clear = clear is { } all ? all with { Wide = all.Wide - insetLeft - insetRight } : null;
        var wanted = Wanted(tools, wall.Value, front, clear?.Wide, brief.Process);
        var free = brief.Process.Bed.Free();
        var rowDeep = clear?.Deep ?? tools.Max(t => t.Long + front + wall.Value);
        var row = NestRow.Of(wanted, rowDeep, NestParameters.Way.Read(p, ledger).Key == "front" ? brief.Process.BuildHeight
            : Math.Max(free.Width, free.Depth));
        ledger.Add("row", "row, left to right", Quantity.Chosen("row, left to right", row.Right - row.Left, Unit.Millimetre, clear is null ? "its nests"
            : "the drawer"), "All nests, and what fills the drawer beside them.");
        ledger.Add("deep", "row, front to back", Quantity.Chosen("row, front to back", rowDeep, Unit.Millimetre, clear is null ? "its longest nest"
            : "the drawer"), "Short nests have a filler behind them.");
        return new()
        {
            Tools = tools,
            Floor = floor,
            Wall = wall,
            Finger = finger,
            Lip = lip,
            Corner = corner,
            Height = height,
            Lock = locked,
            Row = row,
            Drawer = clear,
            // Measured from the drawer's walls; the row stands half of its play beside the left one.
            Reliefs = [.. reliefs.Select(f => f with { X0 = f.X0 + row.Left - insetLeft - (Play / 2), X1 = f.X1 + row.Left - insetLeft - (Play / 2),
                Y0 = f.Y0 - (Play / 2), Y1 = f.Y1 - (Play / 2) })],
            Exact = exact,
            Turn = p.Number("turn")!.Value,
            Way = NestParameters.Way.Read(p, ledger),
        };
    }

    /// <summary>What the row is smaller than the drawer, mm.</summary>
    public const double Play = 1;

    /// <summary>Of a drawer that is not named nothing is in the way.</summary>
    private static Quantity Counted(Decision<Quantity> decision, Brief brief, Ledger ledger) => brief.Interfaces.ContainsKey("drawer")
        ? decision.Read(brief.Parameters, ledger) : Quantity.Chosen("no drawer", 0, Unit.Millimetre, "this family");

    /// <summary>A spacer narrower than this is left to the walls of the nests, mm.</summary>
    private const double LeastSpacer = 14;

    private static List<Wanted> Wanted(IReadOnlyList<NestTool> tools, double wall, double front, double? room, Process process)
    {
        var of = tools.Select((t, i) => new Wanted(i == 0 ? Piece.Main : $"nest-{t.Slot}", $"nest of the {t.Place.Name}", t.Wide + (2 * wall),
            t.Long + front + wall, i)).ToList();
        var rest = (room ?? 0) - of.Sum(w => w.Wide) - ((of.Count - 1) * NestRow.Apart);
        if (rest <= 0)
        {
            return of;
        }

        if (rest < (2 * LeastSpacer) + (2 * NestRow.Apart))
        {
            return [.. of.Select(w => w with { Wide = w.Wide + (rest / of.Count) })];
        }

        var (width, depth) = process.Bed.Free();
        var each = (rest / 2) - NestRow.Apart;
        var parts = Math.Max(1, (int)Math.Ceiling(each / Math.Max(LeastSpacer, Math.Min(width, depth))));
        IEnumerable<Wanted> Ends(string key, string name) => Enumerable.Range(1, parts).Select(i => new Wanted($"{key}-{i}", parts == 1 ? name
            : $"{name} {i}", (each - ((parts - 1) * NestRow.Apart)) / parts, null, null));
        return [.. Ends("left", "left end"), .. of, .. Ends("right", "right end")];
    }

    private static IEnumerable<(string Name, double X, double Wide, double Y, double Deep, double Z)> InTheWay(Sizes drawer, double high)
    {
        for (var i = 0; i < drawer.Count; i++)
        {
            if ((drawer[i, "x"]?.Value, drawer[i, "y"]?.Value, drawer[i, "z"]?.Value, drawer[i, "width"]?.Value, drawer[i, "depth"]?.Value) is ({ } x, { } y,
                { } z, { } wide, { } deep) && z < high + 1)
            {
                yield return (drawer.Place.Items[i], x, wide, y, deep, z);
            }
        }
    }

    /// <summary>Whether something stands along most of a side wall: the row begins beside it.</summary>
    private static bool AlongASide(Sizes drawer, double x, double wide, double deep) => deep > drawer["depth"]!.Value / 2
        && (x < Beside || x + wide > drawer["width"]!.Value - Beside);

    private const double Beside = 2, Around = 1;

    private static (double Left, double Right) Insets(Sizes drawer, double high)
    {
        var sides = InTheWay(drawer, high).Where(o => AlongASide(drawer, o.X, o.Wide, o.Deep)).ToList();
        return (sides.Where(o => o.X < Beside).Select(o => o.X + o.Wide).DefaultIfEmpty(0).Max(),
            sides.Where(o => o.X >= Beside).Select(o => drawer["width"]!.Value - o.X).DefaultIfEmpty(0).Max());
    }

    private static IReadOnlyList<Relief> Reaching(Sizes drawer, double high) => [.. InTheWay(drawer, high).Where(o => !AlongASide(drawer, o.X, o.Wide,
        o.Deep)).Select(o => new Relief(o.Name, o.X - Around, o.X + o.Wide + Around, o.Y - Around, o.Y + o.Deep + Around, o.Z < 2 ? -1 : o.Z - Around))];
}
