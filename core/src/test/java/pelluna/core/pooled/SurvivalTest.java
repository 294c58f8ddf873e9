package pelluna.core.pooled;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.hipparchus.distribution.continuous.GammaDistribution;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Species;
import pelluna.core.testing.Plans;

/** How often fish are lost: recovered from a known truth, shy of few, hard to poison. */
class SurvivalTest {
    private static final Species GRAMMA = Plans.species("Gramma loreto");

    private static LivesSeen seen(String source, int keepers, double years, int lost) {
        return new LivesSeen(source, source, GRAMMA, keepers, Math.max(keepers, lost), years, lost);
    }

    private static double rate(LivesSeen... all) {
        return Survival.of(List.of(all)).of(GRAMMA).orElseThrow().inAYear();
    }

    @Test
    void nothingIsToldOfFour() {
        assertThat(Survival.of(List.of()).all()).isEmpty();
        assertThat(Survival.of(List.of(seen("a", 4, 6, 1))).of(GRAMMA)).isEmpty();
        assertThat(Survival.of(List.of(seen("a", 5, 6, 1))).of(GRAMMA)).isPresent();
        assertThat(Survival.of(List.of(seen(PairSeen.UNSIGNED, 50, 6, 1))).of(GRAMMA))
                .as("nobody vouches for it")
                .isEmpty();
        assertThatThrownBy(() -> new LivesSeen("a", "k", GRAMMA, 1, 2, 1, 3))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void itGoesFromWhatIsUsualToWhatWasSeen() {
        double few = rate(seen("a", 5, 4, 2));
        double more = rate(seen("a", 50, 40, 20));
        double many = rate(seen("a", 500, 400, 200));
        double truth = 1 - Math.exp(-0.5);
        assertThat(few).isBetween(1 - Math.exp(-0.15), more);
        assertThat(more).isBetween(few, truth);
        assertThat(many).isBetween(more, truth + 1e-9);
        assertThat(truth - many).isLessThan(0.01);
    }

    @Test
    void aSourceThatLiesAndOneThatIsSaidTwiceDoLittle() {
        double honest = rate(seen("a", 20, 20, 2), seen("b", 20, 20, 2));
        double poisoned = rate(seen("a", 20, 20, 2), seen("b", 20, 20, 2), seen("liar", 9000, 9000, 9000));
        assertThat(poisoned).isBetween(honest, 0.45);
        assertThat(rate(seen("a", 20, 20, 2), seen("b", 20, 20, 2), seen("b", 20, 20, 2)))
                .isEqualTo(honest);
    }

    /** Species drawn from a known truth that differs by group and by species: 80 in 100 of the ranges hold it. */
    @Test
    void aKnownTruthIsRecoveredAndRangesCoverAsOftenAsTheySay() {
        Random random = new Random(11);
        List<Species> some = Plans.CATALOGUE.all().stream().limit(90).toList();
        int held = 0;
        int of = 0;
        double off = 0;
        double offAlone = 0;
        for (int world = 0; world < 8; world++) {
            Map<String, Double> groups = new HashMap<>();
            List<LivesSeen> all = new ArrayList<>();
            Map<Species, Double> truths = new HashMap<>();
            for (Species s : some) {
                double group = groups.computeIfAbsent(s.group(), g -> gamma(random, 4, 0.2));
                double truth = gamma(random, 6, group);
                truths.put(s, truth);
                for (int k = 0; k < 6; k++) {
                    double years = 0.5 + 2 * random.nextDouble();
                    int lost = poisson(random, truth * years);
                    all.add(new LivesSeen("s" + k % 3, "k" + k, s, 1, Math.max(1, lost), years, lost));
                }
            }
            Survival learnt = Survival.of(all);
            for (Species s : some) {
                Survival.OfSpecies told = learnt.of(s).orElseThrow();
                double truth = 1 - Math.exp(-truths.get(s));
                held += told.low() <= truth && truth <= told.high() ? 1 : 0;
                of++;
                off += Math.pow(told.inAYear() - truth, 2);
                offAlone += Math.pow(1 - Math.exp(-told.lost() / told.years()) - truth, 2);
            }
        }
        assertThat((double) held / of).as("of %s ranges", of).isBetween(0.7, 0.9);
        assertThat(off).as("squared error, beside that of each species alone").isLessThan(offAlone / 2);
    }

    private static double gamma(Random random, double shape, double mean) {
        return new GammaDistribution(shape, mean / shape).inverseCumulativeProbability(random.nextDouble());
    }

    private static int poisson(Random random, double mean) {
        double left = Math.exp(-mean);
        double p = random.nextDouble();
        int n = 0;
        double each = left;
        while (p > each && n < 50) {
            p -= each;
            n++;
            each *= mean / n;
        }
        return n;
    }
}
