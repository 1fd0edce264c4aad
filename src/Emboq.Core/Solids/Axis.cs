namespace Emboq.Core.Solids;

/// <summary>An axis to turn about.</summary>
public enum Axis
{
    /// <summary>Across, to the right.</summary>
    X,

    /// <summary>Away from who looks at it.</summary>
    Y,

    /// <summary>Upright.</summary>
    Z,
}
