package pelluna.core.shop;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import pelluna.core.arrivals.Rest;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Fallow;
import pelluna.core.plan.Plan;
import pelluna.core.search.Singles;

/**
 * Somebody standing in a shop with one tank in mind: every species asked for today, and any two of them together. For
 * several threads.
 */
public final class Shop {
    private final LocalDate today;
    private final Singles singles;
    private final Map<Species, ShopAnswer> found = new HashMap<>();

    /** @param today the day of the question */
    public Shop(Plan plan, LocalDate today) {
        this.today = today;
        this.singles = new Singles(plan.startingOn(
                plan.fallow().map(Fallow::until).filter(today::isBefore).orElse(today)));
    }

    /** The plan moved to that day, or to the end of a time without fish. */
    public Plan plan() {
        return singles.plan();
    }

    /** One of a species, at the size that shops usually have. O(rules × residents) when it is first asked for. */
    public synchronized ShopAnswer of(Species s) {
        return found.computeIfAbsent(s, k -> ShopAnswer.of(plan(), today, singles.of(k)));
    }

    /** Days until the next may come into the tank after one of a species. */
    public int restAfter(Species s) {
        return Rest.days(plan(), Singles.one(plan(), s, "one"));
    }

    /**
     * What may be bought today in its stead, the likest first: at most three that do the same in a tank.
     *
     * @param all the species to choose from
     */
    public List<Species> insteadOf(Species s, List<Species> all) {
        return Instead.of(s, all.stream().filter(o -> of(o).says() == Says.YES).toList());
    }
}
