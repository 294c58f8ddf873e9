package pelluna.core.odds;

import java.util.EnumMap;
import java.util.Map;
import org.hipparchus.util.FastMath;

/** A value for every {@link Rate}. Immutable. */
public final class Rates {
    /** As they stand, each as far from certain as it says. */
    public static final Rates USUAL = new Rates(new EnumMap<>(Rate.class), true);

    private final Map<Rate, Double> said;
    private final boolean unsure;

    private Rates(Map<Rate, Double> said, boolean unsure) {
        this.said = said;
        this.unsure = unsure;
    }

    /** The same with one rate otherwise, 0 or more. */
    public Rates with(Rate rate, double value) {
        if (!(value >= 0) || Double.isInfinite(value)) {
            throw new IllegalArgumentException(rate.word() + " is 0 or more: " + value);
        }
        Map<Rate, Double> other = new EnumMap<>(said);
        other.put(rate, value);
        return new Rates(other, unsure);
    }

    /** All of them 0: nothing happens to anybody. */
    public static Rates none() {
        Rates none = USUAL;
        for (Rate rate : Rate.values()) {
            none = none.with(rate, 0);
        }
        return none.certain();
    }

    /** The same as if they were known exactly. */
    public Rates certain() {
        return new Rates(said, false);
    }

    public double get(Rate rate) {
        return said.getOrDefault(rate, rate.value());
    }

    /** One set of what they may be. @param chance of this set */
    Rates drawn(Chance chance) {
        if (!unsure) {
            return this;
        }
        Map<Rate, Double> drawn = new EnumMap<>(Rate.class);
        for (Rate rate : Rate.values()) {
            drawn.put(rate, get(rate) * FastMath.exp(rate.spread() * chance.normal(rate.ordinal())));
        }
        return new Rates(drawn, false);
    }
}
