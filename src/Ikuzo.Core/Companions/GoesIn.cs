namespace Ikuzo.Core.Companions;

/// <summary>When something goes in.</summary>
public enum GoesIn
{
    /// <summary>Under the lid.</summary>
    Under,

    /// <summary>After pressure.</summary>
    After,

    /// <summary>Beside the pot, at the table.</summary>
    Aside,
}
