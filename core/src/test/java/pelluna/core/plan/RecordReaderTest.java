package pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;

/** What the log knows travels in the plan file. */
class RecordReaderTest {
    private static Plan read(Map<String, Object> tree) {
        return new PlanReader(Plans.CATALOGUE).read(PlanTree.file(tree), Plans.START);
    }

    private static Map<String, Object> withRecord() {
        Map<String, Object> tree =
                Plans.sixFeet().resident("Gramma loreto", 1, 6).tree();
        Map<String, Object> resident = new HashMap<>(
                Map.of("species", "Gramma loreto", "record", Map.of("acts", 14, "hours", 6.0, "expected", 3.0)));
        tree.put("residents", List.of(resident));
        return tree;
    }

    @Test
    void aResidentsRecordIsRead() {
        OwnRecord own = read(withRecord()).residents().get(0).own();
        assertThat(own).isEqualTo(new OwnRecord(14, 6, 3));
        assertThat(own.multiplier()).isEqualTo(3.2, within(1e-12));
    }

    @Test
    void withoutOneAFishIsAsItsKind() {
        Plan plan = Plans.sixFeet()
                .resident("Gramma loreto", 1, 6)
                .wish("Zebrasoma flavescens")
                .plan();
        assertThat(plan.everybody()).allSatisfy(p -> assertThat(p.own()).isEqualTo(OwnRecord.NONE));
    }

    @Test
    void itStaysWithTheFishWhateverElseChangesOfIt() {
        Party p = read(withRecord()).residents().get(0);
        assertThat(List.of(
                        p.counting(2),
                        p.sized(7),
                        p.bought(Plans.START),
                        p.by(Hand.FREE),
                        p.measuredOn(Plans.START, 6.5, p.growth())))
                .allSatisfy(q -> assertThat(q.own()).isEqualTo(p.own()));
        assertThat(p.instead(Plans.species("Chromis viridis")).own())
                .as("another fish has none")
                .isEqualTo(OwnRecord.NONE);
    }

    @Test
    void theNewestPhosphateTestStandsOverTheTanksFigure() {
        Map<String, Object> tree = withRecord();
        List<Object> tests = new ArrayList<>(List.of(
                Map.of("on", Plans.START.minusDays(3).toString(), "phosphate", 0.09),
                Map.of("on", Plans.START.minusDays(9).toString(), "phosphate", 0.2)));
        tree.put("tests", tests);
        assertThat(read(tree).tank().phosphate()).hasValue(0.09);
    }
}
