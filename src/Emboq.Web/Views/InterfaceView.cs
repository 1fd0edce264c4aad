using System.Globalization;

namespace Emboq.Web.Views;

/// <summary>A measured place with everything that follows from its readings.</summary>
/// <param name="Id">Identity.</param>
/// <param name="Version">Counts its namings.</param>
/// <param name="Name">As the workshop calls it.</param>
/// <param name="Kind">Key of its kind.</param>
/// <param name="KindName">The kind as shown.</param>
/// <param name="Items">Names of what is repeated on it.</param>
/// <param name="ItemName">What an item is called; <c>null</c> when nothing is repeated.</param>
/// <param name="Dimensions">In the order of the kind.</param>
/// <param name="Checks">What must agree, and whether it does.</param>
/// <param name="Figures">What follows from the sizes.</param>
/// <param name="Drawing">How it looks.</param>
/// <param name="Likeliest">What it is likely to be among standards.</param>
/// <param name="IsTraced">Whether its outline comes from a drawing.</param>
/// <param name="IsScanned">Whether only a scan gives it.</param>
/// <param name="Outline">What was taken from one.</param>
public sealed record InterfaceView(Guid Id, int Version, string Name, string Kind, string KindName, IReadOnlyList<string> Items, string? ItemName,
    IReadOnlyList<DimensionView> Dimensions, IReadOnlyList<CheckView> Checks, IReadOnlyList<LedgerLineView> Figures, DrawingView Drawing,
        IReadOnlyList<LikeliestView> Likeliest, bool IsTraced, bool IsScanned, OutlineView? Outline)
{
    /// <summary>From an interface.</summary>
    public static InterfaceView Of(Interface place, IReadOnlyList<Instrument> instruments)
    {
        var sizes = new Sizes(place);
        var figures = new Ledger();
        place.Kind.Figures(sizes, figures);
        return new(place.Id, place.Version, place.Name, place.Kind.Key, place.Kind.Name, place.Items, place.Kind.Item?.Name,
            [.. place.Kind.DimensionsOf(place.Items).Select(k => DimensionView.Of(sizes, k, instruments))],
            [.. place.Kind.Rules(sizes).Select(CheckView.Of)], [.. figures.Lines.Select(LedgerLineView.Of)],
            DrawingView.Of(sizes.Drawing), [.. Identify.Of(sizes).Select(LikeliestView.Of)],
            place.Kind.IsTraced, place.Kind.IsScanned, place.Outline is { } o ? OutlineView.Of(o) : null);
    }
}

/// <summary>An outline from a drawing.</summary>
/// <param name="Source">The drawing.</param>
/// <param name="Corners">How many it has.</param>
/// <param name="Across">As drawn.</param>
/// <param name="Along">Likewise.</param>
/// <param name="Deviation">How far its corners may lie beside what was drawn.</param>
/// <param name="Points">Its corners, once around, mm of the drawing.</param>
/// <param name="Mark">Tells it from any other outline that the place had.</param>
/// <param name="Sections">How many sections it has, and how many of them run across what was never scanned; <c>null</c> for an outline alone.</param>
public sealed record OutlineView(string Source, int Corners, LengthView Across, LengthView Along, LengthView Deviation, IReadOnlyList<Point2> Points,
    string Mark, SectionsView? Sections)
{
    /// <summary>From an outline.</summary>
    public static OutlineView Of(Traced o) => new(o.Source, o.Points.Count, LengthView.Of(o.Across), LengthView.Of(o.Along),
        LengthView.Of(o.Deviation), o.Points, o.Mark, o.Sections is { } cuts ? new(cuts.Count, cuts.Count(c => !c.Scanned),
            o.Surface is { } s ? new(s.Mesh.Count, LengthView.Of(s.Within)) : null) : null);
}

/// <summary>The sections of a scanned body.</summary>
/// <param name="Count">How many.</param>
/// <param name="Unscanned">How many of them run across what was never scanned.</param>
/// <param name="Surface">Its surface, thinned; <c>null</c> where none was kept.</param>
public sealed record SectionsView(int Count, int Unscanned, ScannedSurfaceView? Surface);

/// <summary>The surface of a scanned body.</summary>
/// <param name="Triangles">How many are left.</param>
/// <param name="Within">How far the scan lies beside it at most.</param>
public sealed record ScannedSurfaceView(int Triangles, LengthView Within);

/// <summary>A length in both systems.</summary>
public sealed record LengthView(string Metric, string? Inches)
{
    /// <summary>From mm.</summary>
    public static LengthView Of(double mm) => new(QuantityText.Metric(mm, Unit.Millimetre), QuantityText.Inches(mm, Unit.Millimetre));
}

/// <summary>A dimension with its readings and what they say together.</summary>
/// <param name="Key">Which dimension.</param>
/// <param name="Label">As shown.</param>
/// <param name="How">How it is measured.</param>
/// <param name="Access">How it is got at.</param>
/// <param name="Need">Whether a part waits for it.</param>
/// <param name="Size">Best estimate; <c>null</c> while nothing leads to it.</param>
/// <param name="Freedom">Degrees of freedom of its spread; <c>null</c> when the spread is taken as given.</param>
/// <param name="Warning">What is suspicious about the readings.</param>
/// <param name="Readings">Oldest first, struck ones too.</param>
/// <param name="Estimates">What each way alone says, when there are several.</param>
/// <param name="Ways">What each way would give with the instruments at hand, the best first.</param>
/// <param name="Roundness">How far from round, from readings at several angles.</param>
public sealed record DimensionView(string Key, string Label, string How, Access Access, Need Need, QuantityView? Size, double? Freedom, string? Warning,
    IReadOnlyList<ReadingView> Readings, IReadOnlyList<EstimateView> Estimates, IReadOnlyList<ForeseenView> Ways, string? Roundness)
{
    private const double MostFreedom = 1000;

    /// <summary>From a dimension.</summary>
    public static DimensionView Of(Sizes sizes, DimensionKind kind, IReadOnlyList<Instrument> instruments)
    {
        var dimension = sizes.Place[kind.Key];
        var measured = sizes.Of(kind.Key);
        var unit = Accesses.UnitOf(kind.Access);
        var freedom = measured?.Quantity is { StandardUncertainty: > 0 } q ? q.DegreesOfFreedom : double.PositiveInfinity;
        return new(kind.Key, kind.Name, kind.How, kind.Access, kind.Need, measured is null ? null : QuantityView.Of(measured.Quantity),
            freedom < MostFreedom ? Math.Floor(freedom) : null,
            WarningOf(measured) ?? Uneven(sizes, kind.Key, unit), [.. dimension.Readings.Select(r => ReadingView.Of(r, unit))],
            measured?.Estimates.Count > 1 || (measured?.Estimates is [{ By: not Evaluation.Directly }])
                ? [.. measured.Estimates.Select(e => new EstimateView(e.By, QuantityView.Of(e.Quantity)))] : [],
            [.. Foresight.Of(sizes, kind.Key, instruments).Select(f => new ForeseenView(f.By,
                [.. f.Instruments.Select(i => new ForeseenReadingView(i.Dimension, sizes.KindOf(i.Dimension).Name, i.Instrument.Id, i.Instrument.Name))],
                QuantityText.Metric(2 * f.Uncertainty, unit)))],
            Core.Measuring.OutOfRound.Of(dimension) is { } oval ? Oval(oval) : null);
    }

    private static string? WarningOf(Measurement? measured) => measured switch
    {
        { Disagrees: true, Estimates.Count: > 1 } =>
            "Two ways to this size disagree by more than both can be off: the doubt is widened until one of them is struck or read again.",
        { Disagrees: true } => "Two instruments disagree by more than both can be off: the doubt is widened until one of them is struck or read again.",
        { Scatters: true } => "The readings scatter more than their instrument does: a slip, or the place itself varies.",
        _ => null,
    };

    /// <summary>Where first order falls short, the interval itself.</summary>
    private static string? Uneven(Sizes sizes, string key, Unit unit) => Propagation.Of(sizes, key) is { } i
        ? $"The doubt is uneven: with 95 % it lies between {QuantityText.Metric(i.Low, unit)} and {QuantityText.Metric(i.High, unit)} (Monte Carlo, "
            + "JCGM 101)." : null;

    private static string Oval(OutOfRound o) => o.IsOval
        ? string.Create(CultureInfo.InvariantCulture, $"Out of round by {o.Ovality:0.00} mm, widest at {o.Direction:0}°.")
        : string.Create(CultureInfo.InvariantCulture, $"Round as far as these readings tell: {o.Ovality:0.00} mm may be chance.");
}

/// <summary>What one way to a size says.</summary>
public sealed record EstimateView(string By, QuantityView Quantity);

/// <summary>What a way would give before measuring.</summary>
/// <param name="By">The method, or "read directly".</param>
/// <param name="Readings">What is read with what.</param>
/// <param name="Spread">Twice the standard deviation to expect after one reading each.</param>
public sealed record ForeseenView(string By, IReadOnlyList<ForeseenReadingView> Readings, string Spread);

/// <summary>One reading of a way.</summary>
public sealed record ForeseenReadingView(string Dimension, string Label, string Instrument, string InstrumentName);

/// <summary>One reading.</summary>
public sealed record ReadingView(Guid Id, string Text, string Metric, string? Inches, string Instrument, DateTimeOffset At, string? Remark,
    string? StruckBecause, double? Direction)
{
    /// <summary>From a reading.</summary>
    public static ReadingView Of(Reading r, Unit unit) => new(r.Id, r.Text, QuantityText.Metric(r.Value, unit), QuantityText.Inches(r.Value, unit),
        r.Instrument.Name, r.At, r.Remark, r.StruckBecause, r.Direction);
}

/// <summary>What a place is likely to be, by one table.</summary>
/// <param name="Table">Key of the table.</param>
/// <param name="TableName">As shown.</param>
/// <param name="By">The columns it was recognised by.</param>
/// <param name="Rows">The likeliest first.</param>
/// <param name="SomethingElse">Probability of none of them.</param>
public sealed record LikeliestView(string Table, string TableName, IReadOnlyList<string> By, IReadOnlyList<LikelyRowView> Rows, double SomethingElse)
{
    /// <summary>From a ranking.</summary>
    public static LikeliestView Of(Likeliest l) => new(l.Table.Key, l.Table.Name, l.Columns,
        [.. l.Rows.Select(r => new LikelyRowView(r.Row.Name, r.Row.Size, r.Probability))], l.SomethingElse);
}

/// <summary>One row it may be.</summary>
public sealed record LikelyRowView(string Name, string? Size, double Probability);
