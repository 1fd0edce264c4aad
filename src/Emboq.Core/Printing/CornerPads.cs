namespace Emboq.Core.Printing;

/// <summary>Thin wide pads under the corners of what is printed, in place of a brim: they are in its file, so that any printer makes them, and are broken off
/// afterwards.</summary>
public static class CornerPads
{
    /// <summary>Key of the decision.</summary>
    public const string Key = "cornerPads";

    /// <summary>Radius, mm, and of how many layers they are. Common practice, no published source.</summary>
    public const double Radius = 8, Layers = 2;

    /// <summary>What is asked.</summary>
    public static ParameterSpec Spec { get; } = new()
    {
        Key = Key,
        Label = "Under its corners",
        Kind = ParameterKind.Choice,
        Default = "none",
        Options = [new("none", "nothing"), new("pads", "thin pads, to be broken off")],
        Help = "What stands on a narrow foot lets go of the bed; pads hold its corners down.",
        AskedAt = Station.Print,
    };

    /// <summary>What puts them there.</summary>
    public static Remedy Add { get; } = new Remedy.Change("Put thin pads under its corners", new Dictionary<string, string> { [Key] = "pads" });
}
