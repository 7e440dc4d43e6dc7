using Ikuzo.Core.Book;

namespace Ikuzo.Web.Features.Kitchen;

/// <summary>What the household has learned by now. Replaced as a whole by whoever reads the journals.</summary>
public sealed class LearnedNow
{
    private volatile Learned _learned = Learned.Nothing;

    /// <summary>All that was learned.</summary>
    public Learned Learned
    {
        get => _learned;
        set => _learned = value;
    }
}
