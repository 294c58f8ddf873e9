package pelluna.core.introduction;

import java.time.LocalDateTime;
import java.time.LocalTime;
import pelluna.core.units.Named;

/**
 * When to look at a fish that has just come out, and for what; common practice. The next morning is the hour that
 * counts.
 */
public enum AfterRelease implements Named {
    FIRST_HOUR("first-hour", "after an hour", "Where did it go, and does anybody follow it?"),
    LIGHTS_OUT("lights-out", "at lights-out", "Has it found a place to sleep that nobody disputes?"),
    NEXT_MORNING(
            "next-morning",
            "the next morning",
            "The hour that counts: is it out, whole and unchased, with the lights full on?"),
    DAY_3("day-3", "on day 3", "Does it eat with the others? Count its fins. Test ammonia."),
    DAY_7("day-7", "on day 7", "Has it a place of its own? If so, it is in.");

    private final String word;
    private final String plain;
    private final String lookFor;

    AfterRelease(String word, String plain, String lookFor) {
        this.word = word;
        this.plain = plain;
        this.lookFor = lookFor;
    }

    @Override
    public String word() {
        return word;
    }

    public String plain() {
        return plain;
    }

    public String lookFor() {
        return lookFor;
    }

    /**
     * @param released  in the keeper's own time
     * @param lightsOn  of the tank
     * @param lightsOff of the tank
     */
    public LocalDateTime due(LocalDateTime released, LocalTime lightsOn, LocalTime lightsOff) {
        LocalDateTime evening = released.toLocalDate().atTime(lightsOff);
        return switch (this) {
            case FIRST_HOUR -> released.plusHours(1);
            case LIGHTS_OUT -> evening.isBefore(released.plusHours(1)) ? released.plusHours(1) : evening;
            case NEXT_MORNING ->
                released.toLocalDate().plusDays(1).atTime(lightsOn).plusHours(1);
            case DAY_3 -> released.toLocalDate().plusDays(3).atTime(lightsOn).plusHours(1);
            case DAY_7 -> released.toLocalDate().plusDays(7).atTime(lightsOn).plusHours(1);
        };
    }
}
