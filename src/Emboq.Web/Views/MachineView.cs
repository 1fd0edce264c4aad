using Emboq.Store;

namespace Emboq.Web.Views;

/// <summary>A machine with what has been read from it, the jobs that use it, and its places that are put away.</summary>
public sealed record MachineView(Guid Id, int Version, string Name, string Note, bool Archived, IReadOnlyList<InterfaceView> Interfaces,
    IReadOnlyList<LinkView> Jobs, IReadOnlyList<LinkView> PutAway)
{
    /// <summary>From a machine.</summary>
    public static MachineView Of(Machine m, IEnumerable<(Guid Id, string Name)> jobs, IReadOnlyList<Instrument> instruments) =>
        new(m.Id, m.Version, m.Name, m.Note, m.Archived, [.. m.Interfaces.Where(i => !i.Archived).Select(i => InterfaceView.Of(i, instruments))],
            [.. jobs.Select(j => new LinkView(j.Id, j.Name))],
            [.. m.Interfaces.Where(i => i.Archived).Select(i => new LinkView(i.Id, i.Name))]);
}

/// <summary>Something to go to.</summary>
public sealed record LinkView(Guid Id, string Name);

/// <summary>A machine in a list.</summary>
public sealed record MachineSummaryView(Guid Id, string Name, string Note, bool Archived, IReadOnlyList<PlaceSummaryView> Interfaces)
{
    /// <summary>From a summary.</summary>
    public static MachineSummaryView Of(MachineSummary m) => new(m.Id, m.Name, m.Note, m.Archived,
        [.. m.Interfaces.Select(p => new PlaceSummaryView(p.Id, p.Name, p.Kind, KindList.Of(p.Kind).Name, p.Read))]);
}

/// <summary>A place in a list.</summary>
public sealed record PlaceSummaryView(Guid Id, string Name, string Kind, string KindName, bool Read);

/// <summary>A kind of interface.</summary>
/// <param name="Key">Short and stable.</param>
/// <param name="Name">As shown.</param>
/// <param name="Dimensions">What can be measured once.</param>
/// <param name="Item">What is repeated on it.</param>
/// <param name="Methods">Ways to a dimension through others.</param>
public sealed record KindView(string Key, string Name, IReadOnlyList<DimensionKind> Dimensions, ItemView? Item, IReadOnlyList<MethodView> Methods)
{
    /// <summary>From a kind.</summary>
    public static KindView Of(InterfaceKind k) => new(k.Key, k.Name, k.Dimensions, k.Item is { } i ? new(i.Key, i.Name, i.Dimensions, i.Usual) : null,
        [.. k.Methods.Concat(k.Item?.Methods ?? []).Select(m => new MethodView(m.Name, m.Target, m.Inputs, m.Source))]);
}

/// <summary>What is repeated on a kind.</summary>
public sealed record ItemView(string Key, string Name, IReadOnlyList<DimensionKind> Dimensions, int Usual);

/// <summary>A way to a dimension through others.</summary>
public sealed record MethodView(string Name, string Target, IReadOnlyList<string> Inputs, string Source);
