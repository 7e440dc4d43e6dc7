namespace Ikuzo.Core.Reading;

/// <summary>What happens at the pot and at the table, by the name of the case: where it leads, in a sentence.</summary>
public static class Cases
{
    private static readonly Dictionary<string, string> Sentences = new()
    {
        ["reading"] = "What a thermometer says is judged at Check.",
        ["not-done"] = "Colour says nothing either way: only a thermometer does. Check takes the reading and says what to do.",
        ["tough"] = "How it came out goes into the Book, and the next plan learns from it. If it may be underdone, measure at Check.",
        ["opened-early"] = "What had how many minutes is computed at Check, from a reading.",
        ["put-back"] = "How long it goes back is computed at Check, from a reading.",
        ["is-it-done"] = "Only a thermometer says so. Check takes the reading.",
        ["no-rack"] = "What lay in the liquid heats like the liquid. Check takes the reading and decides.",
        ["kept-warm"] = "What stood on warm is judged by how hot it is: Check takes the reading.",
        ["no-pressure"] = "Close the valve, look at the ring, and see that there is thin liquid. Minutes count from pressure on.",
        ["pin"] = "Never open with the pin up. While it hisses it is not done letting go.",
        ["scorched"] = "Switch off, let the pressure go, loosen what sticks, add thin liquid.",
        ["beeps"] = "Its manual says what the signal means.",
        ["power"] = "How long it had no power decides, and then a thermometer.",
        ["no-liquid"] = "Switch off at once. Without liquid there is no steam, and it scorches.",
        ["valve"] = "With the valve open no minute counts. Close it and begin again; look at the liquid first.",
        ["steam"] = "Keep hands away from steam. Some at the pin while it comes up is usual; at the rim it is the ring.",
        ["lid"] = "Never force the lid. It opens when the pin is down.",
        ["too-full"] = "Take out what is above the mark before it comes to pressure.",
        ["keeps"] = "The Cold store knows until when each thing is good.",
        ["order"] = "The Line-up lays out what goes first, back from when you eat.",
    };

    /// <summary>Why it is answered in its place.</summary>
    public static string Why(string @case) => Sentences[@case];
}
