package pelluna.core.behaviour;

import java.util.Optional;
import pelluna.core.units.Measures;

/**
 * From one watched stretch to another, in words first: is it settling, did it help.
 *
 * @param test empty where one of them was not watched
 */
public record RateChange(Stretch before, Stretch since, Optional<RateRatio> test) {
    /** Under this p a change is called more than chance; common practice in biology. */
    public static final double LIKELY = 0.05;
    /** Under this p 'hardly chance'. Pelluna's judgement. */
    private static final double HARDLY = 0.01;

    private static final double[] SHARES = {0.1, 0.2, 0.25, 0.333, 0.5, 0.667, 0.75, 1, 1.5, 2, 3};
    private static final String[] WORDS = {
        "about a tenth of before",
        "about a fifth of before",
        "about a quarter of before",
        "about a third of before",
        "about half of before",
        "about two thirds of before",
        "about three quarters of before",
        "about as much as before",
        "about half as much again",
        "about twice as much as before",
        "about three times as much as before"
    };

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

    /** 'about a third of before; hardly chance'. Without a capital or a full stop. */
    public String words() {
        if (test.isEmpty()) {
            return before.hours() <= 0
                    ? since.hours() <= 0
                            ? "nobody watched, so nobody can say"
                            : "nobody watched before, so there is nothing to hold it against"
                    : "nobody has watched since, so nobody can say";
        }
        if (before.acts() + since.acts() == 0) {
            return "nothing seen, before or since";
        }
        return size() + "; " + chance(test.get().p());
    }

    private String size() {
        if (since.acts() == 0) {
            return "none since";
        }
        if (before.acts() == 0) {
            return "none before, " + since.acts() + " since";
        }
        double ratio = test.orElseThrow().ratio();
        if (ratio > 4) {
            return "about " + Math.round(ratio) + " times as much as before";
        }
        int nearest = 0;
        for (int i = 1; i < SHARES.length; i++) {
            nearest = Math.abs(Math.log(ratio / SHARES[i])) < Math.abs(Math.log(ratio / SHARES[nearest])) ? i : nearest;
        }
        return WORDS[nearest];
    }

    private static String chance(double p) {
        return p < HARDLY ? "hardly chance" : p < LIKELY ? "more than chance, by a little" : "could be chance";
    }

    /** What stands under it: '14 acts in 6 h before, 3 in 8 h since'. */
    public String figures() {
        return acts(before.acts()) + " in " + hours(before.hours()) + " before, " + since.acts() + " in "
                + hours(since.hours()) + " since";
    }

    /** The test on demand; empty where there is none. */
    public Optional<String> inFigures() {
        return test.filter(t -> !Double.isNaN(t.ratio()))
                .map(t -> "rate ratio " + number(t.ratio()) + ", 95 % interval " + number(t.low()) + " to "
                        + number(t.high()) + ", p = "
                        + (t.p() < 0.001 ? "under 0.001" : Measures.number(Measures.round(t.p(), 3)))
                        + " (exact conditional test)");
    }

    private static String number(double value) {
        return Double.isInfinite(value) ? "without end" : Measures.number(Measures.round(value, 2));
    }

    private static String acts(int n) {
        return n + (n == 1 ? " act" : " acts");
    }

    public static String hours(double hours) {
        return hours < 1 ? Math.round(hours * 60) + " min" : Measures.number(Measures.round(hours, 1)) + " h";
    }
}
