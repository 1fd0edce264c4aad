namespace Emboq.Core.Families.Storage.PocketTray;

/// <summary>A turned thing standing on its first step: where each step begins and how wide it is.</summary>
/// <param name="Steps">From the foot up.</param>
/// <param name="Height">Over all, mm.</param>
internal sealed record TurnedThing(IReadOnlyList<TurnedThing.Step> Steps, double Height)
{
    /// <summary>A step of it.</summary>
    /// <param name="From">Height at which it begins, mm.</param>
    /// <param name="Diameter">At its wider end, mm.</param>
    /// <param name="Key">The dimension that this was read as.</param>
    internal sealed record Step(double From, double Diameter, string Key);

    /// <summary>Its widest place, mm.</summary>
    public double Widest => Steps.Max(s => s.Diameter);

    public static TurnedThing Of(Sizes s)
    {
        var (steps, z) = (new List<Step>(), 0.0);
        for (var i = 0; i < s.Count; i++)
        {
            var (first, last) = (s[i, "first"]!.Value, s.Or(i, "last", s[i, "first"]!.Value));
            steps.Add(new(z, Math.Max(first, last), s.Place.Kind.Item!.KeyOf(i, last > first ? "last" : "first")));
            z += s[i, "length"]!.Value;
        }

        return new(steps, z);
    }

    /// <summary>The least depth, no less than wanted, at which every step that begins in the pocket and widens it is held by a little.</summary>
    public double Holding(double wanted, double held)
    {
        var depth = wanted;
        // A deeper pocket may let another step in.
        foreach (var step in Steps.Where((s, i) => i == 0 || s.Diameter > Steps.Take(i).Max(b => b.Diameter)))
        {
            depth = step.From < depth ? Math.Max(depth, Math.Min(Height, step.From + held)) : depth;
        }

        return depth;
    }

    /// <summary>The dimension of the widest step that begins in a pocket so deep.</summary>
    public string WidestWithin(double depth) => Steps.Where(s => s.From < depth).MaxBy(s => s.Diameter)!.Key;

    /// <summary>The pocket, opened straight upwards: at every height as wide as anything that passes there. Height over the floor, and radius.</summary>
    public List<Point2> Opened(double depth, double grown)
    {
        var opened = new List<Point2>();
        foreach (var step in Steps.Where(s => s.From < depth))
        {
            var radius = (step.Diameter + grown) / 2;
            if (opened.Count == 0 || radius > opened[^1].Y)
            {
                opened.Add(new(step.From, radius));
            }
        }

        return opened;
    }
}
