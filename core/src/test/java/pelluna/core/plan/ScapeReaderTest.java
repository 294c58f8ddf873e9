package pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.scape.Hide;
import pelluna.core.scape.Scape;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;

class ScapeReaderTest {
    private static final Map<String, Object> HEAP = Map.of("leftCm", 10, "widthCm", 40, "heightsCm", List.of(20, 30));

    private static Plans drawn(Object rocks, Object hides) {
        return Plans.sixFeet()
                .without("hides")
                .with("scape", Map.of("rocks", rocks, "hides", hides, "run", Map.of("fromCm", 5, "heightCm", 44)));
    }

    @Test
    void aDrawnReefIsReadAndItsHidesAreTheTanks() {
        Plan plan = drawn(List.of(HEAP), List.of(Map.of("xCm", 20, "heightCm", 8), Map.of("xCm", 150, "heightCm", 7)))
                .plan();
        Scape scape = plan.tank().scape();
        assertThat(scape.rocks())
                .singleElement()
                .satisfies(r -> assertThat(r.heightsCm()).containsExactly(20.0, 30.0));
        assertThat(scape.hides()).containsExactly(new Hide(20, 8), new Hide(150, 7));
        assertThat(plan.tank().hides()).isEqualTo(2);
        assertThat(scape.run().heightCm()).isEqualTo(44);
    }

    @Test
    void withoutOneTheUsualReefHasAsManyHidesAsTheTank() {
        assertThat(Plans.sixFeet().with("rockKg", 50).plan().tank().scape().hides())
                .hasSize(9);
    }

    @Test
    void whatStandsOutsideTheGlassIsRefusedByItsField() {
        assertThatThrownBy(() -> drawn(
                                List.of(Map.of("leftCm", 160, "widthCm", 40, "heightsCm", List.of(20))), List.of())
                        .plan())
                .isInstanceOfSatisfying(
                        PlanException.class, e -> assertThat(e.field()).isEqualTo("tank.scape.rocks[0].widthCm"));
        assertThatThrownBy(() -> drawn(List.of(HEAP), List.of(Map.of("xCm", 500, "heightCm", 7)))
                        .plan())
                .isInstanceOfSatisfying(
                        PlanException.class, e -> assertThat(e.field()).isEqualTo("tank.scape.hides[0].xCm"));
        assertThatThrownBy(() -> drawn(
                                List.of(Map.of("leftCm", 10, "widthCm", 40, "heightsCm", List.of(90))), List.of())
                        .plan())
                .isInstanceOfSatisfying(
                        PlanException.class,
                        e -> assertThat(e.expected()).isInstanceOf(PlanNeeds.WithinTheGlass.class));
    }

    @Test
    void twoNumbersOfHidesCannotBothBeTrue() {
        assertThatThrownBy(() -> drawn(List.of(HEAP), List.of(Map.of("xCm", 20, "heightCm", 8)))
                        .with("hides", 3)
                        .plan())
                .isInstanceOfSatisfying(
                        PlanException.class, e -> assertThat(e.found()).isEqualTo(new PlanFound.HidesDrawn(1)));
    }

    @Test
    void whatTheKeeperDecidedByHandIsRead() {
        Map<String, Object> file = Plans.sixFeet().tree();
        file.put(
                "wishes",
                List.of(
                        Map.of("species", "Gramma loreto", "place", 2, "box", true),
                        Map.of("species", "Ecsenius midas")));
        Plan plan = new PlanReader(Plans.CATALOGUE).read(PlanTree.file(file), Plans.START);
        assertThat(plan.wishes().get(0).hand()).isEqualTo(new Hand(2, true));
        assertThat(plan.wishes().get(1).hand()).isEqualTo(Hand.FREE);
    }

    @Test
    void aLengthMeasuredInTheFutureOrBeyondTheRecordIsRefused() {
        Map<String, Object> file = Plans.sixFeet().tree();
        file.put(
                "residents",
                List.of(Map.of(
                        "species",
                        "Gramma loreto",
                        "lengths",
                        List.of(Map.of("on", Plans.START.plusDays(3).toString(), "cm", 5)))));
        assertThatThrownBy(() -> new PlanReader(Plans.CATALOGUE).read(PlanTree.file(file), Plans.START))
                .isInstanceOfSatisfying(
                        PlanException.class, e -> assertThat(e.field()).isEqualTo("residents[0].lengths[0].on"));
        file.put(
                "residents",
                List.of(Map.of(
                        "species",
                        "Gramma loreto",
                        "lengths",
                        List.of(Map.of("on", Plans.START.toString(), "cm", 50)))));
        assertThatThrownBy(() -> new PlanReader(Plans.CATALOGUE).read(PlanTree.file(file), Plans.START))
                .isInstanceOfSatisfying(
                        PlanException.class, e -> assertThat(e.expected()).isInstanceOf(PlanNeeds.NotOverRecord.class));
    }

    @Test
    void aLengthMeasuredSinceThePlanBeganIsTakenAndGrownFrom() {
        Map<String, Object> file = Plans.sixFeet().tree();
        file.put(
                "residents",
                List.of(Map.of(
                        "species",
                        "Zebrasoma flavescens",
                        "lengthCm",
                        8,
                        "lengths",
                        List.of(Map.of("on", Plans.START.plusDays(60).toString(), "cm", 11)))));
        Party tang = new PlanReader(Plans.CATALOGUE)
                .read(PlanTree.file(file), Plans.START.plusDays(70))
                .residents()
                .get(0);
        assertThat(tang.lengthOn(Plans.START.plusDays(60))).isEqualTo(11);
        assertThat(tang.lengthOn(Plans.START.plusDays(400))).isGreaterThan(11.5);
    }
}
