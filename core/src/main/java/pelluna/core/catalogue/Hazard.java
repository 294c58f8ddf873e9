package pelluna.core.catalogue;

import java.util.Set;
import java.util.stream.Collectors;
import pelluna.core.units.Named;

/** What a fish can do to its keeper. */
public enum Hazard implements Named {
    VENOMOUS_SPINES("venomous spines", "Its spines are venomous."),
    TAIL_BLADES("tail blades", "It has a blade on either side of the tail."),
    FANGS("fangs", "It bites with fangs when held."),
    STRONG_BITE("strong bite", "It has a strong bite; fingers are food."),
    TOXIC_WHEN_STRESSED("toxic when stressed", "Badly frightened or dying, it can poison the whole tank.");

    private static final String IF_HURT =
            "If stung or bitten: hands out, hot but not scalding water on the wound, and medical help; call the "
                    + "emergency"
                    + " services at any trouble breathing, chest pain or spreading swelling.";

    private final String word;
    private final String sentence;

    Hazard(String word, String sentence) {
        this.word = word;
        this.sentence = sentence;
    }

    /** The usual cautions for some hazards, with first aid where there is venom. Common practice; no medical advice. */
    public static String cautions(Set<Hazard> hazards) {
        String cautions = hazards.stream().sorted().map(h -> h.sentence).collect(Collectors.joining(" "));
        return hazards.contains(VENOMOUS_SPINES) || hazards.contains(FANGS) ? cautions + " " + IF_HURT : cautions;
    }

    @Override
    public String word() {
        return word;
    }
}
