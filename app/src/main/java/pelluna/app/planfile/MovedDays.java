package pelluna.app.planfile;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.regex.Pattern;

/** Plans that ship with Pelluna move with the calendar, so that their stories stay the same. */
public final class MovedDays {
    private static final Pattern DAY = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");

    private MovedDays() {}

    /** Every day of a text, as many days later as have passed. @param written the day on which it was all true */
    public static String in(String text, LocalDate written, LocalDate today) {
        long days = ChronoUnit.DAYS.between(written, today);
        return DAY.matcher(text)
                .replaceAll(m -> LocalDate.parse(m.group()).plusDays(days).toString());
    }
}
