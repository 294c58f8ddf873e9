package pelluna.core.pooled;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.distribution.continuous.GammaDistribution;
import org.hipparchus.special.Gamma;
import org.hipparchus.util.FastMath;
import pelluna.core.catalogue.Species;

/**
 * How often fish of a species are lost, by all that keepers share: losses by the year as a hierarchical Gamma–Poisson
 * model, with what differs between species of a genus, genera of a group and groups estimated from the data (empirical
 * Bayes, as Clayton and Kaldor 1987 have it for regions). Immutable.
 */
public final class Survival {
    /** Without data: fifteen of a hundred in a year, as if one loss had been seen. Pelluna's judgement. */
    private static final double USUAL_RATE = 0.15;

    private static final double USUAL_WORTH = 1;
    /** How many losses the mean of a level is worth, without data, give or take a factor of e. Pelluna's judgement. */
    private static final double USUAL = 4;

    private static final double LEAST = 0.3;
    private static final double MOST = 200;
    private static final int STEPS = 60;
    private static final double TAIL = 0.1;

    private final Map<Level, Map<String, Heard>> heard = new EnumMap<>(Level.class);
    private final Map<Level, Double> worth = new EnumMap<>(Level.class);
    private final Map<String, OfSpecies> told = new LinkedHashMap<>();

    /** A rate by the year, and how many losses it is worth. */
    private record Rate(double mean, double worth) {
        private Rate seeing(Counts told) {
            double all = worth + told.seen();
            return new Rate(all / (worth / mean + told.base()), all);
        }

        /** The same for a member of a level whose means are worth so much: uncertainties add up. */
        private Rate member(double level) {
            return new Rate(mean, 1 / (1 / worth + 1 / level));
        }
    }

    /**
     * One species.
     *
     * @param keepers  who had it, {@value Experience#LEAST_KEEPERS} at least
     * @param fish     that they had
     * @param years    that these were followed
     * @param lost     of them
     * @param inAYear  chance to be lost within a year, with all that is known
     * @param low      one in ten of what it may be is less
     * @param high     one in ten is more
     */
    public record OfSpecies(
            Species species, int keepers, int fish, double years, int lost, double inAYear, double low, double high) {}

    private Survival() {}

    /** From everything that was shared; of a keeper of a source the last word on a species counts. */
    public static Survival of(Collection<LivesSeen> all) {
        Map<List<String>, LivesSeen> once = new LinkedHashMap<>();
        all.forEach(l -> once.put(List.of(l.source(), l.keeper(), l.species().scientificName()), l));
        Map<String, List<LivesSeen>> kinds = new LinkedHashMap<>();
        once.values()
                .forEach(l -> kinds.computeIfAbsent(l.species().scientificName(), k -> new ArrayList<>())
                        .add(l));
        kinds.values().removeIf(k -> heard(k).nobodyVouches());
        Survival made = new Survival();
        for (Level level : Level.values()) {
            made.heard.put(level, new HashMap<>());
        }
        kinds.values().forEach(made::add);
        List<Species> species =
                kinds.values().stream().map(k -> k.get(0).species()).toList();
        for (Level level : Level.values()) {
            made.worth.put(level, made.worth(level, species));
        }
        kinds.values().forEach(made::tell);
        return made;
    }

    private static Heard heard(List<LivesSeen> kind) {
        Heard heard = new Heard();
        kind.forEach(l -> heard.add(l.source(), l.counts()));
        return heard;
    }

    private void add(List<LivesSeen> kind) {
        for (LivesSeen l : kind) {
            for (Level level : Level.values()) {
                heard.get(level)
                        .computeIfAbsent(level.key(l.species()), k -> new Heard())
                        .add(l.source(), l.counts());
            }
        }
    }

    /** One of a level: what is told of it, and the rate that it would have if it were like all of its level. */
    private record Member(Counts told, double mean) {}

    /** The most likely one over a grid, by the negative binomial that Gamma and Poisson make together. */
    private double worth(Level level, List<Species> species) {
        Map<String, Species> kinds = new LinkedHashMap<>();
        species.forEach(s -> kinds.putIfAbsent(level.key(s), s));
        List<Member> members = kinds.values().stream()
                .map(s -> new Member(heard(level, s).believed(), above(level, s).mean()))
                .toList();
        double best = USUAL;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i <= STEPS; i++) {
            double k = LEAST * FastMath.pow(MOST / LEAST, (double) i / STEPS);
            double z = FastMath.log(k / USUAL);
            double likely = -z * z / 2;
            for (Member m : members) {
                likely += logLikelihood(m.told, k, k / m.mean);
            }
            if (likely > most) {
                most = likely;
                best = k;
            }
        }
        return best;
    }

    /** Without what does not hang on shape and rate. */
    private static double logLikelihood(Counts told, double shape, double rate) {
        return Gamma.logGamma(shape + told.seen())
                - Gamma.logGamma(shape)
                + shape * FastMath.log(rate)
                - (shape + told.seen()) * FastMath.log(rate + told.base());
    }

    /** What is known of species of a level by those above it, without their own: nothing counts twice. */
    private Rate above(Level level, Species of) {
        Rate known = new Rate(USUAL_RATE, USUAL_WORTH);
        Level[] levels = Level.values();
        for (int i = 0; i < level.ordinal(); i++) {
            known = known.member(worth.get(levels[i]));
            known = known.seeing(
                    heard(levels[i], of).without(heard(levels[i + 1], of)).believed());
        }
        return known;
    }

    private Heard heard(Level level, Species of) {
        return heard.get(level).getOrDefault(level.key(of), Heard.NOTHING);
    }

    private void tell(List<LivesSeen> kind) {
        int keepers = kind.stream().mapToInt(LivesSeen::keepers).sum();
        if (keepers < Experience.LEAST_KEEPERS) {
            return;
        }
        Species species = kind.get(0).species();
        Rate rate = above(Level.SPECIES, species)
                .member(worth.get(Level.SPECIES))
                .seeing(heard(Level.SPECIES, species).believed());
        GammaDistribution left = new GammaDistribution(rate.worth(), rate.mean() / rate.worth());
        told.put(
                species.scientificName(),
                new OfSpecies(
                        species,
                        keepers,
                        kind.stream().mapToInt(LivesSeen::fish).sum(),
                        kind.stream().mapToDouble(LivesSeen::years).sum(),
                        kind.stream().mapToInt(LivesSeen::lost).sum(),
                        inAYear(rate.mean()),
                        inAYear(left.inverseCumulativeProbability(TAIL)),
                        inAYear(left.inverseCumulativeProbability(1 - TAIL))));
    }

    private static double inAYear(double rate) {
        return 1 - FastMath.exp(-rate);
    }

    /** Empty where fewer than {@value Experience#LEAST_KEEPERS} keepers had it. */
    public Optional<OfSpecies> of(Species species) {
        return Optional.ofNullable(told.get(species.scientificName()));
    }

    /** Every species of which something is told. */
    public List<OfSpecies> all() {
        return List.copyOf(told.values());
    }
}
