namespace Emboq.Core.Setups;

/// <summary>Something the workshop names and changes; every state it has had is kept.</summary>
public interface IKept
{
    /// <summary>Identity.</summary>
    Guid Id { get; }

    /// <summary>How often it was entered or changed, counted from 1.</summary>
    int Version { get; }

    /// <summary>As the workshop calls it.</summary>
    string Name { get; }
}
