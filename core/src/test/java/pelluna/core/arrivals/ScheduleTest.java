package pelluna.core.arrivals;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.catalogue.Species;
import pelluna.core.introduction.Method;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;

class ScheduleTest {
    private static Schedule schedule(Plans plans) {
        Plan plan = plans.plan();
        return new Scheduler(plan, plan.wishes()).best();
    }

    private static Plans three() {
        return Plans.sixFeet()
                .wish("Nemateleotris magnifica")
                .wish("Centropyge bispinosa")
                .wish("Zebrasoma flavescens");
    }

    @Test
    void leastTerritorialAndSmallestFirst() {
        // common practice
        assertThat(schedule(three()).steps())
                .extracting(d -> d.arrival().parties().get(0).species().genus())
                .containsExactly("Nemateleotris", "Centropyge", "Zebrasoma");
    }

    @Test
    void twoWeeksAfterASingleFishFourAfterAGroup() {
        // common practice
        List<Dated> steps = schedule(Plans.sixFeet()
                        .with("quarantine", Map.of("places", 9, "school", "none"))
                        .wish("Nemateleotris magnifica")
                        .wish("Pseudanthias bartlettorum", 5, 3)
                        .wish("Centropyge bispinosa"))
                .steps();
        for (int i = 1; i < steps.size(); i++) {
            int gap = steps.get(i - 1).arrival().count() > 1 ? 28 : 14;
            assertThat(steps.get(i).releaseOn())
                    .isAfterOrEqualTo(steps.get(i - 1).releaseOn().plusDays(gap));
        }
    }

    @Test
    void theStanceChangesTheDates() {
        LocalDate bold = last(three().head("stance", "bold"));
        LocalDate customary = last(three().head("stance", "customary"));
        LocalDate cautious = last(three().head("stance", "cautious"));
        assertThat(bold).isBefore(customary);
        assertThat(customary).isBefore(cautious);
    }

    @Test
    void whatTheFilterHoldsBackSaysSo() {
        List<Dated> steps = schedule(Plans.sixFeet()
                        .with("netLitres", 150)
                        .with("lengthCm", 90)
                        .with("widthCm", 45)
                        .with("waterHeightCm", 45)
                        .with("cycledOn", Plans.START.minusMonths(20).toString())
                        .wish("Zebrasoma flavescens")
                        .wish("Elacatinus oceanops")
                        .wish("Gobiodon okinawae"))
                .steps();
        Dated tang = steps.stream()
                .filter(d -> d.arrival().species().stream()
                        .map(Species::name)
                        .toList()
                        .equals(List.of("yellow tang")))
                .findFirst()
                .orElseThrow();
        assertThat(tang.position()).isGreaterThan(1);
        assertThat(tang.why()).contains(new Why.BacteriaGrow());
    }

    @Test
    void theBoldWaitAsLongAsTheFilterNeeds() {
        Plans awake = Plans.sixFeet()
                .head("stance", "bold")
                .with("quarantine", Map.of("places", 3, "school", "none"))
                .resident("Zebrasoma flavescens", 1, 18)
                .resident("Chromis viridis", 8, 7)
                .wish("Gramma loreto")
                .wish("Ecsenius midas");
        Plans sparse = Plans.sixFeet()
                .head("stance", "bold")
                .with("quarantine", Map.of("places", 3, "school", "none"))
                .resident("Gramma loreto", 1, 5)
                .wish("Zebrasoma flavescens")
                .wish("Siganus vulpinus");
        assertThat(gap(schedule(awake))).isEqualTo(4);
        assertThat(gap(schedule(sparse))).isBetween(5L, 10L);
    }

    private static long gap(Schedule s) {
        return java.time.temporal.ChronoUnit.DAYS.between(
                s.steps().get(0).releaseOn(), s.steps().get(1).releaseOn());
    }

    private static LocalDate last(Plans plans) {
        List<Dated> steps = schedule(plans.with("quarantine", Map.of("places", 3, "school", "none")))
                .steps();
        return steps.get(steps.size() - 1).releaseOn();
    }

    @Test
    void oneQuarantinePlaceHoldsOneArrivalAtATime() {
        List<Dated> steps =
                new ArrayList<>(schedule(three().with("quarantine", Map.of("places", 1, "school", "thirty-days-watch")))
                        .steps());
        for (int i = 1; i < steps.size(); i++) {
            assertThat(steps.get(i).quarantineFrom().orElseThrow())
                    .isAfterOrEqualTo(steps.get(i - 1).boxFrom());
            assertThat(steps.get(i).boxFrom())
                    .isEqualTo(steps.get(i).quarantineFrom().orElseThrow().plusDays(30));
        }
    }

    @Test
    void fishThatCopperHarmsAreWatchedInstead() {
        List<Dated> steps = schedule(Plans.sixFeet()
                        .with("quarantine", Map.of("places", 1, "school", "ten-days-copper"))
                        .wish("Synchiropus splendidus"))
                .steps();
        assertThat(steps.get(0).boxFrom())
                .isEqualTo(steps.get(0).quarantineFrom().orElseThrow().plusDays(30));
    }

    @Test
    void aYoungTankMakesItsLateComersWait() {
        List<Dated> steps = schedule(
                        three().with("cycledOn", Plans.START.minusMonths(1).toString())
                                .with("quarantine", Map.of("places", 3, "school", "none")))
                .steps();
        Dated tang = steps.stream()
                .filter(d -> d.arrival().species().stream()
                        .map(Species::name)
                        .toList()
                        .equals(List.of("yellow tang")))
                .findFirst()
                .orElseThrow();
        assertThat(tang.releaseOn())
                .isAfterOrEqualTo(Plans.START.plusMonths(5)); // common practice: first surgeonfish from the sixth month
        assertThat(tang.why()).hasAtLeastOneElementOfType(Why.WantsOlderTank.class);
    }

    @Test
    void surgeonfishOfOneGenusComeAllAtOnce() {
        // common practice
        Schedule s = schedule(Plans.sixFeet()
                .with("netLitres", 1500)
                .with("lengthCm", 300)
                .without("netLitres")
                .wish("Zebrasoma flavescens")
                .wish("Zebrasoma scopas")
                .wish("Gramma loreto"));
        assertThat(s.steps()).hasSize(2).anySatisfy(d -> {
            assertThat(d.arrival().parties()).hasSize(2);
            assertThat(d.method()).isEqualTo(Method.ALL_AT_ONCE);
        });
    }

    @Test
    void anOrderByHandIsPricedTheSameWayAndNeverCheaper() {
        Plan plan = three().plan();
        Scheduler scheduler = new Scheduler(plan, plan.wishes());
        Schedule best = scheduler.best();
        List<String> ids = new ArrayList<>(best.steps().stream()
                .map(d -> d.arrival().parties().get(0).id())
                .toList());
        assertThat(scheduler.byHand(ids).cost()).isEqualTo(best.cost());
        Collections.reverse(ids);
        assertThat(scheduler.byHand(ids).cost()).isGreaterThan(best.cost());
    }

    @Test
    void theOrderOfTheListDoesNotMatter() {
        Assessment there = new Assessor().assess(three().plan());
        Assessment back = new Assessor()
                .assess(Plans.sixFeet()
                        .wish("Zebrasoma flavescens")
                        .wish("Centropyge bispinosa")
                        .wish("Nemateleotris magnifica")
                        .plan());
        assertThat(back.arrivals().cost()).isEqualTo(there.arrivals().cost());
        assertThat(back.arrivals().steps())
                .extracting(d -> d.arrival().species())
                .isEqualTo(there.arrivals().steps().stream()
                        .map(d -> d.arrival().species())
                        .toList());
    }
}
