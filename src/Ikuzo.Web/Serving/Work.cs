namespace Ikuzo.Web.Serving;

/// <summary>A kind of computation that a request may ask for.</summary>
/// <param name="Name">Name of its limit.</param>
/// <param name="Limit">Longest that an answer takes, waiting included.</param>
/// <param name="Order">Where it stands among what waits of the same client.</param>
internal sealed record Work(string Name, TimeSpan Limit, WaitingOrder Order = WaitingOrder.Last)
{
    /// <summary>Longest that it waits for its turn; what would wait for longer is refused at once, with when to ask again.</summary>
    public TimeSpan MostWait { get; init; } = Limit;

    /// <summary>Something that a cook wants kept, computed once more before: never passed over for what is only looked at.</summary>
    public static readonly Work Keep = new("keep", TimeSpan.FromSeconds(60), WaitingOrder.Kept);

    /// <summary>One plan, or one question about it: tens of milliseconds each.</summary>
    public static readonly Work Plan = new("plan", TimeSpan.FromSeconds(20), WaitingOrder.NewestFirst)
    {
        MostWait = TimeSpan.FromSeconds(4),
    };

    /// <summary>A dish: a search over many plans.</summary>
    public static readonly Work Dish = new("dish", TimeSpan.FromSeconds(30), WaitingOrder.NewestFirst);

    /// <summary>The equations computed on a grid of somebody's choice.</summary>
    public static readonly Work Check = new("check", TimeSpan.FromSeconds(20));

    /// <summary>A file that is read or written.</summary>
    public static readonly Work File = new("file", TimeSpan.FromSeconds(30));

    /// <summary>Learning from cooks.</summary>
    public static readonly Work Learning = new("learning", TimeSpan.FromSeconds(60));

    /// <summary>What a running cook asks for: nobody waits, its page is told.</summary>
    public static readonly Work AtThePot = new("at-the-pot", TimeSpan.FromSeconds(30));

    /// <summary>All of them.</summary>
    public static readonly IReadOnlyList<Work> All = [Keep, Plan, Dish, Check, File, Learning, AtThePot];
}

/// <summary>Who goes first of what one client waits for.</summary>
internal enum WaitingOrder
{
    /// <summary>Before all that is only looked at, in the order of asking.</summary>
    Kept,

    /// <summary>The newest first: whoever asks again no longer cares about what was asked before.</summary>
    NewestFirst,

    /// <summary>After the others, in the order of asking; the first that is turned away.</summary>
    Last,
}
