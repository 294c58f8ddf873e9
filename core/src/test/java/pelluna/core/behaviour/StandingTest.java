package pelluna.core.behaviour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class StandingTest {
    /**
     * From memory: the cows of Vervaecke et al. 2007 (American bison), the worked example of the published steepness
     * software.
     */
    private static final Contests BISON =
            new Contests(List.of("V", "VS", "B", "FJ", "PR", "VB", "TOR", "MU", "ZV"), new double[][] {
                {0, 58, 50, 61, 32, 37, 29, 39, 25},
                {8, 0, 22, 22, 9, 27, 20, 10, 48},
                {3, 3, 0, 19, 29, 12, 13, 19, 8},
                {5, 8, 9, 0, 33, 38, 35, 32, 57},
                {4, 7, 9, 1, 0, 28, 26, 16, 23},
                {4, 3, 0, 0, 6, 0, 7, 6, 12},
                {2, 0, 4, 1, 4, 4, 0, 5, 3},
                {0, 2, 1, 1, 5, 8, 3, 0, 10},
                {3, 1, 3, 0, 0, 4, 1, 2, 0}
            });

    private static final Contests STRAIGHT = new Contests(
            List.of("a", "b", "c", "d"),
            new double[][] {{0, 900, 900, 900}, {0, 0, 900, 900}, {0, 0, 0, 900}, {0, 0, 0, 0}});

    @Test
    void normalisedScoresOfAPublishedMatrix() {
        // matrix from memory: Vervaecke et al. 2007; scores worked apart from this code, in GNU R 4.2 by matrix algebra
        // from the formula of de Vries et al. 2006
        double[] expected = {
            7.286150827,
            5.917859826,
            4.976697472,
            5.534912775,
            4.247536069,
            2.250669871,
            2.223747466,
            2.333601774,
            1.228823919
        };
        DavidsScore score = DavidsScore.of(BISON);
        for (int i = 0; i < expected.length; i++) {
            assertThat(score.normalised(i)).as(BISON.fish().get(i)).isEqualTo(expected[i], within(1e-8));
        }
    }

    @Test
    void steepnessAndLinearityOfAPublishedMatrix() {
        // the same matrix; slope by R's lm, h by its definition (Landau 1951)
        assertThat(DavidsScore.of(BISON).steepness()).isEqualTo(0.7420537703, within(1e-8));
        assertThat(Linearity.landau(BISON)).isEqualTo(0.9666666667, within(1e-8));
    }

    @Test
    void aStraightOrderIsAsSteepAndAsLinearAsCanBe() {
        // de Vries, Stevens & Vervaecke 2006: with many contests in a straight order normalised scores are N − 1 … 0
        // and the slope is 1
        DavidsScore score = DavidsScore.of(STRAIGHT);
        assertThat(score.ladder()).extracting(DavidsScore.Rung::fish).containsExactly("a", "b", "c", "d");
        assertThat(score.normalised(0)).isEqualTo(3, within(0.01));
        assertThat(score.normalised(3)).isEqualTo(0, within(0.01));
        assertThat(score.steepness()).isEqualTo(1, within(0.01));
        assertThat(Linearity.landau(STRAIGHT)).isEqualTo(1, within(1e-12));
    }

    @Test
    void aCircleHasNoOrder() {
        Contests circle = new Contests(List.of("a", "b", "c"), new double[][] {{0, 5, 0}, {0, 0, 5}, {5, 0, 0}});
        assertThat(Linearity.landau(circle)).isZero();
        assertThat(DavidsScore.of(circle).steepness()).isEqualTo(0, within(1e-12));
    }

    @Test
    void scoresSumToNothingAndDoNotHangOnTheOrderOfTheList() {
        Random random = new Random(11);
        for (int round = 0; round < 50; round++) {
            int n = 2 + random.nextInt(7);
            List<Contests.Won> won = new ArrayList<>();
            for (int k = 0; k < 40; k++) {
                won.add(new Contests.Won("f" + random.nextInt(n), "f" + random.nextInt(n), 1 + random.nextInt(3)));
            }
            DavidsScore one = DavidsScore.of(Contests.of(won));
            double sum = 0;
            int fish = Contests.of(won).size();
            for (int i = 0; i < fish; i++) {
                sum += one.score(i);
                assertThat(one.normalised(i)).isBetween(-1e-9, fish - 1 + 1e-9);
            }
            assertThat(sum).isEqualTo(0, within(1e-9));
            Collections.shuffle(won, random);
            DavidsScore other = DavidsScore.of(Contests.of(won));
            List<String> order = Contests.of(won).fish();
            for (int i = 0; i < fish; i++) {
                assertThat(other.score(order.indexOf(Contests.of(won).fish().get(i))))
                        .isEqualTo(other.score(i));
            }
            assertThat(other.steepness())
                    .isEqualTo(one.steepness(), within(1e-9))
                    .isBetween(0.0, 1.0);
        }
    }

    @Test
    void moreContestsWonTheSameWayRaiseTheScore() {
        double few = DavidsScore.of(Contests.of(List.of(new Contests.Won("a", "b", 1))))
                .normalised(0);
        double many = DavidsScore.of(Contests.of(List.of(new Contests.Won("a", "b", 20))))
                .normalised(0);
        assertThat(many).as("the correction for chance").isGreaterThan(few);
        assertThat(few).isGreaterThan(0.5);
    }

    @Test
    void whatCannotBeAMatrixIsRefused() {
        assertThatThrownBy(() -> new Contests(List.of("a", "b"), new double[][] {{0, 1}}))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Contests(List.of("a"), new double[][] {{1}}))
                .hasMessageContaining("diagonal");
        assertThatThrownBy(() -> new Contests(List.of("a", "b"), new double[][] {{0, -1}, {0, 0}}))
                .hasMessageContaining("no count");
    }

    @Test
    void eloMovesByWhatWasUnlikely() {
        // Elo 1978: equals have an even chance, so the first contest moves half of k; points are only moved, never made
        List<Elo.Point> course = Elo.course(List.of(new Contests.Won("a", "b", 1), new Contests.Won("b", "a", 1)));
        assertThat(course.get(0).ratings()).containsEntry("a", 1020.0).containsEntry("b", 980.0);
        assertThat(course.get(1).ratings().get("b")).as("the weaker won").isGreaterThan(1000);
        assertThat(course.get(1).ratings().values().stream().mapToDouble(d -> d).sum())
                .isEqualTo(2000, within(1e-9));
    }

    @Test
    void pairsThatNeverMetAreCounted() {
        assertThat(Contests.of(List.of(new Contests.Won("a", "b", 2), new Contests.Won("b", "c", 1)))
                        .unknownPairs())
                .isEqualTo(1 / 3.0, within(1e-12));
        assertThat(Contests.of(List.of()).unknownPairs()).isZero();
    }

    @Test
    void aStandingSaysHowFarToTrustIt() {
        assertThat(Standing.of(BISON).order()).isInstanceOfSatisfying(Order.Stands.class, o -> {
            assertThat(o.steepness()).isEqualTo(Order.Steepness.STEEP);
            assertThat(o.counted().fish()).isEqualTo(9);
        });
        assertThat(Standing.of(BISON).chance()).isLessThan(0.01);
        assertThat(Standing.of(Contests.of(List.of(new Contests.Won("a", "b", 3))))
                        .order())
                .isEqualTo(new Order.TooFew(new Order.Counted(3, 2)));
        Standing even = Standing.of(Contests.of(List.of(
                new Contests.Won("a", "b", 10),
                new Contests.Won("b", "a", 10),
                new Contests.Won("b", "c", 8),
                new Contests.Won("c", "b", 8))));
        assertThat(even.tells()).isFalse();
        assertThat(even.order()).isEqualTo(new Order.CouldBeChance(new Order.Counted(36, 3)));
        assertThat(Standing.of(BISON)).as("the same contests, the same answer").isEqualTo(Standing.of(BISON));
    }

    @Test
    void contestsWithoutOrderSeldomLookSteeperThanChanceWouldMakeThem() {
        Random random = new Random(3);
        int called = 0;
        for (int round = 0; round < 60; round++) {
            List<Contests.Won> won = new ArrayList<>();
            for (int k = 0; k < 60; k++) {
                int a = random.nextInt(5);
                int b = (a + 1 + random.nextInt(4)) % 5;
                won.add(new Contests.Won("f" + a, "f" + b, 1));
            }
            called += Standing.of(Contests.of(won)).tells() ? 1 : 0;
        }
        assertThat(called).as("at 5 %, three of sixty are expected").isLessThanOrEqualTo(9);
    }
}
