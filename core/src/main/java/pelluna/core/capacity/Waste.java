package pelluna.core.capacity;

import java.time.LocalDate;
import java.util.Collection;
import java.util.OptionalDouble;

import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.plan.WaterTest;
import pelluna.core.tank.Tank;
import pelluna.core.units.Measures;

/** From fish to feed to ammonia to nitrate, and against the keeper's ceiling. */
public final class Waste {
    /** Daily ration of dry-weight food, g = 0.01·W^0.8 with W in g: small fish eat more for their size. Pelluna's judgement. */
    public static final double RATION_A = 0.01;
    public static final double RATION_B = 0.8;
    /**
     * Keepers put in more than the ration that fish need, and what is left over rots: so many times. Pelluna's judgement. Nitrate does not count it, since the
     * way out of the water that a test tells ({@link #export}) is found with the ration alone.
     */
    public static final double PUT_IN = 2.5;
    /** Protein in dry marine food. Common practice (labels say 40 to 50 %). */
    public static final double PROTEIN_SHARE = 0.45;
    /** Ammonia nitrogen per gram of protein fed. From memory: Timmons &amp; Ebeling, Recirculating Aquaculture. */
    public static final double AMMONIA_NITROGEN_PER_PROTEIN = 0.092;
    /** Other export without a test to go by, per day: rock, algae and a skimmer at usual size. Pelluna's judgement. */
    public static final double USUAL_EXPORT = 0.09;
    /** A test cannot tell more export than this, per day. Pelluna's judgement. */
    private static final double MOST_EXPORT = 0.5;

    private final Tank tank;
    private final double export;

    /** @param fed when its nitrate was tested, g a day; the test then sets the export */
    private Waste(Tank tank, double fed) {
        this.tank = tank;
        this.export = tank.nitrate().isPresent() && fed > 0 ? fitted(fed, tank.nitrate().getAsDouble()) : USUAL_EXPORT;
    }

    /** Of a plan: its newest nitrate test came from the food of its day, if that is known, else from the food of the residents. */
    public static Waste of(Plan plan) {
        OptionalDouble fed = plan.tests().stream().filter(t -> t.nitrate().isPresent()).reduce((a, b) -> b).map(WaterTest::feed).orElse(OptionalDouble.empty());
        return new Waste(plan.tank(), fed.isPresent() && fed.getAsDouble() > 0 ? fed.getAsDouble() : feed(plan.residents(), plan.startOn()));
    }

    /** Feed of all on a day, as long as they are then, g a day. Those who came later take nothing yet. */
    public static double feed(Collection<Party> residents, LocalDate day) {
        return residents.stream().filter(p -> !p.since().isAfter(day)).mapToDouble(p -> feed(p, p.lengthOn(day))).sum();
    }

    /** Feed of one fish, g a day of dry food, from its mass in g. */
    public static double feedGrams(double grams) {
        return RATION_A * Math.pow(grams, RATION_B);
    }

    /** Feed of a party at a length, g a day. */
    public static double feed(Party p, double lengthCm) {
        return p.count() * feedGrams(p.species().size().mass().gramsAt(lengthCm));
    }

    /** Way of nitrate out of the water besides changes, per day: as the test tells, or as usual. */
    public double export() {
        return export;
    }

    /** Total ammonia nitrogen, g a day, from dry food, g a day. */
    public static double ammoniaNitrogen(double feedGrams) {
        return feedGrams * PROTEIN_SHARE * AMMONIA_NITROGEN_PER_PROTEIN;
    }

    /** Feed of all when grown, g a day. */
    public static double adultFeed(Collection<Party> fish) {
        return fish.stream().mapToDouble(Waste::adultFeed).sum();
    }

    public static double adultFeed(Party p) {
        return feed(p, p.adultCm());
    }

    /** Nitrate ion produced, mg/L a day. */
    private double production(double feedGrams) {
        return ammoniaNitrogen(feedGrams) * 1000 / tank.netLitres() * Nitrate.ION_PER_NITROGEN;
    }

    public Nitrate nitrate(double feedGrams) {
        return new Nitrate(production(feedGrams), export, tank.waterChangePercent() / 100, tank.waterChangeEveryDays());
    }

    /** The export that explains a tested level; by bisection, since the level falls as the export rises. */
    private double fitted(double feedGrams, double tested) {
        double low = 0;
        double high = MOST_EXPORT;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            double level = new Nitrate(production(feedGrams), middle, tank.waterChangePercent() / 100,
                tank.waterChangeEveryDays()).steady();
            if (level > tested) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** Feed in g a day at which nitrate just reaches the ceiling; the level is proportional to the feed. */
    public double feedAtCeiling() {
        return tank.nitrateCeiling() / nitrate(1).steady();
    }

    Lens lens(Collection<Party> fish, Measures say) {
        double level = nitrate(adultFeed(fish)).steady();
        double ceiling = tank.nitrateCeiling();
        return new Lens("waste", level, ceiling, "mg/L", Lens.stepOf(level / ceiling),
            "Nitrate settles near " + Measures.number(Measures.round(level, 1)) + " mg/L once all are grown; your ceiling is "
                + Measures.number(ceiling) + (tank.nitrate().isPresent() ? "; set by your test." : "; without a test this is a rough guess."));
    }
}
