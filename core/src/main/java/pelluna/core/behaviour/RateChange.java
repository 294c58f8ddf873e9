package pelluna.core.behaviour;

import java.util.Optional;
import pelluna.core.units.Hours;

/**
 * From one watched stretch to another, is it settling, did it help.
 *
 * @param test empty where one of them was not watched
 */
public record RateChange(Stretch before, Stretch since, Optional<RateRatio> test) {
    /** Under this p a change is called more than chance; common practice in biology. */
    public static final double LIKELY = 0.05;
    /** Under this p 'hardly chance'. Pelluna's judgement. */
    private static final double HARDLY = 0.01;

    /** Beyond so many times as much a whole number tells more than a share. */
    private static final double MANY = 4;

    private static final double TINY = 0.001;

    public enum Way {
        CALMER,
        SAME,
        WORSE,
        UNKNOWN
    }

    public static RateChange between(Stretch before, Stretch since) {
        return new RateChange(
                before,
                since,
                before.hours() > 0 && since.hours() > 0 ? Optional.of(RateRatio.of(before, since)) : Optional.empty());
    }

    /** Only a change that is more than chance has a way. */
    public Way way() {
        return test.map(t -> t.p() >= LIKELY ? Way.SAME : since.rate() < before.rate() ? Way.CALMER : Way.WORSE)
                .orElse(Way.UNKNOWN);
    }

    /** What became of it. */
    public Course course() {
        if (test.isEmpty()) {
            return before.hours() > 0
                    ? new Course.NobodySince()
                    : since.hours() > 0 ? new Course.NobodyBefore() : new Course.NobodyWatched();
        }
        if (before.acts() + since.acts() == 0) {
            return new Course.NothingSeen();
        }
        Course.Chance chance = chance(test.get().p());
        if (since.acts() == 0) {
            return new Course.NoneSince(chance);
        }
        if (before.acts() == 0) {
            return new Course.NoneBefore(since.acts(), chance);
        }
        double ratio = test.get().ratio();
        return ratio > MANY
                ? new Course.TimesAsMuch(Math.round(ratio), chance)
                : new Course.About(Course.Times.nearest(ratio), chance);
    }

    private static Course.Chance chance(double p) {
        return p < HARDLY ? Course.Chance.HARDLY : p < LIKELY ? Course.Chance.BY_A_LITTLE : Course.Chance.COULD_BE;
    }

    /** What stands under it. */
    public Course.Counts counts() {
        return new Course.Counts(before.acts(), new Hours(before.hours()), since.acts(), new Hours(since.hours()));
    }

    /** The test on demand; empty where there is none. */
    public Optional<Course.InFigures> inFigures() {
        return test.filter(t -> !Double.isNaN(t.ratio()))
                .map(t -> new Course.InFigures(
                        t.ratio(),
                        Double.isInfinite(t.ratio()),
                        t.low(),
                        t.high(),
                        Double.isInfinite(t.high()),
                        t.p(),
                        t.p() < TINY));
    }
}
