package pelluna.core.arrivals;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;

class PlacesTest {
    private static int needed(String... names) {
        return Places.needed(List.of(names).stream().map(n -> Plans.party(n, 8)).toList(), Plans.START);
    }

    @Test
    void rivalsNeedAPlaceEachAndPeacefulFishShareOne() {
        assertThat(needed()).isZero();
        assertThat(needed("Zebrasoma flavescens", "Zebrasoma xanthurum", "Zebrasoma desjardinii"))
                .isEqualTo(3);
        assertThat(needed("Zebrasoma flavescens", "Gobiodon okinawae")).isEqualTo(1);
        assertThat(needed("Zebrasoma flavescens", "Zebrasoma xanthurum", "Gobiodon okinawae"))
                .isEqualTo(2);
    }

    private static Plan together(int places) {
        Plan plan = Plans.sixFeet()
                .with("quarantine", Map.of("places", places))
                .with("netLitres", 1300)
                .with("lengthCm", 240)
                .with("widthCm", 90)
                .wish("Zebrasoma flavescens")
                .wish("Zebrasoma xanthurum")
                .plan();
        Plan grouped = plan;
        for (var w : plan.wishes()) {
            grouped = grouped.with(w.by(w.hand().grouped(1)));
        }
        return grouped;
    }

    private static Dated step(int places) {
        return new Scheduler(together(places), together(places).wishes())
                .planned()
                .steps()
                .get(0);
    }

    @Test
    void aSetThatGoesInAtOnceNeedsAsManyPlacesAsItHasFishThatCannotShareOne() {
        assertThat(step(1).needs()).isEqualTo(2);
        assertThat(step(1).shortOfPlaces()).isTrue();
        assertThat(step(2).shortOfPlaces()).isFalse();
    }

    @Test
    void aSetTakesAllItsPlacesSoThatWhoeverComesNextWaits() {
        int[] days = {30, 30};
        OrderProblem.Quarantining two =
                new OrderProblem.Quarantining(2, days, new int[2], new int[2][2], new int[] {2, 1}, new int[2]);
        OrderProblem p = new OrderProblem(
                new long[2][2],
                new int[2],
                new int[] {1, 1},
                OrderProblem.Pins.none(2),
                two,
                OrderProblem.FilterLimit.none(2));
        Timeline.Slot set = Timeline.start(p).then(p, 0, 0);
        assertThat(set.releaseOn()).isEqualTo(30);
        assertThat(set.after().then(p, 1, 0).quarantineFrom()).isEqualTo(30);
        OrderProblem.Quarantining single =
                new OrderProblem.Quarantining(2, days, new int[2], new int[2][2], new int[] {1, 1}, new int[2]);
        OrderProblem q = new OrderProblem(
                new long[2][2],
                new int[2],
                new int[] {1, 1},
                OrderProblem.Pins.none(2),
                single,
                OrderProblem.FilterLimit.none(2));
        assertThat(Timeline.start(q).then(q, 0, 0).after().then(q, 1, 0).quarantineFrom())
                .isEqualTo(1);
    }

    @Test
    void rivalsThatAreOutHoldTheirPlacesUntilAllGoBack() {
        OrderProblem.Quarantining held = new OrderProblem.Quarantining(
                3, new int[] {30, 30}, new int[] {10, 0}, new int[2][2], new int[] {1, 1}, new int[] {2, 0});
        OrderProblem p = new OrderProblem(
                new long[2][2],
                new int[2],
                new int[] {1, 1},
                OrderProblem.Pins.none(2),
                held,
                OrderProblem.FilterLimit.none(2));
        Timeline.Slot anew = Timeline.start(p).then(p, 0, 10);
        assertThat(anew.releaseOn()).isEqualTo(40);
        assertThat(anew.after().then(p, 1, 0).quarantineFrom()).isEqualTo(40);
    }
}
