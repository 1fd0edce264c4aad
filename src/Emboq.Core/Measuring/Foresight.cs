namespace Emboq.Core.Measuring;

/// <summary>What a way to a dimension would give before anything is read.</summary>
/// <param name="By">The method, or "read directly".</param>
/// <param name="Instruments">For each reading it takes, in order: which dimension with which instrument.</param>
/// <param name="Uncertainty">One standard deviation of the size after one reading each, in the dimension's unit.</param>
public sealed record Foreseen(string By, IReadOnlyList<(string Dimension, Instrument Instrument)> Instruments, double Uncertainty);

/// <summary>Compares the ways to a dimension with the instruments at hand, before measuring.</summary>
public static class Foresight
{
    /// <summary>All ways that can be taken, the one with the smallest spread first.</summary>
    /// <param name="sizes">What is known of the place.</param>
    /// <param name="key">The dimension wanted.</param>
    /// <param name="instruments">What the workshop has.</param>
    public static IReadOnlyList<Foreseen> Of(Sizes sizes, string key, IReadOnlyList<Instrument> instruments)
    {
        var direct = Best(sizes, key, instruments) is { } best
            ? [new Foreseen(Evaluation.Directly, [(key, best.Instrument)], best.Quantity.StandardUncertainty)]
            : Array.Empty<Foreseen>();
        var byMethod = sizes.MethodsTo(key).Select(m => Through(m, sizes, instruments)).OfType<Foreseen>();
        return [.. direct.Concat(byMethod).OrderBy(f => f.Uncertainty)];
    }

    private static Foreseen? Through(Method method, Sizes sizes, IReadOnlyList<Instrument> instruments)
    {
        var inputs = method.Inputs.Select(i => Best(sizes, i, instruments)).ToList();
        if (inputs.Any(i => i is null))
        {
            return null;
        }

        try
        {
            var answer = method.Compute([.. inputs.Select(i => i!.Value.Quantity)]);
            return new(method.Name, [.. method.Inputs.Zip(inputs, (key, i) => (key, i!.Value.Instrument))], answer.StandardUncertainty);
        }
        catch (ArgumentOutOfRangeException)
        {
            // The sizes it is usually drawn with leave it no answer.
            return null;
        }
    }

    /// <summary>The instrument that would read a dimension best, and what it would give.</summary>
    private static (Instrument Instrument, Quantity Quantity)? Best(Sizes sizes, string key, IReadOnlyList<Instrument> instruments)
    {
        var dimension = sizes.Place[key];
        var about = About(sizes, key);
        return instruments
            .Where(i => !i.IsStandIn && i.Takes(dimension.Access) && Math.Abs(about) <= i.Reach)
            .Select(i => (i, Quantity.Input(dimension.Name, about, Accesses.UnitOf(dimension.Access), new Provenance.Chosen("a size it may have"),
                Evaluation.Foreseen(dimension, i).Select(s => (s, 1.0)))))
            .OrderBy(i => i.Item2.StandardUncertainty)
            .Cast<(Instrument, Quantity)?>()
            .FirstOrDefault();
    }

    /// <summary>About how large a dimension is: as read, or as the drawing of the kind shows it.</summary>
    public static double About(Sizes sizes, string key)
    {
        if (sizes[key] is { } read)
        {
            return read.Value;
        }

        var access = sizes.Place[key].Access;
        var drawn = sizes.Drawing.Callouts.FirstOrDefault(c => c.Line == key) is { } c
            ? Math.Sqrt(Math.Pow(c.To.X - c.From.X, 2) + Math.Pow(c.To.Y - c.From.Y, 2)) : 0;
        return access switch
        {
            Access.Around when drawn > 0 => Math.PI * drawn,
            _ when drawn > 0 => drawn,
            Access.Count => 6,
            Access.Mass => 480,
            Access.Angle => 12,
            Access.Pitch or Access.Radius => 2,
            _ => 10,
        };
    }
}
