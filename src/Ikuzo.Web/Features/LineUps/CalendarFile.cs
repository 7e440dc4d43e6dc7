using System.Text;
using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;
using Ikuzo.Core.LineUps;

namespace Ikuzo.Web.Features.LineUps;

/// <summary>A line-up as iCalendar (RFC 5545): an event per task of the hands, with an alarm when it begins.</summary>
internal static class CalendarFile
{
    public const string ContentType = "text/calendar; charset=utf-8";

    public static byte[] Of(LineUp lineUp)
    {
        var calendar = new Calendar { ProductId = "-//Ikuzo//Line-up//EN" };
        calendar.Events.AddRange(lineUp.Tasks.Where(t => t.HandsOn || t.Lane == LineUpLane.Oven).Select(Event));
        return Encoding.UTF8.GetBytes(new CalendarSerializer().SerializeToString(calendar) ?? "");
    }

    private static CalendarEvent Event(LineUpTask task) =>
        new()
        {
            Uid = $"{task.Id}-{task.Start.ToUnixTimeSeconds()}@ikuzo",
            DtStamp = new CalDateTime(task.Start.UtcDateTime),
            Summary = task.Text,
            Start = new CalDateTime(task.Start.UtcDateTime),
            End = new CalDateTime(task.End.UtcDateTime),
            Alarms =
            {
                new Alarm
                {
                    Action = AlarmAction.Display,
                    Description = task.Text,
                    Trigger = new Trigger(Duration.Zero),
                },
            },
        };
}
