namespace Emboq.Core.Measuring;

/// <summary>The sizes of one place, each evaluated once from its readings and its methods.</summary>
public sealed class Sizes(Interface place)
{
    private readonly Dictionary<string, Measurement?> known = [];
    private ILookup<string, Method>? methods;
    private SeatDrawing? drawing;
    private Dictionary<string, DimensionKind>? kinds;

    /// <summary>The place.</summary>
    public Interface Place { get; } = place;

    /// <summary>How many items it has.</summary>
    public int Count => Place.Items.Count;

    /// <summary>A size, or <c>null</c> while nothing leads to it.</summary>
    public Quantity? this[string key] => Of(key)?.Quantity;

    /// <summary>A size of one item, counted from 0.</summary>
    public Quantity? this[int item, string key] => this[Place.Kind.Item!.KeyOf(item, key)];

    /// <summary>How the place looks, by what is known of it.</summary>
    public SeatDrawing Drawing => drawing ??= Place.Kind.Drawing(this);

    /// <summary>What a dimension is.</summary>
    /// <exception cref="KeyNotFoundException">The kind has no such dimension.</exception>
    public DimensionKind KindOf(string key) => (kinds ??= Place.Kind.DimensionsOf(Place.Items).ToDictionary(d => d.Key))[key];

    /// <summary>The ways to a dimension through others.</summary>
    public IEnumerable<Method> MethodsTo(string key) => (methods ??= Place.Kind.MethodsOf(Place.Items).ToLookup(m => m.Target))[key];

    /// <summary>What the readings say of a size.</summary>
    public Measurement? Of(string key)
    {
        if (!known.TryGetValue(key, out var measured))
        {
            known[key] = measured = Evaluation.Of(this, key);
        }

        return measured;
    }

    /// <summary>A size for drawing: as read, or as it usually is.</summary>
    public double Or(string key, double usual) => this[key]?.Value ?? usual;

    /// <summary>A size of one item for drawing.</summary>
    public double Or(int item, string key, double usual) => this[item, key]?.Value ?? usual;
}
