package pelluna.words;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAccessor;
import java.util.Locale;

/** How a language writes days and times, by the patterns of its folder, in the keeper's own time. */
public final class Days {
    private final Messages messages;
    private final Locale language;
    private final DateTimeFormatter day;
    private final DateTimeFormatter shortDay;
    private final DateTimeFormatter time;
    private final DateTimeFormatter weekday;
    private final DateTimeFormatter moment;
    private final DateTimeFormatter shortMoment;
    private final DateTimeFormatter month;
    private final DateTimeFormatter shortMonth;

    Days(Messages messages, Locale language) {
        this.messages = messages;
        this.language = language;
        day = pattern("day");
        shortDay = pattern("shortDay");
        time = pattern("time");
        weekday = pattern("weekday");
        moment = pattern("moment");
        shortMoment = pattern("shortMoment");
        month = pattern("month");
        shortMonth = pattern("shortMonth");
    }

    private DateTimeFormatter pattern(String name) {
        return DateTimeFormatter.ofPattern(messages.get("words." + name).pattern(), language);
    }

    /** '27 November 2026'. */
    public String day(LocalDate on) {
        return day.format(on);
    }

    /** '27 Nov'. */
    public String shortDay(LocalDate on) {
        return shortDay.format(on);
    }

    /** '14:05'. */
    public String time(TemporalAccessor at) {
        return time.format(LocalTime.from(at));
    }

    /** 'Friday 27 November'. */
    public String weekday(LocalDate on) {
        return weekday.format(on);
    }

    /** 'Fri 27 Nov, 14:05'. */
    public String moment(LocalDateTime at) {
        return moment.format(at);
    }

    /** '27 Nov, 14:05'. */
    public String shortMoment(LocalDateTime at) {
        return shortMoment.format(at);
    }

    /** 'November 2026'. */
    public String month(LocalDate in) {
        return month.format(in);
    }

    /** 'Nov', for an axis. */
    public String shortMonth(LocalDate in) {
        return shortMonth.format(in);
    }
}
