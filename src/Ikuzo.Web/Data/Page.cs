namespace Ikuzo.Web.Data;

/// <summary>A page of a list.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Size">Rows of a page.</param>
public readonly record struct Page(int Number, int Size)
{
    /// <summary>Most rows of a page.</summary>
    public const int MostRows = 500;

    /// <summary>Rows of a page unless somebody says otherwise.</summary>
    public const int UsualRows = 200;

    /// <summary>Highest number.</summary>
    public const int MostPages = 100_000;

    /// <summary>All that fits on one.</summary>
    public static readonly Page First = new(1, MostRows);

    /// <summary>Rows before it.</summary>
    public long Skip => (Number - 1L) * Size;
}
