package pelluna.core.crew;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import pelluna.core.catalogue.Harm;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Length;

/**
 * How to bring a crew up to its number again.
 *
 * @param add    how many to buy now, with those that are likely lost until the next month
 * @param fromCm the least size to buy, cm; empty where size does not help
 * @param worth  whether it is worth it: not while somebody is expected to eat them
 * @param says   in the order of doing
 */
public record CrewRestock(int add, OptionalDouble fromCm, boolean worth, List<CrewAdvice> says) {
    private static final double LARGER = 1.2;

    public CrewRestock {
        says = List.copyOf(says);
    }

    /** @param wanted the number to keep; @param there the last count; @param sizeCm that shops usually have */
    public static CrewRestock of(
            CrewKind kind, int wanted, int there, double sizeCm, Attrition attrition, List<Suspect> suspects) {
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
        List<CrewAdvice> says = new ArrayList<>();
        List<Species> names = hunters.stream().map(h -> h.fish().species()).toList();
        if (add == 0) {
            says.add(new CrewAdvice.NothingToBuy(there, wanted));
        } else if (!worth) {
            says.add(new CrewAdvice.OnlyFood(names));
        } else {
            says.add(new CrewAdvice.Add(add, wanted - there, wanted, lostInAMonth));
        }
        if (add > 0 && worth) {
            double least = safeBySize ? Math.max(sizeCm, spared.getAsDouble() * LARGER) : sizeCm;
            says.add(
                    safeBySize
                            ? new CrewAdvice.LargerThanAMouthful(new Length(least), names)
                            : new CrewAdvice.AsShopsHave(new Length(least)));
            says.add(new CrewAdvice.MatchSlowly());
            says.add(new CrewAdvice.InAtNight());
            if (kind.life() == ReefLife.SHRIMP) {
                says.add(new CrewAdvice.HoleForMoulted());
            }
            if (kind == CrewKind.HERMITS) {
                says.add(new CrewAdvice.EmptyShells());
            }
        }
        return new CrewRestock(
                add,
                worth && safeBySize ? OptionalDouble.of(spared.getAsDouble() * LARGER) : OptionalDouble.empty(),
                worth,
                says);
    }
}
