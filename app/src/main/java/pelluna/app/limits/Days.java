package pelluna.app.limits;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Which days can be: of what happened, of what is planned. */
public final class Days {
    /** Nothing that is kept happened before. */
    public static final LocalDate FIRST = LocalDate.of(1990, 1, 1);
    /** What happened lies before this day. */
    public static final LocalDate LAST = LocalDate.of(2100, 12, 31);
    /** Nobody plans further ahead. */
    public static final int YEARS_AHEAD = 30;

    private static final Pattern LIKE_A_DAY = Pattern.compile("[+-]?\\d{4,10}-\\d{1,2}-\\d{1,2}");

    private static final Pattern WITH_POINTS = Pattern.compile("(\\d{1,2})\\.(\\d{1,2})\\.(\\d{4})(?!\\d)");

    private Days() {}

    static boolean likeADay(String text) {
        return LIKE_A_DAY.matcher(text).matches();
    }

    /** A day as German tables write it, '7.11.2026', put as '2026-11-07'; whatever follows it, and all else, stays. */
    public static String iso(String text) {
        Matcher day = WITH_POINTS.matcher(text);
        return day.lookingAt()
                ? "%s-%02d-%02d".formatted(day.group(3), Integer.parseInt(day.group(2)), Integer.parseInt(day.group(1)))
                        + text.substring(day.end())
                : text;
    }

    /** @throws Refused beside its field, for what is no day or none that can have been */
    public static LocalDate happened(String field, String text) {
        return between(field, text, LAST);
    }

    /** @throws Refused beside its field, for what is no day or too far ahead */
    public static LocalDate planned(String field, String text, LocalDate today) {
        return between(field, text, today.plusYears(YEARS_AHEAD));
    }

    private static LocalDate between(String field, String text, LocalDate last) {
        LocalDate day;
        try {
            day = LocalDate.parse(iso(text.strip()));
        } catch (DateTimeException e) {
            throw new Refused(field, new LimitRefusal.NoDay(), e);
        }
        if (day.isBefore(FIRST) || day.isAfter(last)) {
            throw new Refused(field, new LimitRefusal.DayOutside(FIRST.getYear(), last.getYear()));
        }
        return day;
    }
}
