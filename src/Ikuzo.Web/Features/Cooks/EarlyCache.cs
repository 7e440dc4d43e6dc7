using System.Collections.Concurrent;
using Ikuzo.Core.Running.Journal;

namespace Ikuzo.Web.Features.Cooks;

/// <summary>Remembers how many minutes more a cook needs that was up early: an open panel asks for it every few seconds.</summary>
internal sealed class EarlyCache
{
    private const int MostRemembered = 200;

    private readonly ConcurrentDictionary<(string Cook, double ComeUpMinutes), int> _known = new();

    /// <summary>Minutes more.</summary>
    public int Of(string cookId, PlannedCook cook, double comeUpMinutes)
    {
        if (_known.Count > MostRemembered)
        {
            _known.Clear();
        }

        return _known.GetOrAdd((cookId, comeUpMinutes), _ => EarlyPressure.MinutesMore(cook, comeUpMinutes));
    }
}
