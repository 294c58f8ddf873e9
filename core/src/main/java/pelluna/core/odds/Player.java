package pelluna.core.odds;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import pelluna.core.arrivals.Schedule;
import pelluna.core.arrivals.Scheduler;
import pelluna.core.plan.Plan;
import pelluna.core.units.Stop;

/**
 * Plays a plan many times. Run {@code n} of a seed is the same run whoever plays it, in whatever order; so is its
 * story.
 */
public final class Player {
    /** Sets of what the rates may be; runs are dealt to them in turn. */
    static final int SETS = 40;

    private static final int SETS_KEY = -10;
    private static final int RUNS_KEY = -11;

    private final Cast cast;
    private final Rates[] sets;
    private final Tempers tempers = new Tempers();
    private final long seed;

    /** @param schedule who comes when; everybody in it goes in, whether Pelluna would advise it or not */
    public Player(Plan plan, Schedule schedule, Rates rates, long seed) {
        this.cast = new Cast(plan, schedule);
        this.seed = seed;
        Chance of = Chance.seeded(seed).in(SETS_KEY);
        this.sets =
                IntStream.range(0, SETS).mapToObj(k -> rates.drawn(of.in(k))).toArray(Rates[]::new);
    }

    public Player(Remedy.Version version, Rates rates, long seed) {
        this(version.plan(), version.schedule(), rates, seed);
    }

    /** Everything that a plan wishes for, refused or not, in the order that Pelluna would give it. */
    public static Player ofWishes(Plan plan, Rates rates, long seed) {
        return ofWishes(plan, rates, seed, Stop.NEVER);
    }

    /** The same. @param stop when the search for their order ends with the best it has */
    public static Player ofWishes(Plan plan, Rates rates, long seed, Stop stop) {
        return new Player(plan, new Scheduler(plan, plan.wishes(), stop).planned(), rates, seed);
    }

    /** All of so many runs. */
    public Odds play(int runs) {
        return play(runs, Stop.NEVER, done -> {});
    }

    /**
     * @param runs above zero
     * @param stop   when it ends with the runs that are played by then, one at least
     * @param played told now and then how many are played; by any thread
     */
    public Odds play(int runs, Stop stop, IntConsumer played) {
        if (runs < 1) {
            throw new IllegalArgumentException("one run at least");
        }
        Tally tally = new Tally(cast, runs, seed);
        AtomicInteger done = new AtomicInteger();
        IntStream.range(0, runs).parallel().forEach(run -> {
            if (run == 0 || !stop.now()) {
                tally.keep(run, run(run, false).play());
                played.accept(done.incrementAndGet());
            }
        });
        return tally.odds();
    }

    /** One run, told. @param run from 0 */
    public List<Happening> tell(int run) {
        return List.copyOf(run(run, true).play().told());
    }

    private Run run(int run, boolean tells) {
        return new Run(
                cast,
                sets[run % SETS],
                tempers,
                Chance.seeded(seed).in(RUNS_KEY).in(run),
                tells);
    }
}
