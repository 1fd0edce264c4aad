using Emboq.Core.Families.HoseAdapter;
using Emboq.Core.Solids;

namespace Emboq.Core.Tests.Families;

/// <summary>Outlines moved, matched and joined, against plane geometry.</summary>
public sealed class UnlikeOutlineTests
{
    [Fact]
    public void An_outline_moved_by_little_stays_whole()
    {
        var outline = Outlines.RoundedRectangle(80, 45, 5, 0.01);
        Enumerable.Range(-40, 81).Select(i => i * 0.05).Append(-1e-14).Select(d => AdapterOutline.Moved(outline, d)).ShouldAllBe(m => m != null && Outlines.SeenFromWithin(m));
    }

    [Theory]
    [InlineData(0.15)]
    [InlineData(1.95)]
    [InlineData(-1.8)]
    public void A_moved_outline_encloses_what_plane_geometry_says(double distance)
    {
        // A rectangle with rounded corners of radius r moved by d is one with radius r + d: its area is A + L d + π d² (Steiner).
        var outline = Outlines.RoundedRectangle(80, 45, 5, 0.001);
        var length = (2 * (70 + 35)) + (2 * Math.PI * 5);
        var moved = AdapterOutline.Moved(outline, distance)!;
        moved.Area.ShouldBe(outline.Area + (length * distance) + (Math.PI * distance * distance), 0.05);
        Outlines.SeenFromWithin(moved).ShouldBeTrue();
    }
}
