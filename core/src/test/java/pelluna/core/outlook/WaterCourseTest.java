package pelluna.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.arrivals.Schedule;
import pelluna.core.arrivals.Scheduler;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanReader;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;
import pelluna.core.water.Ammonia;

class WaterCourseTest {
    private static Plans small() {
        return Plans.sixFeet()
                .with("netLitres", 200)
                .with("waterChange", Map.of("percent", 10, "everyDays", 7))
                .resident("Amphiprion ocellaris", 2, 6)
                .wish("Zebrasoma flavescens")
                .wish("Centropyge bispinosa")
                .wish("Salarias fasciatus")
                .wish("Gramma loreto")
                .wish("Chromis viridis", 6, 3);
    }

    private static Plan read(Plans plans, LocalDate today) {
        return new PlanReader(Plans.CATALOGUE).read(PlanTree.file(plans.tree()), today);
    }

    private static Schedule schedule(Plan plan) {
        return new Scheduler(plan, plan.wishes()).planned();
    }

    @Test
    void allInOneDayPeaksHigherThanThePlanAndSoonAfterThatDay() {
        Plan plan = small().plan();
        Schedule schedule = schedule(plan);
        LocalDate first = schedule.steps().get(0).releaseOn();
        LocalDate until =
                schedule.steps().get(schedule.steps().size() - 1).releaseOn().plusDays(30);
        WaterDay planned = WaterCourse.of(plan, schedule, until)
                .worst(plan.startOn(), until)
                .orElseThrow();
        WaterDay atOnce = WaterCourse.allInOneDay(plan, schedule, until)
                .worst(plan.startOn(), until)
                .orElseThrow();
        assertThat(atOnce.ammonia()).isGreaterThan(2 * planned.ammonia());
        assertThat(planned.toxic()).isLessThan(Ammonia.SAFE_TOXIC);
        assertThat(atOnce.toxic()).isGreaterThan(Ammonia.SAFE_TOXIC);
        assertThat(atOnce.on()).isBetween(first, first.plusDays(21)); // common practice: a week or two later
        assertThat(atOnce.load()).isGreaterThan(atOnce.carried());
    }

    @Test
    void theFilterGrowsWithItsFish() {
        Plan plan = small().plan();
        Schedule schedule = schedule(plan);
        LocalDate end = schedule.steps().get(4).releaseOn().plusDays(60);
        List<WaterDay> days = WaterCourse.of(plan, schedule, end).days();
        WaterDay start = days.stream()
                .filter(d -> d.on().equals(plan.startOn()))
                .findFirst()
                .orElseThrow();
        assertThat(days.get(days.size() - 1).carried()).isGreaterThan(1.5 * start.carried());
        assertThat(days.get(days.size() - 1).nitrate()).isGreaterThan(start.nitrate());
    }

    @Test
    void aLoggedTestPutsTheLevelRightFromItsDayOn() {
        LocalDate tested = Plans.START.plusDays(20);
        Plan plan = read(
                small().head(
                                "tests",
                                List.of(Map.of("on", tested.toString(), "nitrate", 12.5, "ammonia", 0.3, "pH", 8.0))),
                tested);
        WaterDay day = WaterCourse.of(plan, schedule(plan), tested.plusDays(10)).days().stream()
                .filter(d -> d.on().equals(tested))
                .findFirst()
                .orElseThrow();
        assertThat(day.nitrate()).isCloseTo(12.5, within(1e-6));
        assertThat(day.ammonia()).isCloseTo(0.3, within(1e-9));
        assertThat(plan.tank().nitrate()).hasValue(12.5);
    }

    @Test
    void afterAFallowTimeTheFilterIsAsleepAndTheSameFirstFishIsMore() {
        Plan awake = small().plan();
        Plan asleep = read(
                Plans.sixFeet()
                        .with("netLitres", 200)
                        .wish("Zebrasoma flavescens")
                        .with(
                                "fallow",
                                Map.of("from", Plans.START.minusDays(80).toString(), "until", Plans.START.toString())),
                Plans.START);
        Plan settled = Plans.sixFeet()
                .with("netLitres", 200)
                .resident("Amphiprion ocellaris", 2, 6)
                .wish("Zebrasoma flavescens")
                .plan();
        LocalDate until = Plans.START.plusDays(300);
        assertThat(WaterCourse.of(asleep, schedule(asleep), until)
                        .worst(Plans.START, until)
                        .orElseThrow()
                        .ammonia())
                .isGreaterThan(WaterCourse.of(settled, schedule(settled), until)
                        .worst(Plans.START, until)
                        .orElseThrow()
                        .ammonia());
        assertThat(awake.fallow()).isEmpty();
    }

    @Test
    void whoLeavesNoLongerLoadsTheFilter() {
        Plan plan = small().plan();
        LocalDate leaves = Plans.START.plusDays(50);
        Plan going = plan.with(
                plan.residents().get(0).by(plan.residents().get(0).hand().leaving(leaves, "rehomed")));
        WaterDay after = day(going, leaves);
        assertThat(after.load()).isLessThan(day(plan, leaves).load());
        assertThat(day(going, leaves.minusDays(1)).load())
                .isCloseTo(day(plan, leaves.minusDays(1)).load(), within(1e-12));
        Outlook outlook = new Outlook(going, schedule(going));
        assertThat(outlook.on(leaves)).noneMatch(p -> p.party().id().equals("r0"));
        assertThat(Changes.of(outlook))
                .anyMatch(c -> c.kind() == Change.Kind.LEAVES
                        && c.on().equals(leaves)
                        && c.event() instanceof Event.Leaves l
                        && l.why().equals("rehomed"));
    }

    private static WaterDay day(Plan plan, LocalDate on) {
        Schedule none = new Schedule(List.of(), 0, 0, true);
        return WaterCourse.of(plan, none, on).days().stream()
                .filter(d -> d.on().equals(on))
                .findFirst()
                .orElseThrow();
    }
}
