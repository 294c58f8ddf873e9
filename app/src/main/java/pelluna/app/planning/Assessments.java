package pelluna.app.planning;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanFile;

/**
 * Assessments of plans that were asked about lately. The engine is pure: the same plan on the same day gets the same
 * answer, so it is asked once.
 */
@Component
class Assessments {
    private static final int MOST = 64;

    private final Cache<Asked, Kept> kept =
            Caffeine.newBuilder().maximumSize(MOST).build();

    /** @param catalogue another one means that facts may have changed */
    private record Asked(PlanFile plan, Catalogue catalogue, LocalDate today) {}

    /** A plan with what is said of it. */
    record Kept(Plan plan, Assessment assessment, Ahead ahead) {}

    /**
     * Many who ask the same at once wait for one answer.
     *
     * @param file with everything that counts
     * @param plan asked for only if the answer is not there yet
     */
    Kept of(PlanFile file, Catalogue catalogue, LocalDate today, Supplier<Plan> plan) {
        return kept.get(new Asked(file, catalogue, today), asked -> {
            Plan read = plan.get();
            Assessment assessment = new Assessor().assess(read);
            return new Kept(read, assessment, new Ahead(assessment));
        });
    }
}
