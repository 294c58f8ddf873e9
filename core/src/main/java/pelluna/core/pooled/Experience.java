package pelluna.core.pooled;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.distribution.continuous.BetaDistribution;
import org.hipparchus.util.FastMath;
import pelluna.core.behaviour.SeenElsewhere;
import pelluna.core.catalogue.Species;

/**
 * What many keepers saw of pairs of species, laid over what Pelluna expects: a hierarchical Beta–binomial model. A
 * group of species differs from the model, a genus from its group, a pair from its genus; each by as much as its
 * keepers tell. Immutable.
 */
public final class Experience {
    /** Nothing is said of a pair that fewer keepers have had: they could be known by it. */
    public static final int LEAST_KEEPERS = 5;

    private static final double TAIL = 0.1;

    private final Map<Level, Map<String, Heard>> heard = new EnumMap<>(Level.class);
    private final Map<Level, Double> concentration = new EnumMap<>(Level.class);

    /**
     * One pair.
     *
     * @param keepers  who had it, {@value #LEAST_KEEPERS} at least
     * @param hard     of them saw hard fights
     * @param expected how many of them Pelluna had expected
     * @param chance   of hard fights, with all that is known
     * @param low      one in ten of what it may be is less
     * @param high     one in ten is more
     * @param weight   of these keepers in the chance, 0 to 1; the rest is what is known of like pairs and of the model
     */
    public record OfPair(
            int keepers, int hard, double expected, double chance, double low, double high, double weight) {
        /** The same as it enters tension. */
        public SeenElsewhere seen() {
            return new SeenElsewhere(keepers, hard, expected, SeenElsewhere.times(expected / keepers, chance), weight);
        }
    }

    private final List<Pair> pairs = new ArrayList<>();

    /** Two species of which something is said, the same way round. */
    public record Pair(Species aggressor, Species target) {}

    private Experience() {}

    /** From everything that was shared. What a keeper says of a pair counts once. */
    public static Experience of(Collection<PairSeen> all) {
        Experience made = new Experience();
        for (Level level : Level.values()) {
            made.heard.put(level, new HashMap<>());
        }
        Map<String, List<PairSeen>> pairs = new LinkedHashMap<>();
        for (PairSeen one : once(all)) {
            pairs.computeIfAbsent(Level.SPECIES.key(one.aggressor(), one.target()), k -> new ArrayList<>())
                    .add(one);
        }
        pairs.values().removeIf(pair -> heard(pair).nobodyVouches());
        pairs.values().forEach(made::count);
        List<Pair> kinds = pairs.values().stream()
                .map(p -> new Pair(p.get(0).aggressor(), p.get(0).target()))
                .toList();
        for (Level level : Level.values()) {
            made.concentration.put(level, made.concentration(level, kinds));
        }
        return made;
    }

    /** Hard fights stand over none, where a keeper of one source says a pair twice. */
    private static Collection<PairSeen> once(Collection<PairSeen> all) {
        Map<List<String>, PairSeen> once = new LinkedHashMap<>();
        for (PairSeen p : all) {
            List<String> key = List.of(p.source(), p.keeper(), Level.SPECIES.key(p.aggressor(), p.target()));
            once.merge(key, p, (a, b) -> b.hard() > a.hard() ? b : a);
        }
        return once.values();
    }

    private static Heard heard(List<PairSeen> pair) {
        Heard heard = new Heard();
        pair.forEach(p -> heard.add(p.source(), p.counts()));
        return heard;
    }

    private void count(List<PairSeen> pair) {
        Pair of = new Pair(pair.get(0).aggressor(), pair.get(0).target());
        for (PairSeen one : pair) {
            for (Level level : Level.values()) {
                heard.get(level)
                        .computeIfAbsent(level.key(of.aggressor, of.target), k -> new Heard())
                        .add(one.source(), one.counts());
            }
        }
        if (pair.stream().mapToInt(PairSeen::keepers).sum() >= LEAST_KEEPERS) {
            pairs.add(of);
        }
    }

    private double concentration(Level level, List<Pair> kinds) {
        Map<String, Pair> members = new LinkedHashMap<>();
        kinds.forEach(k -> members.putIfAbsent(level.key(k.aggressor, k.target), k));
        return BetaBinomial.concentration(members.values().stream()
                .map(k -> {
                    Counts counts = heard(level, k.aggressor, k.target).believed();
                    return new BetaBinomial.Member(
                            counts,
                            above(level, k.aggressor, k.target, counts.mean()).mean());
                })
                .toList());
    }

    /**
     * What is known of pairs of a level by those above it, without these pairs' own keepers: nothing counts twice.
     *
     * @param said what the model says of these pairs on average
     */
    private Known above(Level level, Species aggressor, Species target, double said) {
        Known known = new Known(said, 0);
        Level[] levels = Level.values();
        for (int i = 0; i < level.ordinal(); i++) {
            Heard own = heard(levels[i + 1], aggressor, target);
            Counts others = heard(levels[i], aggressor, target).without(own).believed();
            known = known.member(concentration.get(levels[i]));
            if (others.any()) {
                double off = logit(known.mean()) - logit(said);
                Known there = new Known(expit(logit(others.mean()) + off), known.spread()).seeing(others);
                known = new Known(expit(logit(said) + logit(there.mean()) - logit(others.mean())), there.spread());
            }
        }
        return known;
    }

    private Heard heard(Level level, Species aggressor, Species target) {
        return heard.get(level).getOrDefault(level.key(aggressor, target), Heard.NOTHING);
    }

    private static double logit(double p) {
        return FastMath.log(p / (1 - p));
    }

    private static double expit(double x) {
        return 1 / (1 + FastMath.exp(-x));
    }

    /** Every pair that {@value #LEAST_KEEPERS} keepers or more have had. */
    public List<Pair> pairs() {
        return List.copyOf(pairs);
    }

    /** What is said of such a pair, beside what Pelluna had said of it to its keepers. */
    public OfPair of(Pair pair) {
        double said =
                heard(Level.SPECIES, pair.aggressor(), pair.target()).whole().mean();
        return of(pair.aggressor(), pair.target(), said).orElseThrow();
    }

    /**
     * What is said of a pair; empty where fewer than {@value #LEAST_KEEPERS} keepers had it.
     *
     * @param said chance of hard fights by the model, above 0 and below 1
     */
    public Optional<OfPair> of(Species aggressor, Species target, double said) {
        Heard heard = heard(Level.SPECIES, aggressor, target);
        Counts told = heard.whole();
        if (told.keepers() < LEAST_KEEPERS) {
            return Optional.empty();
        }
        Counts counts = heard.believed();
        Known now = above(Level.SPECIES, aggressor, target, said)
                .member(concentration.get(Level.SPECIES))
                .seeing(counts);
        double worth = now.worth();
        BetaDistribution left = new BetaDistribution(worth * now.mean(), worth * (1 - now.mean()));
        return Optional.of(new OfPair(
                (int) told.keepers(),
                (int) told.seen(),
                told.base(),
                now.mean(),
                left.inverseCumulativeProbability(TAIL),
                left.inverseCumulativeProbability(1 - TAIL),
                counts.keepers() / worth));
    }
}
