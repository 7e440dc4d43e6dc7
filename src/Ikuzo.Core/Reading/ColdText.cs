using System.Globalization;
using Ikuzo.Core.Poultry;
using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>What something in the cold is.</summary>
public enum ColdKind
{
    /// <summary>Raw poultry.</summary>
    Raw,

    /// <summary>Cooked poultry.</summary>
    Cooked,

    /// <summary>Stock.</summary>
    Stock,

    /// <summary>A meal of several things.</summary>
    Meal,
}

/// <summary>What was typed into the cold store.</summary>
public sealed record ColdText
{
    /// <summary>Longest text, characters.</summary>
    public const int MostCharacters = 200;

    /// <summary>What it is; null where nothing is kept.</summary>
    public ColdKind? Kind { get; init; }

    /// <summary>What it is called.</summary>
    public string Name { get; init; } = "";

    /// <summary>The raw or cooked cut.</summary>
    public AskedMeat? Meat { get; init; }

    /// <summary>Its weight as it was said, kg.</summary>
    public double? TotalKg { get; init; }

    /// <summary>True where its number or weight was said.</summary>
    public bool IsWeighed { get; init; }

    /// <summary>True where it was counted.</summary>
    public bool IsCounted { get; init; }

    /// <summary>Portions or boxes.</summary>
    public double? Portions { get; init; }

    /// <summary>How much of what is poured, ml.</summary>
    public double? Ml { get; init; }

    /// <summary>Where: fridge, freezer, thawing, cold-water, out; null where nobody said.</summary>
    public string? Place { get; init; }

    /// <summary>Since which day; null where nobody said.</summary>
    public DateOnly? Since { get; init; }

    /// <summary>Since which time of that day.</summary>
    public TimeOnly? SinceTime { get; init; }

    /// <summary>The use-by day that is printed on it.</summary>
    public DateOnly? UseBy { get; init; }

    /// <summary>What must not go on.</summary>
    public IReadOnlyList<ReadStop> Stops { get; init; } = [];

    /// <summary>What was understood, in kitchen words.</summary>
    public required IReadOnlyList<string> Understood { get; init; }

    /// <summary>Words that mean nothing here.</summary>
    public required IReadOnlyList<string> Unknown { get; init; }

    /// <summary>Why nothing is kept; null when something is.</summary>
    public string? Problem { get; init; }

    private const string NoPoultry = "Say what it is: a cut of chicken, turkey or duck, stock, or what was cooked of them.";

    private const double MostMl = 100_000;

    /// <summary>Reads "8 thighs 1.4 kg fridge bought today", "stock 1.2 l", "2 boxes shredded, freezer".</summary>
    /// <param name="text">The text.</param>
    /// <param name="today">The present day of the household.</param>
    /// <param name="units">Units of numbers that have none.</param>
    public static ColdText Read(string text, DateOnly today, UnitSystem units)
    {
        var script = new Script(text);
        var heard = new Heard(new Doubts([])).Take(new Reader(script, Field.Cold).Best());

        heard.Cold.IsOut |= PassedOver.WarmPlace(heard, script) is not null;
        return Of(heard, text, new Resolving(heard, units, today).Question(), today);
    }

    private static ColdText Of(Heard heard, string text, Question question, DateOnly today)
    {
        var cold = heard.Cold;
        var stocks = heard.Beside.Where(b => b.Food!.Liquid == "stock").ToList();
        var isCooked = heard.AllMeats.Any(m => m.IsCooked || m.IsRoast || m.Aim == Aim.Pull) || heard.IsCooked;
        var several =
            heard.AllMeats.Count > 0
            && heard.Beside.Any(b => b.Food!.Kind is not (FoodKind.Herb or FoodKind.Spice or FoodKind.Other))
            && heard.AllMeats[0].Kg is null
            && (cold.Portions is not null || isCooked || heard.AllMeats[0].Packs is not null);
        var portions =
            cold.Portions
            ?? heard
                .AllMeats.Select(m => m.Portions ?? (isCooked || several || cold.MealName is not null ? m.Packs : null))
                .FirstOrDefault(p => p is not null);
        ColdKind? kind =
            cold.IsGone ? null
            : cold.MealName is not null && IsPoultryMeal(cold.MealName, heard) ? ColdKind.Meal
            : stocks.Count > 0 && heard.AllMeats.All(m => m.Part is null) ? ColdKind.Stock
            : several ? ColdKind.Meal
            : heard.AllMeats.Count == 0 && !(isCooked && portions is not null) ? null
            : isCooked ? ColdKind.Cooked
            : question.Meat is null ? null
            : ColdKind.Raw;
        if (kind is ColdKind.Raw)
        {
            heard.Unknown.AddRange(heard.LooseMl.Select(l => l.Text)); // nobody pours raw meat
            heard.Unknown.AddRange(
                heard.AllMeats.Skip(1).Where(m => m.Part is not null && m.Part != heard.AllMeats[0].Part).Select(m => m.Text)
            );
        }

        var since = cold.Since is { } s ? s.Day.On(today, ahead: false) : null;
        List<string> understood = [.. heard.Understood.Select(u => u.As)];
        var isStood = question.Stops.Count > 0 || cold.IsOut || heard.StoodMinutes is not null;
        return new()
        {
            Kind = kind,
            Name = NameOf(kind, cold, heard, text, stocks, question),
            Meat = kind is ColdKind.Raw or ColdKind.Cooked ? question.Meat ?? MeatOf(heard, today) : null,
            TotalKg =
                kind == ColdKind.Raw
                    ? question.Meat?.TotalKg
                    : heard.AllMeats.Select(m => m.Kg).FirstOrDefault(k => k is not null)
                        ?? heard.LooseKg.Select(k => (double?)k.Kg).FirstOrDefault(),
            IsWeighed = heard.AllMeats.Any(m => m.Kg is not null),
            IsCounted = heard.AllMeats.Any(m => m.Count is not null),
            Portions = portions ?? (kind == ColdKind.Stock ? Several(stocks) : null),
            Ml = kind is ColdKind.Stock or ColdKind.Meal ? MlOf(cold, stocks, heard) : null,
            Place = isStood
                ? "out"
                : cold.Place
                    ?? (
                        heard.AllMeats.Any(m => m.IsThawing) ? "thawing"
                        : heard.State == Loads.MeatState.Frozen
                        || heard.Beside.Exists(b => b.Is(s => s.State == Loads.MeatState.Frozen))
                        || heard.AllMeats.Any(m => m.State == Loads.MeatState.Frozen)
                            ? "freezer"
                        : null
                    ),
            Since = since <= today ? since : null,
            SinceTime = cold.Since?.Time ?? (cold.Since?.Day.Hour is { } hour ? new TimeOnly(hour, 0) : null),
            UseBy = cold.UseBy?.On(today, ahead: true),
            Stops = question.Stops,
            Understood = understood,
            Unknown = heard.Unknown,
            Problem = kind is null ? question.Problem ?? NoPoultry : null,
        };
    }

    private static AskedMeat? MeatOf(Heard heard, DateOnly today)
    {
        if (heard.AllMeats is not [var first, ..] || first is { Part: null, CutId: null, Count: null })
        {
            return null;
        }

        var raw = new Heard(new Doubts([]));
        raw.Meats.Add(first.Raw());
        return new Resolving(raw, UnitSystem.Metric, today).Question().Meat;
    }

    private static bool IsPoultryMeal(string name, Heard heard) =>
        heard.AllMeats.Count > 0
        || name.Split(' ')
            .Any(w =>
                Lexicon
                    .Known.At([w.ToLowerInvariant().Trim('s')], 0)
                    .Concat(Lexicon.Known.At([w.ToLowerInvariant()], 0))
                    .Any(f => f.Sense is { Kind: SenseKind.Meat, IsWeak: false })
            )
        || name.Contains("coq", StringComparison.OrdinalIgnoreCase)
        || heard.Others.Count == 0;

    private static double? Several(List<Item> stocks) => stocks.Select(s => s.Count?.Value.Middle).FirstOrDefault(n => n is not null);

    private static double? MlOf(ColdHeard cold, List<Item> stocks, Heard heard)
    {
        var ml =
            cold.Ml
            ?? stocks.Select(s => Amounts.Of(s).Ml).FirstOrDefault(v => v is not null)
            ?? (heard.LooseMl.Count > 0 ? heard.LooseMl[0].Ml : null);
        return ml is > 0 and <= MostMl ? ml : null;
    }

    private static string NameOf(ColdKind? kind, ColdHeard cold, Heard heard, string text, List<Item> stocks, Question question) =>
        Capital(
            kind switch
            {
                ColdKind.Meal => cold.MealName ?? heard.NameOfAll,
                ColdKind.Stock => stocks[0].FoodSense!.Name,
                ColdKind.Cooked => heard.AllMeats.Count > 0
                    ? $"{(heard.AllMeats[0].Aim == Aim.Pull ? "pulled" : "cooked")} {heard.AllMeats[0].Text.ToLowerInvariant()}"
                    : text,
                ColdKind.Raw when question.Meat is { } meat => string.Create(
                    CultureInfo.InvariantCulture,
                    $"{meat.Pieces} {(meat.Pieces == 1 ? meat.Cut.Name : meat.Cut.Plural)}"
                ),
                _ => text,
            }
        );

    private static string Capital(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];
}
