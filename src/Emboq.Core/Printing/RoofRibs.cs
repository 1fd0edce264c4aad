namespace Emboq.Core.Printing;

/// <summary>Thin ribs under roofs that hang in the air too far: they are in the file of what is printed, so that any printer makes them, and are broken away
/// afterwards.</summary>
public static class RoofRibs
{
    /// <summary>Key of the decision.</summary>
    public const string Key = "roofRibs";

    /// <summary>From rib to rib, mm: short enough that what lies between bridges cleanly. Common practice, no published source.</summary>
    private const double Apart = 8;

    /// <summary>What is asked.</summary>
    public static ParameterSpec Spec { get; } = new()
    {
        Key = Key,
        Label = "Under its roofs",
        Kind = ParameterKind.Choice,
        Default = "none",
        Options = [new("none", "nothing"), new("ribs", "thin ribs, to be broken away")],
        Help = "A way up that needs nothing is better; where there is none, ribs carry what would hang in the air.",
        AskedAt = Station.Print,
    };

    /// <summary>What puts them there.</summary>
    public static Remedy Add { get; } = new Remedy.Change("Put thin ribs under its roofs", new Dictionary<string, string> { [Key] = "ribs" });

    /// <summary>Where they stand as a process prints.</summary>
    public static RibRule Rule(Process process) => new(process.LayerHeight, process.LineWidth, WayChecks.HangsAtAll, WayChecks.BridgesClean, Apart);
}
