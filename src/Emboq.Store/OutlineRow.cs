using System.Collections.Concurrent;

namespace Emboq.Store;

/// <summary>An outline as it is kept.</summary>
internal sealed record OutlineRow(Guid Id, Guid InterfaceId, string Source, double Deviation, string Points, string? Sections, string? Surface)
{
    /// <summary>What <see cref="OutlineRow"/> is read from.</summary>
    public const string Columns = "id, interface_id, source, deviation, points::text, sections::text, surface::text";

    /// <summary>So many are held: a scan takes about two megabytes with all that is reckoned of it.</summary>
    private const int Most = 24;

    /// <summary>The last ones that were read, by identity: whatever looks at a part asks for its outlines, and what is reckoned of a scan is held as long as
    /// it.</summary>
    private static readonly ConcurrentDictionary<Guid, (OutlineRow Row, Traced Outline)> Held = new();

    /// <summary>The outline: the same one as long as the very same is kept.</summary>
    public Traced Outline()
    {
        if (Held.TryGetValue(Id, out var held) && held.Row == this)
        {
            return held.Outline;
        }

        if (Held.Count >= Most)
        {
            Held.Clear();
        }

        return (Held[Id] = (this, Read())).Outline;
    }

    private Traced Read() => new(Source, Deviation, StoreJson.Read<Point2[]>(Points))
    {
        Sections = Sections is { } sections ? StoreJson.Read<TracedSection[]>(sections) : null,
        Surface = Surface is { } surface ? StoreJson.Read<TracedSurface>(surface) : null,
    };
}
