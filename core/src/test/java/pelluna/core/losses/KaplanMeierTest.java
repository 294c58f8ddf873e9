package pelluna.core.losses;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import pelluna.core.losses.KaplanMeier.Observed;
import pelluna.core.losses.KaplanMeier.Step;

/**
 * Published curves: Kaplan &amp; Meier's own example (1958, J. Am. Stat. Assoc. 53:457); the 6-MP arm of Freireich et
 * al. (1963, Blood 21:699), with the
 * figures of R's survival package, conf.type 'log-log'; the maintained arm of Embury et al. (1977), as tabulated in
 * Miller, Survival Analysis (1981).
 */
class KaplanMeierTest {
    private static final double[] SIX_MP_LOST = {6, 6, 6, 7, 10, 13, 16, 22, 23};
    private static final double[] SIX_MP_FOLLOWED = {6, 9, 10, 11, 17, 19, 20, 25, 32, 32, 34, 35};

    static List<Observed> observed(double[] lost, double[] followed) {
        List<Observed> all = new ArrayList<>();
        for (double t : lost) {
            all.add(new Observed(t, true));
        }
        for (double t : followed) {
            all.add(new Observed(t, false));
        }
        return all;
    }

    static List<Observed> sixMp() {
        return observed(SIX_MP_LOST, SIX_MP_FOLLOWED);
    }

    @Test
    void theExampleOfKaplanAndMeierItself() {
        KaplanMeier k = KaplanMeier.of(observed(new double[] {0.8, 3.1, 5.4, 9.2}, new double[] {1.0, 2.7, 7.0, 12.1}));
        assertThat(k.steps()).extracting(Step::time).containsExactly(0.8, 3.1, 5.4, 9.2);
        double[] published = {7.0 / 8, 7.0 / 8 * 4 / 5, 7.0 / 8 * 4 / 5 * 3 / 4, 7.0 / 8 * 4 / 5 * 3 / 4 / 2};
        for (int i = 0; i < published.length; i++) {
            assertThat(k.steps().get(i).survival()).isCloseTo(published[i], within(1e-12));
        }
        assertThat(k.at(10)).isCloseTo(0.2625, within(1e-12));
    }

    @Test
    void remissionUnderSixMpWithGreenwoodAndItsBand() {
        KaplanMeier k = KaplanMeier.of(sixMp());
        double[][] published = {
            {6, 21, 3, 0.85714286, 0.076360355, 0.61971796, 0.95155175},
            {7, 17, 1, 0.80672269, 0.086935285, 0.56314656, 0.92280902},
            {10, 15, 1, 0.75294118, 0.096349653, 0.50319951, 0.88936184},
            {13, 12, 1, 0.69019608, 0.106814708, 0.43161022, 0.84906596},
            {16, 11, 1, 0.62745098, 0.114053865, 0.36751086, 0.80491219},
            {22, 7, 1, 0.53781513, 0.128233752, 0.26777894, 0.74679072},
            {23, 6, 1, 0.44817927, 0.134591457, 0.18805201, 0.68014263}
        };
        assertThat(k.steps()).hasSize(published.length);
        for (int i = 0; i < published.length; i++) {
            Step s = k.steps().get(i);
            assertThat(s.time()).isEqualTo(published[i][0]);
            assertThat(s.atRisk()).isEqualTo((int) published[i][1]);
            assertThat(s.lost()).isEqualTo((int) published[i][2]);
            assertThat(s.survival()).isCloseTo(published[i][3], within(1e-7));
            assertThat(s.standardError()).isCloseTo(published[i][4], within(1e-7));
            assertThat(s.low()).isCloseTo(published[i][5], within(1e-7));
            assertThat(s.high()).isCloseTo(published[i][6], within(1e-7));
        }
        assertThat(k.subjects()).isEqualTo(21);
        assertThat(k.lost()).isEqualTo(9);
        assertThat(k.followed()).isEqualTo(35);
        assertThat(k.median()).hasValue(23);
    }

    @Test
    void leukaemiaWithMaintenance() {
        KaplanMeier k =
                KaplanMeier.of(observed(new double[] {9, 13, 18, 23, 31, 34, 48}, new double[] {13, 28, 45, 161}));
        double[] published = {0.909, 0.818, 0.716, 0.614, 0.491, 0.368, 0.184};
        double[] errors = {0.0867, 0.1163, 0.1397, 0.1526, 0.1642, 0.1627, 0.1535};
        for (int i = 0; i < published.length; i++) {
            assertThat(k.steps().get(i).survival()).isCloseTo(published[i], within(5e-4));
            assertThat(k.steps().get(i).standardError()).isCloseTo(errors[i], within(5e-5));
        }
    }

    @Test
    void whoLeavesOnTheDayOfALossCountsAsAtRiskOnIt() {
        assertThat(KaplanMeier.of(List.of(new Observed(5, true), new Observed(5, false)))
                        .steps()
                        .get(0)
                        .atRisk())
                .isEqualTo(2);
    }

    @Test
    void onceNobodyIsLeftTheLineIsAtNothingAndTheBandReachesTo() {
        KaplanMeier k = KaplanMeier.of(List.of(new Observed(3, true), new Observed(8, true)));
        Step last = k.steps().get(1);
        assertThat(last.survival()).isZero();
        assertThat(last.low()).isZero();
        assertThat(last.high()).isEqualTo(k.steps().get(0).high());
        assertThat(last.standardError()).isNaN();
    }

    @Test
    void beforeTheFirstLossAllLiveAndAfterTheLastLookNobodyKnows() {
        KaplanMeier k = KaplanMeier.of(sixMp());
        assertThat(k.at(0)).isEqualTo(1);
        assertThat(k.at(5.9)).isEqualTo(1);
        assertThat(k.at(6)).isCloseTo(0.857, within(1e-3));
        assertThat(k.at(35)).isCloseTo(0.448, within(1e-3));
        assertThat(k.at(35.1)).isNaN();
    }

    @Test
    void withoutAnybodyThereIsNoLine() {
        KaplanMeier k = KaplanMeier.of(List.of());
        assertThat(k.steps()).isEmpty();
        assertThat(k.subjects()).isZero();
        assertThat(k.followed()).isZero();
        assertThat(k.median()).isEmpty();
    }

    @Test
    void withoutCensoringItIsThePlainShare() {
        Random random = new Random(11);
        List<Observed> all =
                random.ints(60, 1, 400).mapToObj(t -> new Observed(t, true)).toList();
        KaplanMeier k = KaplanMeier.of(all);
        for (int day = 0; day < 400; day += 13) {
            double at = day;
            double alive = all.stream().filter(o -> o.time() > at).count() / 60.0;
            if (at <= k.followed()) {
                assertThat(k.at(at)).isCloseTo(alive, within(1e-12));
            }
        }
    }

    @Test
    void theBandHoldsTheLineNeverLeavesNoughtToOneAndNarrowsWithMoreFish() {
        Random random = new Random(5);
        List<Observed> few = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            few.add(new Observed(random.nextInt(300), random.nextBoolean()));
        }
        List<Observed> many = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            many.addAll(few);
        }
        KaplanMeier a = KaplanMeier.of(few);
        KaplanMeier b = KaplanMeier.of(many);
        for (int i = 0; i < a.steps().size(); i++) {
            Step s = a.steps().get(i);
            assertThat(s.low()).isBetween(0.0, s.survival());
            assertThat(s.high()).isBetween(s.survival(), 1.0);
            assertThat(b.steps().get(i).survival()).isCloseTo(s.survival(), within(1e-12));
            if (s.survival() > 0) {
                assertThat(b.steps().get(i).high() - b.steps().get(i).low()).isLessThan(s.high() - s.low());
            }
        }
    }

    @Test
    void halfAliveIsNoMedianUntilHalfAreLost() {
        assertThat(KaplanMeier.of(List.of(new Observed(2, true), new Observed(9, false), new Observed(9, false)))
                        .median())
                .isEmpty();
        assertThat(KaplanMeier.of(List.of(new Observed(2, true), new Observed(9, false)))
                        .median())
                .hasValue(2);
    }

    @Test
    void noneLostAmongFewSaysLittle() {
        assertThat(KaplanMeier.leastIfNoneLost(1)).isCloseTo(0.025, within(1e-12));
        assertThat(KaplanMeier.leastIfNoneLost(10)).isCloseTo(0.6915, within(1e-4));
        assertThat(KaplanMeier.leastIfNoneLost(0)).isZero();
    }

    @Test
    void timesAreNoughtOrMore() {
        assertThatThrownBy(() -> new Observed(-1, true)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Observed(Double.NaN, true)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Observed(Double.POSITIVE_INFINITY, false))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
