using Emboq.Web.Views;

namespace Emboq.Web.Endpoints;

/// <summary>A table of standards.</summary>
public sealed record StandardView(string Key, string Name, string Source, string Note, IReadOnlyList<string> Columns, IReadOnlyList<StandardRowView> Rows)
{
    /// <summary>From a table.</summary>
    public static StandardView Of(StandardTable t) => new(t.Key, t.Name, t.Source, t.Note, [.. t.Columns.Select(c => c.Name)],
        [.. t.Rows.Select(r => StandardRowView.Of(t, r))]);
}

/// <summary>A row of a table; one cell for each column, empty where there is none.</summary>
public sealed record StandardRowView(string Name, string? Size, IReadOnlyList<StandardCellView> Cells)
{
    /// <summary>From a row.</summary>
    public static StandardRowView Of(StandardTable table, StandardRow row) =>
        new(row.Name, row.Size, [.. table.Columns.Select(c => row.Cells.GetValueOrDefault(c.Name) is { } cell
        ? StandardCellView.Of(cell, c.Unit) : new("", null))]);
}

/// <summary>A cell as read, in inches too where it is a length.</summary>
public sealed record StandardCellView(string Text, string? Inches)
{
    /// <summary>From a cell.</summary>
    public static StandardCellView Of(StandardCell cell, Unit unit) => cell.Value is { } value && unit != Unit.None
        ? new(QuantityText.Exact(value, unit), QuantityText.Inches(value, unit))
        : new(cell.Text, null);
}

internal static class StandardEndpoints
{
    public static void MapStandards(this IEndpointRouteBuilder api) => api.MapGet("/standards", () => StandardTables.All.Select(StandardView.Of).ToArray());
}
