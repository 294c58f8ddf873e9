package pelluna.core.pooled;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.distribution.continuous.BetaDistribution;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Species;
import pelluna.core.testing.Plans;

/** What keepers saw of pairs: recovered from a known truth, shy of few, hard to poison. */
class ExperienceTest {
    private static final Species GRAMMA = Plans.species("Gramma loreto");
    private static final Species DOTTYBACK = Plans.species("Pseudochromis springeri");

    private static List<PairSeen> seen(String source, int keepers, int hard, double expected) {
        List<PairSeen> all = new ArrayList<>();
        for (int i = 0; i < keepers; i++) {
            all.add(new PairSeen(source, "k" + i, DOTTYBACK, GRAMMA, i < hard, expected));
        }
        return all;
    }

    @Test
    void nothingIsSaidOfAPairThatFewerThanFiveKeepersHad() {
        assertThat(Experience.of(List.of()).of(DOTTYBACK, GRAMMA, 0.3)).isEmpty();
        assertThat(Experience.of(seen("a", 4, 4, 0.3)).of(DOTTYBACK, GRAMMA, 0.3))
                .isEmpty();
        Experience five = Experience.of(seen("a", 5, 2, 0.3));
        assertThat(five.of(DOTTYBACK, GRAMMA, 0.3)).isPresent();
        assertThat(five.of(GRAMMA, DOTTYBACK, 0.3)).as("the other way round").isEmpty();
        assertThatThrownBy(() -> new PairSeen("a", "k", GRAMMA, DOTTYBACK, true, 1))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void itLiesBetweenWhatWasSaidAndWhatWasSeenTheNearerTheMoreKeepers() {
        double last = 0.2;
        double weight = 0;
        for (int keepers : new int[] {5, 10, 40, 200}) {
            Experience.OfPair pair = Experience.of(seen("a", keepers, keepers * 4 / 5, 0.2))
                    .of(DOTTYBACK, GRAMMA, 0.2)
                    .orElseThrow();
            assertThat(pair.keepers()).isEqualTo(keepers);
            assertThat(pair.hard()).isEqualTo(keepers * 4 / 5);
            assertThat(pair.expected()).isCloseTo(0.2 * keepers, within(1e-9));
            assertThat(pair.chance()).isBetween(last, 0.8);
            assertThat(pair.weight()).isGreaterThan(weight);
            assertThat(pair.chance()).isBetween(pair.low(), pair.high());
            last = pair.chance();
            weight = pair.weight();
        }
        assertThat(last).isCloseTo(0.8, within(0.03));
    }

    @Test
    void aKeeperWhoSaysAPairTwiceCountsOnce() {
        List<PairSeen> twice = new ArrayList<>(seen("a", 8, 3, 0.3));
        twice.addAll(seen("a", 8, 3, 0.3));
        assertThat(Experience.of(twice).of(DOTTYBACK, GRAMMA, 0.3))
                .isEqualTo(Experience.of(seen("a", 8, 3, 0.3)).of(DOTTYBACK, GRAMMA, 0.3));
    }

    @Test
    void oneSourceThatLiesDoesLittleHarm() {
        List<PairSeen> honest = new ArrayList<>();
        for (String source : List.of("a", "b", "c", "d")) {
            honest.addAll(seen(source, 10, 1, 0.15));
        }
        double before = chance(honest);
        List<PairSeen> poisoned = new ArrayList<>(honest);
        poisoned.addAll(seen("liar", 5000, 5000, 0.15));
        double after = chance(poisoned);
        double unguarded = (honest.size() * 0.1 + 5000) / (honest.size() + 5000);
        assertThat(unguarded).isGreaterThan(0.99);
        assertThat(after).isBetween(before, 0.45);
        List<PairSeen> again = new ArrayList<>(honest);
        for (int i = 0; i < 20; i++) {
            again.addAll(seen("a", 10, 1, 0.15));
        }
        assertThat(chance(again)).as("duplicates").isCloseTo(before, within(1e-12));
    }

    @Test
    void filesWithoutSignatureAreOneSourceAndSayNothingAlone() {
        double signed = chance(seen("a key", 200, 180, 0.15));
        assertThat(signed).isGreaterThan(0.8);
        assertThat(Experience.of(List.of(
                                new PairSeen(PairSeen.UNSIGNED, "file 1", DOTTYBACK, GRAMMA, 100, 90, 0.15),
                                new PairSeen(PairSeen.UNSIGNED, "file 2", DOTTYBACK, GRAMMA, 100, 90, 0.15)))
                        .pairs())
                .as("nobody vouches for it")
                .isEmpty();
        List<PairSeen> here = new ArrayList<>(seen(PairSeen.HERE, 20, 2, 0.15));
        double before = chance(here);
        here.add(new PairSeen(PairSeen.UNSIGNED, "file 1", DOTTYBACK, GRAMMA, 5000, 5000, 0.15));
        double after = chance(here);
        assertThat(after).as("a third at most").isBetween(before, 0.45);
    }

    @Test
    void manyKeepersOfAFileAreAsManyAsOneByOne() {
        Experience one = Experience.of(seen("a", 30, 12, 0.3));
        Experience all = Experience.of(List.of(new PairSeen("a", "file", DOTTYBACK, GRAMMA, 30, 12, 0.3)));
        assertThat(all.pairs()).isEqualTo(one.pairs()).hasSize(1);
        Experience.OfPair a = all.of(all.pairs().get(0));
        Experience.OfPair b = one.of(one.pairs().get(0));
        assertThat(a.keepers()).isEqualTo(b.keepers()).isEqualTo(30);
        assertThat(a.hard()).isEqualTo(b.hard()).isEqualTo(12);
        assertThat(a.chance()).isCloseTo(b.chance(), within(1e-12));
        assertThat(a.seen().times()).isCloseTo(b.seen().times(), within(1e-12)).isGreaterThan(1);
        assertThat(a.seen().expected()).isCloseTo(9, within(1e-9));
    }

    /** It lies about hundreds of pairs that nobody else has had: what all pairs have in common moves little. */
    @Test
    void aSourceThatLiesAboutEverythingElseDoesLittleHarmToAPair() {
        List<PairSeen> honest = new ArrayList<>();
        List<Species> some = Plans.CATALOGUE.all().stream().limit(60).toList();
        for (int i = 0; i < 60; i++) {
            for (String source : List.of("a", "b", "c", PairSeen.HERE)) {
                honest.add(new PairSeen(source, "all", some.get(i), some.get((i * 7 + 11) % 60), 4, 1, 0.25));
            }
        }
        Experience.Pair of = Experience.of(honest).pairs().get(9);
        double before = Experience.of(honest).of(of).chance();
        List<PairSeen> poisoned = new ArrayList<>(honest);
        for (int i = 0; i < 60; i++) {
            for (int j = 12; j < 17; j++) {
                poisoned.add(
                        new PairSeen("liar", "all", some.get(i), some.get((i * 7 + j) % 60), 100_000, 100_000, 0.25));
            }
        }
        assertThat(before).isCloseTo(0.25, within(0.02));
        assertThat(Experience.of(poisoned).of(of).chance()).isBetween(before, before + 0.06);
    }

    private static double chance(List<PairSeen> all) {
        return Experience.of(all).of(DOTTYBACK, GRAMMA, 0.15).orElseThrow().chance();
    }

    /** Pairs drawn from a known truth, the model off as a whole and by pair: 80 in 100 of the ranges hold it. */
    @Test
    void aKnownTruthIsRecoveredAndRangesCoverAsOftenAsTheySay() {
        Random random = new Random(8);
        List<Species> some = Plans.CATALOGUE.all().stream().limit(60).toList();
        int held = 0;
        int of = 0;
        double offModel = 0;
        double off = 0;
        for (int world = 0; world < 12; world++) {
            List<PairSeen> all = new ArrayList<>();
            List<Truth> truths = new ArrayList<>();
            double shift = random.nextGaussian() * 0.8;
            for (int p = 0; p < 60; p++) {
                Species a = some.get(p);
                Species b = some.get((p * 7 + 11) % 60);
                double said = 0.05 + 0.6 * random.nextDouble();
                double mean = 1 / (1 + Math.exp(-Math.log(said / (1 - said)) - shift));
                double truth = beta(random, 12 * mean, 12 * (1 - mean));
                int keepers = 5 + random.nextInt(25);
                for (int k = 0; k < keepers; k++) {
                    all.add(new PairSeen("s" + k % 6, "k" + k, a, b, random.nextDouble() < truth, said));
                }
                truths.add(new Truth(a, b, said, truth));
            }
            Experience learnt = Experience.of(all);
            for (Truth t : truths) {
                Experience.OfPair pair = learnt.of(t.a, t.b, t.said).orElseThrow();
                held += pair.low() <= t.truth && t.truth <= pair.high() ? 1 : 0;
                of++;
                offModel += Math.pow(t.said - t.truth, 2);
                off += Math.pow(pair.chance() - t.truth, 2);
            }
        }
        assertThat((double) held / of).as("of %s ranges", of).isBetween(0.73, 0.87);
        assertThat(off).as("squared error, beside the model's").isLessThan(offModel / 2);
    }

    private record Truth(Species a, Species b, double said, double truth) {}

    /** By inversion, away from 0 and 1. */
    private static double beta(Random random, double a, double b) {
        double u = new BetaDistribution(a, b).inverseCumulativeProbability(random.nextDouble());
        return Math.max(0.001, Math.min(0.999, u));
    }
}
