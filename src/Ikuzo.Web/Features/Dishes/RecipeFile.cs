namespace Ikuzo.Web.Features.Dishes;

/// <summary>
/// What a dish looks like as schema.org Recipe in JSON-LD; <see cref="RecipeWriter"/> and <see cref="RecipeReader"/> agree on it.
/// </summary>
internal static class RecipeFile
{
    public const string ContentType = "application/ld+json";

    /// <summary>Names of the sections of the instructions.</summary>
    public const string Before = "Before",
        UnderPressure = "Under pressure",
        AtTheEnd = "At the end",
        Meanwhile = "Meanwhile";
}
