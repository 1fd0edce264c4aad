namespace Emboq.Web.Endpoints;

/// <summary>A family with what it takes.</summary>
/// <param name="Key">Short and stable.</param>
/// <param name="Name">As shown.</param>
/// <param name="Need">The need it answers.</param>
/// <param name="Slots">The places it joins.</param>
/// <param name="Parameters">What the maker may decide.</param>
/// <param name="ListColumns">What the columns of a list mean when it has no heading.</param>
/// <param name="Takes">What it takes from other parts.</param>
/// <param name="Gives">What it gives to them.</param>
/// <param name="Words">How a whole part is told to do what it must.</param>
/// <param name="Columns">What a list may be headed by.</param>
/// <param name="ListExample">A list that can be read as it stands.</param>
public sealed record FamilyView(string Key, string Name, string Need, IReadOnlyList<InterfaceSlot> Slots, IReadOnlyList<ParameterSpec> Parameters,
    IReadOnlyList<string> ListColumns, IReadOnlyList<TakenSlot> Takes, IReadOnlyList<GivenThing> Gives, IReadOnlyList<TryWord> Words,
        IReadOnlyList<RowColumn> Columns, string ListExample);

internal static class FamilyEndpoints
{
    public static void MapFamilies(this IEndpointRouteBuilder api) =>
        api.MapGet("/families", () => FamilyList.All.Select(f => new FamilyView(f.Key, f.Name, f.Need, f.Slots, f.Parameters, f.ListColumns, f.Takes, f.Gives,
            f.Words, RowColumns.Of(f), RowColumns.Example(f))).ToArray());
}
