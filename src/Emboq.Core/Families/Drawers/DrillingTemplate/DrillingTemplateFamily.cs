namespace Emboq.Core.Families.Drawers.DrillingTemplate;

/// <summary>A template that hooks over an edge and guides the drill: the same holes on every front.</summary>
public static class DrillingTemplateFamily
{
    private static readonly IReadOnlyList<WayUp> Ways =
    [
        new("face", "face down", 180, "Lines lie across the guides: they stay round.", "The hook stands up and needs nothing under it."),
        new("hook", "hook down", 270, "Lines run along the guides: a drill that grabs splits them.",
            "Guides print lying, and sag at their crown.", SpoilsFit: true),
        new("back", "back down", 0, "Lines lie across the guides.", "The plate hangs in the air between hook and bed."),
    ];

    /// <summary>The family.</summary>
    public static Family Family { get; } = new(
        "drilling-template", "drilling template", "The same holes in every drawer front, and not one of them by eye.",
        [new("holes", "holes measured", ["hole-row"], SlotNeed.Sometimes)],
        [
            Specs.Length("spacing", "Hole spacing", 96, 5, 600, "When neither a part nor measured holes give it.").If("holes", "open").If("pattern",
                "open").If("spaced", "open"),
            Specs.Length("spacing2", "Another spacing", null, 5, 600,
                "One template for several sorts of part: each pair of guides is marked with its spacing."),
            Specs.Length("spacing3", "A third spacing", null, 5, 600, "Likewise."),
            Specs.Choice("screw", "For screws", "M4", "The hole they pass is drilled.", Hardware.Threads).If("pattern", "open"),
            Specs.Length("fromTop", "From the top edge", 40, 5, 300, "To the middle of the part, the same on every drawer."),
            Specs.Length("frontWidth", "Width of the front", null, 30, 2000,
                "Its half is the centre mark, to the fraction. Left open, only the mark is drawn.", 1),
            Specs.Choice("hooks", "Hooks over", "one", "Two edges set it without a mark, if the front's width is known.",
                new ParameterOption("one", "the top edge"), new ParameterOption("two", "the top and the left edge")),
            Specs.Choice("guide", "Guide", "drill", "A bought bush lasts for hundreds of holes.", new ParameterOption("drill", "the drill itself"),
                new ParameterOption("bush", "a bought bush")),
            Specs.Length("drill", "Drill", null, 1, 20, "Left open: the pilot or the passing hole that the part's screws want.", 0.1),
            Specs.Length("bush", "Bush, outside", 8, 3, 30, "Measured, not as it is sold.", 0.1).If("guide", "bush"),
            Specs.Length("thickness", "Thickness", 10, 3, 40, "How long the drill is guided."),
            Specs.Length("hook", "Hook thickness", 4, 2, 20, "Bears on the edge."),
            Specs.Length("hookDepth", "Hook depth", 12, 3, 60, "How far it reaches over the edge."),
            Specs.WayUp(Ways),
            .. MakeOrBuy.Specs,
        ], Design)
    {
        ListColumns = ["frontWidth", "count"],
        Takes =
        [
            new("pattern", "Holes taken from", GivenKind.Holes, "what is given here"),
            new("spaced", "spaced by", GivenKind.Size, "what was drawn"),
        ],
        Words = [TryWord.Works, new("drillTight", "is tight on the drill"), new("drillLoose", "lets the drill wander"),
            new("holesOff", "has holes that are off"), new("slips", "slips on the edge")],
    };

    private static readonly IReadOnlyList<string> Cautions =
    [
        "A drill that grabs turns the template: hold or clamp both, and keep fingers clear of where the drill comes out.",
        "Wear eye protection; the drill's own manual decides speed and guard.",
    ];

    private static Design Design(Brief brief)
    {
        var (ledger, p) = (new Ledger(), brief.Parameters);
        var way = Ways.First(w => w.Key == p.Choice("wayUp"));
        if (!brief.Taken.ContainsKey("pattern") && brief.Interfaces.GetValueOrDefault("holes") is { } row
            && PartBodies.Unread(row, "holes", [.. Enumerable.Range(0, row.Items.Count).Select(i =>
                row.Kind.Item!.KeyOf(i, "centre"))]) is { Count: > 0 } unread)
        {
            return PartBodies.Unbuilt(ledger, unread, Cautions);
        }

        var r = TemplateReckoning.Of(brief, ledger);
        return new()
        {
            Ledger = ledger,
            Pieces =
            [
                new("part", "template", () => TemplateShape.Part(r, brief.Mark), Ways, way.Key)
                {
                    Pattern = r.Drilled,
                    Walls = [.. r.Holes.Select((h, i) => ($"guide {i + 1}", TemplateShape.GuideAt(r, r.Guide.Zone, h)))],
                },
            ],
            Proofs = [TemplateShape.OneGuide(r)],
            Machine = [TemplateShape.Board(r)],
            Checks = [.. Checks(r, p), BedCheck.Of(r.Sides.Right - r.Sides.Left + (r.SideHook ? r.HookThick.Value : 0), r.HookThick.Value - r.Bottom,
                r.Thickness.Value + r.HookDepth.Value, way, brief.Process)],
            Drawing = Draw(r),
            Hardware = p.Choice("guide") == "bush" ? [$"{r.Holes.Count} drill bushes, outside {Figures.Mm(p.Number("bush")!.Value)}",
                $"1 drill {Figures.Mm(r.Drill.Value)}"] : [$"1 drill {Figures.Mm(r.Drill.Value)}"],
            Fitting =
            [
                r.SideHook ? "Hook it over the top and the left edge." : r.Centre is null
                    ? "Mark the middle of the front and hook the template over the top edge, its groove on the mark."
                    : $"Mark the middle of the front, {Figures.Mm(r.Centre.Value)} from the edge, and hook the template over the top edge, its groove "
                        + "on the mark.",
                "Clamp it, and put scrap behind the front so that the drill does not tear out.",
                $"Drill through the guides: {string.Join("; ", r.Drilled.Select(h => h.Says).Distinct())}. The groove is on both faces, so it may be "
                    + "turned round for a front that is drilled from behind.",
            ],
            Gauges =
            [
                .. r.Holes.Select((h, i) => new Gauge("part", $"guide {i + 1}", r.Guide.Bore, new(r.At(h).X, r.At(h).Y, r.Thickness.Value / 2), Axis.X)),
                new("ring-guide", "guide", r.Guide.Bore, new(0, 0, 1), Axis.X),
            ],
            Cautions = Cautions,
        };
    }

    private static IEnumerable<Check> Checks(TemplateReckoning r, ParameterValues p)
    {
        var apart = r.Holes.SelectMany((a, i) => r.Holes.Skip(i + 1).Select(b => Math.Sqrt(((a.X - b.X) * (a.X - b.X)) + ((a.Y - b.Y) * (a.Y - b.Y)))));
        yield return r.Guide.WallCheck("wall.between", "guide, towards the next", apart.Min() - r.Guide.Sleeves[0].Radius);
        // Above a guide the plate ends at the hook.
        var top = r.HookThick.Value - r.Holes.Max(h => r.At(h).Y);
        var wanted = Math.Ceiling(r.Guide.Reach - r.HookThick.Value + r.Holes.Max(h => h.Y));
        yield return r.Guide.WallCheck("wall.top", "guide, towards the edge", top,
            new Remedy.Change($"Set it {Figures.Mm(wanted)} from the top", new Dictionary<string, string> { ["fromTop"] = Figures.Number(wanted) }));
        var least = 2 * r.Drill.Value;
        var square = r.Thickness.Value >= least || p.Choice("guide") == "bush";
        yield return new("guided", "drill kept square", square ? Verdict.Good : Verdict.Watch, square ? "Guided long enough to go straight."
            : "A short guide lets the drill lean.",
            Figures.Mm(r.Thickness.Value), $"{Figures.Mm(least)} or more", "Two diameters; common practice, no published source.",
            square ? [] : [new Remedy.Change($"Make it {Figures.Mm(Math.Ceiling(least))} thick",
                new Dictionary<string, string> { ["thickness"] = Figures.Number(Math.Ceiling(least)) })]);
        if (p.Choice("hooks") == "two" && !r.SideHook)
        {
            yield return new("hooks", "hook over the side", Verdict.Watch, "The width of the front is not given: it hooks over the top edge only.",
                "not given", "width of the front", "Plane geometry.", []);
        }
    }

    private static SeatDrawing Draw(TemplateReckoning r)
    {
        var (t, hook) = (r.Thickness.Value, r.HookThick.Value);
        var (left, right) = r.Sides;
        var from = r.SideHook ? left - hook : left;
        var sheet = new Sheet().Box(Matter.Machine, Math.Min(from, left) - 12, r.Bottom - 14, right + 12, 0).Box(Matter.Part, from, r.Bottom, right,
            hook).Axis(0, r.Bottom - 6, 0, hook + 4);
        foreach (var h in r.Holes)
        {
            var (x, y) = r.At(h);
            sheet.Round(Matter.Opening, x, y, r.Guide.Bore).Cross(x, y, r.Guide.Bore);
        }

        var (ax, ay) = r.At(r.Holes[0]);
        sheet.Up("fromTop", left, -r.FromTop.Value, 0, sets: "fromTop").Point("guide.hole", ax, ay);
        if (r.Holes.Count == 2 && r.From != HolesFrom.Part)
        {
            sheet.Along("span", r.At(r.Holes[0]).X, r.At(r.Holes[1]).X, r.Bottom, sets: r.From == HolesFrom.Spacing ? "spacing" : null);
        }

        if (r.Centre is not null)
        {
            sheet.Point("front.centre", 0, hook);
        }

        return sheet.View(right + 40, 0).Box(Matter.Machine, -16, r.Bottom - 14, 0, 0).Face(Matter.Part,
            [new(0, r.Bottom), new(t, r.Bottom), new(t, hook), new(-r.HookDepth.Value, hook), new(-r.HookDepth.Value, 0), new(0, 0)])
            .Along("thickness", 0, t, r.Bottom, sets: "thickness").Along("hook.depth", -r.HookDepth.Value, 0, r.Bottom, 2, sets: "hookDepth").Up("hook", t, 0,
                hook, side: CalloutSide.Right, sets: "hook").Done;
    }
}
