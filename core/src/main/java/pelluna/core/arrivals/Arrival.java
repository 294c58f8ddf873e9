package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.capacity.Waste;
import pelluna.core.catalogue.Copper;
import pelluna.core.catalogue.Species;
import pelluna.core.introduction.Method;
import pelluna.core.plan.Party;
import pelluna.core.plan.Risk;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.units.Step;

/** What goes in together: a fish, a pair, a group, or several of one genus that are best added all at once. */
public record Arrival(List<Party> parties) {
    public Arrival {
        parties = List.copyOf(parties);
    }

    /** Arrivals of these wishes in an order that does not depend on how they were written down. */
    public static List<Arrival> of(List<Party> wishes) {
        Map<String, List<Party>> together = new LinkedHashMap<>();
        wishes.stream()
                .sorted(Comparator.comparing((Party p) -> p.species().scientificName())
                        .thenComparing(Party::count)
                        .thenComparing(Party::lengthCm)
                        .thenComparing(Party.AS_PUT_IN))
                .forEach(p -> {
                    int by = p.hand().together();
                    String key = by > 0
                            ? "together-" + by
                            : by == 0 && p.species().allAtOnce() ? p.species().genus() : p.id();
                    together.computeIfAbsent(key, k -> new ArrayList<>()).add(p);
                });
        return together.values().stream().map(Arrival::new).toList();
    }

    public int count() {
        return parties.stream().mapToInt(Party::count).sum();
    }

    /** Whether it counts as more than a single fish for the gap after it. */
    public boolean group() {
        return count() > 1;
    }

    /** Feed of all when grown, g a day: its load on the filter. */
    public double load() {
        return Waste.adultFeed(parties);
    }

    public int want() {
        return parties.stream().mapToInt(Party::want).max().orElse(0);
    }

    /** The place that its keeper gave it in the order, from 1; 0 if none. */
    public int place() {
        return parties.stream().mapToInt(p -> p.hand().place()).max().orElse(0);
    }

    /** The day that its keeper gave it; the latest, if several of its fish have one. */
    public Optional<LocalDate> on() {
        return parties.stream().flatMap(p -> p.hand().on().stream()).max(LocalDate::compareTo);
    }

    /** Feed of all as they are bought, g a day. */
    public double loadAtFirst() {
        return parties.stream().mapToDouble(p -> Waste.feed(p, p.lengthCm())).sum();
    }

    /** Days of quarantine by a school: the most that any of them needs. */
    public int quarantineDays(QuarantineSchool school) {
        return parties.stream()
                .mapToInt(p -> schoolFor(school, p.species()).days())
                .max()
                .orElse(0);
    }

    /**
     * The school a fish goes through: the keeper's, but watching alone for fish that few treat with copper. Common
     * practice.
     */
    public static QuarantineSchool schoolFor(QuarantineSchool school, Species species) {
        return school.copper() && species.health().copper() == Copper.SENSITIVE
                ? QuarantineSchool.THIRTY_DAYS_WATCH
                : school;
    }

    /** Whether its keeper sends it through the box in any case. */
    public boolean byBox() {
        return parties.stream().anyMatch(p -> p.hand().box());
    }

    /** Quarantine places that it needs: as many as it has fish that can't share one. */
    public int placesNeeded() {
        return Math.max(1, Places.needed(parties, parties.get(0).from()));
    }

    /** Whether its keeper takes any of it though Pelluna refuses it. */
    public boolean atOwnRisk() {
        return parties.stream().anyMatch(p -> p.hand().risk().taken());
    }

    /** Whether the ground is dealt anew for it, by its keeper's hand. */
    public boolean anew() {
        return parties.stream().anyMatch(p -> p.hand().risk() == Risk.ANEW);
    }

    /** How it is brought in against the hardest press that it meets. */
    Method method(Step meets) {
        return anew() ? Method.GROUND_ANEW : Method.against(meets, parties.size() > 1, byBox());
    }

    public List<Species> species() {
        return parties.stream().map(Party::species).toList();
    }
}
