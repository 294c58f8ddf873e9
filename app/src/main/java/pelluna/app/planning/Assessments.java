package pelluna.app.planning;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.micrometer.core.instrument.Counter;
import io.micrometer.core.instrument.MeterRegistry;
import java.time.LocalDate;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
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

    /** Those asked for lately, whoever else holds them. */
    private final Cache<Asked, Answer> lately =
            Caffeine.newBuilder().maximumSize(MOST).build();

    /** Everything that somebody holds: who comes again with an answer still at hand gets the same one. */
    private final Cache<Asked, Answer> held = Caffeine.newBuilder().weakValues().build();

    private final SolveTime time;
    private final Counter asked;
    private final Counter found;

    Assessments(SolveTime time, MeterRegistry figures) {
        this.time = time;
        this.asked = figures.counter("pelluna.assessments", "for", "asked");
        this.found = figures.counter("pelluna.assessments", "for", "computed");
    }

    /** @param catalogue another one means that facts may have changed */
    private record Asked(PlanFile plan, Catalogue catalogue, LocalDate today) {}

    /**
     * Many who ask the same get the same answer.
     *
     * @param file with everything that counts
     * @param plan asked for only if it was not read yet
     */
    Answer of(PlanFile file, Catalogue catalogue, LocalDate today, Supplier<Plan> plan) {
        Asked key = new Asked(file, catalogue, today);
        Answer answer = held.get(key, anew -> {
            found.increment();
            return new Answer(plan.get(), time::begins);
        });
        asked.increment();
        lately.put(key, answer);
        return answer;
    }
}
