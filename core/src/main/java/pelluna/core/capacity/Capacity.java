package pelluna.core.capacity;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import pelluna.core.catalogue.Stance;
import pelluna.core.growth.BodyMass;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tank.Tank;
import pelluna.core.units.Convert;
import pelluna.core.units.English;
import pelluna.core.units.Measures;
import pelluna.core.units.Step;

/**
 * How full a tank is with these fish grown, by three ways to count at once. Which of them decides is a matter of
 * school: for the
 * Cautious the strictest of
 * length, water and room, customarily water and room, for the Bold water alone. The others are what other schools
 * would say, and never
 * shown with
 * a higher step than what decides.
 *
 * @param binding the tightest of those that decide
 * @param decide  names of those that decide
 */
public record Capacity(List<Lens> lenses, Lens binding, Set<String> decide, String left) {
    /** The fish in whose number 'room left' is told: 6 cm, of middling build. Pelluna's judgement. */
    private static final double YARDSTICK_CM = 6;

    private static final BodyMass YARDSTICK = new BodyMass(0.018, 3);
    private static final int MANY = 40;

    public static Capacity of(Plan plan, Collection<Party> fish, Measures say) {
        LengthRule rule = LengthRule.of(plan.tank(), plan.startOn());
        Waste waste = Waste.of(plan);
        List<Lens> counted =
                List.of(rule.lens(plan.tank(), fish, say), waste.lens(fish, say), new RoomLens(plan.tank()).lens(fish));
        Set<String> decide = deciding(plan.stance());
        Step most = counted.stream()
                .filter(l -> decide.contains(l.name()))
                .map(Lens::step)
                .max(Step::compareTo)
                .orElseThrow();
        List<Lens> lenses = counted.stream()
                .map(l -> decide.contains(l.name()) ? l : l.atMost(most))
                .toList();
        Lens binding = lenses.stream()
                .filter(l -> decide.contains(l.name()))
                .max(Comparator.comparingDouble(Lens::share))
                .orElseThrow();
        double byLength = Convert.cmFromInches(rule.limitInches(plan.tank().glassLitres()) - LengthRule.inches(fish))
                / YARDSTICK_CM;
        double byWaste =
                (waste.feedAtCeiling() - Waste.adultFeed(fish)) / Waste.feedGrams(YARDSTICK.gramsAt(YARDSTICK_CM));
        return new Capacity(lenses, binding, decide, left(lenses, binding, decide, byLength, byWaste, say));
    }

    /**
     * What decides about one fish more, tightest first: as {@link #deciding()}, with only those parts of the room that
     * it would take from.
     *
     * @param fish all that are in the tank then, this one too
     */
    public static List<Lens> about(Party one, Plan plan, Collection<Party> fish, Measures say) {
        return about(one, plan, fish, say, deciding(plan.stance()));
    }

    /** The same of only some of those that decide. */
    public static List<Lens> about(Party one, Plan plan, Collection<Party> fish, Measures say, Set<String> names) {
        List<Lens> lenses = new ArrayList<>();
        for (String name : names) {
            lenses.add(
                    switch (name) {
                        case Lens.LENGTH ->
                            LengthRule.of(plan.tank(), plan.startOn()).lens(plan.tank(), fish, say);
                        case Lens.WASTE -> Waste.of(plan).lens(fish, say);
                        default -> new RoomLens(plan.tank()).lens(fish, one);
                    });
        }
        lenses.sort(Comparator.comparingDouble(Lens::share).reversed());
        return lenses;
    }

    /**
     * Shares of each part of the room that some fish take when grown, by the name of the part; 1 is all of it.
     * Additive over fish.
     */
    public static Map<String, Double> roomParts(Tank tank, Collection<Party> fish) {
        return new RoomLens(tank).parts(fish);
    }

    /** The names of the lenses that decide in a school. */
    public static Set<String> deciding(Stance stance) {
        return switch (stance) {
            case CAUTIOUS -> Set.of(Lens.LENGTH, Lens.WASTE, Lens.ROOM);
            case CUSTOMARY -> Set.of(Lens.WASTE, Lens.ROOM);
            case BOLD -> Set.of(Lens.WASTE);
        };
    }

    /** The lenses that decide here, tightest first. */
    public List<Lens> deciding() {
        return lenses.stream()
                .filter(l -> decide.contains(l.name()))
                .sorted(Comparator.comparingDouble(Lens::share).reversed())
                .toList();
    }

    public boolean decides(Lens lens) {
        return decide.contains(lens.name());
    }

    public Lens lens(String name) {
        return lenses.stream().filter(l -> l.name().equals(name)).findFirst().orElseThrow();
    }

    public static String plainName(Lens lens) {
        return switch (lens.name()) {
            case Lens.WASTE -> "water";
            case Lens.ROOM -> "room";
            default -> "the length rule";
        };
    }

    private static String left(
            List<Lens> lenses, Lens binding, Set<String> decide, double byLength, double byWaste, Measures say) {
        String size = "fish of " + say.length(YARDSTICK_CM);
        StringBuilder says = new StringBuilder(
                binding.share() > 1
                        ? English.capital(plainName(binding)) + " decides, and is over. "
                        : English.capital(plainName(binding)) + " decides. ");
        lenses.stream()
                .filter(l -> decide.contains(l.name()))
                .forEach(l -> says.append(of(l, byLength, byWaste, size)).append(' '));
        List<String> others = lenses.stream()
                .filter(l -> !decide.contains(l.name()))
                .map(l -> of(l, byLength, byWaste, size))
                .toList();
        return says + (others.isEmpty() ? "" : "Other schools would say: " + String.join(" ", others)).strip();
    }

    private static String of(Lens lens, double byLength, double byWaste, String size) {
        return switch (lens.name()) {
            case Lens.WASTE ->
                lens.share() > 1 ? "By water it is full." : "By water there is room for " + fish(byWaste, size) + ".";
            case Lens.ROOM -> lens.says();
            default ->
                byLength < 0
                        ? "By the length rule it is full."
                        : "By the length rule there is room for " + fish(byLength, size) + ".";
        };
    }

    private static String fish(double number, String size) {
        int n = (int) Math.floor(Math.max(0, number));
        return n == 0
                ? "no more fish"
                : n > MANY ? "more than forty " + size : "about " + English.count(n, "more " + size, "more " + size);
    }
}
