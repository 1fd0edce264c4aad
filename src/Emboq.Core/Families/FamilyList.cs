using Emboq.Core.Families.DrawerPull;
using Emboq.Core.Families.DrillingTemplate;
using Emboq.Core.Families.FenceKey;
using Emboq.Core.Families.HoseAdapter;
using Emboq.Core.Families.LabelPlate;
using Emboq.Core.Families.PocketTray;
using Emboq.Core.Families.RouterTemplate;
using Emboq.Core.Families.SetupAid;
using Emboq.Core.Families.SoftJaws;
using Emboq.Core.Families.WallBin;

namespace Emboq.Core.Families;

/// <summary>Every family, written down by hand: a new one is one line here.</summary>
public static class FamilyList
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<Family> All { get; } = [HoseAdapterFamily.Family, DrawerPullFamily.Family, DrillingTemplateFamily.Family, LabelPlateFamily.Family, WallBinFamily.Family, SetupAidFamily.Family, RouterTemplateFamily.Family, SoftJawsFamily.Family, FenceKeyFamily.Family, PocketTrayFamily.Family];

    /// <summary>The family under a key, or <c>null</c>.</summary>
    public static Family? Find(string key) => All.FirstOrDefault(f => f.Key == key);
}
