using Ikuzo.Core.Quantities;

namespace Ikuzo.Core.Reading;

/// <summary>What was said of a cook that is over.</summary>
/// <param name="Question">What was cooked, and how.</param>
/// <param name="Day">On which day; null where nobody said, and for a day that is still to come.</param>
public sealed record BookText(Question Question, DateOnly? Day)
{
    private const int MostDays = 366;

    /// <summary>Reads "yesterday, 8 drumsticks, 12 min, vented, 85 °C": a hot temperature is what the thermometer said.</summary>
    /// <param name="text">The line, at most <see cref="CounterText.MostCharacters"/>.</param>
    /// <param name="today">The present day of the household.</param>
    /// <param name="units">Units of numbers that have none.</param>
    public static BookText Read(string text, DateOnly today, UnitSystem units)
    {
        var script = new Script(text);
        var heard = new Heard(new Doubts([])) { IsOver = true }.Take(new Reader(script, Field.Book).Best());

        var day = heard.Cold.Since?.Day.On(today, ahead: false);
        return new(new Resolving(heard, units, today).Question(), day <= today && day > today.AddDays(-MostDays) ? day : null);
    }
}
