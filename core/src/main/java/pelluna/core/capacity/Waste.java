package pelluna.core.capacity;

import java.time.LocalDate;
import java.util.Collection;
import java.util.OptionalDouble;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.plan.WaterTest;
import pelluna.core.tank.ReefLife;
import pelluna.core.tank.Tank;
import pelluna.core.units.Unit;

/** From fish to feed to ammonia to nitrate, and against the keeper's ceiling. */
public final class Waste {
    /**
     * Daily ration of dry-weight food, g = 0.01·W^0.8 with W in g: small fish eat more for their size. Pelluna's
     * judgement.
     */
    public static final double RATION_A = 0.01;

    public static final double RATION_B = 0.8;
    /**
     * Keepers put in more than the ration that fish need, and what is left over rots: so many times. Pelluna's
     * judgement.
     */
    public static final double PUT_IN = 2.5;
    /** Nobody doses less than a pinch a meal, g of dry food, or a quarter of a frozen cube. Pelluna's judgement. */
    public static final double PINCH_GRAMS = 0.05;
    /**
     * Phosphorus in dry marine food, and how much of it ends up dissolved. From memory: feeds hold about 1 %, fish
     * keep a third.
     */
    public static final double PHOSPHORUS_SHARE = 0.011;

    public static final double PHOSPHORUS_DISSOLVED = 0.6;
    /** Grams of phosphate ion per gram of phosphorus: (30.974 + 4 × 15.9994) ÷ 30.974. */
    public static final double PHOSPHATE_PER_PHOSPHORUS = (30.974 + 4 * 15.9994) / 30.974;
    /** Protein in dry marine food. Common practice (labels say 40 to 50 %). */
    public static final double PROTEIN_SHARE = 0.45;
    /** Ammonia nitrogen per gram of protein fed. From memory: Timmons &amp; Ebeling, Recirculating Aquaculture. */
    public static final double AMMONIA_NITROGEN_PER_PROTEIN = 0.092;
    /**
     * Other export without a test to go by, per day: rock and algae alone, and with a sump that holds a skimmer and a
     * refuge. Pelluna's
     * judgement, fitted so that
     * three small fish in 57 L come to 5 to 15 mg/L of nitrate with weekly changes of 10 to 15 %, and 1300 L with
     * eight grown
     * surgeonfish and twenty small
     * fish to about 15 (both common practice).
     */
    public static final double USUAL_EXPORT = 0.09;

    public static final double SUMP_EXPORT = 0.15;
    /** Phosphate leaves quicker, to rock and algae, fitted likewise: 0.1 mg/L in the full tank of 1300 L. */
    public static final double PHOSPHATE_EXPORT = 1.56;

    public static final double PHOSPHATE_SUMP_EXPORT = 2.6;
    /**
     * Ceilings of phosphate, mg/L: with corals, clams or anemones (common practice), and without (Pelluna's
     * judgement).
     */
    public static final double REEF_PHOSPHATE_CEILING = 0.1;

    public static final double FISH_PHOSPHATE_CEILING = 0.5;
    /** A test cannot tell more export than this, per day. Pelluna's judgement. */
    private static final double MOST_EXPORT = 0.5;

    private static final double MOST_PHOSPHATE_EXPORT = 10;

    private final Tank tank;
    private final double export;
    private final double phosphateExport;

    /** @param fed when its nitrate was tested, g a day; the test then sets the export */
    private Waste(Tank tank, double fed) {
        this.tank = tank;
        boolean sump = tank.sumpLitres() > 0;
        this.export = tank.nitrate().isPresent() && fed > 0
                ? fitted(production(fed), tank.nitrate().getAsDouble(), MOST_EXPORT)
                : sump ? SUMP_EXPORT : USUAL_EXPORT;
        this.phosphateExport = tank.phosphate().isPresent() && fed > 0
                ? fitted(phosphateProduction(fed), tank.phosphate().getAsDouble(), MOST_PHOSPHATE_EXPORT)
                : sump ? PHOSPHATE_SUMP_EXPORT : PHOSPHATE_EXPORT;
    }

    /**
     * Of a plan: its newest nitrate test came from the food of its day, if that is known, else from the food of the
     * residents.
     */
    public static Waste of(Plan plan) {
        OptionalDouble fed = plan.tests().stream()
                .filter(t -> t.nitrate().isPresent())
                .reduce((a, b) -> b)
                .map(WaterTest::feed)
                .orElse(OptionalDouble.empty());
        return new Waste(
                plan.tank(),
                fed.isPresent() && fed.getAsDouble() > 0 ? fed.getAsDouble() : feed(plan.residents(), plan.startOn()));
    }

    /** Feed of all on a day, as long as they are then, g a day. Those who came later take nothing yet. */
    public static double feed(Collection<Party> residents, LocalDate day) {
        return residents.stream()
                .filter(p -> !p.since().isAfter(day))
                .mapToDouble(p -> feed(p, p.lengthOn(day)))
                .sum();
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

    /**
     * Dry food that goes into the tank, g a day, for fish that need so much: all of it, not what they need, becomes
     * nitrate. None
     * without fish.
     */
    public static double putIn(double feedGrams, int mealsADay) {
        return feedGrams <= 0 ? 0 : Math.max(PUT_IN * feedGrams, PINCH_GRAMS * mealsADay);
    }

    /** Nitrate ion produced, mg/L a day. */
    private double production(double feedGrams) {
        return ammoniaNitrogen(putIn(feedGrams, tank.mealsADay())) * 1000 / tank.netLitres() * Nitrate.ION_PER_NITROGEN;
    }

    /** Phosphate ion produced, mg/L a day. */
    private double phosphateProduction(double feedGrams) {
        return putIn(feedGrams, tank.mealsADay())
                * PHOSPHORUS_SHARE
                * PHOSPHORUS_DISSOLVED
                * PHOSPHATE_PER_PHOSPHORUS
                * 1000
                / tank.netLitres();
    }

    public Nitrate nitrate(double feedGrams) {
        return new Nitrate(production(feedGrams), export, tank.waterChangePercent() / 100, tank.waterChangeEveryDays());
    }

    /** Phosphate under the same changes, modelled as nitrate is. */
    public Nitrate phosphate(double feedGrams) {
        return new Nitrate(
                phosphateProduction(feedGrams),
                phosphateExport,
                tank.waterChangePercent() / 100,
                tank.waterChangeEveryDays());
    }

    public double phosphateCeiling() {
        return tank.keeps().stream().anyMatch(ReefLife::lightLoving) ? REEF_PHOSPHATE_CEILING : FISH_PHOSPHATE_CEILING;
    }

    /** The export that explains a tested level; by bisection, since the level falls as the export rises. */
    private double fitted(double production, double tested, double most) {
        double low = 0;
        double high = most;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            double level = new Nitrate(production, middle, tank.waterChangePercent() / 100, tank.waterChangeEveryDays())
                    .steady();
            if (level > tested) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /**
     * Feed in g a day at which nitrate or phosphate just reaches its ceiling; the levels are proportional to what is
     * put in. 0 where
     * even a pinch a meal is too much.
     */
    public double feedAtCeiling() {
        double much = Math.max(1, tank.mealsADay());
        double byNitrate = tank.nitrateCeiling() / nitrate(much).steady();
        double byPhosphate = phosphateCeiling() / phosphate(much).steady();
        double feed = much * Math.min(byNitrate, byPhosphate);
        return PUT_IN * feed < PINCH_GRAMS * tank.mealsADay() ? 0 : feed;
    }

    /** @param feed of all when grown, g a day */
    Lens lens(double feed) {
        double nitrate = nitrate(feed).steady();
        double phosphate = phosphate(feed).steady();
        boolean byPhosphate = phosphate / phosphateCeiling() > nitrate / tank.nitrateCeiling();
        double share = byPhosphate ? phosphate / phosphateCeiling() : nitrate / tank.nitrateCeiling();
        boolean tested =
                byPhosphate ? tank.phosphate().isPresent() : tank.nitrate().isPresent();
        LensReason why =
                new LensReason.WaterSettles(nitrate, tank.nitrateCeiling(), phosphate, phosphateCeiling(), tested);
        return byPhosphate
                ? new Lens(LensKind.WASTE, phosphate, phosphateCeiling(), Unit.PHOSPHATE, Lens.stepOf(share), why)
                : new Lens(LensKind.WASTE, nitrate, tank.nitrateCeiling(), Unit.NITRATE, Lens.stepOf(share), why);
    }
}
