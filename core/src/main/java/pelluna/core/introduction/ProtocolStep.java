package pelluna.core.introduction;

import java.util.Optional;
import pelluna.core.units.Statement;

/**
 * One step of bringing a fish in.
 *
 * @param when  against lights-out or feeding
 * @param what  to do
 * @param boss  who presses it hardest
 * @param days  that the box or the time-out takes, where the step tells of them
 * @param often whether to feed little and often
 */
public record ProtocolStep(When when, What what, Boss boss, int days, boolean often) implements Statement {
    /** Who presses it hardest, as its keeper calls it; 'the boss' if nobody to speak of. */
    public record Boss(boolean known, String name) implements Statement {}

    /** When a step is due. */
    public enum When {
        DAY_BEFORE,
        HOUR_BEFORE_LIGHTS_OUT,
        JUST_BEFORE_LIGHTS_OUT,
        BY_DAY,
        EVERY_FEEDING,
        TWICE_IN_FIRST_HOURS,
        ONCE_A_DAY,
        AFTER_QUIET_HOURS,
        WHEN_GATE_SAYS,
        WEEKS_LATER,
        DAYS_BEFORE,
        MEANWHILE,
        FIRST_DAYS,
        FIRST_HOUR,
        LIGHTS_OUT,
        NEXT_MORNING,
        DAY_3,
        DAY_7
    }

    /** What a step asks for; why is said beside it. */
    public enum What {
        MATCH_SALINITY,
        BOSS_OUT,
        FEED_AT_TWO_ENDS,
        ALL_IN_TOGETHER,
        IN_FAR_FROM_BOSS,
        INTO_THE_BOX,
        FEED_BOTH_SIDES,
        WATCH_TEN_MINUTES,
        OPEN_THE_BOX,
        BOSS_BACK,
        RIVALS_OUT,
        MOVE_ROCK,
        ALL_BACK_IN,
        WATCH_TWICE_A_DAY,
        LOOK_FIRST_HOUR,
        LOOK_LIGHTS_OUT,
        LOOK_NEXT_MORNING,
        LOOK_DAY_3,
        LOOK_DAY_7
    }

    /** When it is due. */
    public DueStep due() {
        return new DueStep(when, days);
    }

    /** Why it is done; empty for looks. */
    public Optional<WhyStep> why() {
        return what.name().startsWith("LOOK_") ? Optional.empty() : Optional.of(new WhyStep(what));
    }

    public record DueStep(When when, int days) implements Statement {}

    public record WhyStep(What what) implements Statement {}
}
