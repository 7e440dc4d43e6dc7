using Ikuzo.Core.Companions;
using Ikuzo.Core.Reading;

namespace Ikuzo.Core.Tests.Reading;

/// <summary>When lines go in that change no minutes: nothing that thickens, burns or curdles goes under pressure unasked.</summary>
public class LineMomentsTests
{
    [Theory]
    [InlineData("5 cups of cheese", GoesIn.After)]
    [InlineData("2 tbsp cornflour in cold water", GoesIn.After)]
    [InlineData("3 tbsp flour", GoesIn.After)]
    [InlineData("150 g yoghurt", GoesIn.After)]
    [InlineData("2 eggs", GoesIn.After)]
    [InlineData("50 g ground almonds", GoesIn.Aside)]
    [InlineData("2 tbsp maple syrup", GoesIn.After)]
    [InlineData("ketchup", GoesIn.After)]
    [InlineData("a handful of parsley", GoesIn.After)]
    [InlineData("juice of 1 lime", GoesIn.After)]
    [InlineData("200 g shortcrust pastry", GoesIn.Aside)]
    [InlineData("4 slices of bread", GoesIn.Aside)]
    [InlineData("1 bay leaf", GoesIn.Under)]
    [InlineData("2 cloves garlic", GoesIn.Under)]
    [InlineData("1 tsp cumin", GoesIn.Under)]
    [InlineData("100 g bacon", GoesIn.Under)]
    [InlineData("2 tbsp tomato paste", GoesIn.Under)]
    [InlineData("salt and pepper", GoesIn.Under)]
    [InlineData("squeeze of lemon", GoesIn.After)]
    [InlineData("parsley stalks", GoesIn.Under)]
    [InlineData("1 tsp dried basil", GoesIn.Under)]
    [InlineData("1 pomegranate, seeds only, to serve", GoesIn.Aside)]
    [InlineData("1 pinch of stardust", GoesIn.After)]
    [InlineData("300 ml cream", GoesIn.After)]
    [InlineData("150 g halloumi", GoesIn.After)]
    [InlineData("1 ball of mozzarella", GoesIn.After)]
    [InlineData("100 g feta", GoesIn.After)]
    [InlineData("80 g gouda", GoesIn.After)]
    [InlineData("50 g blue cheese", GoesIn.After)]
    public void Line_HasTheMomentOfWhatItIs(string text, GoesIn moment) => Assert.Equal(moment, LineMoments.Read(text).Moment());

    [Fact]
    public void Words_AreOfTheirMoment()
    {
        var lines = new[] { "1 bay leaf", "80 g grated cheese", "4 slices of bread" }.Select(LineMoments.Read).ToList();
        Assert.Equal(["1 bay leaf"], LineMoments.Under(lines));
        Assert.Equal(["Add 80 g grated cheese, the lid off.", "Beside it: 4 slices of bread."], LineMoments.AtTheEnd(lines));
    }
}
