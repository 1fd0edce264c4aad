using Emboq.Core.Families.Air.HoseAdapter;
using Emboq.Core.Families.Clamping.Bracket;
using Emboq.Core.Families.Clamping.FootSocket;
using Emboq.Core.Families.Clamping.HoseCarrier;
using Emboq.Core.Families.Clamping.RodBlock;
using Emboq.Core.Families.Clamping.ShellClamp;
using Emboq.Core.Families.Clamping.SplitClamp;
using Emboq.Core.Families.Clamping.TubeSaddle;
using Emboq.Core.Families.Drawers.DrawerPull;
using Emboq.Core.Families.Drawers.DrillingTemplate;
using Emboq.Core.Families.Jigs.FenceKey;
using Emboq.Core.Families.Jigs.RouterTemplate;
using Emboq.Core.Families.Jigs.SetupAid;
using Emboq.Core.Families.Jigs.SoftJaws;
using Emboq.Core.Families.Storage.ClampRack;
using Emboq.Core.Families.Storage.DrawerNest;
using Emboq.Core.Families.Storage.LabelPlate;
using Emboq.Core.Families.Storage.LiddedCase;
using Emboq.Core.Families.Storage.PocketTray;
using Emboq.Core.Families.Storage.WallBin;
using Emboq.Core.Families.Turning.CamVice;
using Emboq.Core.Families.Turning.Faceplate;
using Emboq.Core.Families.Turning.FlipHinge;
using Emboq.Core.Families.Turning.FlipStop;
using Emboq.Core.Families.Turning.LegHinge;
using Emboq.Core.Families.Turning.PadHolder;
using Emboq.Core.Families.Turning.VacuumChuck;

namespace Emboq.Core.Catalogue;

/// <summary>Every family, written down by hand: a new one is one line here.</summary>
public static class FamilyList
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<Family> All { get; } = [.. new[] { HoseAdapterFamily.Family, DrawerPullFamily.Family, DrillingTemplateFamily.Family,
        LabelPlateFamily.Family, WallBinFamily.Family, SetupAidFamily.Family, RouterTemplateFamily.Family, SoftJawsFamily.Family, FenceKeyFamily.Family,
        PocketTrayFamily.Family, SplitClampFamily.Family, BracketFamily.Family, RodBlockFamily.Family, HoseCarrierFamily.Family,
        FootSocketFamily.Family, TubeSaddleFamily.Family, FlipHingeFamily.Family, FaceplateFamily.Family,
        VacuumChuckFamily.Family, PadHolderFamily.Family, LegHingeFamily.Family, CamViceFamily.Family, FlipStopFamily.Family,
        ClampRackFamily.Family, DrawerNestFamily.Family, LiddedCaseFamily.Family,
        ShellClampFamily.Family }.Select(BrokenOff.Offered)];

    /// <summary>The family under a key, or <c>null</c>.</summary>
    public static Family? Find(string key) => All.FirstOrDefault(f => f.Key == key);
}
