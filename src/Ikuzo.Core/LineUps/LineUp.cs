using Ikuzo.Core.Dishes;

namespace Ikuzo.Core.LineUps;

/// <summary>What a task needs.</summary>
public enum LineUpLane
{
    /// <summary>The cook's hands.</summary>
    Hands,

    /// <summary>The pot.</summary>
    Pot,

    /// <summary>The oven.</summary>
    Oven,

    /// <summary>The fridge.</summary>
    Fridge,
}

/// <summary>How frozen meat is thawed.</summary>
public enum ThawWay
{
    /// <summary>Not at all.</summary>
    None,

    /// <summary>In the fridge.</summary>
    Fridge,

    /// <summary>In cold water that is changed every half an hour.</summary>
    ColdWater,
}

/// <summary>One thing to do, or to wait for.</summary>
/// <param name="Id">Unique within the line-up.</param>
/// <param name="Lane">What it needs.</param>
/// <param name="Start">From.</param>
/// <param name="End">To, at <paramref name="Start"/> or later.</param>
/// <param name="Text">What to do.</param>
/// <param name="HandsOn">True when the cook can do nothing else.</param>
public sealed record LineUpTask(string Id, LineUpLane Lane, DateTimeOffset Start, DateTimeOffset End, string Text, bool HandsOn);

/// <summary>A meal to schedule back from the table.</summary>
public sealed record LineUpRequest
{
    /// <summary>What is cooked.</summary>
    public required DishRequest Dish { get; init; }

    /// <summary>When it is eaten.</summary>
    public required DateTimeOffset ServeAt { get; init; }

    /// <summary>The present moment, to say what is too late; null to leave that out.</summary>
    public DateTimeOffset? Now { get; init; }

    /// <summary>Time zone of the kitchen, in which instants are written; null keeps the offset of <see cref="ServeAt"/>.</summary>
    public TimeZoneInfo? Zone { get; init; }

    /// <summary>True to brown the meat first.</summary>
    public bool Brown { get; init; }

    /// <summary>Minutes under a grill or in the oven at the end, 0 to 60.</summary>
    public double CrispMinutes { get; init; }

    /// <summary>Hours in a marinade or dry salt, 0 to 48.</summary>
    public double MarinadeHours { get; init; }

    /// <summary>Minutes that the meat rests before it is cut, 0 to 60.</summary>
    public double RestMinutes { get; init; } = 5;

    /// <summary>How frozen meat is thawed first.</summary>
    public ThawWay Thaw { get; init; }

    /// <summary>How often the pot is filled, one to four.</summary>
    public int Batches { get; init; } = 1;

    /// <summary>What it is seasoned with; null for nothing in particular.</summary>
    public string? Seasoning { get; init; }

    /// <summary>What loosens the browned bits; null for a splash of the liquid.</summary>
    public string? DeglazeWith { get; init; }

    /// <summary>Herbs and spices that go in whole.</summary>
    public IReadOnlyList<string> Aromatics { get; init; } = [];

    /// <summary>What is fried besides the meat where that is browned, in order.</summary>
    public IReadOnlyList<FryStep> Frying { get; init; } = [];

    /// <summary>What else has to be done; it goes where hands are free.</summary>
    public IReadOnlyList<HandsFreeJob> Meanwhile { get; init; } = [];

    /// <summary>What is done for another day once it is served.</summary>
    public IReadOnlyList<string> Later { get; init; } = [];

    /// <summary>What is done to the dish at the end.</summary>
    public IReadOnlyList<string> Finish { get; init; } = [];
}

/// <summary>A job for the hands while the pot works.</summary>
/// <param name="Text">What to do.</param>
/// <param name="Minutes">How long, min, 1 to 120.</param>
public sealed record HandsFreeJob(string Text, double Minutes);

/// <summary>The whole meal back from eating time.</summary>
/// <param name="StartBy">When the first task starts; null when there is no arrangement.</param>
/// <param name="Tasks">In the order of their start.</param>
/// <param name="Conflicts">What does not work, in words; empty when all is well.</param>
public sealed record LineUp(DateTimeOffset? StartBy, IReadOnlyList<LineUpTask> Tasks, IReadOnlyList<string> Conflicts)
{
    /// <summary>The earliest moment at which it can be eaten; null where that which was asked for can be kept.</summary>
    public DateTimeOffset? Earliest { get; init; }
}
