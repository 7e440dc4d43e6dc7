using Ikuzo.Core.Running.Rehearsal;
using Ikuzo.Web.Features.Cooks;

namespace Ikuzo.Web.Devices;

/// <summary>Brings pots and probes to cooks. To connect another kind, implement this and register it in Program.cs.</summary>
internal interface IDeviceMaker
{
    /// <summary>False when it never has anything for a cook, so that it need not be loaded.</summary>
    bool Serves(KeptCook cook);

    /// <summary>Pot and probe at the beginning of a cook, before they followed its journal; null when it has none for it.</summary>
    Attached? Make(LiveCook live);
}
