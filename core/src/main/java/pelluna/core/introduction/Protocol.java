package pelluna.core.introduction;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pelluna.core.catalogue.Stance;
import pelluna.core.introduction.ProtocolStep.What;
import pelluna.core.introduction.ProtocolStep.When;

/**
 * How one arrival is brought in, step by step, by its method. Common practice in its steps; the times are Pelluna's
 * judgement where the trade gives a range.
 */
public record Protocol(Method method, List<ProtocolStep> steps) {
    public Protocol {
        steps = List.copyOf(steps);
    }

    /** @param boss who presses it hardest, as its keeper calls it; empty if nobody to speak of */
    public static Protocol of(Method method, Stance stance, Optional<String> boss, boolean planktonFeeder) {
        return new Protocol(method, new Maker(method, stance, boss, planktonFeeder).steps());
    }

    private static final class Maker {
        private final Method method;
        private final int days;
        private final ProtocolStep.Boss boss;
        private final boolean often;
        private final List<ProtocolStep> steps = new ArrayList<>();

        Maker(Method method, Stance stance, Optional<String> boss, boolean often) {
            this.method = method;
            this.days = method.boxDays(stance);
            this.boss = new ProtocolStep.Boss(boss.isPresent(), boss.orElse(""));
            this.often = often;
        }

        List<ProtocolStep> steps() {
            add(When.DAY_BEFORE, What.MATCH_SALINITY);
            if (method == Method.TIME_OUT) {
                add(When.DAY_BEFORE, What.BOSS_OUT);
            }
            if (method == Method.GROUND_ANEW) {
                add(When.DAYS_BEFORE, What.RIVALS_OUT);
                add(When.MEANWHILE, What.MOVE_ROCK);
                add(When.JUST_BEFORE_LIGHTS_OUT, What.ALL_BACK_IN);
                add(When.FIRST_DAYS, What.WATCH_TWICE_A_DAY);
            } else if (method == Method.STRAIGHT_IN || method == Method.ALL_AT_ONCE) {
                add(When.HOUR_BEFORE_LIGHTS_OUT, What.FEED_AT_TWO_ENDS);
                add(
                        When.JUST_BEFORE_LIGHTS_OUT,
                        method == Method.ALL_AT_ONCE ? What.ALL_IN_TOGETHER : What.IN_FAR_FROM_BOSS);
            } else {
                boolean hours = method == Method.BOX_HOURS;
                add(When.BY_DAY, What.INTO_THE_BOX);
                add(When.EVERY_FEEDING, What.FEED_BOTH_SIDES);
                add(hours ? When.TWICE_IN_FIRST_HOURS : When.ONCE_A_DAY, What.WATCH_TEN_MINUTES);
                add(hours ? When.AFTER_QUIET_HOURS : When.WHEN_GATE_SAYS, What.OPEN_THE_BOX);
            }
            if (method == Method.TIME_OUT) {
                add(When.WEEKS_LATER, What.BOSS_BACK);
            }
            for (ReleaseCheck look : ReleaseCheck.values()) {
                add(When.valueOf(look.name()), What.valueOf("LOOK_" + look.name()));
            }
            return steps;
        }

        private void add(When when, What what) {
            steps.add(new ProtocolStep(when, what, boss, days, often));
        }
    }
}
