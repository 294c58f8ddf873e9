package pelluna.core.pooled;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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

    private final Map<Level, Map<String, Counts>> seen = new EnumMap<>(Level.class);
    private final Map<Level, Double> concentration = new EnumMap<>(Level.class);
    private final Map<String, Integer> keepers = new HashMap<>();
    private final Map<String, Integer> hard = new HashMap<>();

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
            made.seen.put(level, new HashMap<>());
        }
        Map<String, List<PairSeen>> pairs = new LinkedHashMap<>();
        for (PairSeen one : once(all)) {
            pairs.computeIfAbsent(Level.SPECIES.key(one.aggressor(), one.target()), k -> new ArrayList<>())
                    .add(one);
        }
        pairs.values().removeIf(pair -> Believed.nobodyVouches(sources(pair)));
        pairs.forEach(made::count);
        List<Species[]> kinds = pairs.values().stream()
                .map(p -> new Species[] {p.get(0).aggressor(), p.get(0).target()})
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

    private void count(String key, List<PairSeen> pair) {
        keepers.put(key, pair.stream().mapToInt(PairSeen::keepers).sum());
        if (keepers.get(key) >= LEAST_KEEPERS) {
            pairs.add(new Pair(pair.get(0).aggressor(), pair.get(0).target()));
        }
        hard.put(key, pair.stream().mapToInt(PairSeen::hard).sum());
        Map<String, Double> weights = Believed.weights(sources(pair));
        for (PairSeen one : pair) {
            for (Level level : Level.values()) {
                seen.get(level)
                        .merge(
                                level.key(one.aggressor(), one.target()),
                                Counts.of(one, weights.get(one.source())),
                                Counts::and);
            }
        }
    }

    /** How many keepers of each source have had a pair. */
    private static Map<String, Integer> sources(List<PairSeen> pair) {
        Map<String, Integer> of = new HashMap<>();
        pair.forEach(p -> of.merge(p.source(), p.keepers(), Integer::sum));
        return of;
    }

    private double concentration(Level level, List<Species[]> kinds) {
        Set<String> met = new HashSet<>();
        List<BetaBinomial.Member> members = new ArrayList<>();
        for (Species[] kind : kinds) {
            String key = level.key(kind[0], kind[1]);
            if (met.add(key)) {
                Counts counts = seen.get(level).get(key);
                members.add(new BetaBinomial.Member(
                        counts, above(level, kind[0], kind[1], counts.mean()).mean()));
            }
        }
        return BetaBinomial.concentration(members);
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
            Counts own = seen(levels[i + 1], aggressor, target);
            Counts others = seen(levels[i], aggressor, target).without(own);
            known = known.member(concentration.get(levels[i]));
            if (others.any()) {
                double off = logit(known.mean()) - logit(said);
                Known there = new Known(expit(logit(others.mean()) + off), known.spread()).seeing(others);
                known = new Known(expit(logit(said) + logit(there.mean()) - logit(others.mean())), there.spread());
            }
        }
        return known;
    }

    private Counts seen(Level level, Species aggressor, Species target) {
        return seen.get(level).getOrDefault(level.key(aggressor, target), Counts.NONE);
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
        double said = seen(Level.SPECIES, pair.aggressor(), pair.target()).mean();
        return of(pair.aggressor(), pair.target(), said).orElseThrow();
    }

    /**
     * What is said of a pair; empty where fewer than {@value #LEAST_KEEPERS} keepers had it.
     *
     * @param said chance of hard fights by the model, above 0 and below 1
     */
    public Optional<OfPair> of(Species aggressor, Species target, double said) {
        String key = Level.SPECIES.key(aggressor, target);
        if (keepers.getOrDefault(key, 0) < LEAST_KEEPERS) {
            return Optional.empty();
        }
        Counts counts = seen.get(Level.SPECIES).get(key);
        Known before = above(Level.SPECIES, aggressor, target, said).member(concentration.get(Level.SPECIES));
        Known now = before.seeing(counts);
        double worth = now.worth();
        BetaDistribution left = new BetaDistribution(worth * now.mean(), worth * (1 - now.mean()));
        return Optional.of(new OfPair(
                keepers.get(key),
                hard.get(key),
                counts.mean() * keepers.get(key),
                now.mean(),
                left.inverseCumulativeProbability(TAIL),
                left.inverseCumulativeProbability(1 - TAIL),
                counts.of() / worth));
    }
}
