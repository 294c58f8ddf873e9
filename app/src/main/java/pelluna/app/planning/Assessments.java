package pelluna.app.planning;

import java.time.LocalDate;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.Plan;

/**
 * Assessments of plans that were asked about lately. The engine is pure: the same plan on the same day gets the same
 * answer, so it is asked once.
 */
@Component
class Assessments {
    private static final int MOST = 64;

    private final Map<Asked, Kept> kept = Collections.synchronizedMap(new LinkedHashMap<>(MOST, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, Kept> eldest) {
            return size() > MOST;
        }
    });

    private record Asked(Map<String, Object> tree, LocalDate today) {}

    /** A plan with what is said of it. */
    record Kept(Catalogue catalogue, Plan plan, Assessment assessment, Ahead ahead) {}

    /**
     * @param tree      of the plan file, with everything that counts
     * @param catalogue another one means that facts may have changed
     */
    Kept of(Map<String, Object> tree, Catalogue catalogue, LocalDate today, Supplier<Plan> plan) {
        Asked asked = new Asked(tree, today);
        Kept there = kept.get(asked);
        if (there == null || there.catalogue() != catalogue) {
            Plan read = plan.get();
            Assessment assessment = new Assessor().assess(read);
            there = new Kept(catalogue, read, assessment, new Ahead(assessment));
            kept.put(asked, there);
        }
        return there;
    }
}
