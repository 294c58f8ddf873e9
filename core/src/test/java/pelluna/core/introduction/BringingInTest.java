package pelluna.core.introduction;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pelluna.core.behaviour.RateChange;
import pelluna.core.behaviour.Stretch;
import pelluna.core.catalogue.Caution;
import pelluna.core.catalogue.Stance;
import pelluna.core.testing.Plans;

class BringingInTest {
    private static final Instant NOW = Instant.parse("2027-03-10T18:00:00Z");

    private static BoxWatch watch(int hoursAgo, int strikes) {
        Instant began = NOW.minus(Duration.ofHours(hoursAgo));
        return new BoxWatch(began, began.plus(Duration.ofMinutes(15)), strikes);
    }

    private static BoxGate gate(List<BoxWatch> watches, int ateHoursAgo) {
        return BoxGate.of(
                new BoxGate.Boxed(
                        NOW.minus(Duration.ofDays(5)),
                        watches,
                        Optional.of(NOW.minus(Duration.ofHours(ateHoursAgo))),
                        Optional.empty(),
                        false),
                NOW);
    }

    @Test
    void threeQuietWatchesOverTwoDaysAndAMealOpenTheGate() {
        BoxGate open = gate(List.of(watch(60, 4), watch(50, 0), watch(26, 0), watch(1, 0)), 3);
        assertThat(open.open()).isTrue();
        assertThat(open.says()).isEqualTo(new GateReason.MayComeOut());
    }

    @Test
    void eachConditionThatIsMissingIsNamed() {
        assertThat(gate(List.of(watch(50, 0), watch(1, 0)), 3).missing())
                .containsExactly(new GateReason.MoreWatches(1, 3));
        assertThat(gate(List.of(watch(30, 0), watch(20, 0), watch(1, 0)), 3).missing())
                .singleElement()
                .isInstanceOf(GateReason.CoverTooLittle.class);
        assertThat(gate(List.of(watch(50, 0), watch(26, 2), watch(1, 0)), 3).missing())
                .containsExactly(new GateReason.Struck(2, 3));
        assertThat(gate(List.of(watch(50, 0), watch(26, 0), watch(1, 0)), 60).missing())
                .containsExactly(new GateReason.AteLongAgo(48));
        assertThat(gate(List.of(watch(100, 0), watch(60, 0), watch(40, 0)), 3).missing())
                .singleElement()
                .isInstanceOf(GateReason.WatchIsOld.class);
        assertThat(gate(List.of(), 3).open()).isFalse();
    }

    @Test
    void aGlanceIsNoWatch() {
        BoxWatch glance = new BoxWatch(NOW.minusSeconds(300), NOW.minusSeconds(120), 0);
        assertThat(gate(List.of(watch(50, 0), watch(26, 0), glance), 3).missing())
                .containsExactly(new GateReason.MoreWatches(1, 3));
    }

    @Test
    void anUndecidedBoxIsCalledOffWhenItEatsNothingOrThePressureDoesNotFall() {
        BoxGate starving = BoxGate.of(
                new BoxGate.Boxed(NOW.minus(Duration.ofDays(4)), List.of(), Optional.empty(), Optional.empty(), false),
                NOW);
        assertThat(starving.callOff()).containsExactly(new GateReason.Fasts(4));
        List<BoxWatch> furious =
                List.of(watch(360, 5), watch(300, 6), watch(200, 5), watch(100, 6), watch(50, 6), watch(1, 5));
        BoxGate hopeless = BoxGate.of(
                new BoxGate.Boxed(NOW.minus(Duration.ofDays(15)), furious, Optional.of(NOW), Optional.empty(), false),
                NOW);
        assertThat(hopeless.callOff()).containsExactly(new GateReason.StillStruck(15));
        assertThat(hopeless.says()).isInstanceOf(GateReason.CalledOff.class);
    }

    @Test
    void takenOutAgainByRules() {
        // common practice: wounds, not eating two days, chased without pause, hiding at feeding twice
        assertThat(PullOut.met(new PullOut.Seen(false, 1, 12, 1))).isEmpty();
        assertThat(PullOut.met(new PullOut.Seen(true, 2, 31, 2))).hasSize(4);
    }

    @Test
    void theLadderKnowsWhatWasTriedAndOffersTheNextRung() {
        RateChange nothing = RateChange.between(new Stretch(12, 3), new Stretch(11, 3));
        RateChange better = RateChange.between(new Stretch(24, 4), new Stretch(3, 4));
        assertThat(Ladder.of(List.of(), false, NOW).suggests()).contains(Intervention.FEED_MORE);
        Taken mirror = new Taken(
                Intervention.MIRROR,
                NOW.minus(Duration.ofDays(9)),
                Optional.of(NOW.minus(Duration.ofDays(6))),
                nothing);
        Taken food = new Taken(
                Intervention.FEED_MORE,
                NOW.minus(Duration.ofDays(12)),
                Optional.of(NOW.minus(Duration.ofDays(10))),
                nothing);
        Ladder ladder = Ladder.of(List.of(mirror, food), false, NOW);
        assertThat(ladder.suggests()).contains(Intervention.SECOND_FEEDING_PLACE);
        assertThat(ladder.rungs().get(Intervention.MIRROR.ordinal()).last()).contains(mirror);
        Taken running = new Taken(Intervention.MOVED_ROCK, NOW.minus(Duration.ofDays(2)), Optional.empty(), better);
        assertThat(Ladder.of(List.of(mirror, running), false, NOW).next())
                .isEqualTo(new NextRung.GiveItTime(Intervention.MOVED_ROCK, 2, 5));
        Taken helps = new Taken(Intervention.MOVED_ROCK, NOW.minus(Duration.ofDays(6)), Optional.empty(), better);
        assertThat(Ladder.of(List.of(mirror, helps), false, NOW).next()).isInstanceOf(NextRung.Helps.class);
        Taken helped = new Taken(
                Intervention.MOVED_ROCK,
                NOW.minus(Duration.ofDays(6)),
                Optional.of(NOW.minus(Duration.ofDays(6))),
                better);
        assertThat(Ladder.of(List.of(mirror, helped), false, NOW).next()).isInstanceOf(NextRung.HasHelped.class);
        assertThat(Ladder.of(List.of(mirror, helped), false, NOW).suggests()).isEmpty();
        assertThat(Ladder.of(List.of(mirror, helps), true, NOW).suggests()).contains(Intervention.BACK_THROUGH_BOX);
    }

    @Test
    void theBoxSuitsTheFishAndLeavesTheTankToTheOthers() {
        SeeThroughBox.Inside tank = new SeeThroughBox.Inside(150, 60, 50);
        assertThat(new SeeThroughBox(30, 16, 20).against(7, 1, tank)).isEmpty();
        assertThat(new SeeThroughBox(15, 10, 10).against(7, 1, tank)).hasSize(3);
        assertThat(new SeeThroughBox(90, 30, 30).against(7, 1, tank))
                .singleElement()
                .isInstanceOf(BoxReason.TooLarge.class);
        assertThat(SeeThroughBox.leastFor(7, 4).lengthCm())
                .isGreaterThan(SeeThroughBox.leastFor(7, 1).lengthCm());
    }

    @Test
    void dangerousFishAreCarriedInTheirWater() {
        assertThat(Carrying.cautions(Plans.species("Zebrasoma flavescens")))
                .anyMatch(c -> c.all().contains(new CarryingAdvice.NoNetNoHand()))
                .anyMatch(c -> c.all().contains(new CarryingAdvice.BladesCut()));
        assertThat(Carrying.cautions(Plans.species("Gramma loreto")))
                .noneMatch(c -> c.all().contains(new Caution.IfHurt()))
                .anyMatch(c -> c.all().contains(new CarryingAdvice.NoWaterAcross()));
    }

    @Test
    void looksAfterReleaseFallOnTheirHours() {
        LocalDateTime released = LocalDateTime.of(2027, 3, 10, 20, 30);
        LocalTime on = LocalTime.of(9, 0);
        LocalTime off = LocalTime.of(21, 0);
        assertThat(ReleaseCheck.FIRST_HOUR.due(released, on, off)).isEqualTo(released.plusHours(1));
        assertThat(ReleaseCheck.LIGHTS_OUT.due(released, on, off))
                .as("never before the first hour is over")
                .isEqualTo(released.plusHours(1));
        assertThat(ReleaseCheck.NEXT_MORNING.due(released, on, off)).isEqualTo(LocalDateTime.of(2027, 3, 11, 10, 0));
        assertThat(ReleaseCheck.DAY_7.due(released, on, off)).isEqualTo(LocalDateTime.of(2027, 3, 17, 10, 0));
    }

    @Test
    void everyMethodHasItsProtocolAndEndsWithTheLooks() {
        for (Method m : Method.values()) {
            Protocol p = Protocol.of(m, Stance.CUSTOMARY, Optional.of("the dottyback"), false);
            assertThat(p.steps()).hasSizeGreaterThan(ReleaseCheck.values().length);
            assertThat(p.steps().get(p.steps().size() - 1).when()).isEqualTo(ProtocolStep.When.DAY_7);
            assertThat(p.steps().stream().anyMatch(s -> s.what() == ProtocolStep.What.INTO_THE_BOX))
                    .isEqualTo(m == Method.BOX_HOURS || m == Method.BOX_DAYS || m == Method.TIME_OUT);
        }
    }
}
