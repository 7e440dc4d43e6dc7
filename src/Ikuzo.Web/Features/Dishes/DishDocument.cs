using System.ComponentModel.DataAnnotations;
using System.Text.Json.Serialization;
using Ikuzo.Core.Dishes;
using Ikuzo.Core.LineUps;
using Ikuzo.Core.Reading;
using Ikuzo.Web.Errors;
using Ikuzo.Web.Features.Kitchen;
using Ikuzo.Web.Features.LineUps;

namespace Ikuzo.Web.Features.Dishes;

/// <summary>A job for the hands while the pot works.</summary>
/// <param name="Text">What to do; at most 200 characters.</param>
/// <param name="Minutes">How long, min, 1 to 120.</param>
public sealed record JobBody(
    [property: Needed, Longest(DishDocument.MostLineCharacters), PlainText] string? Text,
    [property: Needed, Limits(1, 120, "min")] double? Minutes
)
{
    /// <summary>The job for Core. Only for a body without errors.</summary>
    internal HandsFreeJob ToCore() => new(Text!, Minutes!.Value);
}

/// <summary>A dish as it is kept and as our own file carries it: bird, companions, seasoning, browning, layers in order, finish.</summary>
public sealed record DishDocument : MealBody
{
    /// <summary>Value of <see cref="Format"/>.</summary>
    public const string FormatName = "ikuzo-dish";

    /// <summary>Newest version that is written and read.</summary>
    public const int NewestVersion = 1;

    internal const int MostLines = 30,
        MostLineCharacters = 200,
        MostServings = 40;

    /// <summary>"ikuzo-dish".</summary>
    [JsonPropertyOrder(-3)]
    [Longest(20)]
    public string Format { get; init; } = FormatName;

    /// <summary>Version of the format: 1.</summary>
    [JsonPropertyOrder(-2)]
    [Limits(1, 1_000)]
    public int Version { get; init; } = NewestVersion;

    /// <summary>What the household calls it; at most 80 characters.</summary>
    [JsonPropertyOrder(-1)]
    [Needed]
    [Longest(MostNameCharacters)]
    [PlainText]
    public override string? Name { get; init; }

    /// <summary>For how many, 1 to 40.</summary>
    [Needed]
    [Limits(1, MostServings)]
    public int? Servings { get; init; }

    /// <summary>What it is seasoned with; at most 200 characters.</summary>
    [Longest(MostLineCharacters)]
    [PlainText]
    public string? Seasoning { get; init; }

    /// <summary>What loosens the browned bits; at most 200 characters.</summary>
    [Longest(MostLineCharacters)]
    [PlainText]
    public string? DeglazeWith { get; init; }

    /// <summary>Herbs, spices and all that goes in beside without changing minutes; at most 30 lines.</summary>
    [Entries(0, MostLines)]
    [Lines(MostLineCharacters)]
    public IReadOnlyList<string>? Aromatics { get; init; }

    /// <summary>Jobs while the pot works; at most 30.</summary>
    [Entries(0, MostLines)]
    public IReadOnlyList<JobBody>? Meanwhile { get; init; }

    /// <summary>A sauce or glaze of two halves: one before, one kept clean for after; at most 200 characters.</summary>
    [Longest(MostLineCharacters)]
    [PlainText]
    public string? Sauce { get; init; }

    /// <summary>What is done for another day once it is served, such as freezing a half; at most 30 lines.</summary>
    [Entries(0, MostLines)]
    [Lines(MostLineCharacters)]
    public IReadOnlyList<string>? Later { get; init; }

    /// <summary>What is done at the end, in order; at most 30 lines.</summary>
    [Entries(0, MostLines)]
    [Lines(MostLineCharacters)]
    public IReadOnlyList<string>? Finish { get; init; }

    /// <summary>Whatever else is worth remembering, in lines; at most 30.</summary>
    [Entries(0, MostLines)]
    [Lines(MostLineCharacters)]
    public IReadOnlyList<string>? Notes { get; init; }

    /// <inheritdoc/>
    public override IEnumerable<ValidationResult> Validate(ValidationContext validationContext)
    {
        if (Format != FormatName || Version is < 1 or > NewestVersion)
        {
            yield return new(
                $"must be \"{FormatName}\" in version 1 to {NewestVersion}. A newer Ikuzo may have written it.",
                [nameof(Format)]
            );
        }

        foreach (var result in base.Validate(validationContext))
        {
            yield return result;
        }
    }

    /// <summary>The dish for other servings, in as many batches as the pot asks for; null when that is too often.</summary>
    internal ScaledView? For(int servings, UsualKitchen kitchen, CancellationToken cancellation)
    {
        var factor = Math.Clamp((double)servings / Servings!.Value, 0.1, 20);
        return Scaling.To(ToRequest(kitchen), factor, cancellation) is { } scaled
            ? new(
                this with
                {
                    Servings = servings,
                    BrothMl = scaled.PerBatch.BrothMl,
                    Items =
                    [
                        .. scaled.PerBatch.Items.Concat(scaled.PerBatch.Liquids).Select(DishItemBody.Of),
                        .. Items!.Where(i => i.Kind == ItemKind.Line),
                    ],
                },
                scaled.Batches,
                scaled.Why
            )
            : null;
    }

    /// <summary>All that goes in beside without changing minutes.</summary>
    internal IReadOnlyList<LineItem> AllLines() => [.. (Aromatics ?? []).Select(LineMoments.Read), .. Lines];

    /// <summary>What is done at the end, in order.</summary>
    internal IReadOnlyList<string> AtTheEnd(IReadOnlyList<LineItem> lines) => [.. LineMoments.AtTheEnd(lines), .. Finish ?? []];

    internal override LineUpRequest Detail(LineUpRequest meal)
    {
        var lines = AllLines();
        return meal with
        {
            Seasoning = Seasoning,
            DeglazeWith = DeglazeWith,
            Aromatics = LineMoments.Under(lines),
            Frying = LineMoments.Fried(meal.Dish.Items.OfType<BesideItem>(), lines),
            Later = Later ?? [],
            Meanwhile = [.. (Meanwhile ?? []).Select(j => j.ToCore())],
            Finish = AtTheEnd(lines),
        };
    }
}

/// <summary>A kept dish.</summary>
public sealed record KeptDish
{
    /// <summary>Stable name.</summary>
    public required string Id { get; init; }

    /// <summary>The dish.</summary>
    public required DishDocument Document { get; init; }

    /// <summary>When it was last changed.</summary>
    public required DateTimeOffset ChangedAt { get; init; }

    /// <summary>What it is now; a change may name it in If-Match, so that it changes nothing that somebody else changed.</summary>
    public required string Version { get; init; }
}

/// <summary>A line of a list of ingredients to read.</summary>
/// <param name="Text">As in "6 chicken thighs 1.2 kg"; at most 300 characters.</param>
/// <param name="Key">Name that the item gets; at most 40 characters.</param>
public sealed record IngredientBody(
    [property: Needed, Longest(DishLine.MostCharacters)] string? Text,
    [property: Needed, Longest(DishItemBody.MostKeyCharacters)] string? Key
);

/// <summary>What came of a file.</summary>
/// <param name="Dish">The dish, now kept.</param>
/// <param name="NotMapped">What could not be taken over, in words.</param>
public sealed record ImportView(KeptDish Dish, IReadOnlyList<string> NotMapped);

/// <summary>A dish for other servings.</summary>
/// <param name="Document">What goes into the pot at a time.</param>
/// <param name="Batches">How often the pot is filled.</param>
/// <param name="Why">In one sentence.</param>
public sealed record ScaledView(DishDocument Document, int Batches, string Why);
