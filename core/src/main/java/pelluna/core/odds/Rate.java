package pelluna.core.odds;

import org.hipparchus.util.FastMath;
import pelluna.core.catalogue.Source;
import pelluna.core.units.Named;

/**
 * Every rate of the simulation, in one place: what it is, where it comes from, and how far it may be wrong. Most are
 * Pelluna's judgement: nobody has counted them. What is not known is a factor, by the logarithmic normal distribution.
 */
public enum Rate implements Named {
    /** Share of contests that leave a wound, at a tension of 100; it falls with the square of the tension. */
    WOUNDS("wounds", 0.010, RateKind.SHARE, Source.JUDGEMENT, 0.5),
    /** What is left of the contests once two know each other, as a share. That they fall off is common practice. */
    SETTLED("settled", 0.35, RateKind.SHARE, Source.JUDGEMENT, 0.3),
    /** Days in which contests fall off to half of what will go. */
    SETTLES_DAYS("settles-days", 8, RateKind.DAYS, Source.JUDGEMENT, 0.3),
    /** Days in which half of the wounds heal. */
    HEALS_DAYS("heals-days", 6, RateKind.DAYS, Source.JUDGEMENT, 0.3),
    /** Risk a day of dying of wounds: this times the third power of their number. */
    WOUNDED_DIES("wounded-dies", 0.002, RateKind.A_DAY, Source.JUDGEMENT, 0.5),
    /** What members of a group that lives together do to each other, as a share of what strangers would. */
    PEACE("peace", 0.12, RateKind.SHARE, Source.JUDGEMENT, 0.4),
    /** Risk a day that a fish that often jumps leaves an open tank; of those that do so sometimes a fifth. */
    JUMPS("jumps", 0.0012, RateKind.A_DAY, Source.JUDGEMENT, 0.6),
    /** So many times the risk of jumping in the first week. That most jump then is common practice. */
    JUMPS_NEW("jumps-new", 8, RateKind.TIMES, Source.JUDGEMENT, 0.4),
    /** What mesh or a lid leaves of it; a lid in part leaves ten times as much. */
    JUMPS_COVERED("jumps-covered", 0.03, RateKind.SHARE, Source.JUDGEMENT, 0.5),
    /** Share of fish of middling difficulty (3 of 5), caught in the sea, that never come to eat. */
    NEVER_EATS("never-eats", 0.06, RateKind.SHARE, Source.JUDGEMENT, 0.5),
    /** Risk a day of a fish that lacks pods by one step of two; with the second step six times as much. */
    LACKS_PODS("lacks-pods", 0.0005, RateKind.A_DAY, Source.JUDGEMENT, 0.5),
    /** Risk a day for each meal a day too few. */
    LACKS_MEALS("lacks-meals", 0.0002, RateKind.A_DAY, Source.JUDGEMENT, 0.6),
    /** Share of purchases of fish from the sea that carry an illness which spreads in a tank; of bred ones a third. */
    CARRIES("carries", 0.30, RateKind.SHARE, Source.JUDGEMENT, 0.4),
    /** What quarantine of thirty days without treatment lets through; other schools by {@link Illness}. */
    SLIPS_THROUGH("slips-through", 0.12, RateKind.SHARE, Source.JUDGEMENT, 0.5),
    /** Share of fish that an outbreak kills; of those that lean to it two and a half times as many. */
    OUTBREAK_KILLS("outbreak-kills", 0.16, RateKind.SHARE, Source.JUDGEMENT, 0.5),
    /** Share of newcomers from the sea lost to travel and settling in; of bred ones a third. */
    TRAVEL("travel", 0.03, RateKind.SHARE, Source.JUDGEMENT, 0.5),
    /** Toxic ammonia that kills half of the fish in four days, mg/L as nitrogen; 0 for never. Books have 0.4 to 1.5. */
    AMMONIA("ammonia", 0.6, RateKind.MG_PER_LITRE, Source.MEMORY, 0.4),
    /** Risk a day for each mg/L of oxygen below four at the end of the night. */
    OXYGEN("oxygen", 0.05, RateKind.A_DAY, Source.JUDGEMENT, 0.6),
    /** Risk a day of a fish that another can swallow. */
    SWALLOWED("swallowed", 0.02, RateKind.A_DAY, Source.JUDGEMENT, 0.5),
    /** Risk a day of a fish that has outgrown its tank. */
    CRAMPED("cramped", 0.0006, RateKind.A_DAY, Source.JUDGEMENT, 0.6),
    /** Failures of heater, pump or power a year that cost fish; each takes a third of them. */
    BREAKDOWNS("breakdowns", 0.02, RateKind.A_YEAR, Source.JUDGEMENT, 0.6),
    /** So many times the risk of old age at which half of them reach the lifespan that the catalogue has. */
    AGES("ages", 1, RateKind.TIMES, Source.JUDGEMENT, 0.3);

    /** Of the standard normal distribution, for eight in ten. */
    private static final double EIGHT_IN_TEN = 1.2815515655446004;

    private final String word;
    private final double value;
    private final RateKind kind;
    private final Source source;
    private final double spread;

    Rate(String word, double value, RateKind kind, Source source, double spread) {
        this.word = word;
        this.value = value;
        this.kind = kind;
        this.source = source;
        this.spread = spread;
    }

    @Override
    public String word() {
        return word;
    }

    /** What is played with unless somebody says otherwise; above zero. */
    public double value() {
        return value;
    }

    /** In what it is counted. */
    public RateKind kind() {
        return kind;
    }

    public Source source() {
        return source;
    }

    /** Eight in ten of what it may be lie between. */
    public Odds.Range range() {
        double times = FastMath.exp(EIGHT_IN_TEN * spread);
        return new Odds.Range(value / times, value * times);
    }

    /** Standard deviation of the logarithm of what it may be. */
    public double spread() {
        return spread;
    }
}
