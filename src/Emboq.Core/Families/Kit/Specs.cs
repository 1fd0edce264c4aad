namespace Emboq.Core.Families.Kit;

/// <summary>Parameters in short.</summary>
internal static class Specs
{
    public static ParameterSpec Length(string key, string label, double? usual, double least, double most, string help, double step = 1) => new()
    {
        Key = key,
        Label = label,
        Kind = ParameterKind.Length,
        Default = usual is { } u ? Figures.Number(u) : null,
        Minimum = least,
        Maximum = most,
        Step = step,
        Help = help,
    };

    public static ParameterSpec Angle(string key, string label, double usual, double least, double most, string help) => new()
    {
        Key = key,
        Label = label,
        Kind = ParameterKind.Angle,
        Default = Figures.Number(usual),
        Minimum = least,
        Maximum = most,
        Step = 1,
        Help = help,
    };

    public static ParameterSpec Number(string key, string label, double? usual, double least, double most, string counted, string help) => new()
    {
        Key = key,
        Label = label,
        Kind = ParameterKind.Number,
        Default = usual is { } u ? Figures.Number(u) : null,
        Minimum = least,
        Maximum = most,
        Step = 1,
        CountedIn = counted,
        Help = help,
    };

    public static ParameterSpec Choice(string key, string label, string usual, string help, params IReadOnlyList<ParameterOption> options) => new()
    {
        Key = key,
        Label = label,
        Kind = ParameterKind.Choice,
        Default = usual,
        Options = options,
        Help = help,
    };

    public static ParameterSpec Words(string key, string label, int most, string help) => new()
    {
        Key = key,
        Label = label,
        Kind = ParameterKind.Text,
        Maximum = most,
        Help = help,
    };

    public static ParameterSpec Outline(string key, string label, string help) => new() { Key = key, Label = label, Kind = ParameterKind.Outline, Help = help };

    /// <summary>A nut whose own sizes count.</summary>
    public static InterfaceSlot Nut { get; } = new("nut", "nut as measured", ["nut"], SlotNeed.Sometimes);

    /// <summary>A screw whose own sizes count.</summary>
    public static InterfaceSlot Screw { get; } = new("bought", "screw as measured", ["screw-head"], SlotNeed.Sometimes);

    /// <summary>A section measured point by point, or taken from a drawing, where an outline is asked for.</summary>
    public static InterfaceSlot Section { get; } = new("section", "outline as measured", ["foot", "traced"], SlotNeed.Sometimes);

    /// <summary>The outline that was decided, or else the one that was measured; <c>null</c> where there is neither.</summary>
    public static Profile? OutlineOf(Brief brief, string key) => brief.Parameters.Outline(key)
        ?? (brief.Interfaces.GetValueOrDefault(Section.Key) is { } place ? place.Kind.Outline!(new Sizes(place)) : null);

    /// <summary>What must be read of a measured outline.</summary>
    public static string[] PointsOf(Brief brief) => brief.Interfaces.GetValueOrDefault(Section.Key) is not { } place ? []
        : place.Kind.IsTraced ? ["overall"] : [.. Enumerable.Range(0, place.Items.Count).SelectMany(i => new[] { place.Kind.Item!.KeyOf(i, "x"),
            place.Kind.Item.KeyOf(i, "y") })];

    /// <summary>What wood screws go into.</summary>
    public static ParameterSpec Board { get; } = Length("board", "Wood behind it", 18, 3, 200,
        "How thick it is: the screws must hold in it and not come out of it.");

    /// <summary>What was decided of it, as a line of the ledger.</summary>
    public static Quantity BoardOf(ParameterValues p, Ledger ledger) => ledger.Add("board", "wood behind it",
        Quantity.Chosen("wood behind it", p.Number("board")!.Value, Unit.Millimetre), "The screws hold in it, and do not come out of it.");

    /// <summary>What lies under the heads of machine screws; asked for beside the check of their length.</summary>
    public static ParameterSpec Washer { get; } = Choice("washer", "Under the heads", "none",
        "A washer spreads the pull, and takes some of the screw's length.", new ParameterOption("none", "nothing"),
        new ParameterOption("plain", "plain washers")) with
    { AskedAt = Station.Check };

    /// <summary>How it lies on the bed, asked for where it is printed.</summary>
    public static ParameterSpec WayUp(IReadOnlyList<Printing.WayUp> ways) =>
        Choice(Printing.WayUp.UsualBy, "Print it with the", ways[0].Key, "The table below compares all ways.",
            [.. ways.Select(w => new ParameterOption(w.Key, w.Name))]) with
        { AskedAt = Station.Print };
}
