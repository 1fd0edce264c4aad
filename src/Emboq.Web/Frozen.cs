using Emboq.Core;
using Emboq.Core.Solids;

namespace Emboq.Web;

/// <summary>What a revision keeps of a design.</summary>
internal static class Frozen
{
    /// <summary>Every ledger value, the fitted sizes, and the trees of everything that can be printed.</summary>
    public static FrozenDesign Of(Design design) => new(
        design.Ledger.Lines.ToDictionary(l => l.Key, l => l.Quantity.Value),
        design.Seats.ToDictionary(s => s.Slot, s => s.Drawn.Value),
        design.Bodies.Where(b => b.Role != BodyRole.Counterpart).ToDictionary(b => b.Key, b => SolidJson.Write(b.Solid)));
}
