using Ikuzo.Core.Companions;

namespace Ikuzo.Core.Dishes;

/// <summary>How a dish comes to the table, as far as its name says so: it decides how much liquid goes in.</summary>
public enum Serving
{
    /// <summary>On a plate, with what the pot leaves.</summary>
    Plate,

    /// <summary>In a thick sauce, as a chilli.</summary>
    Sauce,

    /// <summary>In a thick soup, as a chowder.</summary>
    ThickSoup,

    /// <summary>In its liquid, as a stew.</summary>
    Stew,

    /// <summary>As a soup, whose vegetables cook from the start.</summary>
    Soup,

    /// <summary>In clear broth, whose vegetables come late.</summary>
    Broth,
}

/// <summary>What the name of a dish says of how it is served.</summary>
public static class Servings
{
    private static readonly Dictionary<string, Serving> Words = new(StringComparer.OrdinalIgnoreCase)
    {
        ["chilli"] = Serving.Sauce,
        ["chili"] = Serving.Sauce,
        ["chowder"] = Serving.ThickSoup,
        ["stew"] = Serving.Stew,
        ["ragout"] = Serving.Stew,
        ["hotpot"] = Serving.Stew,
        ["soup"] = Serving.Soup,
        ["minestrone"] = Serving.Soup,
        ["broth"] = Serving.Broth,
    };

    // What comes after is beside it.
    private static readonly string[] Beside = ["with", "on", "over", "in", "and", "then", "for", "from"];

    /// <summary>The serving that a name says: the last word before what is served with it. "Chilli thighs" are thighs.</summary>
    /// <param name="name">As the household calls the dish; null for no name.</param>
    public static Serving Named(string? name)
    {
        var words = (name ?? "").Split(',', 2)[0].Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries);
        return words
            .Where((_, i) => i == words.Length - 1 || Beside.Contains(words[i + 1], StringComparer.OrdinalIgnoreCase))
            .Select(w => Words.GetValueOrDefault(w.TrimEnd('s'), Serving.Plate))
            .FirstOrDefault(s => s != Serving.Plate);
    }

    /// <summary>Liquid that a dish is served in, ml: by the weight of all that is eaten from it; 0 on a plate.</summary>
    /// <param name="dish">The dish.</param>
    public static double Ml(DishRequest dish)
    {
        var grams = dish.Items.Sum(i =>
            i switch
            {
                MeatItem meat => meat.Load.TotalKg * 1000,
                BesideItem { Companion.Kind: not CompanionKind.Enrichment } beside => beside.Grams,
                _ => 0,
            }
        );
        // Pasta drinks of the broth in which it is served.
        var drunk =
            dish.Served == Serving.Broth
                ? dish.Items.OfType<BesideItem>().Where(b => b.Companion.Kind == CompanionKind.Pasta).Sum(b => b.Load.PouredMl)
                : 0;
        return Math.Min(Math.Ceiling((grams * MlPerGram(dish.Served) + drunk) / 10) * 10, OpenPot.RoomMl(dish));
    }

    // As good cooks pour for dishes of these names; juice and what vegetables give come on top. Kitchen practice.
    private static double MlPerGram(Serving served) =>
        served switch
        {
            Serving.Sauce => 0.22,
            Serving.ThickSoup => 0.45,
            Serving.Stew => 0.6,
            Serving.Soup or Serving.Broth => 1,
            _ => 0,
        };
}
