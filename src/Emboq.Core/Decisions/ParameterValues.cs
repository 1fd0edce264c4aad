using System.Globalization;

namespace Emboq.Core.Decisions;

/// <summary>The maker's decisions for one part, read and within their ranges.</summary>
public sealed class ParameterValues
{
    private readonly IReadOnlyDictionary<string, double> numbers;
    private readonly IReadOnlyDictionary<string, string> choices;

    private readonly IReadOnlyDictionary<string, Profile> outlines;

    /// <summary>Words of one line; empty when none were given.</summary>
    public string Text(string key) => choices.GetValueOrDefault(key, "");

    private readonly IReadOnlyDictionary<string, LengthEntry> lengths;

    private ParameterValues(Dictionary<string, double> numbers, Dictionary<string, string> choices, Dictionary<string, Profile> outlines,
        Dictionary<string, LengthEntry> lengths) =>
        (this.numbers, this.choices, this.outlines, this.lengths) = (numbers, choices, outlines, lengths);

    /// <summary>A length exactly as it was written, fractions and all; <c>null</c> when it was left to Emboq.</summary>
    public LengthEntry? Length(string key) => lengths.GetValueOrDefault(key);

    /// <summary>A closed outline, mm; <c>null</c> when none was given.</summary>
    public Profile? Outline(string key) => outlines.GetValueOrDefault(key);

    /// <summary>A length in mm, an angle in degrees or a flow in m³/h; <c>null</c> when it was left to Emboq.</summary>
    public double? Number(string key) => numbers.TryGetValue(key, out var value) ? value : null;

    /// <summary>The chosen option.</summary>
    public string Choice(string key) => choices[key];

    /// <summary>Reads entries against what the family takes. Left out or empty ones get their default.</summary>
    /// <param name="specs">The parameters of the family.</param>
    /// <param name="entries">Key to entry as written.</param>
    /// <param name="leading">What a bare length means.</param>
    /// <returns>The values, or every problem at once.</returns>
    public static Outcome<ParameterValues> Read(IReadOnlyList<ParameterSpec> specs, IReadOnlyDictionary<string, string> entries,
        LengthSystem leading = LengthSystem.Metric)
    {
        var problems = entries.Keys.Where(k => specs.All(s => s.Key != k))
            .Select(k => new Problem($"parameters.{k}", entries[k], $"'{k}' is not a parameter of this family.",
                $"Use one of {string.Join(", ", specs.Select(s => s.Key))}."))
            .ToList();
        var numbers = new Dictionary<string, double>();
        var choices = new Dictionary<string, string>();
        var outlines = new Dictionary<string, Profile>();
        var lengths = new Dictionary<string, LengthEntry>();
        foreach (var spec in specs)
        {
            var entry = entries.GetValueOrDefault(spec.Key);
            var text = string.IsNullOrWhiteSpace(entry) ? spec.Default : entry.Trim();
            if (text is null)
            {
                continue;
            }

            if (spec.Kind == ParameterKind.Choice)
            {
                choices[spec.Key] = text;
                problems.AddRange(spec.Options.Any(o => o.Key == text) ? [] : [NoSuchOption(spec, text)]);
            }
            else if (spec.Kind == ParameterKind.Text)
            {
                choices[spec.Key] = text;
                problems.AddRange(text.Length <= spec.Maximum && text.All(c => c >= ' ' && !char.IsSurrogate(c)) ? [] : [NotOneLine(spec, text)]);
            }
            else if (spec.Kind == ParameterKind.Outline)
            {
                var outline = OutlineNotation.Parse(text, $"parameters.{spec.Key}");
                problems.AddRange(outline.Problems);
                if (outline.IsGood)
                {
                    outlines[spec.Key] = outline.Value;
                }
            }
            else
            {
                var length = spec.Kind == ParameterKind.Length ? LengthNotation.Parse(text, leading, $"parameters.{spec.Key}") : null;
                var number = (length?.Then<double>(l => l.ToMillimetres()) ?? Number(spec, text)).Then(n => InRange(spec, text, n));
                problems.AddRange(number.Problems);
                if (length is { IsGood: true })
                {
                    lengths[spec.Key] = length.Value;
                }

                numbers[spec.Key] = number.IsGood ? number.Value : 0;
            }
        }

        return problems.Count > 0 ? problems : new ParameterValues(numbers, choices, outlines, lengths);
    }

    private static Outcome<double> Number(ParameterSpec spec, string text)
    {
        var field = $"parameters.{spec.Key}";
        if (spec.Kind == ParameterKind.Flow)
        {
            return FlowNotation.Parse(text, field);
        }

        if (spec.Kind == ParameterKind.Taper)
        {
            return TaperNotation.Parse(text, field);
        }

        if (spec.Kind == ParameterKind.Number)
        {
            return PlainNumber.Read(text) is { } number
                ? number
                : new Problem(field, text, $"'{text}' cannot be read as a number of {spec.Unit}.", "Type a plain number, like 8 or 1.90.", Range(spec));
        }

        var bare = text.TrimEnd('°').Replace("deg", "", StringComparison.OrdinalIgnoreCase).Trim();
        return PlainNumber.Read(bare, signed: true) is { } angle
            ? angle
            : new Problem(field, text, $"{spec.Label} cannot be read as an angle.", "Type degrees, like 30.", Range(spec));
    }

    private static Outcome<double> InRange(ParameterSpec spec, string text, double value)
    {
        if (value >= spec.Minimum && value <= spec.Maximum)
        {
            return value;
        }

        var nearest = value < spec.Minimum ? spec.Minimum : spec.Maximum;
        return new Problem($"parameters.{spec.Key}", text, $"{spec.Label} is {Text(value)}{Unit(spec)}; {Range(spec)} can be built.",
            $"The nearest that can is {Text(nearest)}{Unit(spec)}.", Range(spec));
    }

    private static Problem NoSuchOption(ParameterSpec spec, string text)
    {
        var options = string.Join(", ", spec.Options.Select(o => o.Key));
        return new($"parameters.{spec.Key}", text, $"'{text}' is no option of “{spec.Label}”.", $"Use one of {options}.", options);
    }

    private static Problem NotOneLine(ParameterSpec spec, string text) =>
        new($"parameters.{spec.Key}", text, $"{spec.Label} has {text.Length} characters, or one that no letter is drawn for.",
        $"Use one line of up to {Text(spec.Maximum)} letters, digits and marks.", $"{Text(spec.Maximum)} characters");

    private static string Range(ParameterSpec spec) => $"{Text(spec.Minimum)} to {Text(spec.Maximum)}{Unit(spec)}";

    private static string Unit(ParameterSpec spec) => spec.Kind is ParameterKind.Angle or ParameterKind.Taper ? spec.Unit : $" {spec.Unit}";

    private static string Text(double value) => value.ToString("0.###", CultureInfo.InvariantCulture);
}
