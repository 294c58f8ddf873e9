package pelluna.app.arrivals;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VAlarm;
import biweekly.component.VEvent;
import biweekly.parameter.Related;
import biweekly.property.Trigger;
import biweekly.util.DateTimeComponents;
import biweekly.util.ICalDate;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Date;
import java.util.List;
import java.util.Optional;

/**
 * A plan's days as iCalendar (RFC 5545): whole-day events with ids that stay the same, so that a subscribed calendar
 * moves them rather than doubling them.
 */
final class CalendarFile {
    private static final Duration DAY = Duration.ofDays(1);

    private CalendarFile() {}

    /**
     * @param tank  number of the tank, part of every id
     * @param alarm the hour of the evening before at which each day rings; empty for none
     * @param asked now, as the calendar's stamp
     */
    static String of(long tank, String name, List<Diary> days, Optional<LocalTime> alarm, Instant asked) {
        ICalendar calendar = new ICalendar();
        calendar.setVersion(ICalVersion.V2_0);
        calendar.setProductId("-//Pelluna//Plan//EN");
        calendar.setName(name);
        calendar.addExperimentalProperty("X-WR-CALNAME", name);
        for (Diary day : days) {
            VEvent event = new VEvent();
            event.setUid("tank-" + tank + "-" + day.key() + "@pelluna");
            event.setDateTimeStamp(Date.from(asked));
            event.setDateStart(date(day.on()));
            event.setDateEnd(date(day.on().plusDays(1)));
            event.setSummary(day.title());
            event.setDescription(day.says());
            event.setTransparency(true);
            alarm.map(hour -> rings(hour, day)).ifPresent(event::addAlarm);
            calendar.addEvent(event);
        }
        calendar.setRefreshInterval(
                biweekly.util.Duration.fromMillis(Duration.ofHours(12).toMillis()));
        return Biweekly.write(calendar).version(ICalVersion.V2_0).go();
    }

    private static VAlarm rings(LocalTime hour, Diary day) {
        Duration ahead = DAY.minus(Duration.between(LocalTime.MIDNIGHT, hour));
        return VAlarm.display(
                new Trigger(
                        biweekly.util.Duration.builder()
                                .prior(true)
                                .hours((int) ahead.toHours())
                                .minutes(ahead.toMinutesPart() == 0 ? null : ahead.toMinutesPart())
                                .build(),
                        Related.START),
                day.title());
    }

    /**
     * A day without a time. The library counts days of a {@link Date} in the machine's own zone, so the day is given
     * by its parts.
     */
    private static ICalDate date(LocalDate day) {
        return new ICalDate(new DateTimeComponents(day.getYear(), day.getMonthValue(), day.getDayOfMonth()), false);
    }
}
