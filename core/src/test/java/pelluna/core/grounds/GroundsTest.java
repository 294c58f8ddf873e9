package pelluna.core.grounds;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.SplittableRandom;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.scape.Hide;
import pelluna.core.scape.Rock;
import pelluna.core.scape.Run;
import pelluna.core.scape.Scape;
import pelluna.core.tank.Tank;
import pelluna.core.tank.TankDraft;
import pelluna.core.testing.Plans;

class GroundsTest {
    private static final Party DOTTYBACK = Plans.party("Pseudochromis springeri", 5);
    private static final Party BASSLET = Plans.party("Gramma loreto", 6);

    private static Tank tank(double lengthCm, double heightCm, int hides) {
        TankDraft draft = new TankDraft();
        draft.lengthCm = lengthCm;
        draft.widthCm = 60.0;
        draft.waterHeightCm = heightCm;
        draft.sandDepthCm = 4.0;
        draft.rockKg = 40.0;
        draft.hides = hides;
        return draft.on(Plans.START);
    }

    private static List<Party> company(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Species> all = Plans.CATALOGUE.all();
        List<Party> company = new ArrayList<>();
        for (int i = 0; i < 14; i++) {
            Species s = all.get(random.nextInt(all.size()));
            company.add(new Party(
                    "p" + i,
                    s,
                    random.nextInt(1, 4),
                    s.size().usualCm() * random.nextDouble(0.3, 1),
                    Plans.START,
                    Plans.START,
                    3,
                    false));
        }
        return company;
    }

    @Test
    void whoNeedsAHideLiesInOneAndNoTwoShareASpot() {
        Grounds grounds = Grounds.of(tank(150, 52, 6), List.of(DOTTYBACK, BASSLET));
        Ellipse one = grounds.of(DOTTYBACK, 5).orElseThrow();
        Ellipse other = grounds.of(BASSLET, 6).orElseThrow();
        assertThat(Math.hypot(one.xCm() - other.xCm(), one.yCm() - other.yCm())).isGreaterThan(10);
        assertThat(tank(150, 52, 6).scape().hides())
                .anySatisfy(h -> assertThat(h.xCm()).isEqualTo(one.xCm()));
    }

    @Test
    void rivalsInTwoHeapsFarApartDoNotOverlapAndInOneHeapTheyDo() {
        Rock left = new Rock(5, 30, List.of(15.0, 25.0, 15.0));
        Tank apart = tank(150, 52, 2)
                .with(new Scape(
                        List.of(left, left.at(110)), List.of(new Hide(15, 8), new Hide(130, 8)), new Run(0, 40)));
        Tank close = tank(150, 52, 2)
                .with(new Scape(List.of(left), List.of(new Hide(15, 8), new Hide(22, 8)), new Run(0, 40)));
        assertThat(Grounds.of(apart, List.of(DOTTYBACK, BASSLET)).overlap(DOTTYBACK, 5, BASSLET, 6))
                .isLessThan(0.05);
        assertThat(Grounds.of(close, List.of(DOTTYBACK, BASSLET)).overlap(DOTTYBACK, 5, BASSLET, 6))
                .isGreaterThan(0.4);
    }

    @Test
    void whoFindsNoPlaceIsInEverybodysWay() {
        Tank bare = tank(150, 52, 0).with(new Scape(List.of(), List.of(), new Run(0, 40)));
        Grounds grounds = Grounds.of(bare, List.of(DOTTYBACK, BASSLET));
        assertThat(grounds.placeless()).contains(BASSLET);
        assertThat(grounds.of(BASSLET, 6)).isEmpty();
        assertThat(grounds.overlap(DOTTYBACK, 5, BASSLET, 6)).isEqualTo(1);
    }

    @Test
    void theGroundGrowsWithTheFish() {
        Grounds grounds = Grounds.of(tank(150, 52, 6), List.of(DOTTYBACK));
        assertThat(grounds.of(DOTTYBACK, 5).orElseThrow().area())
                .isGreaterThan(1.5 * grounds.of(DOTTYBACK, 3).orElseThrow().area());
    }

    @RepeatedTest(8)
    void anotherHideNeverBringsTwoCloser(RepetitionInfo run) {
        List<Party> company = company(run.getCurrentRepetition());
        for (int hides = 0; hides < 14; hides++) {
            Grounds fewer = Grounds.of(tank(160, 55, hides), company);
            Grounds more = Grounds.of(tank(160, 55, hides + 1), company);
            Grounds anywhere = Grounds.of(
                    withHideAnywhere(tank(160, 55, hides), run.getCurrentRepetition() * 31L + hides), company);
            noFurther(company, fewer, more);
            noFurther(company, fewer, anywhere);
        }
    }

    private static Tank withHideAnywhere(Tank tank, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        return tank.with(tank.scape().plus(new Hide(random.nextDouble(tank.lengthCm()), random.nextDouble(4, 40))));
    }

    @RepeatedTest(8)
    void theSameReefInALargerTankNeverBringsTwoCloser(RepetitionInfo run) {
        List<Party> company = company(50 + run.getCurrentRepetition());
        Grounds small = Grounds.of(tank(120, 50, 7), company);
        noFurther(company, small, Grounds.of(tank(200, 50, 7), company));
        noFurther(company, small, Grounds.of(tank(120, 75, 7), company));
        noFurther(company, small, Grounds.of(tank(300, 90, 7), company));
    }

    @RepeatedTest(5)
    void theOrderOfTheListDoesNotMatter(RepetitionInfo run) {
        List<Party> company = company(90 + run.getCurrentRepetition());
        List<Party> shuffled = new ArrayList<>(company);
        Collections.shuffle(shuffled, new Random(3));
        Grounds one = Grounds.of(tank(150, 52, 6), company);
        Grounds other = Grounds.of(tank(150, 52, 6), shuffled);
        for (Party a : company) {
            assertThat(other.of(a, a.lengthCm())).isEqualTo(one.of(a, a.lengthCm()));
            for (Party b : company) {
                assertThat(other.overlap(a, a.lengthCm(), b, b.lengthCm()))
                        .isEqualTo(one.overlap(a, a.lengthCm(), b, b.lengthCm()));
            }
        }
    }

    private static void noFurther(List<Party> company, Grounds before, Grounds after) {
        for (Party a : company) {
            for (Party b : company) {
                if (a != b) {
                    assertThat(after.overlap(a, a.adultCm(), b, b.adultCm()))
                            .isLessThanOrEqualTo(before.overlap(a, a.adultCm(), b, b.adultCm()) + 0.004);
                }
            }
        }
    }
}
