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
                    Force.OWN_KIND,
                    0.90,
                    e -> e.sameSpecies() ? e.aggressor().species().manner().ownKind() / MOST : 0,
                    e -> new TensionReason.SameSpecies(
                            e.aggressor().species().manner().ownKind())),
            new Driver(
                    Force.SAME_GENUS,
                    0.85,
                    e -> e.sameGenus() && !e.sameSpecies()
                            ? e.aggressor().species().manner().genus() / MOST
                            : 0,
                    e -> new TensionReason.SameGenus(
                            e.aggressor().species().genus(),
                            e.aggressor().species().manner().genus())),
            new Driver(Force.LOOK_ALIKE, 0.65, Drivers::lookAlike, e -> new TensionReason.LookAlike(colours(e) > 0.6)),
            new Driver(
                    Force.FOOD_RIVALS,
                    0.35,
                    Drivers::foodRivals,
                    e -> new TensionReason.SameFood(e.target().species().diet().guild())),
            new Driver(Force.GROUND, 0.50, Drivers::ground, Drivers::sameGround),
            new Driver(Force.HUNTS, 0.92, Hunting::share, Drivers::kills),
            new Driver(
                    Force.TEMPER,
                    0.72,
                    Drivers::temper,
                    e -> new TensionReason.Temper(
                            e.aggressor().species().manner().temper(),
                            e.target().species().manner().timid())),
            new Driver(
                    Force.NEWCOMER,
                    0.55,
                    e -> e.order() == Encounter.Order.AGGRESSOR_FIRST
                            ? e.aggressor().species().manner().newcomers() / MOST
                            : 0,
                    e -> new TensionReason.TakesNewcomersBadly(
                            e.aggressor().species().manner().newcomers())),
            new Driver(
                    Force.SMALLER_FISH,
                    0.45,
                    e -> e.targetCm() < e.aggressorCm()
                            ? e.aggressor().species().manner().smaller() / MOST * (1 - e.targetCm() / e.aggressorCm())
                            : 0,
                    e -> new TensionReason.PicksOnSmaller(
                            e.aggressor().species().manner().smaller())),
            new Driver(
                    Force.FIN_NIPPING,
                    0.70,
                    e -> e.aggressor().species().habits().contains(Habit.NIPS_FINS)
                                    && e.target().species().habits().contains(Habit.LONG_FINS)
                            ? 1
                            : 0.0,
                    e -> new TensionReason.NipsFins()));

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

    private static TensionReason sameGround(Encounter e) {
        long percent = e.overlap() >= 1 ? 100 : Math.max(1, Math.min(99, Math.round(100 * e.overlap())));
        return new TensionReason.SameGround(percent, sharedZones(e).iterator().next());
    }

    private static TensionReason kills(Encounter e) {
        Species.Kills kills = e.aggressor().species().kills().orElseThrow();
        return new TensionReason.Hunts(
                kills.harm(),
                Math.round(100 * kills.upToShare()),
                Hunting.defenceless(e.target().species()) >= 1);
    }
}
