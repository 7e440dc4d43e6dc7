using Ikuzo.Core.Companions;

namespace Ikuzo.Core.Asking;

/// <summary>What cooks call the things beside the bird.</summary>
internal static class BesideNames
{
    private static readonly (string Id, string Phrases)[] Other =
    [
        ("long-grain-white-rice", "rice|white rice|long grain rice|long-grain rice|long grain white rice|jasmine rice"),
        ("basmati-rice", "basmati"),
        ("brown-rice", "brown rice|wholegrain rice"),
        ("wild-rice-blend", "wild rice|wild rice mix|wild rice blend"),
        ("pearl-barley", "barley"),
        ("polenta", "cornmeal|grits"),
        ("dry-navy-beans", "navy beans|dry beans|dried beans|dried navy beans|dry white beans|dried white beans|haricot beans"),
        ("dry-black-eyed-peas", "black-eyed peas|black eyed peas|dried black-eyed peas"),
        ("dry-chickpeas", "chickpeas|dried chickpeas|garbanzo beans"),
        ("dry-kidney-beans", "kidney beans|red beans|dried kidney beans"),
        ("dry-black-beans", "black beans|dried black beans"),
        ("green-split-peas", "split peas|green split peas|yellow split peas"),
        ("risotto-rice", "risotto rice|short grain rice|short-grain rice|arborio"),
        ("bulgur", "bulgur wheat|cracked wheat"),
        ("swede-chunks", "swede|swedes|turnip|turnips|rutabaga"),
        ("celeriac-chunks", "celeriac|celery root"),
        ("courgette", "courgettes|zucchini"),
        ("canned-chickpeas", "tinned chickpeas"),
        ("canned-white-beans", "white beans|tinned white beans|tinned beans|canned beans|beans"),
        ("brown-lentils", "lentils|green lentils"),
        ("penne-pasta", "pasta|penne|rigatoni|fusilli"),
        ("small-pasta", "small pasta|orzo|macaroni|ditalini"),
        ("egg-noodles", "noodles|egg noodle|noodle|noodle soup"),
        (
            "potatoes-chunks",
            "potato|potatoes|potato chunks|chunks of potato|potatoes in chunks|diced potatoes|cubed potatoes|"
                + "diced potato|large potatoes|medium potatoes"
        ),
        ("potatoes-whole-small", "small potatoes|new potatoes|baby potatoes|whole potatoes|small whole potatoes"),
        ("sweet-potato-chunks", "sweet potato|sweet potatoes|yams"),
        ("carrots-chunks", "carrot|carrots|diced carrots|sliced carrots|chopped carrots|chopped carrot"),
        ("carrots-whole", "whole carrots|baby carrots"),
        ("parsnips-chunks", "parsnip|parsnips"),
        ("beetroot-whole", "beetroot|beets|beet|beetroots"),
        ("squash-chunks", "squash|pumpkin|butternut squash|butternut"),
        ("brussels-sprouts", "sprouts|brussel sprouts|brussels sprout"),
        ("green-beans", "french beans|string beans|runner beans"),
        ("broccoli", "broccoli florets"),
        ("cauliflower", "cauliflower florets"),
        ("peas", "frozen peas|green peas|garden peas"),
        ("cabbage-wedges", "cabbage"),
        ("mushrooms", "mushroom|button mushrooms|sliced mushrooms"),
        ("onions", "onion|sliced onion|chopped onion|diced onion|sliced onions|chopped onions|diced onions|shallots"),
        ("leeks", "leek"),
        ("celery", "celery stick|celery sticks|celery stalk|celery stalks|sticks of celery|stalks of celery"),
        ("bell-pepper", "bell peppers|red pepper|red peppers|green pepper|green peppers|peppers"),
        ("aubergine-diced", "aubergine|aubergines|eggplant|eggplants"),
        ("tomatoes", "tomato|cherry tomatoes|fresh tomatoes"),
        ("corn-cobs", "corn|sweetcorn|corn on the cob|corn cob|cobs of corn"),
        ("apples", "apple"),
        ("prunes", "prune|dried plums"),
        ("dumpling-dough", "dumplings|dumpling"),
        ("barbecue-sauce", "barbecue sauce|bbq sauce|sweet sauce|ketchup|teriyaki sauce|sticky sauce"),
        ("honey-glaze", "honey|glaze|maple syrup|sweet glaze"),
        ("soft-cheese", "cheese|cream cheese"),
        ("cream", "heavy cream|double cream|sour cream|creme fraiche"),
        ("coconut-milk", "coconut milk|coconut cream"),
        ("starch-slurry", "slurry|cornstarch|cornflour|starch"),
    ];

    /// <summary>Each name with what it means: its own, in small letters, and what else it is called.</summary>
    public static IEnumerable<(Companion Companion, string Phrase)> All =>
        CompanionCatalogue
            .All.Select(c => (c, c.Name.ToLowerInvariant()))
            .Concat(Other.SelectMany(o => o.Phrases.Split('|').Select(phrase => (CompanionCatalogue.Find(o.Id)!, phrase))));
}
