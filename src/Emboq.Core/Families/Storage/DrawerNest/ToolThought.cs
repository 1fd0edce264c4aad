using Emboq.Core.Measuring.Kinds;
using Emboq.Core.Mechanics;

namespace Emboq.Core.Families.Storage.DrawerNest;

/// <summary>How a tool would lie, before its nest is drawn.</summary>
/// <param name="Slot">The family's slot.</param>
/// <param name="Place">As measured.</param>
/// <param name="Lies">How; <c>null</c> where it stands on an end face and lies nowhere.</param>
/// <param name="Unknown">Words of what its steps are of that nobody knows.</param>
/// <param name="Ground">The step that nothing may strike, or nothing.</param>
/// <param name="Reckoned">What it weighs by what its steps are of, g, or nothing.</param>
internal sealed record ToolThought(string Slot, Interface Place, LaidTool? Lies, IReadOnlyList<string> Unknown, ToolStep? Ground, double? Reckoned)
{
    /// <summary>Thinks it through.</summary>
    /// <param name="slot">The family's slot.</param>
    /// <param name="brief">What was asked; a drawer, where one is named, has been read.</param>
    public static ToolThought Of(string slot, Brief brief)
    {
        // Clear over the floor that it lies on.
        var high = brief.Interfaces.TryGetValue("drawer", out var drawer) ? Evaluation.Of(drawer, "height")!.Quantity.Value
            - brief.Parameters.Number(NestParameters.Floor.Spec.Key) : null;
        var (p, place) = (brief.Parameters, brief.Interfaces[slot]);
        var leaning = Leans(p) ? new Leaning(p.Number("lean"), high) : null;
        var (sizes, last, byLight) = (new Sizes(place), p.Choice($"{slot}Front") == "last", p.Choice($"{slot}Grasp") == "light");
        if (place.Kind.Outline is { } outlined)
        {
            return new(slot, place, LaidTool.Flat(outlined(sizes)!, sizes["height"]!.Value, last, byLight), [], null, null);
        }

        if (GripKind.Body(sizes) is { } body)
        {
            return new(slot, place, ScannedTool.Of(body, place.Outline!, new(sizes["balance"]?.Value, last, byLight, leaning)), [], null, null);
        }

        var steps = LaidTool.StepsOf(sizes, last);
        var densities = ToolMatter.Of(p.Text($"{slot}Of"), sizes.Count, out var unknown);
        var (grams, moment) = (0.0, 0.0);
        foreach (var s in steps)
        {
            var (a, b, length) = (s.First, s.Last, s.To - s.From);
            var squares = (a * a) + (a * b) + (b * b);
            // A frustum: its volume, and where its own centre lies from its first face.
            var mass = Math.PI / 3 * length * squares / 1000 * (densities?[s.Index] ?? 1);
            grams += mass;
            moment += mass * (s.From + (length / 4 * ((a * a) + (2 * a * b) + (3 * b * b)) / squares));
        }

        var whole = steps[^1].To;
        var centre = sizes["balance"]?.Value is { } read && read < whole ? last ? whole - read : read : moment / grams;
        var lies = LyingRest.Of([.. steps.SelectMany(s => new[] { new Point2(s.From, s.First), new Point2(s.To, s.Last) })], centre) is { } rest
            ? new LaidTool(steps, centre, rest, 0, byLight) : null;
        var laid = lies is not null && leaning is not null ? lies with { Lean = leaning.Of(a => (lies with { Lean = a }).Top) } : lies;
        return new(slot, place, laid, unknown, p.Number($"{slot}Ground") is { } ground ? steps.FirstOrDefault(s => s.Index == (int)ground - 1) : null,
            densities is null ? null : grams);
    }

    /// <summary>Whether tools are to lean.</summary>
    public static bool Leans(ParameterValues p) => p.Choice("school") == "exact" && p.Choice("pose") == "leans";

    /// <summary>How deep its nest must be over the floor: so much of it is sunk where it balances, its axis somewhere, and what is ground all of it.</summary>
    public double Deep(double sunk) => Lies!.Body?.Section(Lies.Centre)?.Box is { } there ? there.Least.Y + (sunk * (there.Greatest.Y - there.Least.Y))
        : Math.Max(Lies.At(Lies.Centre, 0).Y + (((2 * sunk) - 1)
        * Lies.RadiusAt(Lies.Centre)), Math.Max(Lies.Steps.SelectMany(s => new[] { Lies.At(s.From, 0).Y, Lies.At(s.To, 0).Y }).Min() + NestTool.Under + 0.5,
            Ground is null ? 0 : Lies.TopOf(Ground) + OverGround));

    /// <summary>Walls stand so much over what is ground, mm.</summary>
    private const double OverGround = 1.5;

    /// <summary>The dimension that its widest place in the nest was read as.</summary>
    private string Seat(LaidTool lies, double deep, bool lastInFront)
    {
        var (step, atEnd) = NestTool.Seat(lies, deep);
        // A step that was measured at its beginning alone is straight.
        var last = atEnd != lastInFront && Evaluation.Of(Place, Place.Kind.Item!.KeyOf(step.Index, "last")) is not null;
        return Place.Kind.Item!.KeyOf(step.Index, last ? "last" : "first");
    }

    /// <summary>Its nest, drawn.</summary>
    public NestTool Nested(Brief brief, bool exact, double floor, double height, double front, Ledger ledger)
    {
        var (p, lies) = (brief.Parameters, Lies!);
        var key = lies.Body is not null ? "breadth" : lies.Outline is not null ? "overall" : Seat(lies, height - floor, p.Choice($"{Slot}Front") == "last");
        var fit = FitClasses.Pocket(exact ? p.Choice("fit") : "drop");
        var size = Fitted.Reckon(new(Slot, key, Surface.Pocket, fit, exact ? p.Number("clearance") : 2 * p.Number("room")!.Value, $"{Place.Name} nest")
        { Words = SeatWords.Pocket }, Place, brief.Fits, brief.Tries, ledger);
        var grown = Math.Max(0, (size.Drawn.Value - size.Counterpart.Value) / 2);
        var (sin, cos) = Math.SinCos(Math.Abs(lies.Tilt) * Math.PI / 180);
        // The nest is wider by as much square to the axis and along it: at its lowest that is more than below a level axis.
        var lowest = exact ? floor + Math.Max(0, (grown * (cos + sin)) - (grown / Math.Max(cos, sin))) + Math.Min(grown, lies.StandsOut) : floor;
        var turn = p.Number("turn")!.Value;
        var swings = lies.Steps.Select(s => lies.Swings(s, turn, height - lowest)).ToList();
        var room = swings.Max();
        ledger.Add($"{Slot}.balance", $"{Place.Name} balances", Quantity.Chosen($"{Place.Name} balances", lies.Centre, Unit.Millimetre,
            Has("balance") ? "where it was laid across an edge" : lies.Body is not null ? "its scan" : lies.Outline is not null ? "its outline"
                : "its steps and what they are of"),
            "From its end at the front: frustum by frustum, each as dense as it is, or by its outline or its scan; as read, where it was.");
        // What is flat, or was scanned, lies as it was taken and has no rims.
        if (lies.IsTurned)
        {
            ledger.Add($"{Slot}.tilt", $"{Place.Name} tilted", Quantity.Chosen($"{Place.Name} tilted", Math.Abs(lies.Tilt), Unit.DegreeOfArc,
                lies.Lean > 0 ? "how it leans" : "its two lowest rims"),
                "On a flat floor it lies on two rims with its centre of mass at its lowest, and its axis is tilted by so much; leaning adds to it.");
        }

        ledger.Add($"{Slot}.top", $"{Place.Name}, highest", Quantity.Chosen($"{Place.Name}, highest", lowest + lies.Top, Unit.Millimetre, "how it lies"),
            "Over the drawer's floor.");
        ledger.Add($"{Slot}.turn", $"{Place.Name}, room to turn", Quantity.Chosen($"{Place.Name}, room to turn", room, Unit.Millimetre,
            "the end that is lifted last"), "Lifted at one end, what is still in the nest moves so far towards the other.");
        var from = front + (lies.GraspedInFront ? 0 : room);
        var grams = Has("mass") ? Evaluation.Of(Place, "mass")!.Quantity : (Reckoned is { } g ? Quantity.RuleOfThumb($"{Place.Name} by its steps", g,
            Unit.Grams,
            "Usual densities; woods differ by a fifth.") : null);
        bool Has(string dimension) => Place.Dimensions.Any(d => d.Key == dimension) && Evaluation.Of(Place, dimension) is not null;
        var y = from + grown - lies.Front;
        return new()
        {
            Slot = Slot,
            Lies = lies,
            Size = size,
            Grown = grown,
            Base = lowest,
            Y = y,
            Opening = lies.Outline is not { } outline ? null : new(Outlines.Drawn(outline, grown, lies.GraspedInFront ? room : -room).Points.Select(p =>
                p with { Y = p.Y + y })),
            Swings = swings,
            Ground = Ground,
            Grams = grams is null ? null : ledger.Add($"{Slot}.grams", $"{Place.Name} weighs", grams, "As weighed, or by what its steps are of."),
            Reckoned = Reckoned,
            Unknown = Unknown,
            Opened = lies.Body is not null ? OpenedBody.Of(lies.Cuts, lies.Unscanned, grown, grown + lies.Between + (lies.GraspedInFront ? 0 : room),
                grown + lies.Between + (lies.GraspedInFront ? room : 0)) : null,
        };
    }
}

/// <summary>What a nest takes out of a module, about: what a tool's cross-sections and all above them come to, station by station.</summary>
internal static class NestVolume
{
    /// <summary>mm³ between two places from the front.</summary>
    public static double Of(NestTool tool, double height, bool exact, double from, double to)
    {
        if (exact && tool.Opened is { } opened)
        {
            return opened.Volume(from - tool.Y, to - tool.Y, height - tool.OpenedAt);
        }

        if (tool.Opening is { } opening)
        {
            return opening.Area * (height - tool.Base) * Math.Max(0, Math.Min(to, tool.From + tool.Long) - Math.Max(from, tool.From)) / tool.Long;
        }

        const int Stations = 40;
        var (sum, (_, cos)) = (0.0, Math.SinCos(tool.Lies.Tilt * Math.PI / 180));
        foreach (var s in tool.Lies.Steps)
        {
            for (var i = 0; i < Stations; i++)
            {
                var along = s.From + ((s.To - s.From) * (i + 0.5) / Stations);
                var (at, r) = (tool.Axis(along), tool.Lies.RadiusAt(along) + tool.Grown);
                if (at.X >= from && at.X < to)
                {
                    sum += Section(exact, r, s.Widest + tool.Grown, at.Y, tool.Base, height) * (s.To - s.From) / Stations * cos;
                }
            }
        }

        return sum;
    }

    private static double Section(bool exact, double r, double widest, double axis, double floor, double height)
    {
        var over = height - axis;
        return !exact ? 2 * widest * (height - floor) : over >= 0 ? (Math.PI * r * r / 2) + (2 * r * over) : over <= -r ? 0
            // What of a round lies below a line.
            : (r * r * Math.Acos(-over / r)) + (over * Math.Sqrt((r * r) - (over * over)));
    }
}
