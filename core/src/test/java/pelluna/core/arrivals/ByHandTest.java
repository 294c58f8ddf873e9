package pelluna.core.arrivals;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Species;
import pelluna.core.introduction.Method;
import pelluna.core.plan.Plan;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;

class ByHandTest {
    private static final Plan PLAN = Plans.sixFeet()
            .wish("Gramma loreto")
            .wish("Centropyge bispinosa")
            .wish("Zebrasoma flavescens")
            .wish("Ecsenius midas")
            .plan();

    private static List<String> ids(Schedule s) {
        return s.steps().stream().map(d -> d.arrival().parties().get(0).id()).toList();
    }

    @Test
    void withoutAHandThePlannedOrderIsTheBest() {
        Scheduler scheduler = new Scheduler(PLAN, PLAN.wishes());
        assertThat(ids(scheduler.planned())).isEqualTo(ids(scheduler.best()));
    }

    @Test
    void aPlaceByHandIsKeptAndTheRestIsSolvedAroundIt() {
        List<String> best = ids(new Scheduler(PLAN, PLAN.wishes()).best());
        String last = best.get(3);
        Plan moved = PLAN.with(PLAN.party(last)
                .orElseThrow()
                .by(PLAN.party(last).orElseThrow().hand().at(1)));
        Schedule planned = new Scheduler(moved, moved.wishes()).planned();
        assertThat(ids(planned)).containsExactly(last, best.get(0), best.get(1), best.get(2));
        assertThat(planned.exact()).isTrue();
        assertThat(planned.steps().get(0).why()).contains(new Why.PlaceByHand());
        assertThat(planned.cost())
                .isGreaterThanOrEqualTo(
                        new Scheduler(moved, moved.wishes()).best().cost());
    }

    @Test
    void theBoxByHandTakesItsDays() {
        Plan boxed =
                PLAN.with(PLAN.wishes().get(3).by(PLAN.wishes().get(3).hand().boxed(true)));
        Dated step = new Scheduler(boxed, boxed.wishes())
                .planned().steps().stream()
                        .filter(d -> d.arrival().byBox())
                        .findFirst()
                        .orElseThrow();
        assertThat(step.method()).isIn(Method.BOX_DAYS, Method.TIME_OUT);
        assertThat(step.boxed()).isTrue();
    }

    private static Plan hand(Plan plan, int wish, java.util.function.UnaryOperator<pelluna.core.plan.Hand> by) {
        return plan.with(
                plan.wishes().get(wish).by(by.apply(plan.wishes().get(wish).hand())));
    }

    @Test
    void whatTheShopHasOnSaturdayComesOnSaturday() {
        LocalDate saturday = Plans.START.plusDays(61);
        Plan pinned = hand(PLAN, 0, h -> h.on(saturday));
        Schedule planned = new Scheduler(pinned, pinned.wishes()).planned();
        Dated step = planned.steps().stream()
                .filter(d -> d.arrival().on().isPresent())
                .findFirst()
                .orElseThrow();
        assertThat(step.releaseOn()).isEqualTo(saturday);
        assertThat(step.why()).contains(new Why.DayByHand(saturday));
        for (int i = 1; i < planned.steps().size(); i++) {
            assertThat(planned.steps().get(i).releaseOn())
                    .isAfterOrEqualTo(planned.steps().get(i - 1).releaseOn().plusDays(14));
        }
        Plan tooSoon = hand(PLAN, 0, h -> h.on(Plans.START.plusDays(3)));
        Dated late = new Scheduler(tooSoon, tooSoon.wishes()).planned().steps().get(0);
        assertThat(late.arrival().on()).isPresent();
        assertThat(late.why()).hasAtLeastOneElementOfType(Why.NoDayBefore.class);
    }

    @Test
    void twoArrivalsAreJoinedAndAGenusIsSplitByHand() {
        Plan joined = hand(hand(PLAN, 0, h -> h.grouped(1)), 3, h -> h.grouped(1));
        Schedule together = new Scheduler(joined, joined.wishes()).planned();
        assertThat(together.steps())
                .hasSize(3)
                .anySatisfy(d -> assertThat(d.arrival().parties()).hasSize(2));
        Plan tangs = Plans.sixFeet()
                .with("netLitres", 2000)
                .with("sumpLitres", 1300)
                .wish("Zebrasoma flavescens")
                .wish("Zebrasoma scopas")
                .plan();
        assertThat(new Scheduler(tangs, tangs.wishes()).planned().steps()).hasSize(1);
        Plan split = hand(tangs, 0, h -> h.grouped(pelluna.core.plan.Hand.ALONE));
        assertThat(new Scheduler(split, split.wishes()).planned().steps()).hasSize(2);
    }

    @Test
    void whatJoiningCostsIsToldAgainstPellunasGroups() {
        assertThat(new Scheduler(PLAN, PLAN.wishes()).groupingPrice()).isEmpty();
        Plan apart = Plans.sixFeet()
                .with("netLitres", 2000)
                .with("sumpLitres", 1300)
                .wish("Zebrasoma flavescens")
                .wish("Zebrasoma scopas")
                .plan();
        Plan split = hand(apart, 0, h -> h.grouped(pelluna.core.plan.Hand.ALONE));
        assertThat(new Scheduler(split, split.wishes()).groupingPrice().orElseThrow())
                .isNotZero();
        Plan same = hand(hand(apart, 0, h -> h.grouped(1)), 1, h -> h.grouped(1));
        assertThat(new Scheduler(same, same.wishes()).groupingPrice()).hasValue(0);
        Plan joined = hand(hand(PLAN, 0, h -> h.grouped(1)), 2, h -> h.grouped(1));
        assertThat(new Scheduler(joined, joined.wishes()).groupingPrice()).isPresent();
    }

    @Test
    void whoIsPressedByAFishThatIsToLeaveWaitsForThatDay() {
        LocalDate leaves = Plans.START.plusDays(120);
        Plan bully = Plans.sixFeet()
                .with("netLitres", 180)
                .with("lengthCm", 90)
                .with("widthCm", 45)
                .with("waterHeightCm", 45)
                .with("hides", 5)
                .resident("Pictichromis paccagnellae", 1, 7)
                .wish("Gramma loreto")
                .wish("Ecsenius midas")
                .plan();
        Plan going = bully.with(
                bully.residents().get(0).by(bully.residents().get(0).hand().leaving(leaves, "it beats the others")));
        Dated gramma = new Scheduler(going, going.wishes())
                .planned().steps().stream()
                        .filter(d -> d.arrival().species().stream()
                                .map(Species::name)
                                .toList()
                                .equals(List.of("royal gramma")))
                        .findFirst()
                        .orElseThrow();
        assertThat(gramma.releaseOn()).isAfterOrEqualTo(leaves);
        assertThat(gramma.why()).hasAtLeastOneElementOfType(Why.WaitsForLeaving.class);
        Dated now = new Scheduler(bully, bully.wishes())
                .planned().steps().stream()
                        .filter(d -> d.arrival().species().stream()
                                .map(Species::name)
                                .toList()
                                .equals(List.of("royal gramma")))
                        .findFirst()
                        .orElseThrow();
        assertThat(now.releaseOn()).isBefore(leaves);
        assertThat(now.method().ordinal()).isGreaterThan(gramma.method().ordinal());
    }

    @Test
    void afterAFallowTimeTheTimidComeFirstAndTheGapsAreLong() {
        Map<String, Object> file = Plans.sixFeet()
                .wish("Zebrasoma flavescens")
                .wish("Nemateleotris magnifica")
                .wish("Centropyge bispinosa")
                .with("quarantine", Map.of("places", 3, "school", "none"))
                .with("fallow", Map.of("from", Plans.START.minusDays(80).toString(), "until", Plans.START.toString()))
                .tree();
        Plan plan = new pelluna.core.plan.PlanReader(Plans.CATALOGUE).read(PlanTree.file(file), Plans.START);
        assertThat(plan.tank().ageDays(Plans.START)).isZero(); // model: age counts from the restock
        List<Dated> steps = new Scheduler(plan, plan.wishes()).planned().steps();
        assertThat(steps.get(0).arrival().species().get(0).name()).contains("firefish");
        assertThat(steps.get(1).releaseOn())
                .isAfterOrEqualTo(steps.get(0).releaseOn().plusDays(21));
    }
}
