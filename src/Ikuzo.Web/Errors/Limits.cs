using System.Buffers;
using System.Collections;
using System.ComponentModel.DataAnnotations;
using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;
using Ikuzo.Core.Companions;
using Ikuzo.Core.Planning;
using Ikuzo.Core.Poultry;

namespace Ikuzo.Web.Errors;

/// <summary>Something that must be there.</summary>
[AttributeUsage(AttributeTargets.Property | AttributeTargets.Parameter)]
public sealed class NeededAttribute : RequiredAttribute
{
    /// <summary>The words of every refusal of what is not there.</summary>
    public const string Missing = "is missing.";

    /// <inheritdoc/>
    public override string FormatErrorMessage(string name) => Missing;
}

/// <summary>The range of a number, both ends included. The OpenAPI document carries it.</summary>
/// <param name="least">Least value.</param>
/// <param name="most">Greatest value.</param>
/// <param name="unit">Unit in the words of a refusal.</param>
[AttributeUsage(AttributeTargets.Property | AttributeTargets.Parameter)]
public sealed class LimitsAttribute(double least, double most, string unit = "") : RangeAttribute(least, most)
{
    /// <inheritdoc/>
    public override string FormatErrorMessage(string name) => Between((IConvertible)Minimum, (IConvertible)Maximum, unit);

    /// <summary>The words of every refusal of what is outside its range.</summary>
    /// <param name="least">Least value.</param>
    /// <param name="most">Greatest value.</param>
    /// <param name="unit">Unit, and what else belongs to it.</param>
    internal static string Between(IConvertible least, IConvertible most, string unit = "") =>
        string.Create(CultureInfo.InvariantCulture, $"must lie between {least} and {most}{(unit.Length > 0 ? " " : "")}{unit}.");
}

/// <summary>The greatest length of a text. The OpenAPI document carries it.</summary>
/// <param name="most">Characters.</param>
[AttributeUsage(AttributeTargets.Property | AttributeTargets.Parameter)]
public sealed class LongestAttribute(int most) : StringLengthAttribute(most)
{
    /// <inheritdoc/>
    public override bool IsValid(object? value) => base.IsValid(value) && (value is not string text || Characters.AreAll(text));

    /// <inheritdoc/>
    public override string FormatErrorMessage(string name) =>
        string.Create(CultureInfo.InvariantCulture, $"is longer than {MaximumLength} characters, or has some that are none.");
}

/// <summary>What is a character at all.</summary>
internal static class Characters
{
    private const int PlaneMask = 0xFFFF,
        LastTwo = 0xFFFE,
        FirstOfArabicForms = 0xFDD0,
        LastOfArabicForms = 0xFDEF;

    /// <summary>The text of a file.</summary>
    /// <exception cref="FormatException">There is in it what is no character.</exception>
    public static string OfFile(string text) =>
        AreAll(text)
            ? text
            : throw new FormatException("There is something in this file that no text has. Save it as UTF-8 and send it again.");

    /// <summary>True for whole characters, none of which the Unicode Standard (23.7, noncharacters) sets aside for ever.</summary>
    public static bool AreAll(string text)
    {
        for (var rest = text.AsSpan(); rest.Length > 0; )
        {
            if (
                Rune.DecodeFromUtf16(rest, out var rune, out var taken) != OperationStatus.Done
                || (rune.Value & PlaneMask) >= LastTwo
                || rune.Value is >= FirstOfArabicForms and <= LastOfArabicForms
            )
            {
                return false;
            }

            rest = rest[taken..];
        }

        return true;
    }
}

/// <summary>How many entries a list may have, none of them null. The OpenAPI document carries it.</summary>
/// <param name="least">Fewest.</param>
/// <param name="most">Most.</param>
[AttributeUsage(AttributeTargets.Property | AttributeTargets.Parameter)]
public sealed class EntriesAttribute(int least, int most) : LengthAttribute(least, most)
{
    /// <inheritdoc/>
    public override bool IsValid(object? value) =>
        base.IsValid(value) && (value as IEnumerable)?.Cast<object?>().All(entry => entry is not null) != false;

    /// <inheritdoc/>
    public override string FormatErrorMessage(string name) =>
        string.Create(CultureInfo.InvariantCulture, $"must have {MinimumLength} to {MaximumLength} entries, none of them empty.");
}

/// <summary>Text without markup and control characters.</summary>
[AttributeUsage(AttributeTargets.Property | AttributeTargets.Parameter)]
public sealed partial class PlainTextAttribute() : ValidationAttribute("contains markup or control characters; only plain text is taken.")
{
    /// <inheritdoc/>
    public override bool IsValid(object? value) => value is not string text || !(Markup().IsMatch(text) || text.Any(char.IsControl));

    [GeneratedRegex(@"<\s*[a-zA-Z/!?]|javascript:", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 100)]
    private static partial Regex Markup();
}

/// <summary>Lines of plain text, none of them empty.</summary>
/// <param name="mostCharacters">Longest line.</param>
[AttributeUsage(AttributeTargets.Property | AttributeTargets.Parameter)]
public sealed class LinesAttribute(int mostCharacters) : ValidationAttribute
{
    private static readonly PlainTextAttribute Plain = new();

    /// <summary>Longest line.</summary>
    public int MostCharacters => mostCharacters;

    /// <inheritdoc/>
    public override bool IsValid(object? value) =>
        value is not IEnumerable<string?> lines
        || lines.All(line =>
            !string.IsNullOrWhiteSpace(line) && line.Length <= mostCharacters && Plain.IsValid(line) && Characters.AreAll(line)
        );

    /// <inheritdoc/>
    public override string FormatErrorMessage(string name) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"has a line that is empty, longer than {mostCharacters} characters, or not plain text."
        );
}

/// <summary>A moment between the years 2000 and 2200.</summary>
[AttributeUsage(AttributeTargets.Property | AttributeTargets.Parameter)]
public sealed class MomentAttribute() : ValidationAttribute("must be a moment with offset between the years 2000 and 2200.")
{
    /// <inheritdoc/>
    public override bool IsValid(object? value) => value is not DateTimeOffset { Year: < 2000 or > 2200 };
}

/// <summary>Id of a cut of the catalogue.</summary>
[AttributeUsage(AttributeTargets.Property | AttributeTargets.Parameter)]
public sealed class CutIdAttribute() : ValidationAttribute("is not a cut that we know; see /api/catalogue.")
{
    /// <inheritdoc/>
    public override bool IsValid(object? value) => value is not string id || CutCatalogue.Find(id) is not null;
}

/// <summary>Id of a companion of the catalogue.</summary>
[AttributeUsage(AttributeTargets.Property | AttributeTargets.Parameter)]
public sealed class CompanionIdAttribute() : ValidationAttribute("is not a companion that we know; see /api/catalogue.")
{
    /// <inheritdoc/>
    public override bool IsValid(object? value) => value is not string id || CompanionCatalogue.Find(id) is not null;
}

/// <summary>Id of a school of the catalogue, or of none.</summary>
[AttributeUsage(AttributeTargets.Property | AttributeTargets.Parameter)]
public sealed class SchoolIdAttribute() : ValidationAttribute("is not a school that we know; see /api/catalogue.")
{
    /// <inheritdoc/>
    public override bool IsValid(object? value) => value is null or Schools.None || Schools.Names.Any(s => s.Id == (value as string));
}

/// <summary>Name of a time zone.</summary>
[AttributeUsage(AttributeTargets.Property | AttributeTargets.Parameter)]
public sealed class ZoneAttribute() : ValidationAttribute("is not a time zone that we know.")
{
    /// <inheritdoc/>
    public override bool IsValid(object? value) => value is not string id || TimeZoneInfo.TryFindSystemTimeZoneById(id, out _);
}
