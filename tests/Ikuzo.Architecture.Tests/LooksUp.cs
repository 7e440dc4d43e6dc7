using Ikuzo.Core.Planning;

namespace Ikuzo.Core.Physics;

/// <summary>A planted breach: physics that knows a plan.</summary>
internal static class LooksUp
{
    public static double? Minutes(Plan plan) => plan.Minutes;
}
