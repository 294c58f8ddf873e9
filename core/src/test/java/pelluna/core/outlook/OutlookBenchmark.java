package pelluna.core.outlook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanReader;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;

/** A step of the date, the settling of the grounds, and all changes on the way, for forty fish of forty species. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class OutlookBenchmark {
    private static final int FISH = 40;
    private Plan plan;
    private Assessment assessment;
    private Outlook outlook;
    private int step;

    @Setup
    public void plan() {
        List<Object> residents = new ArrayList<>();
        for (int i = 0; i < FISH; i++) {
            residents.add(Map.of(
                    "species",
                    Plans.CATALOGUE
                            .all()
                            .get(i * Plans.CATALOGUE.all().size() / FISH)
                            .scientificName()));
        }
        Map<String, Object> file = new HashMap<>(Map.of(
                "residents",
                residents,
                "tank",
                Map.of(
                        "lengthCm",
                        300,
                        "widthCm",
                        120,
                        "waterHeightCm",
                        90,
                        "rockKg",
                        300,
                        "sandDepthCm",
                        5,
                        "hides",
                        16,
                        "cycledOn",
                        "2024-01-01")));
        plan = new PlanReader(Plans.CATALOGUE).read(PlanTree.file(file), Plans.START);
        assessment = new Assessor().assess(plan);
        outlook = new Outlook(plan, assessment.arrivals());
    }

    @Benchmark
    public Object dateStep() {
        step = (step + 17) % 2000;
        return outlook.presses(LocalDate.of(2027, 3, 1).plusDays(step));
    }

    @Benchmark
    public Object settlingTheGrounds() {
        return new Outlook(plan, assessment.arrivals());
    }

    @Benchmark
    public Object changesOnTheWay() {
        return Changes.of(outlook);
    }
}
