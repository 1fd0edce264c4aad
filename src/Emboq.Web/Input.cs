using System.Globalization;
using System.Text;
using System.Text.Json;

namespace Emboq.Web;

/// <summary>Reads what a person or a script sent, and gathers every problem with it.</summary>
internal sealed class Input
{
    private readonly List<Problem> problems = [];

    public IReadOnlyList<Problem> Problems => problems;

    public bool IsGood => problems.Count == 0;

    /// <summary>A name, which must not be empty.</summary>
    public string Name(string field, string? text) => Short(field, text, "name", "Give it the name the workshop uses.");

    /// <summary>Why something is done, or what was done: a short text that must not be empty.</summary>
    public string Words(string field, string? text) => Short(field, text, "word or two", "Say it as you would to somebody at the bench.");

    private string Short(string field, string? text, string called, string remedy)
    {
        var given = PrintItem(field, text);
        if (given.Length is 0 or > Limits.NameLength)
        {
            problems.Add(new(field, text, given.Length == 0 ? $"A {called} is needed."
                : $"These are {given.Length} characters; {Limits.NameLength} is the limit.", given.Length == 0 ? remedy : "Shorten it.",
                $"1 to {Limits.NameLength} characters"));
        }

        return given;
    }

    /// <summary>A longer text that may be empty.</summary>
    public string Text(string field, string? text, int longest = Limits.TextLength)
    {
        var trimmed = PrintItem(field, text);
        if (trimmed.Length > longest)
        {
            problems.Add(new(field, null, $"The text is {trimmed.Length} characters long; {longest} is the limit.", "Shorten it.", $"{longest} characters"));
        }

        return trimmed;
    }

    /// <summary>A length that something real can have, in mm.</summary>
    public double Size(string field, string? text, LengthSystem leading) => Reading(field, text, Access.Length, leading, Limits.LongestReading);

    /// <summary>A reading of a dimension, in its unit.</summary>
    /// <param name="field">Path of the field.</param>
    /// <param name="text">As entered.</param>
    /// <param name="access">How the dimension is got at.</param>
    /// <param name="leading">What a bare number means.</param>
    /// <param name="reach">The most the instrument reads.</param>
    public double Reading(string field, string? text, Access access, LengthSystem leading, double reach)
    {
        var value = Gather(ReadingNotation.Parse(text ?? "", access, leading, field));
        var unit = Core.Measuring.Accesses.UnitOf(access);
        var limit = string.Create(CultureInfo.InvariantCulture,
            $"{(access == Access.Position ? $"{-reach:0.###}" : "over 0")} to {reach:0.###} {unit}").TrimEnd();
        if (problems.Any(p => p.Field == field))
        {
            return 0;
        }

        if (access != Access.Position && value <= 0)
        {
            problems.Add(new(field, text, "A size is greater than nothing.", "Type the size as the instrument shows it.", limit));
        }
        else if (Math.Abs(value) > reach)
        {
            var most = $"{reach.ToString("0.###", CultureInfo.InvariantCulture)} {unit}".TrimEnd();
            problems.Add(new(field, text, $"{Views.QuantityText.Metric(value, unit)} is more than the {most} that can be read here.",
                "Look at the unit and the point, or choose another instrument.", limit));
        }

        return value;
    }

    /// <summary>The value of an outcome; its problems are gathered.</summary>
    public T? Gather<T>(Outcome<T> outcome)
    {
        problems.AddRange(outcome.Problems);
        return outcome.IsGood ? outcome.Value : default;
    }

    /// <summary>One of the words of an enumeration, in any case of letters.</summary>
    public T Word<T>(string field, string? text)
        where T : struct, Enum
    {
        if (Enum.TryParse<T>(text, ignoreCase: true, out var value) && Enum.IsDefined(value) && !int.TryParse(text, out _))
        {
            return value;
        }

        var words = string.Join(", ", Enum.GetNames<T>().Select(JsonNamingPolicy.CamelCase.ConvertName));
        problems.Add(new(field, text, $"'{text}' is not known here.", $"Use one of {words}.", words));
        return default;
    }

    /// <summary>A number between two limits; one that could not be read is not told twice.</summary>
    public double Within(string field, double value, double least, double greatest, string unit)
    {
        if (!(value >= least && value <= greatest) && problems.All(p => p.Field != field))
        {
            var limit = string.Create(CultureInfo.InvariantCulture, $"{least} to {greatest} {unit}");
            problems.Add(new(field, value.ToString(CultureInfo.InvariantCulture), $"This can be {limit}.", "Look at the unit and the point.", limit));
        }

        return value;
    }

    /// <summary>One of a list, by key.</summary>
    public T? OneOf<T>(string field, string? key, IEnumerable<T> all, Func<T, string> keyOf)
        where T : class
    {
        var found = all.FirstOrDefault(x => keyOf(x) == key);
        if (found is null)
        {
            var keys = string.Join(", ", all.Select(keyOf));
            problems.Add(new(field, key, $"'{key}' is not known here.", keys.Length == 0 ? "There is none yet: add one first." : $"Use one of {keys}.",
                keys.Length == 0 ? null : keys));
        }

        return found;
    }

    /// <summary>The text of a JSON string; half a surrogate pair is no text and comes as the mark of an unreadable character.</summary>
    private static string Decoded(JsonElement value)
    {
        try
        {
            return value.GetString()!;
        }
        catch (InvalidOperationException)
        {
            return Rune.ReplacementChar.ToString();
        }
    }

    /// <summary>The text without space around it; characters that no keyboard types are refused.</summary>
    private string PrintItem(string field, string? text)
    {
        var trimmed = text?.Trim() ?? "";
        if (TextGate.Of(field, trimmed) is { } odd)
        {
            problems.Add(odd);
        }

        return trimmed;
    }

    /// <summary>Gathers a problem found elsewhere.</summary>
    public void Add(Problem problem) => problems.Add(problem);

    /// <summary>Entries as written, from JSON strings and numbers.</summary>
    public Dictionary<string, string> Entries(string field, IReadOnlyDictionary<string, JsonElement>? entries)
    {
        var texts = new Dictionary<string, string>();
        foreach (var (key, value) in entries ?? new Dictionary<string, JsonElement>())
        {
            switch (value.ValueKind)
            {
                case JsonValueKind.String when value.GetRawText().Length <= Limits.TextLength:
                    texts[PrintItem($"{field} key", key)] = PrintItem($"{field}.{key}", Decoded(value));
                    break;
                case JsonValueKind.Number:
                    texts[key] = value.TryGetDecimal(out var number) ? number.ToString(CultureInfo.InvariantCulture) : value.GetRawText();
                    break;
                case JsonValueKind.Null:
                    break;
                default:
                    problems.Add(new($"{field}.{key}", null, "An entry is a number or a short text.", "Write it like 1.6 or \"1/16 in\"."));
                    break;
            }
        }

        return texts;
    }
}
