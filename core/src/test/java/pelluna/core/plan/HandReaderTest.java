package pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;

/** What a keeper has decided by hand, logged tests and the fallow time, as a plan file has them. */
class HandReaderTest {
    private static final LocalDate START = Plans.START;

    private static Plan read(Map<String, Object> wish) {
        Map<String, Object> file = Plans.sixFeet().tree();
        file.put("wishes", List.of(wish));
        return new PlanReader(Plans.CATALOGUE).read(PlanTree.file(file), START);
    }

    @Test
    void dayGroupPriceAndLeavingAreRead() {
        Hand hand = read(Map.of(
                        "species",
                        "Gramma loreto",
                        "on",
                        START.plusDays(40).toString(),
                        "together",
                        2,
                        "price",
                        45.5,
                        "leavesOn",
                        START.plusDays(400).toString(),
                        "leavesWhy",
                        "a larger tank"))
                .wishes()
                .get(0)
                .hand();
        assertThat(hand.on()).contains(START.plusDays(40));
        assertThat(hand.together()).isEqualTo(2);
        assertThat(hand.price()).hasValue(45.5);
        assertThat(hand.leaves()).contains(new Hand.Leaving(START.plusDays(400), "a larger tank"));
        assertThat(read(Map.of("species", "Gramma loreto", "alone", true))
                        .wishes()
                        .get(0)
                        .hand()
                        .together())
                .isEqualTo(Hand.ALONE);
    }

    @Test
    void aDayThatHasPassedIsDueAtTheStart() {
        Hand hand = read(Map.of(
                        "species", "Gramma loreto", "on", START.minusDays(5).toString()))
                .wishes()
                .get(0)
                .hand();
        assertThat(hand.on()).contains(START);
    }

    @Test
    void whoLeavesBeforeItComesIsRefused() {
        assertThatThrownBy(() -> read(Map.of(
                        "species",
                        "Gramma loreto",
                        "on",
                        START.plusDays(50).toString(),
                        "leavesOn",
                        START.plusDays(20).toString())))
                .isInstanceOfSatisfying(
                        PlanException.class, e -> assertThat(e.field()).isEqualTo("wishes[0].leavesOn"));
    }

    @Test
    void aFishToBeTradedInIsJudgedAtTheLengthItHasByThen() {
        Party stays = read(Map.of("species", "Paracanthurus hepatus", "lengthCm", 6))
                .wishes()
                .get(0);
        Party goes = read(Map.of(
                        "species",
                        "Paracanthurus hepatus",
                        "lengthCm",
                        6,
                        "leavesOn",
                        START.plusDays(300).toString()))
                .wishes()
                .get(0);
        assertThat(goes.adultCm()).isEqualTo(goes.lengthOn(START.plusDays(300))).isLessThan(stays.adultCm());
    }

    @Test
    void testsAreSortedAndTheNewestNitrateCounts() {
        Map<String, Object> file = Plans.sixFeet().with("nitrate", 4).tree();
        file.put(
                "tests",
                List.of(
                        Map.of("on", START.toString(), "nitrate", 9, "pH", 8.1),
                        Map.of("on", START.minusDays(30).toString(), "nitrate", 6)));
        Plan plan = new PlanReader(Plans.CATALOGUE).read(PlanTree.file(file), START);
        assertThat(plan.tests()).extracting(WaterTest::on).containsExactly(START.minusDays(30), START);
        assertThat(plan.tank().nitrate()).hasValue(9);
        file.put("tests", List.of(Map.of("on", START.plusDays(1).toString(), "nitrate", 9)));
        assertThatThrownBy(() -> new PlanReader(Plans.CATALOGUE).read(PlanTree.file(file), START))
                .isInstanceOfSatisfying(
                        PlanException.class, e -> assertThat(e.field()).isEqualTo("tests[0].on"));
    }

    @Test
    void aFallowTimeEndsAfterItBegins() {
        Map<String, Object> file = Plans.sixFeet()
                .with("fallow", Map.of("from", START.minusDays(76).toString(), "until", START.toString()))
                .tree();
        Plan plan = new PlanReader(Plans.CATALOGUE).read(PlanTree.file(file), START);
        assertThat(plan.fallow().orElseThrow().days()).isEqualTo(76);
        assertThat(plan.tank().cycledOn()).isEqualTo(START);
        Map<String, Object> wrong = Plans.sixFeet()
                .with("fallow", Map.of("from", START.toString(), "until", START.toString()))
                .tree();
        assertThatThrownBy(() -> new PlanReader(Plans.CATALOGUE).read(PlanTree.file(wrong), START))
                .isInstanceOfSatisfying(
                        PlanException.class, e -> assertThat(e.field()).isEqualTo("tank.fallow.from"));
    }
}
