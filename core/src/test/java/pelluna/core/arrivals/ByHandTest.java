package pelluna.core.arrivals;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;

import pelluna.core.introduction.Method;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;

class ByHandTest {
    private static final Plan PLAN = Plans.sixFeet().wish("Gramma loreto").wish("Centropyge bispinosa").wish("Zebrasoma flavescens").wish("Ecsenius midas").plan();

    private static List<String> ids(Schedule s) {
        return s.steps().stream().map(d -> d.arrival().parties().get(0).id()).toList();
    }

    @Test
    void withoutAHandThePlannedOrderIsTheBest() {
        Scheduler scheduler = new Scheduler(PLAN, PLAN.wishes());
        assertThat(ids(scheduler.planned())).isEqualTo(ids(scheduler.best()));
    }

    @Test
    void aPlaceByHandIsKeptAndTheOthersStayInTheirOrder() {
        List<String> best = ids(new Scheduler(PLAN, PLAN.wishes()).best());
        String last = best.get(3);
        Plan moved = PLAN.with(PLAN.party(last).orElseThrow().by(PLAN.party(last).orElseThrow().hand().at(1)));
        Schedule planned = new Scheduler(moved, moved.wishes()).planned();
        assertThat(ids(planned)).containsExactly(last, best.get(0), best.get(1), best.get(2));
        assertThat(planned.exact()).isFalse();
        assertThat(planned.cost()).isGreaterThanOrEqualTo(new Scheduler(moved, moved.wishes()).best().cost());
    }

    @Test
    void theBoxByHandTakesItsDays() {
        Plan boxed = PLAN.with(PLAN.wishes().get(3).by(PLAN.wishes().get(3).hand().boxed(true)));
        Dated step = new Scheduler(boxed, boxed.wishes()).planned().steps().stream().filter(d -> d.arrival().byBox()).findFirst().orElseThrow();
        assertThat(step.method()).isIn(Method.BOX_DAYS, Method.TIME_OUT);
        assertThat(step.boxed()).isTrue();
    }
}
