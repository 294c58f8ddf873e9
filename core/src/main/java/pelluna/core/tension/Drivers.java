package pelluna.core.tension;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import pelluna.core.catalogue.Guild;
import pelluna.core.catalogue.Habit;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Swims;
import pelluna.core.catalogue.Zone;

/**
 * Why a fish presses another, in the order in which keepers ask. The order of the weights — own kind, genus,
 * look-alikes,
 * then food and place — is common practice; the weights themselves are Pelluna's judgement.
 */
final class Drivers {
    /** Zones that nobody owns. */
    private static final Set<Zone> FREE = EnumSet.of(Zone.OPEN_WATER);

    private static final double MOST = 5;
    /** Those who live on one food are rivals by so much. */
    private static final double FOOD_RIVALS = 0.5;
    /** A fish that fears nothing feels so much of another's temper. */
    private static final double FIRM_GROUND = 0.5;

    static final List<Driver> ALL = List.of(
            new Driver(
                    "own kind",
                    0.90,
                    e -> e.sameSpecies() ? e.aggressor().species().manner().ownKind() / MOST : 0,
                    e -> "The same species: how it takes its own kind is "
                            + of5(e.aggressor().species().manner().ownKind()) + "."),
            new Driver(
                    "same genus",
                    0.85,
                    e -> e.sameGenus() && !e.sameSpecies()
                            ? e.aggressor().species().manner().genus() / MOST
                            : 0,
                    e -> "Both are " + e.aggressor().species().genus() + "; its temper with its genus is "
                            + of5(e.aggressor().species().manner().genus()) + "."),
            new Driver(
                    "look-alike",
                    0.65,
                    Drivers::lookAlike,
                    e -> "Alike in body shape" + (colours(e) > 0.6 ? " and colour" : "")
                            + ", so it is taken for a rival."),
            new Driver(
                    "food rivals",
                    0.35,
                    Drivers::foodRivals,
                    e -> "They live on much the same food ("
                            + e.target().species().diet().guild().word().replace('-', ' ') + ")."),
            new Driver(
                    "ground",
                    0.50,
                    Drivers::ground,
                    e -> (e.overlap() >= 1
                                    ? "Both hold ground in the same part of the tank, all of it ("
                                    : "Their grounds overlap by " + Math.max(1, Math.round(100 * e.overlap())) + " % (")
                            + sharedZones(e).iterator().next().word().replace('-', ' ') + ")."),
            new Driver(
                    "hunts",
                    0.92,
                    Hunting::share,
                    e -> killing(e) + " what it cannot swallow, up to about "
                            + Math.round(100
                                    * e.aggressor()
                                            .species()
                                            .kills()
                                            .orElseThrow()
                                            .upToShare()) + " % of its own length, "
                            + (Hunting.defenceless(e.target().species()) >= 1
                                    ? "and a fish of the bottom cannot get away."
                                    : "though a swimmer may get away.")),
            new Driver(
                    "temper",
                    0.72,
                    Drivers::temper,
                    e -> "Its temper towards strangers is "
                            + halves(e.aggressor().species().manner().temper())
                            + " of 5; the other's timidity is "
                            + of5(e.target().species().manner().timid()) + "."),
            new Driver(
                    "newcomer",
                    0.55,
                    e -> e.order() == Encounter.Order.AGGRESSOR_FIRST
                            ? e.aggressor().species().manner().newcomers() / MOST
                            : 0,
                    e -> "It was there first and takes newcomers badly ("
                            + of5(e.aggressor().species().manner().newcomers()) + ")."),
            new Driver(
                    "smaller fish",
                    0.45,
                    e -> e.targetCm() < e.aggressorCm()
                            ? e.aggressor().species().manner().smaller() / MOST * (1 - e.targetCm() / e.aggressorCm())
                            : 0,
                    e -> "It picks on smaller fish ("
                            + of5(e.aggressor().species().manner().smaller()) + ")."),
            new Driver(
                    "fin nipping",
                    0.70,
                    e -> e.aggressor().species().habits().contains(Habit.NIPS_FINS)
                                    && e.target().species().habits().contains(Habit.LONG_FINS)
                            ? 1
                            : 0.0,
                    e -> "It nips fins, and the other's are long."));

    private Drivers() {}

    /**
     * Boldness is no aggression: temper is what it does to fish that are nothing to it, and the timid give way most.
     */
    private static double temper(Encounter e) {
        double temper = e.aggressor().species().manner().temper() / MOST;
        return temper
                * (FIRM_GROUND
                        + (1 - FIRM_GROUND) * e.target().species().manner().timid() / MOST);
    }

    private static double lookAlike(Encounter e) {
        Species a = e.aggressor().species();
        Species b = e.target().species();
        double like = a.manner().lookAlikes()
                / MOST
                * a.look().form().likeness(b.look().form());
        return like == 0 ? 0 : like * (0.5 + 0.5 * colours(e));
    }

    private static double colours(Encounter e) {
        return e.aggressor()
                .species()
                .look()
                .colourLikeness(e.target().species().look());
    }

    /** How far two are rivals, 0 to 1: kin wholly, look-alikes and those who live on the same food in part. */
    static double rivalry(Encounter e) {
        return Math.max(kinship(e), FOOD_RIVALS * foodOverlap(e));
    }

    /** 1 for one genus, less for look-alikes, 0 for others. */
    static double kinship(Encounter e) {
        return e.sameGenus()
                ? 1
                : e.aggressor()
                        .species()
                        .look()
                        .form()
                        .likeness(e.target().species().look().form());
    }

    private static double foodRivals(Encounter e) {
        return e.aggressor().species().manner().foodRivals() / MOST * foodOverlap(e);
    }

    private static double foodOverlap(Encounter e) {
        Guild a = e.aggressor().species().diet().guild();
        Guild b = e.target().species().diet().guild();
        return a == b ? 1 : grazes(a) && grazes(b) ? 0.5 : picks(a) && picks(b) ? 0.4 : 0;
    }

    private static boolean grazes(Guild guild) {
        return guild == Guild.GRAZER || guild == Guild.FILM;
    }

    private static boolean picks(Guild guild) {
        return guild == Guild.SMALL_CRUSTACEANS || guild == Guild.PLANKTON || guild == Guild.INVERTEBRATES;
    }

    /**
     * Same zone and both hold ground; who takes strangers or look-alikes badly minds more, fish of one food or form
     * mind each
     * other more, and one that never stops passes through rather than settles; all of it only as far as the two
     * grounds overlap.
     */
    private static double ground(Encounter e) {
        Species a = e.aggressor().species();
        Species b = e.target().species();
        if (!a.place().holdsGround()
                || !b.place().holdsGround()
                || sharedZones(e).isEmpty()) {
            return 0;
        }
        Set<Zone> either = EnumSet.copyOf(a.place().zones());
        either.addAll(b.place().zones());
        either.removeAll(FREE);
        boolean swimmer = a.place().swims() == Swims.NEVER_STOPS || b.place().swims() == Swims.NEVER_STOPS;
        double alike = 0.5
                + 0.5
                        * Math.max(
                                foodOverlap(e),
                                a.look().form().likeness(b.look().form()));
        return e.overlap() * (swimmer ? 0.5 : 1) * alike * sharedZones(e).size() / either.size() * minds(e) / MOST;
    }

    private static double minds(Encounter e) {
        Species.Manner m = e.aggressor().species().manner();
        double kin = e.sameSpecies() ? m.ownKind() : e.sameGenus() ? m.genus() : 0;
        double alike = m.lookAlikes()
                * e.aggressor()
                        .species()
                        .look()
                        .form()
                        .likeness(e.target().species().look().form());
        return Math.max(Math.max(m.newcomers(), kin), alike);
    }

    private static Set<Zone> sharedZones(Encounter e) {
        Set<Zone> shared = EnumSet.copyOf(e.aggressor().species().place().zones());
        shared.retainAll(e.target().species().place().zones());
        shared.removeAll(FREE);
        return shared;
    }

    private static String killing(Encounter e) {
        return switch (e.aggressor().species().kills().orElseThrow().harm()) {
            case LEAVES_ALONE, KNOWN -> "It has been known to kill";
            case OFTEN -> "It often kills";
            case EXPECT -> "Expect it to kill";
        };
    }

    private static String halves(double rating) {
        return pelluna.core.units.Measures.number(rating);
    }

    private static String of5(int rating) {
        return rating + " of 5";
    }
}
