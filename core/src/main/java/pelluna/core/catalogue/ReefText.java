package pelluna.core.catalogue;

import java.util.EnumMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Named;
import pelluna.core.units.Rounding;

/** The 'reef' fact as text and as harm by kind of life: 'shrimp often spares 5 cm, snails known'. */
public final class ReefText {
    private static final Pattern ONE =
            Pattern.compile("([a-z-]+) (known|often|expect)(?: spares (\\d+(?:\\.\\d+)?) cm)?");

    private ReefText() {}

    static Map<ReefLife, Species.ReefRisk> read(Fact fact) {
        Map<ReefLife, Species.ReefRisk> risks = new EnumMap<>(ReefLife.class);
        if (fact.value().equals("none")) {
            return risks;
        }
        for (String part : fact.value().split(", *")) {
            Matcher m = ONE.matcher(part);
            if (!m.matches()) {
                throw FactReader.wrong(fact, new FactNeeds.LifeHarmAndLength());
            }
            ReefLife kind = Named.find(ReefLife.class, m.group(1))
                    .orElseThrow(() -> FactReader.wrong(fact, new FactNeeds.OneOf(Named.words(ReefLife.class))));
            Harm harm = Named.find(Harm.class, m.group(2)).orElseThrow();
            if (risks.put(kind, new Species.ReefRisk(harm, m.group(3) == null ? 0 : Double.parseDouble(m.group(3))))
                    != null) {
                throw FactReader.wrong(fact, new FactNeeds.FreeOfRepeats(m.group(1)));
            }
        }
        return risks;
    }

    /** As it is written in a catalogue file; 'none' if all is left alone. */
    public static String write(Map<ReefLife, Species.ReefRisk> risks) {
        String text = inOrder(risks).entrySet().stream()
                .filter(e -> e.getValue().harm() != Harm.LEAVES_ALONE)
                .map(e -> e.getKey().word() + " " + e.getValue().harm().word()
                        + (e.getValue().sparesFromCm() > 0
                                ? " spares " + Rounding.text(e.getValue().sparesFromCm()) + " cm"
                                : ""))
                .collect(Collectors.joining(", "));
        return text.isEmpty() ? "none" : text;
    }

    private static Map<ReefLife, Species.ReefRisk> inOrder(Map<ReefLife, Species.ReefRisk> risks) {
        Map<ReefLife, Species.ReefRisk> all = new EnumMap<>(ReefLife.class);
        all.putAll(risks);
        return all;
    }
}
