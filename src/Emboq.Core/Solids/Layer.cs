namespace Emboq.Core.Solids;

/// <summary>One layer of a solid as it would be printed, measured on its section at half height. Lengths mm, areas mm².</summary>
/// <param name="Area">Of the section.</param>
/// <param name="WallPath">Length of all wall lines.</param>
/// <param name="Loops">How many closed wall lines.</param>
/// <param name="Skin">Area filled without gaps: what has no fill above or below it within the skin layers.</param>
/// <param name="Fill">Area filled sparsely.</param>
/// <param name="Overhang">Area further out than a layer's height past the layer below: steeper than 45 degrees.</param>
/// <param name="Reach">How far a line hangs out with one end in the air, at the worst such place.</param>
/// <param name="Islands">Area of pieces that nothing below carries.</param>
/// <param name="Width">Along x.</param>
/// <param name="Depth">Along y.</param>
/// <param name="Bridge">Longest line in the air that is carried at both ends.</param>
public sealed record Layer(double Area, double WallPath, int Loops, double Skin, double Fill, double Overhang, double Reach, double Islands, double Width,
    double Depth, double Bridge = 0)
{
    /// <summary>The way from loop to loop, all of them together: about a quarter of the way around the section for each.</summary>
    public double Travel { get; init; } = Math.Max(1, Loops) * (Width + Depth) / 4;
}

/// <summary>How a solid is cut into layers.</summary>
/// <param name="Height">Of a layer, mm.</param>
/// <param name="LineWidth">Of a line, mm.</param>
/// <param name="Walls">Wall lines at each face.</param>
/// <param name="Skins">Layers filled without gaps above and below.</param>
public sealed record Layering(double Height, double LineWidth, int Walls, int Skins);
