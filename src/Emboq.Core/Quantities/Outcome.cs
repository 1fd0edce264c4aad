namespace Emboq.Core.Quantities;

/// <summary>A result, or every problem that stands in its way at once.</summary>
/// <typeparam name="T">What is produced when nothing is wrong.</typeparam>
public sealed class Outcome<T>
{
    private readonly T? value;

    private Outcome(T? value, IReadOnlyList<Problem> problems) => (this.value, Problems) = (value, problems);

    /// <summary>Empty when there is a value.</summary>
    public IReadOnlyList<Problem> Problems { get; }

    /// <summary>Whether there is a value.</summary>
    public bool IsGood => Problems.Count == 0;

    /// <summary>The result.</summary>
    /// <exception cref="InvalidOperationException">There are problems instead; look first.</exception>
    public T Value => IsGood ? value! : throw new InvalidOperationException(Problems[0].Message);

    /// <summary>A result.</summary>
    public static implicit operator Outcome<T>(T value) => new(value, []);

    /// <summary>One problem.</summary>
    public static implicit operator Outcome<T>(Problem problem) => new(default, [problem]);

    /// <summary>Several problems; at least one.</summary>
    public static implicit operator Outcome<T>(List<Problem> problems) => problems.Count > 0
        ? new(default, problems)
        : throw new ArgumentException("An outcome without a value needs a problem.", nameof(problems));

    /// <summary>Goes on with the value, or carries the problems along.</summary>
    public Outcome<TNext> Then<TNext>(Func<T, Outcome<TNext>> next) => IsGood ? next(value!) : Problems.ToList();
}
