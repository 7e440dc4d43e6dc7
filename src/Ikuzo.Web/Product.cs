namespace Ikuzo.Web;

/// <summary>What this is. The number is set in Directory.Build.props and nowhere else.</summary>
internal static class Product
{
    public const string Name = "Ikuzo";

    public static readonly string Version = typeof(Product).Assembly.GetName().Version!.ToString(3);
}
