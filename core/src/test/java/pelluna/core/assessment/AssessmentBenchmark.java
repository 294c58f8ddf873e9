package pelluna.core.assessment;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;

/** The whole assessment of 15 residents and 25 wishes in a large tank, every fish another species. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class AssessmentBenchmark {
    private Plan plan;

    @Setup
    public void plan() {
        List<Species> all = Plans.CATALOGUE.all();
        Plans plans = Plans.sixFeet()
                .with("netLitres", 2500)
                .with("lengthCm", 350)
                .with("widthCm", 120)
                .with("waterHeightCm", 80)
                .with("hides", 40)
                .with("nitrateCeiling", 60);
        for (int i = 0; i < 15; i++) {
            Species s = all.get(i * 4);
            plans.resident(s.scientificName(), 1, s.size().usualCm());
        }
        for (int i = 0; i < 25; i++) {
            plans.wish(all.get(61 + i * 4).scientificName(), 1, 1 + i % 5);
        }
        plan = plans.plan();
    }

    @Benchmark
    public Assessment wholeAssessment() {
        return new Assessor().assess(plan);
    }
}
