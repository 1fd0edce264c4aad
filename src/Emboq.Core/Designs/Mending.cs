namespace Emboq.Core.Designs;

/// <summary>A repair weighed against another print, as the ways on are weighed: hours of the printer, and the maker's own, which count more.</summary>
/// <param name="Hours">Of the repair; where it may still not fit, the print that then follows is in it.</param>
/// <param name="AgainHours">Of another print at once.</param>
public sealed record Mending(double Hours, double AgainHours)
{
    /// <summary>Whether the repair costs less.</summary>
    public bool Cheaper => Hours < AgainHours;

    /// <summary>Weighs it.</summary>
    /// <param name="repair">What may be done.</param>
    /// <param name="again">What printing it again takes.</param>
    /// <returns><c>null</c> where nothing is to be mended.</returns>
    public static Mending? Of(Repair repair, PrintTakes again)
    {
        var print = WayOn.Weighed(again.Hours, WhatNext.PartHands);
        return repair.Hands == 0 ? null : new(WayOn.Weighed(0, repair.Hands) + ((1 - (repair.Chance ?? 1)) * print), print);
    }
}
