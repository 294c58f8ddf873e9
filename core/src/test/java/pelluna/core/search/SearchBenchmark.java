package pelluna.core.search;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;

/** One question to the whole catalogue, every answer judged for a tank with five residents. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class SearchBenchmark {
    private final Search search = new Search(Plans.CATALOGUE);
    private final Plan plan = Plans.sixFeet()
            .resident("Zebrasoma flavescens", 1, 12)
            .resident("Amphiprion ocellaris", 2, 7)
            .resident("Chromis viridis", 5, 5)
            .resident("Gramma loreto", 1, 6)
            .resident("Ecsenius bicolor", 1, 7)
            .plan();

    @Benchmark
    public Answer everySpecies() {
        return search.ask("", plan);
    }

    @Benchmark
    public Answer asPeopleAsk() {
        return search.ask("small peacefull algae eater under 200 L", plan);
    }

    @Benchmark
    public Search index() {
        return new Search(Plans.CATALOGUE);
    }
}
