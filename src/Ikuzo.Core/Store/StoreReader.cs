using System.Globalization;
using Ikuzo.Core.Loads;
using Ikuzo.Core.Quantities;
using Ikuzo.Core.Reading;

namespace Ikuzo.Core.Store;

/// <summary>What was typed into the cold store.</summary>
/// <param name="Item">The item with its first move; null when nothing was understood.</param>
/// <param name="Understood">What was understood, in kitchen words.</param>
/// <param name="Unknown">Words that mean nothing here.</param>
/// <param name="Problem">Why nothing is kept; null when something is.</param>
public sealed record StoreText(StoreItem? Item, IReadOnlyList<string> Understood, IReadOnlyList<string> Unknown, string? Problem);

/// <summary>Makes an item of the cold store of what was read.</summary>
public static class StoreReader
{
    private const double MostPortions = 100;

    /// <summary>Reads it.</summary>
    /// <param name="text">The text, at most <see cref="ColdText.MostCharacters"/>.</param>
    /// <param name="now">The present moment, with the offset of the household.</param>
    /// <param name="units">Units of numbers that have none.</param>
    public static StoreText Read(string text, DateTimeOffset now, UnitSystem units)
    {
        var said = ColdText.Read(text, DateOnly.FromDateTime(now.DateTime), units);
        List<string> understood = [.. said.Understood];
        var problem =
            said.Stops.Count > 0
                ? said.Stops[0].Text
                : said.Problem
                    ?? (
                        said.Portions > MostPortions ? $"At most {MostPortions:0} boxes."
                        : said.Portions <= 0 ? "How many boxes? Half of one is the least."
                        : null
                    );
        if (problem is not null || said.Kind is not { } kind)
        {
            return new(null, understood, said.Unknown, problem ?? "Say what it is.");
        }

        var since = said.Since ?? DateOnly.FromDateTime(now.DateTime);
        understood.Add(said.Place is null ? "in the fridge, since nothing else was said" : $"in the {Words(PlaceOf(said.Place))}");
        if (said.Since is not null)
        {
            understood.Add($"since {since.ToString("d MMMM", CultureInfo.InvariantCulture)}");
        }

        return new(
            new StoreItem
            {
                Kind = kind switch
                {
                    ColdKind.Raw => StoreKind.Raw,
                    ColdKind.Stock => StoreKind.Stock,
                    ColdKind.Meal => StoreKind.Meal,
                    _ => StoreKind.Cooked,
                },
                Name = kind == ColdKind.Raw ? Capital(Load(said.Meat!).Words) : said.Name,
                Cut = said.Meat?.Cut,
                Pieces =
                    kind == ColdKind.Raw ? said.Meat!.Pieces
                    : said.IsCounted ? said.Meat?.Pieces
                    : null,
                TotalKg = kind == ColdKind.Raw ? said.Meat!.TotalKg : said.TotalKg,
                Portions = said.Portions,
                Ml = said.Ml,
                PrintedUseBy = said.UseBy,
                Moves = [new("0", PlaceOf(said.Place), At(since, said.SinceTime, now))],
            },
            understood,
            said.Unknown,
            null
        );
    }

    private static MeatLoad Load(AskedMeat meat) =>
        new()
        {
            Cut = meat.Cut,
            Pieces = meat.Pieces,
            TotalKg = meat.TotalKg,
        };

    private static StorePlace PlaceOf(string? place) =>
        place switch
        {
            "freezer" => StorePlace.Freezer,
            "thawing" => StorePlace.Thawing,
            "cold-water" => StorePlace.ColdWater,
            "out" => StorePlace.Out,
            _ => StorePlace.Fridge,
        };

    // Something of another day was there since noon of that day; of today since now. Never later than now.
    private static DateTimeOffset At(DateOnly day, TimeOnly? time, DateTimeOffset now)
    {
        var isToday = day == DateOnly.FromDateTime(now.DateTime);
        var at = isToday && time is null ? now : new DateTimeOffset(day.ToDateTime(time ?? new TimeOnly(12, 0)), now.Offset);
        return at > now ? now : at;
    }

    /// <summary>A place in kitchen words.</summary>
    public static string Words(StorePlace place) =>
        place switch
        {
            StorePlace.Freezer => "freezer",
            StorePlace.Thawing => "fridge, thawing",
            StorePlace.ColdWater => "cold water",
            StorePlace.Out => "kitchen",
            StorePlace.Gone => "past",
            _ => "fridge",
        };

    private static string Capital(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];
}
