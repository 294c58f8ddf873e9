package pelluna.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Guild;
import pelluna.core.catalogue.Species;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Presence;
import pelluna.core.plan.Party;
import pelluna.core.scape.Hide;
import pelluna.core.scape.Rock;
import pelluna.core.sieve.Sieve;
import pelluna.core.sieve.Verdict;
import pelluna.core.tank.Tank;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Surroundings;
import pelluna.core.tension.Tension;

/** What could be tried for one pair, kind by kind; which of a kind is best is found out by {@link Advice}. */
final class Tries {
    private static final int MOST_MEALS = 4;
    private static final int ROCK_PLACES = 11;
    private static final double[] ALONG = {0.15, 0.32, 0.5, 0.68, 0.85};
    private static final double[] UP = {0.22, 0.6};
    /** Newcomers of these shares of the adult length are looked for in shops. */
    private static final double[] LARGER = {0.6, 0.75, 0.9};

    private static final double SMALLER = 0.3;
    private static final double LEAST_BOUGHT_CM = 3;
    private static final int MOST_LOOKED_AT = 12;
    private static final int MOST_SPECIES = 5;

    private final Outlook outlook;
    private final Presence aggressor;
    private final Presence target;
    private final Catalogue catalogue;

    Tries(Outlook outlook, Presence aggressor, Presence target, Catalogue catalogue) {
        this.outlook = outlook;
        this.aggressor = aggressor;
        this.target = target;
        this.catalogue = catalogue;
    }

    private Presence newcomer() {
        return outlook.everybody().indexOf(aggressor) > outlook.everybody().indexOf(target) ? aggressor : target;
    }

    List<Attempt> order() {
        if (!aggressor.planned() || !target.planned() || aggressor.order() == target.order()) {
            return List.of();
        }
        List<String> ids = new ArrayList<>(outlook.everybody().stream()
                .filter(Presence::planned)
                .map(p -> p.party().id())
                .toList());
        String later = newcomer().party().id();
        String earlier = (newcomer() == target ? aggressor : target).party().id();
        ids.remove(later);
        ids.add(ids.indexOf(earlier), later);
        return List.of(new Attempt.InOrder(ids));
    }

    List<Attempt> box() {
        Presence newcomer = newcomer();
        return newcomer.planned() && !newcomer.party().hand().box()
                ? List.of(new Attempt.Box(newcomer.party().id()))
                : List.of();
    }

    List<Attempt> hides() {
        Tank tank = outlook.plan().tank();
        List<Attempt> all = new ArrayList<>();
        for (Rock rock : tank.scape().rocks()) {
            for (double along : ALONG) {
                double x = rock.leftCm() + along * rock.widthCm();
                for (double up : UP) {
                    all.add(new Attempt.OneHide(new Hide(x, tank.sandDepthCm() + up * rock.heightAt(x))));
                }
            }
        }
        if (tank.scape().rocks().isEmpty()) {
            for (double along : ALONG) {
                all.add(new Attempt.OneHide(new Hide(along * tank.lengthCm(), tank.sandDepthCm() + 2)));
            }
        }
        return all;
    }

    List<Attempt> rocks() {
        Tank tank = outlook.plan().tank();
        List<Attempt> all = new ArrayList<>();
        for (int i = 0; i < tank.scape().rocks().size(); i++) {
            double most = tank.lengthCm() - tank.scape().rocks().get(i).widthCm();
            for (int k = 0; k < ROCK_PLACES && most > 0; k++) {
                all.add(new Attempt.MoveRock(i, most * k / (ROCK_PLACES - 1)));
            }
        }
        return all;
    }

    List<Attempt> numbers() {
        Party p = target.party();
        GroupLife life = p.species().social().life();
        List<Attempt> all = new ArrayList<>();
        if (target.planned() && (life == GroupLife.SHOAL || life == GroupLife.HAREM || life == GroupLife.PAIR)) {
            int most = p.species().social().most() == 0
                    ? p.count() + 4
                    : p.species().social().most();
            for (int n : new int[] {p.species().social().least(), p.count() + 1, p.count() + 2, p.count() + 4}) {
                if (n > p.count() && n <= most) {
                    all.add(new Attempt.Number(p.id(), n));
                }
            }
        }
        return all;
    }

    List<Attempt> lengths() {
        List<Attempt> all = new ArrayList<>();
        if (target.planned()) {
            for (double share : LARGER) {
                double cm = Math.round(share * target.party().species().size().usualCm());
                if (cm > target.party().lengthCm()) {
                    all.add(new Attempt.Length(target.party().id(), cm));
                }
            }
        }
        double small = Math.max(
                LEAST_BOUGHT_CM,
                Math.round(SMALLER * aggressor.party().species().size().usualCm()));
        if (aggressor.planned() && small < aggressor.party().lengthCm()) {
            all.add(new Attempt.Length(aggressor.party().id(), small));
        }
        return all;
    }

    /**
     * Species of the same role: the same keeper's group, or the same food in a shared part of the tank by a fish of
     * like form
     * or for the same purpose. The calmest by a first look, and only those that the Sieve lets through.
     */
    List<Attempt> species() {
        List<Attempt> all = new ArrayList<>();
        for (Presence p : List.of(aggressor, target)) {
            if (p.planned()) {
                Species was = p.party().species();
                catalogue.all().stream()
                        .filter(s -> sameRole(was, s))
                        .filter(s -> outlook.everybody().stream()
                                .noneMatch(e -> e.party().species().genus().equals(s.genus())))
                        .sorted(Comparator.comparingDouble((Species s) -> firstLook(p, s))
                                .thenComparing(Species::scientificName))
                        .limit(MOST_LOOKED_AT)
                        .filter(s ->
                                Sieve.sift(outlook.plan(), p.party().instead(s)).outcome()
                                        != Verdict.Outcome.NOT_IN_THIS_TANK)
                        .limit(MOST_SPECIES)
                        .forEach(s -> all.add(new Attempt.Instead(p.party().id(), s)));
            }
        }
        return all;
    }

    /** The hardest press with anybody, grounds taken as overlapping wholly. */
    private double firstLook(Presence place, Species s) {
        Party fresh = place.party().instead(s);
        Surroundings tank = Surroundings.of(outlook.plan().tank());
        double most = 0;
        for (Presence other : outlook.everybody()) {
            if (other != place) {
                Party o = other.party();
                boolean later = place.order() > other.order();
                Encounter.Order order = later ? Encounter.Order.TARGET_FIRST : Encounter.Order.AGGRESSOR_FIRST;
                most = Math.max(
                        most,
                        Tension.index(new Encounter(fresh, fresh.adultCm(), o, o.adultCm(), order, tank, false, 1)));
                most = Math.max(
                        most,
                        Tension.index(new Encounter(
                                o, o.adultCm(), fresh, fresh.adultCm(), order.reversed(), tank, false, 1)));
            }
        }
        return most;
    }

    private static boolean sameRole(Species was, Species s) {
        Guild guild = was.diet().guild();
        boolean sameGroup = s.group().equals(was.group());
        boolean samePlace = s.place().zones().stream().anyMatch(was.place().zones()::contains);
        boolean samePurpose = !was.helps().isEmpty() && s.helps().containsAll(was.helps());
        boolean sameWork = s.diet().guild() == guild
                && samePlace
                && (samePurpose || s.look().form().likeness(was.look().form()) > 0);
        return !s.scientificName().equals(was.scientificName()) && (sameGroup || sameWork);
    }

    List<Attempt> meals() {
        Tank tank = outlook.plan().tank();
        List<Attempt> all = new ArrayList<>();
        if (tank.mealsADay() < MOST_MEALS) {
            all.add(new Attempt.Fed(tank.mealsADay() + 1, tank.seaweed()));
        }
        if (!tank.seaweed()
                && (aggressor.party().species().diet().algaeDaily()
                        || target.party().species().diet().algaeDaily())) {
            all.add(new Attempt.Fed(tank.mealsADay(), true));
        }
        return all;
    }
}
