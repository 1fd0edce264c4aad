using System.Globalization;

namespace Emboq.Core.Mechanics;

/// <summary>Judgements of what is used of what is there.</summary>
internal static class Strength
{
    /// <summary>A figure against what is borne; where that is not known, nothing is judged and nothing is green.</summary>
    /// <param name="key">Of the check.</param>
    /// <param name="title">As shown.</param>
    /// <param name="needed">What is asked of it.</param>
    /// <param name="there">What it bears; <c>null</c> where that is not known.</param>
    /// <param name="unit">Of both.</param>
    /// <param name="good">Said while it is borne.</param>
    /// <param name="otherwise">Said when it is not.</param>
    /// <param name="source">Where the formula comes from.</param>
    /// <param name="remedies">What helps, asked for only then.</param>
    public static Check Used(string key, string title, double needed, double? there, string unit, string good, string otherwise, string source,
        Func<IEnumerable<Remedy>>? remedies = null)
    {
        if (there is not { } bears)
        {
            return new(key, title, Verdict.Watch, "Not judged: what the filament bears is not entered.", Said(needed, unit), "not known", source, []);
        }

        var used = bears > 0 ? needed / bears : double.PositiveInfinity;
        return new(key, title, used <= 1 ? Verdict.Good : Verdict.Stop, used <= 1 ? good : otherwise, unit == "%" ? Share(used)
            : $"{Said(needed, unit)}, {Share(used)}",
            $"{Said(bears, unit)} or less", source, used <= 1 ? [] : [.. remedies?.Invoke() ?? []])
        { Used = double.IsFinite(used) ? used : null };
    }

    /// <summary>A share of what is there: "62 % used".</summary>
    public static string Share(double used) => used > 9.99 ? "many times over" : $"{Figures.Percent(used)} used";

    /// <summary>A figure with its unit; one without end, as where lips jam, in words.</summary>
    public static string Said(double value, string unit) => double.IsInfinity(value) ? "without end"
        : $"{(Math.Abs(value) >= 100 ? Math.Round(value) : Math.Round(value, 2)).ToString("0.##", CultureInfo.InvariantCulture)} {unit}";

    /// <summary>The change of one figure that brings what is used down to all that is there, among several: the one that is asked to change least. Each is
    /// tried out before it is offered, and says what it comes to.</summary>
    /// <param name="choices">What may be changed: its decision, what it is called, its value now, its end, and what would be used at another value.</param>
    public static IEnumerable<Remedy> Best(params IEnumerable<StrengthChoice> choices) =>
        choices.Select(c => (Choice: c, To: c.Enough())).Where(c => c.To is not null)
        .OrderBy(c => Math.Abs(Math.Log(c.To!.Value / c.Choice.Now))).Take(2).Select(c => new Remedy.Change(
            $"Make the {c.Choice.Name} {Figures.Mm(c.To!.Value)}: then {Share(c.Choice.UsedAt(c.To.Value))}",
            new Dictionary<string, string> { [c.Choice.Key] = Figures.Number(c.To.Value) }));
}

/// <summary>A decision that moves what is used.</summary>
/// <param name="Key">Of the decision.</param>
/// <param name="Name">As shown: "wall".</param>
/// <param name="Now">mm.</param>
/// <param name="End">As far as it may go, mm.</param>
/// <param name="UsedAt">Share used at another value.</param>
internal sealed record StrengthChoice(string Key, string Name, double Now, double End, Func<double, double> UsedAt)
{
    /// <summary>The nearest value, in halves of a millimetre, at which it suffices; <c>null</c> where its end does not.</summary>
    public double? Enough()
    {
        var step = End > Now ? 0.5 : -0.5;
        for (var value = Math.Floor(Now * 2) / 2; step > 0 ? value <= End : value >= End; value += step)
        {
            if (value > 0 && value != Now && UsedAt(value) <= 0.98)
            {
                return value;
            }
        }

        return null;
    }
}
