package pelluna.core.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;

/** The usual cautions about what a fish can do to its keeper. Common practice; no medical advice. */
public sealed interface Caution extends Statement {
    record Danger(Hazard hazard) implements Caution {}

    /** First aid, where there is venom or a bite. */
    record IfHurt() implements Caution {}

    static Sentences about(Set<Hazard> hazards) {
        List<Statement> cautions = new ArrayList<>();
        hazards.stream().sorted().map(Danger::new).forEach(cautions::add);
        if (hazards.contains(Hazard.VENOMOUS_SPINES) || hazards.contains(Hazard.FANGS)) {
            cautions.add(new IfHurt());
        }
        return new Sentences(cautions);
    }
}
