package pelluna.app.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.micrometer.core.instrument.simple.SimpleMeterRegistry;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.PlanFile;

/** The same answer, asked for by many at once, is computed once. */
class AskedAtOnceTest {
    private static final int MANY = 20;
    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);
    private static final Catalogue CATALOGUE = Catalogue.shipped();
    private static final PlanFiles FILES = new PlanFiles(() -> CATALOGUE);
    private static final PlanFile FILE = FILES.parse("""
        {"pelluna": 1, "tank": {"lengthCm": 120, "widthCm": 50, "waterHeightCm": 50}, "wishes": [
          {"species": "Gramma loreto"}, {"species": "Salarias fasciatus"}, {"species": "Chromis viridis", "count": 6}]}
        """);

    private final Assessments assessments =
            new Assessments(new SolveTime(Duration.ofMinutes(5)), new SimpleMeterRegistry());
    private final AtomicInteger computed = new AtomicInteger();

    private Answer ask(PlanFile file) {
        return assessments.of(file, CATALOGUE, DAY, () -> {
            computed.incrementAndGet();
            return FILES.plan(file, DAY);
        });
    }

    @Test
    void twentyWhoAskForTheSamePlanGetOneAnswer() throws Exception {
        CyclicBarrier together = new CyclicBarrier(MANY);
        ExecutorService askers = Executors.newFixedThreadPool(MANY);
        List<Future<Answer>> answers = new ArrayList<>();
        for (int i = 0; i < MANY; i++) {
            answers.add(askers.submit(() -> {
                together.await();
                return ask(FILE);
            }));
        }
        Answer first = answers.get(0).get();
        for (Future<Answer> answer : answers) {
            assertThat(answer.get()).isSameAs(first);
        }
        askers.shutdown();
        assertThat(computed).hasValue(1);
        assertThat(first.assessment().sieve()).hasSize(3);
    }

    @Test
    void anotherPlanIsAnotherQuestion() {
        ask(FILE);
        ask(FILE.alsoWishing(FishFile.of("Gramma melacara", 1)));
        ask(FILE.named("only the name differs"));
        ask(FILES.parse(FILES.write(FILE)));
        assertThat(computed).hasValue(3);
    }

    @Test
    void whatCannotBeReadIsRefusedEveryTimeAndKeepsNothing() {
        PlanFile wrong = FILE.alsoWishing(FishFile.of("no such fish", 1));
        assertThatThrownBy(() -> ask(wrong)).isInstanceOf(PlanProblemsException.class);
        assertThatThrownBy(() -> ask(wrong)).isInstanceOf(PlanProblemsException.class);
        assertThat(computed).hasValue(2);
    }
}
