package pelluna.app.odds;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import pelluna.core.odds.Happening;
import pelluna.core.odds.Months;
import pelluna.core.odds.Odds;
import pelluna.core.odds.Player;
import pelluna.core.odds.Rates;
import pelluna.core.odds.Remedies;
import pelluna.core.odds.Remedy;
import pelluna.core.units.Stop;

/** One plan at play: how far it has come, and what came of it. */
final class Play implements Runnable {
    private static final Logger LOG = LoggerFactory.getLogger(Play.class);
    static final long SEED = 1;

    /** So long an order is looked for, as everywhere on pages. */
    private static final Duration MOST = Duration.ofSeconds(8);

    private final Supplier<Remedy.Version> found;
    private final int runs;
    private final Optional<Remedy> with;
    private final boolean tries;
    private final AtomicInteger played = new AtomicInteger();
    private volatile Player player;
    private volatile Odds odds;
    private volatile List<Tried> tried = List.of();
    private volatile boolean stopped;
    private volatile boolean over;

    /** @param runs above one @param with a change, played without trying what else might help */
    Play(Remedy.Version version, int runs, Optional<Remedy> with) {
        this(() -> version, runs, with, with.isEmpty());
    }

    private Play(Supplier<Remedy.Version> found, int runs, Optional<Remedy> with, boolean tries) {
        this.found = found;
        this.runs = runs;
        this.with = with;
        this.tries = tries;
    }

    /** Of a plan that is found when it is played, without trying what else might help. */
    static Play alone(Supplier<Remedy.Version> found, int runs) {
        return new Play(found, runs, Optional.empty(), false);
    }

    /** A remedy that was played. @param well6 share of runs that are well after six months @param well24 after 24 */
    record Tried(Remedy remedy, double well6, double well24) {
        double gain(Odds without) {
            return well6
                    - without.allWell().get(Months.SIX)
                    + well24
                    - without.allWell().get(Months.ALL);
        }
    }

    @Override
    public void run() {
        try {
            player = new Player(with.map(this::changed).orElseGet(found), Rates.USUAL, SEED);
            odds = player.play(runs, () -> stopped, played::set);
            for (Remedy remedy : tries ? Remedies.of(version(), odds) : List.<Remedy>of()) {
                if (!stopped) {
                    keep(tried(remedy));
                }
            }
        } catch (RuntimeException e) {
            LOG.error("A plan could not be played", e);
        } finally {
            over = true;
        }
    }

    private Remedy.Version changed(Remedy by) {
        return by.on(version(), Stop.after(MOST).or(() -> stopped));
    }

    private void keep(Tried one) {
        List<Tried> more = new ArrayList<>(tried);
        more.add(one);
        more.sort(Comparator.comparingDouble((Tried t) -> t.gain(odds)).reversed());
        tried = List.copyOf(more);
    }

    /**
     * A remedy is played half as often, by the same chance: the difference over the same runs is laid on what all runs
     * said.
     */
    private Tried tried(Remedy remedy) {
        Odds with = new Player(changed(remedy), Rates.USUAL, SEED).play(runs / 2);
        return new Tried(
                remedy,
                odds.allWell().get(Months.SIX) + with.allWell().get(Months.SIX) - sameRuns(Months.SIX),
                odds.allWell().get(Months.ALL) + with.allWell().get(Months.ALL) - sameRuns(Months.ALL));
    }

    private double sameRuns(int months) {
        return odds.wellIn(runs / 2, months);
    }

    Remedy.Version version() {
        return found.get();
    }

    /** Runs that are played. */
    public int played() {
        return played.get();
    }

    /** What came of it; empty until all runs are played. */
    public Optional<Odds> odds() {
        return Optional.ofNullable(odds);
    }

    /** What might help, best first; more may come. */
    List<Tried> tried() {
        return tried;
    }

    /** Whether nothing more comes. */
    public boolean over() {
        return over;
    }

    boolean stopped() {
        return stopped;
    }

    void stop() {
        stopped = true;
    }

    /** One run, told. @param run from 0, below the number of runs */
    List<Happening> tell(int run) {
        return player.tell(run);
    }
}
