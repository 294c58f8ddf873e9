package pelluna.core.losses;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.losses.KaplanMeier.Observed;

/**
 * Two groups held against each other, and shares with their intervals; figures of R's survival, binom.test and
 * fisher.test.
 */
class ComparedTest {
    private static final double[] PLACEBO = {1, 1, 2, 2, 3, 4, 4, 5, 5, 8, 8, 8, 8, 11, 11, 12, 12, 15, 17, 22, 23};

    @Test
    void sixMpAgainstPlacebo() {
        LogRank r = LogRank.of(KaplanMeierTest.sixMp(), KaplanMeierTest.observed(PLACEBO, new double[0]));
        assertThat(r.seen()).isEqualTo(9);
        assertThat(r.expected()).isCloseTo(19.250501, within(1e-5));
        assertThat(r.chiSquared()).isCloseTo(16.79294099, within(1e-7));
        assertThat(r.p()).isCloseTo(4.17e-5, within(1e-7));
    }

    @Test
    void leukaemiaWithAndWithoutMaintenance() {
        LogRank r = LogRank.of(
                KaplanMeierTest.observed(new double[] {9, 13, 18, 23, 31, 34, 48}, new double[] {13, 28, 45, 161}),
                KaplanMeierTest.observed(new double[] {5, 5, 8, 8, 12, 23, 27, 30, 33, 43, 45}, new double[] {16}));
        assertThat(r.chiSquared()).isCloseTo(3.396388699, within(1e-7));
        assertThat(r.expected()).isCloseTo(10.689336, within(1e-5));
        assertThat(r.p()).isBetween(0.06, 0.07);
    }

    @Test
    void whicheverGroupComesFirstTheAnswerIsTheSame() {
        List<Observed> placebo = KaplanMeierTest.observed(PLACEBO, new double[0]);
        assertThat(LogRank.of(placebo, KaplanMeierTest.sixMp()).chiSquared())
                .isCloseTo(LogRank.of(KaplanMeierTest.sixMp(), placebo).chiSquared(), within(1e-10));
    }

    @Test
    void alikeGroupsDoNotDifferAndWithoutLossesNothingCan() {
        assertThat(LogRank.of(KaplanMeierTest.sixMp(), KaplanMeierTest.sixMp()).p())
                .isCloseTo(1, within(1e-9));
        assertThat(LogRank.of(List.of(new Observed(4, false)), List.of(new Observed(9, false)))
                        .p())
                .isEqualTo(1);
        assertThat(LogRank.of(List.of(), KaplanMeierTest.sixMp()).chiSquared()).isZero();
    }

    @Test
    void sharesHaveTheExactIntervalOfClopperAndPearson() {
        Share mendel = Share.of(682, 925);
        assertThat(mendel.low()).isCloseTo(0.7076682641, within(1e-8));
        assertThat(mendel.high()).isCloseTo(0.7654065582, within(1e-8));
        Share few = Share.of(3, 19);
        assertThat(few.low()).isCloseTo(0.033826249, within(1e-8));
        assertThat(few.high()).isCloseTo(0.395784551, within(1e-8));
        assertThat(few.counted()).isEqualTo(new Share.Counted(3, 19, true, 16, 3, 40));
    }

    @Test
    void noneAllAndNobody() {
        assertThat(Share.of(0, 10).low()).isZero();
        assertThat(Share.of(0, 10).high()).isCloseTo(0.3084971, within(1e-6));
        assertThat(Share.of(10, 10).high()).isEqualTo(1);
        assertThat(Share.of(10, 10).low()).isCloseTo(1 - 0.3084971, within(1e-6));
        assertThat(Share.of(0, 0).value()).isNaN();
        assertThat(Share.of(0, 0).low()).isZero();
        assertThat(Share.of(0, 0).high()).isEqualTo(1);
        assertThat(Share.of(0, 0).counted().any()).isFalse();
        assertThatThrownBy(() -> Share.of(3, 2)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Share.of(-1, 2)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void theLadyTastingTea() {
        assertThat(FisherExact.p(3, 4, 1, 4)).isCloseTo(0.485714286, within(1e-9));
        assertThat(FisherExact.p(4, 4, 0, 4)).isCloseTo(2.0 / 70, within(1e-12));
    }

    @Test
    void convictionsOfTwins() {
        assertThat(FisherExact.p(10, 13, 2, 17)).isCloseTo(0.000536724119, within(1e-10));
        assertThat(FisherExact.p(2, 17, 10, 13)).isCloseTo(0.000536724119, within(1e-10));
    }

    @Test
    void anEmptyMarginTellsNothing() {
        assertThat(FisherExact.p(0, 0, 3, 4)).isEqualTo(1);
        assertThat(FisherExact.p(0, 3, 0, 4)).isEqualTo(1);
        assertThat(FisherExact.p(3, 3, 4, 4)).isEqualTo(1);
        assertThatThrownBy(() -> FisherExact.p(5, 3, 0, 4)).isInstanceOf(IllegalArgumentException.class);
    }
}
