package pelluna.core.crew;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import pelluna.core.catalogue.Harm;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.English;
import pelluna.core.units.Measures;

/**
 * How to bring a crew up to its number again.
 *
 * @param add    how many to buy now, with those that are likely lost until the next month
 * @param fromCm the least size to buy, cm; empty where size does not help
 * @param worth  whether it is worth it: not while somebody is expected to eat them
 * @param says   in sentences, in the order of doing
 */
public record CrewRestock(int add, OptionalDouble fromCm, boolean worth, List<String> says) {
    private static final double LARGER = 1.2;

    public CrewRestock {
        says = List.copyOf(says);
    }

    /** @param wanted the number to keep; @param there the last count; @param sizeCm that shops usually have */
    public static CrewRestock of(
            CrewKind kind,
            int wanted,
            int there,
            double sizeCm,
            Attrition attrition,
            List<Suspect> suspects,
            Measures say) {
        int lostInAMonth = (int) Math.round(attrition.shareAMonth() * wanted);
        int add = there >= wanted ? 0 : wanted - there + lostInAMonth;
        List<Suspect> hunters = suspects.stream()
                .filter(s -> !s.spares() && s.harm().compareTo(Harm.OFTEN) >= 0)
                .toList();
        OptionalDouble spared = hunters.isEmpty()
                ? OptionalDouble.empty()
                : hunters.stream().anyMatch(h -> h.mouthfulCm().isEmpty())
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(hunters.stream()
                                .mapToDouble(h -> h.mouthfulCm().getAsDouble())
                                .max()
                                .orElse(0));
        boolean safeBySize = spared.isPresent() && spared.getAsDouble() <= 2 * sizeCm;
        boolean worth = hunters.isEmpty() || safeBySize;
        List<String> says = new ArrayList<>();
        String names = English.list(
                hunters.stream().map(h -> "the " + h.fish().species().name()).toList());
        if (add == 0) {
            says.add("Nothing to buy: " + there + " are there of " + wanted + " wanted.");
        } else if (!worth) {
            says.add("Not while " + names + " " + (hunters.size() == 1 ? "lives" : "live")
                    + " here: what you add is food.");
        } else {
            says.add("Add " + add + ": " + (wanted - there) + " to come to " + wanted
                    + (lostInAMonth > 0 ? ", and " + lostInAMonth + " for those that a month costs here." : "."));
        }
        if (add > 0 && worth) {
            double least = safeBySize ? Math.max(sizeCm, spared.getAsDouble() * LARGER) : sizeCm;
            says.add(
                    safeBySize
                            ? "Buy them larger than a mouthful: from " + say.length(least) + " on, for " + names + "."
                            : "Of about " + say.length(least) + ", as shops have them.");
            says.add("Match the water slowly: they stand changes of salinity worse than fish do.");
            says.add("Put them in at night, lights out, after the fish have fed, on the rock or the sand where they "
                    + "belong, not dropped through the water.");
            if (kind.life() == ReefLife.SHRIMP) {
                says.add("A shrimp that has just moulted is soft for a day or two: give it a hole.");
            }
            if (kind == CrewKind.HERMITS) {
                says.add("Empty shells in several sizes keep hermit crabs from taking those of the snails.");
            }
        }
        return new CrewRestock(
                add,
                worth && safeBySize ? OptionalDouble.of(spared.getAsDouble() * LARGER) : OptionalDouble.empty(),
                worth,
                says);
    }
}
