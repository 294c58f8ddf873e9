package pelluna.core.capacity;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;

import pelluna.core.catalogue.Stance;
import pelluna.core.growth.BodyMass;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.units.English;
import pelluna.core.units.Measures;

/**
 * How full a tank is with these fish grown, through every lens at once. Which lens may forbid a fish is a matter of
 * school: the length rule for the Cautious, the filter's work for the others.
 */
public record Capacity(List<Lens> lenses, Lens binding, String left) {
    /** The fish in whose number 'room left' is told: 6 cm, of middling build. Pelluna's judgement. */
    private static final double YARDSTICK_CM = 6;
    private static final BodyMass YARDSTICK = new BodyMass(0.018, 3);

    public static Capacity of(Plan plan, Collection<Party> fish, Measures say) {
        LengthRule rule = LengthRule.of(plan.tank(), plan.startOn());
        Waste waste = Waste.of(plan);
        List<Lens> lenses = List.of(rule.lens(plan.tank(), fish, say), waste.lens(fish, say), new RoomLens(plan.tank()).lens(fish, say));
        Lens binding = lenses.stream().max(Comparator.comparingDouble(Lens::share)).orElseThrow();
        double byLength = (rule.limitInches(plan.tank().netLitres()) - LengthRule.inches(fish)) * 2.54 / YARDSTICK_CM;
        double byWaste = (waste.feedAtCeiling() - Waste.adultFeed(fish)) / Waste.feedGrams(YARDSTICK.gramsAt(YARDSTICK_CM));
        return new Capacity(lenses, binding, left(lenses, binding, byLength, byWaste, say));
    }

    /** The lenses that a stance lets forbid a fish. Room forbids nobody as a whole: run, hides and volume are rules of the Sieve, fish by fish. */
    public List<Lens> deciding(Stance stance) {
        return lenses.stream().filter(l -> l.name().equals("waste") || stance == Stance.CAUTIOUS && l.name().equals("length-rule")).toList();
    }

    public Lens lens(String name) {
        return lenses.stream().filter(l -> l.name().equals(name)).findFirst().orElseThrow();
    }

    public static String plainName(Lens lens) {
        return switch (lens.name()) {
            case "waste" -> "nitrate";
            case "room" -> "room";
            default -> "the length rule";
        };
    }

    private static String left(List<Lens> lenses, Lens binding, double byLength, double byWaste, Measures say) {
        Lens room = lenses.get(lenses.size() - 1);
        String size = "fish of " + say.length(YARDSTICK_CM);
        if (binding == room) {
            return (room.share() > 1 ? "Room binds, and is over. " : "Room binds. ") + room.says() + " " + also("nitrate", byWaste, size) + " " + also("the length rule", byLength, size);
        }
        boolean nitrate = binding.name().equals("waste");
        double left = nitrate ? byWaste : byLength;
        String rule = plainName(binding);
        return (left < 0 ? "By " + rule + " the tank is over its number, and that binds." : "Room for " + fish(left, size) + "; " + rule + " binds.") + " "
            + (nitrate ? also("the length rule", byLength, size) : also("nitrate", byWaste, size)) + " " + room.says();
    }

    private static String also(String rule, double left, String size) {
        return "By " + rule + (left < 0 ? " it is over as well." : " there would be room for " + fish(left, size) + ".");
    }

    private static String fish(double number, String size) {
        int n = (int) Math.floor(number);
        return n == 0 ? "no more fish" : n > 40 ? "more than forty " + size : "about " + English.count(n, "more " + size, "more " + size);
    }
}
