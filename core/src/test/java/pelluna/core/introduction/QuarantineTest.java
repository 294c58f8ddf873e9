package pelluna.core.introduction;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.testing.Plans;

class QuarantineTest {
    private static final LocalDate BEGAN = LocalDate.of(2027, 3, 1);
    private static final QuarantineSchool WATCH = QuarantineSchool.THIRTY_DAYS_WATCH;

    private static Look well(int day) {
        return new Look(BEGAN.plusDays(day), true, false, false, false);
    }

    private static QuarantineClock clock(int today, Look... looks) {
        return QuarantineClock.of(WATCH, BEGAN, List.of(looks), List.of(), BEGAN.plusDays(today));
    }

    @Test
    void thirtyDaysOfWatchingThenOutIfItEats() {
        assertThat(clock(0, well(0)).day()).isEqualTo(1);
        assertThat(clock(29, well(29)).mayGo()).isFalse();
        assertThat(clock(30, well(29)).mayGo()).isTrue(); // common practice: 30 days of isolation
        assertThat(clock(30, new Look(BEGAN.plusDays(30), false, false, false, false))
                        .missing())
                .containsExactly(new QuarantineReason.NotSeenEating());
        assertThat(clock(30, well(10)).missing()).containsExactly(new QuarantineReason.NotLookedAtFor(20));
        assertThat(clock(30, new Look(BEGAN.plusDays(30), true, false, false, true))
                        .missing())
                .containsExactly(new QuarantineReason.FinsTorn());
    }

    @Test
    void aSpotStartsTheDaysAgain() {
        QuarantineClock clock = clock(
                20,
                well(20),
                new Look(BEGAN.plusDays(14), true, false, true, false),
                new Look(BEGAN.plusDays(12), true, true, false, false),
                well(5));
        assertThat(clock.countedFrom()).isEqualTo(BEGAN.plusDays(14));
        assertThat(clock.restarts()).isEqualTo(2);
        assertThat(clock.day()).isEqualTo(7);
        assertThat(clock.outOn()).isEqualTo(BEGAN.plusDays(44));
    }

    @Test
    void aNewcomerInTheSamePlaceStartsThemAgainToo() {
        QuarantineClock clock = QuarantineClock.of(
                WATCH, BEGAN, List.of(well(10)), List.of(BEGAN.minusDays(3), BEGAN.plusDays(9)), BEGAN.plusDays(10));
        assertThat(clock.countedFrom()).isEqualTo(BEGAN.plusDays(9));
        assertThat(clock.restarts()).isEqualTo(1);
    }

    @Test
    void theNewestLookOfADayCounts() {
        LocalDate day = BEGAN.plusDays(30);
        assertThat(QuarantineClock.of(
                                WATCH,
                                BEGAN,
                                List.of(
                                        new Look(day, true, false, false, false),
                                        new Look(day, false, false, false, false)),
                                List.of(),
                                day)
                        .mayGo())
                .isTrue();
        assertThat(QuarantineClock.of(
                                WATCH,
                                BEGAN,
                                List.of(
                                        new Look(day, false, false, false, false),
                                        new Look(day, true, false, false, false)),
                                List.of(),
                                day)
                        .mayGo())
                .isFalse();
    }

    private static SamePlace.Guest guest(String species, double cm, QuarantineSchool school) {
        return new SamePlace.Guest(Plans.species(species), cm, school);
    }

    @Test
    void someNeverShareAPlace() {
        assertThat(SamePlace.against(List.of(guest("Gramma loreto", 5, WATCH), guest("Ecsenius midas", 6, WATCH))))
                .isEmpty();
        assertThat(SamePlace.against(
                        List.of(guest("Zebrasoma flavescens", 8, WATCH), guest("Zebrasoma scopas", 8, WATCH))))
                .singleElement()
                .isInstanceOf(QuarantineReason.WouldFight.class);
        assertThat(SamePlace.against(List.of(guest("Pterois volitans", 15, WATCH), guest("Gramma loreto", 4, WATCH))))
                .hasAtLeastOneElementOfType(QuarantineReason.CanSwallow.class);
        assertThat(SamePlace.against(List.of(guest("Synchiropus splendidus", 5, QuarantineSchool.TEN_DAYS_COPPER))))
                .containsExactly(new QuarantineReason.CopperHarms(Plans.species("Synchiropus splendidus")));
        assertThat(SamePlace.against(List.of(
                        guest("Gramma loreto", 5, WATCH),
                        guest("Ecsenius midas", 6, QuarantineSchool.TEN_DAYS_COPPER))))
                .hasAtLeastOneElementOfType(QuarantineReason.DifferentSchools.class);
    }
}
