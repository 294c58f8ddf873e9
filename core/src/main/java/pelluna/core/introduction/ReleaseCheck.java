package pelluna.core.introduction;

import java.time.LocalDateTime;
import java.time.LocalTime;
import pelluna.core.units.Named;

/**
 * When to look at a fish that has just come out, and for what; common practice. The next morning is the hour that
 * counts.
 */
public enum ReleaseCheck implements Named {
    FIRST_HOUR("first-hour"),
    LIGHTS_OUT("lights-out"),
    NEXT_MORNING("next-morning"),
    DAY_3("day-3"),
    DAY_7("day-7");

    private final String word;

    ReleaseCheck(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
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
