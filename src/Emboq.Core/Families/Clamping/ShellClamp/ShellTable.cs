namespace Emboq.Core.Families.Clamping.ShellClamp;

/// <summary>The table that clamps stand on.</summary>
/// <param name="Rows">From row to row along the handle, mm.</param>
/// <param name="Columns">From column to column across it, mm; nothing where screws may stand anywhere.</param>
internal sealed record ShellTable(double Rows, double Columns)
{
    /// <summary>What must be read of it.</summary>
    public static string[] Needs(Interface table) => table.Kind.Key == "t-slot" ? ["mouth"] : ["pitchX", "pitchY"];

    public static ShellTable Of(Brief brief, Ledger ledger)
    {
        var table = brief.Interfaces["table"];
        Quantity Read(string key, string name, string because) => ledger.Add(name, table[key].Name, Evaluation.Of(table, key)!.Quantity, because);
        if (table.Kind.Key != "t-slot")
        {
            return new(Read("pitchY", "rows", "From row to row along the handle.").Value, Read("pitchX", "columns", "From column to column across it.").Value);
        }

        Read("mouth", "mouth", "The table's screws pass it.");
        return new(ShellParameters.Rows.Read(brief.Parameters, ledger).Value, 0);
    }
}
