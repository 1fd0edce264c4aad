namespace Emboq.Web.Devices;

/// <summary>A device in a list.</summary>
public sealed record DeviceView(string Key, string Name);

/// <summary>The devices that hang on this process, as a cable would hang on one machine.</summary>
internal sealed class DeviceRack
{
    public IReadOnlyList<StandIn> All { get; } =
    [
        new("caliper", "stand-in caliper", 0.01, 0.015, 0.0004, new Random()),
        new("scale", "stand-in scale", 0.1, 0.08, 0.003, new Random()),
    ];

    public StandIn? Find(string key) => All.FirstOrDefault(d => d.Key == key);
}
