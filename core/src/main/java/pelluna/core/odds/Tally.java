package pelluna.core.odds;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.distribution.continuous.BetaDistribution;
import org.hipparchus.stat.interval.BinomialProportion;
import org.hipparchus.stat.interval.ConfidenceInterval;
import pelluna.core.plan.Party;

/** Counts runs. What is counted hangs on the runs alone, not on the order in which they end. */
final class Tally {
    /** Eight in ten of what rates may be. */
    private static final double TAIL = 0.1;

    private static final double CONFIDENCE = 0.95;

    private final Cast cast;
    private final long seed;
    private final Played[] runs;

    Tally(Cast cast, int runs, long seed) {
        this.cast = cast;
        this.seed = seed;
        this.runs = new Played[runs];
    }

    void keep(int run, Played played) {
        runs[run] = played;
    }

    Odds odds() {
        List<Integer> done = IntStream.range(0, runs.length)
                .filter(r -> runs[r] != null)
                .boxed()
                .toList();
        Map<Integer, Double> well = Months.each(days -> share(done, r -> runs[r].illOn() >= days));
        List<Odds.OfFish> fish = new ArrayList<>();
        for (int p = 0; p < cast.parties().size(); p++) {
            fish.add(ofParty(p, done));
        }
        return new Odds(
                done.size(),
                seed,
                well,
                Months.each(days -> range(done, days)),
                Months.each(days -> chance(done, days)),
                fish,
                done.stream().map(r -> first(runs[r])).toList(),
                done.stream().map(r -> lost(runs[r])).toList(),
                done.size() < runs.length);
    }

    private interface Says {
        boolean of(int run);
    }

    private static double share(List<Integer> done, Says says) {
        return (double) done.stream().filter(says::of).count() / done.size();
    }

    /**
     * Between the sets of rates, chance taken off: variance between groups by the method of moments (as in an analysis
     * of variance with random effects), and a Beta distribution of that mean and variance.
     */
    private Odds.Range range(List<Integer> done, int days) {
        double[] n = new double[Player.SETS];
        double[] well = new double[Player.SETS];
        for (int r : done) {
            n[r % Player.SETS]++;
            well[r % Player.SETS] += runs[r].illOn() >= days ? 1 : 0;
        }
        double mean = share(done, r -> runs[r].illOn() >= days);
        double between = 0;
        double within = 0;
        int sets = 0;
        for (int k = 0; k < n.length; k++) {
            if (n[k] >= 2) {
                double p = well[k] / n[k];
                between += (p - mean) * (p - mean);
                within += p * (1 - p) / (n[k] - 1);
                sets++;
            }
        }
        double variance = sets < 2 ? 0 : between / (sets - 1) - within / sets;
        double most = mean * (1 - mean);
        if (variance <= 0 || most <= 0) {
            return new Odds.Range(mean, mean);
        }
        double size = most / Math.min(variance, 0.9 * most) - 1;
        BetaDistribution may = new BetaDistribution(mean * size, (1 - mean) * size);
        return new Odds.Range(
                Math.min(mean, may.inverseCumulativeProbability(TAIL)),
                Math.max(mean, may.inverseCumulativeProbability(1 - TAIL)));
    }

    /** After Wilson (1927). */
    private Odds.Range chance(List<Integer> done, int days) {
        int well = (int) done.stream().filter(r -> runs[r].illOn() >= days).count();
        ConfidenceInterval wilson =
                BinomialProportion.getWilsonScoreInterval(done.size(), well / (double) done.size(), CONFIDENCE);
        return new Odds.Range(wilson.getLowerBound(), wilson.getUpperBound());
    }

    private Odds.OfFish ofParty(int party, List<Integer> done) {
        int[] members = IntStream.range(0, cast.fish().size())
                .filter(i -> cast.fish().get(i).party() == party)
                .toArray();
        double all = (double) done.size() * members.length;
        Map<Fate, Double> why = new EnumMap<>(Fate.class);
        for (Fate fate : Fate.values()) {
            long times = count(done, members, (r, i) -> runs[r].fates()[i] == fate);
            if (times > 0) {
                why.put(fate, times / all);
            }
        }
        return new Odds.OfFish(
                cast.parties().get(party).party(),
                Months.each(days -> count(done, members, (r, i) -> runs[r].lostOn()[i] < days) / all),
                Months.each(days ->
                        count(done, members, (r, i) -> Math.min(runs[r].hurtOn()[i], runs[r].crampedOn()[i]) < days)
                                / all),
                why,
                mostlyBy(done, members),
                takes(done, party),
                usuallyOn(done, members));
    }

    private Optional<Party> mostlyBy(List<Integer> done, int[] members) {
        long[] times = new long[cast.parties().size()];
        for (int r : done) {
            for (int i : members) {
                if (runs[r].by()[i] != Played.NOBODY) {
                    times[runs[r].by()[i]]++;
                }
            }
        }
        return IntStream.range(0, times.length)
                .filter(p -> times[p] > 0)
                .boxed()
                .max(Comparator.comparingLong(p -> times[p]))
                .map(p -> cast.parties().get(p).party());
    }

    private double takes(List<Integer> done, int party) {
        long times = 0;
        for (int r : done) {
            times += IntStream.of(runs[r].by()).filter(by -> by == party).count();
        }
        return (double) times / done.size();
    }

    private interface OfOne {
        boolean of(int run, int fish);
    }

    private static long count(List<Integer> done, int[] members, OfOne says) {
        long count = 0;
        for (int r : done) {
            for (int i : members) {
                count += says.of(r, i) ? 1 : 0;
            }
        }
        return count;
    }

    /** The day of the plan by which half of those are lost that are lost at all. */
    private Optional<Integer> usuallyOn(List<Integer> done, int[] members) {
        int[] days = done.stream()
                .flatMapToInt(r -> IntStream.of(members).map(i -> runs[r].lostOn()[i]))
                .filter(d -> d != Doom.NEVER)
                .sorted()
                .toArray();
        return days.length == 0 ? Optional.empty() : Optional.of(days[days.length / 2]);
    }

    private static int lost(Played run) {
        return (int) IntStream.of(run.lostOn()).filter(d -> d != Doom.NEVER).count();
    }

    private Optional<Odds.First> first(Played run) {
        int on = run.illOn();
        if (on == Doom.NEVER) {
            return Optional.empty();
        }
        for (int i = 0; i < run.lostOn().length; i++) {
            if (run.illOn(i) == on) {
                Party party = cast.fish().get(i).of();
                boolean lost = run.lostOn()[i] == on;
                return Optional.of(new Odds.First(
                        on,
                        cast.date(on),
                        party,
                        lost ? Optional.of(run.fates()[i]) : Optional.empty(),
                        run.crampedOn()[i] == on));
            }
        }
        throw new IllegalStateException("nobody of a run that went wrong");
    }
}
