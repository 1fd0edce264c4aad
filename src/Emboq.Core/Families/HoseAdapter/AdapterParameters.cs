using Emboq.Core.Fits;

namespace Emboq.Core.Families.HoseAdapter;

/// <summary>How an end meets the machine.</summary>
internal enum Join
{
    /// <summary>A plug: its outside goes into the machine's inside.</summary>
    Inside,

    /// <summary>A socket: its inside goes over the machine's outside.</summary>
    Over,
}

/// <summary>The maker's decisions for one end; <c>null</c> where Emboq computes.</summary>
internal sealed record EndParameters(string Slot, Join Join, Fit Fit, double? Clearance, double? Cuff);

/// <summary>How the cone is given: one of the two, the other follows.</summary>
internal abstract record Transition
{
    private Transition() { }

    public sealed record ByAngle(double Degrees) : Transition;

    public sealed record ByLength(double Millimetres) : Transition;
}

/// <summary>What blows through.</summary>
/// <param name="Flow">m³/h.</param>
/// <param name="Enters">Slot of the end where it enters.</param>
/// <param name="Carries">chips, dust, fumes or vacuum.</param>
internal sealed record Air(double Flow, string Enters, string Carries)
{
    /// <summary>Whether something must be kept from settling.</summary>
    public bool Solids => Carries is "chips" or "dust" or "vacuum";
}

/// <summary>The maker's decisions for a hose adapter.</summary>
internal sealed record AdapterParameters
{
    public required EndParameters First { get; init; }

    public required EndParameters Second { get; init; }

    /// <summary>Wall asked for, mm; the part gets the next whole number of line widths.</summary>
    public required double Wall { get; init; }

    public required Transition Transition { get; init; }

    public required Air? Air { get; init; }

    public static IReadOnlyList<ParameterSpec> Specs { get; } =
    [
        .. EndSpecs("first", "First", "inside"),
        .. EndSpecs("second", "Second", "over"),
        new()
        {
            Key = "wall", Label = "Wall", Kind = ParameterKind.Length, Default = "1.6", Minimum = 0.4, Maximum = 12, Step = 0.4,
            Help = "Least wall; it becomes the next whole number of line widths.",
        },
        new()
        {
            Key = "coneBy", Label = "Cone given by", Kind = ParameterKind.Choice, Default = "angle",
            Options = [new("angle", "its angle"), new("length", "its length")],
            Help = "One of the two is given and the other follows.",
        },
        new()
        {
            Key = "coneAngle", Label = "Cone angle", Kind = ParameterKind.Angle, Default = "30", Minimum = 5, Maximum = 75, Step = 1,
            Sets = new Dictionary<string, string> { ["coneBy"] = "angle" },
            Help = "Between the cone's surface and the axis: the overhang when printed upright.",
        },
        new()
        {
            Key = "coneLength", Label = "Cone length", Kind = ParameterKind.Length, Default = "25", Minimum = 1, Maximum = 300, Step = 1,
            Sets = new Dictionary<string, string> { ["coneBy"] = "length" },
            Help = "Along the axis, between the two cuffs.",
        },
        new()
        {
            Key = "airEnters", Label = "Air enters at the", Kind = ParameterKind.Choice, Default = "first", AskedAt = Station.Check,
            Options = [new("first", "first end"), new("second", "second end")],
            Help = "Losses differ by direction: into a narrower bore or out of it.",
        },
        new()
        {
            Key = "airCarries", Label = "and carries", Kind = ParameterKind.Choice, Default = "chips", AskedAt = Station.Check,
            Options = [new("chips", "chips"), new("dust", "fine dust"), new("fumes", "fumes"), new("vacuum", "a shop vacuum's air")],
            Help = "Chips and dust need speed to keep moving; each brings its own cautions.",
        },
        new()
        {
            Key = "airFlow", Label = "at", Kind = ParameterKind.Flow, Minimum = 5, Maximum = 10000, Step = 10, AskedAt = Station.Check,
            Help = "m³/h, l/s or cfm. Left open, nothing is said about air.",
        },
    ];

    public static AdapterParameters From(ParameterValues values) => new()
    {
        First = End(values, "first"),
        Second = End(values, "second"),
        Wall = values.Number("wall")!.Value,
        Transition = values.Choice("coneBy") == "angle"
            ? new Transition.ByAngle(values.Number("coneAngle")!.Value)
            : new Transition.ByLength(values.Number("coneLength")!.Value),
        Air = values.Number("airFlow") is { } flow
            ? new(flow, values.Choice("airEnters"), values.Choice("airCarries"))
            : null,
    };

    private static EndParameters End(ParameterValues values, string slot) => new(
        slot,
        values.Choice($"{slot}Join") == "over" ? Join.Over : Join.Inside,
        FitClasses.Of(values.Choice($"{slot}Fit")),
        values.Number($"{slot}Clearance"),
        values.Number($"{slot}Cuff"));

    private static ParameterSpec[] EndSpecs(string slot, string label, string join) =>
    [
        new()
        {
            Key = $"{slot}Join", Label = $"{label} end goes", Kind = ParameterKind.Choice, Default = join,
            Options = [new("inside", "inside"), new("over", "over")],
            Help = "A plug goes inside: the other's inside diameter counts. A socket goes over: its outside diameter counts.",
        },
        new()
        {
            Key = $"{slot}Fit", Label = $"{label} fit", Kind = ParameterKind.Choice, Default = "snug",
            Options = [.. FitClasses.All.Select(f => new ParameterOption(f.Key, f.Name))],
            Help = "What the joint should feel like; it sets the clearance.",
        },
        new()
        {
            Key = $"{slot}Clearance", Label = $"{label} clearance", Kind = ParameterKind.Length, Minimum = -1, Maximum = 3, Step = 0.05,
            Help = "Hole minus shaft on the full diameter; negative is interference. Left open, the fit decides.",
        },
        new()
        {
            Key = $"{slot}Cuff", Label = $"{label} cuff", Kind = ParameterKind.Length, Minimum = 3, Maximum = 200, Step = 1,
            Help = "Length of the straight end. Left open: 15 mm or 0.3 diameter, whichever is more.",
        },
    ];
}
