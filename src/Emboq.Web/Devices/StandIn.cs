using System.Globalization;

namespace Emboq.Web.Devices;

/// <summary>A button of a device.</summary>
public enum DeviceButton
{
    /// <summary>Holds what is shown, or lets it go.</summary>
    Hold,

    /// <summary>Makes what is shown now the zero.</summary>
    Zero,
}

/// <summary>What a device shows.</summary>
/// <param name="Text">The figures, as it would type them.</param>
/// <param name="Held">Whether they are held.</param>
public sealed record ShownView(string Text, bool Held);

/// <summary>A simulated device: a hidden true size seen through noise, a slowly drifting zero and a display of so many places.
/// It has a hold and a zero button like the real thing. Safe to use from several requests.</summary>
/// <param name="key">Short and stable.</param>
/// <param name="name">As shown.</param>
/// <param name="resolution">One step of the display.</param>
/// <param name="noise">Standard deviation of one look.</param>
/// <param name="drift">Standard deviation of the zero's walk from one look to the next.</param>
/// <param name="random">Where the noise comes from.</param>
internal sealed class StandIn(string key, string name, double resolution, double noise, double drift, Random random)
{
    private readonly Lock door = new();
    private double walked;
    private double zero;
    private double last;
    private string? held;

    public string Key => key;

    public string Name => name;

    /// <summary>Looks at a thing of this true size.</summary>
    public ShownView Show(double hidden)
    {
        lock (door)
        {
            walked += drift * Normal();
            last = hidden + walked + (noise * Normal());
            return Shown();
        }
    }

    /// <summary>Presses a button; answers what is shown then.</summary>
    public ShownView Press(DeviceButton button)
    {
        lock (door)
        {
            if (button == DeviceButton.Zero)
            {
                zero = last;
            }

            held = button == DeviceButton.Hold && held is null ? Figures() : null;
            return Shown();
        }
    }

    /// <summary>The size that is hidden behind a dimension: near what is known of it, and always the same.</summary>
    public static double HiddenSize(Sizes sizes, string dimension)
    {
        var about = Foresight.About(sizes, dimension);
        var hash = System.Security.Cryptography.SHA256.HashData(System.Text.Encoding.UTF8.GetBytes($"{sizes.Place.Id}/{dimension}"));
        var share = (BitConverter.ToUInt32(hash) / (double)uint.MaxValue * 2) - 1;
        return sizes[dimension] is { } read ? read.Value + (0.5 * share * read.StandardUncertainty) : about * (1 + (0.04 * share));
    }

    private ShownView Shown() => new(held ?? Figures(), held is not null);

    private string Figures()
    {
        var steps = Math.Round((last - zero) / resolution);
        return (steps == 0 ? 0 : steps * resolution).ToString(resolution < 0.1 ? "0.00" : "0.0", CultureInfo.InvariantCulture);
    }

    private double Normal() => MathNet.Numerics.Distributions.Normal.Sample(random, 0, 1);
}
