package pelluna.app.limits;

import java.time.Instant;
import java.util.Map;

/** When something was tapped, which may be hours before it is sent. */
public final class Moments {
    private static final String AT = "at";

    private Moments() {}

    /**
     * The moment in ms since 1970 that a form carries.
     *
     * @param now for a form without one
     * @throws Refused for what is no moment
     */
    public static Instant of(Map<String, String> form, Instant now) {
        String at = form.getOrDefault(AT, "").strip();
        if (at.isEmpty()) {
            return now;
        }
        if (!at.matches("\\d{12,14}")) {
            throw new Refused(new LimitRefusal.NoMoment());
        }
        return Instant.ofEpochMilli(Long.parseLong(at));
    }
}
