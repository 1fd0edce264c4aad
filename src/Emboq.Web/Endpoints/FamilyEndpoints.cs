using Emboq.Core;
using Emboq.Core.Families;

namespace Emboq.Web.Endpoints;

/// <summary>A family with what it takes.</summary>
public sealed record FamilyView(string Key, string Name, string Need, IReadOnlyList<InterfaceSlot> Slots, IReadOnlyList<ParameterSpec> Parameters, IReadOnlyList<string> ListColumns, bool Serves);

internal static class FamilyEndpoints
{
    public static void MapFamilies(this IEndpointRouteBuilder api) =>
        api.MapGet("/families", () => FamilyList.All.Select(f => new FamilyView(f.Key, f.Name, f.Need, f.Slots, f.Parameters, f.ListColumns, f.Serves)).ToArray());
}
