package pelluna.core.introduction;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Copper;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Leaning;
import pelluna.core.catalogue.Source;
import pelluna.core.catalogue.Species;
import pelluna.core.units.English;
import pelluna.core.units.Measures;

/** What to look at on a fish before it is bought, and what to ask the shop. */
public record AtTheShop(List<Line> look, List<Line> ask) {
    /** From this length on the grown size is worth a question. Pelluna's judgement. */
    private static final double LONG_CM = 20;

    /** One thing, with where it comes from. */
    public record Line(String says, String source) {}

    public AtTheShop {
        look = List.copyOf(look);
        ask = List.copyOf(ask);
    }

    /** @param catalogue for the names of look-alikes */
    public static AtTheShop of(Species s, Catalogue catalogue, Measures say) {
        return new AtTheShop(looks(s, say), asks(s, catalogue, say));
    }

    private static List<Line> looks(Species s, Measures say) {
        List<Line> lines = new ArrayList<>();
        s.buying().ifPresent(b -> lines.add(new Line(English.capital(b) + ".", s.source("buying"))));
        s.health().leanings().stream().sorted().forEach(l -> lines.add(new Line(sign(l), s.source("leanings"))));
        s.appearance()
                .young()
                .ifPresent(y -> lines.add(new Line(
                        "Up to about " + say.length(y.untilCm()) + " it looks quite different; know both looks.",
                        s.source("young"))));
        lines.add(new Line("Clear eyes, whole fins, clean skin, calm breathing.", Source.COMMON_PRACTICE.words()));
        return lines;
    }

    private static String sign(Leaning leaning) {
        return switch (leaning) {
            case MARINE_ICH -> "Marine ich: white grains like salt on fins and flanks, scratching on rock.";
            case VELVET -> "Velvet: a dull dusting over the skin and breathing much too fast.";
            case BROOKLYNELLA -> "Brooklynella: white slime, pale patches, ragged lips or fins.";
            case URONEMA -> "Uronema: a red or pale sore on the flank that spreads.";
            case FLUKES -> "Flukes: cloudy eyes, head shaking, one gill held shut.";
            case INTERNAL_WORMS -> "Internal worms: white stringy droppings, or thin although it eats.";
            case VIBRIO -> "Vibrio and the like: reddened skin, a snout or tail that rots; an emergency, ask a vet.";
            case GAS_BUBBLES -> "Gas bubbles: blisters under the skin or in the pouch, a fish that floats.";
            case LATERAL_LINE_EROSION -> "Lateral line erosion: pits on the head and along the flank.";
        };
    }

    private static List<Line> asks(Species s, Catalogue catalogue, Measures say) {
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(
                "May I see it eat, and what does it get?"
                        + (s.diet().hard() >= 4 ? " This one often refuses: no purchase without a meal." : ""),
                s.source("feeding")));
        lines.add(new Line(
                "How long has it been here, and how was it quarantined?"
                        + (s.health().copper() == Copper.TOLERATES
                                ? ""
                                : " Not everybody gives it copper: was any used, and for how long?"),
                s.source("copper")));
        lines.add(new Line(
                s.captiveBred()
                        ? "Is this one captive-bred? It is to be had."
                        : "Where does it come from, and how was it caught?",
                s.source("captive")));
        if (s.size().usualCm() >= LONG_CM) {
            lines.add(new Line(
                    "How long is it now? It grows to " + say.length(s.size().usualCm()) + ".", s.source("adult")));
        }
        if (s.social().life() == GroupLife.HAREM || s.social().life() == GroupLife.PAIR) {
            lines.add(new Line(
                    s.social().life() == GroupLife.PAIR
                            ? "Do these two get on, and have they been kept together?"
                            : "Which are females, and have they been kept together?",
                    s.source("social")));
        }
        s.appearance().confusedWith().stream()
                .findFirst()
                .ifPresent(l -> lines.add(new Line(
                        "Is it really this one, and not the "
                                + catalogue.find(l.name()).map(Species::name).orElse(l.name())
                                + "? Look under 'Taken for'.",
                        s.source("confused"))));
        return lines;
    }
}
