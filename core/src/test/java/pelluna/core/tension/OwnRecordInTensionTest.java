package pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.assessment.Assessor;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.outlook.ExpectedActs;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;

/** What a fish was seen to do stands in the place of 1 for it as aggressor, and nowhere else. */
class OwnRecordInTensionTest {
    private final Plan plan = Plans.sixFeet()
            .resident("Pseudochromis springeri", 1, 5)
            .resident("Halichoeres chrysus", 1, 7)
            .wish("Gramma loreto")
            .plan();
    private final Assessor assessor = new Assessor();

    private double index(Plan p, String from, String to) {
        return assessor.assess(p).tension().stream()
                .filter(t -> t.aggressor().id().equals(from) && t.target().id().equals(to))
                .findFirst()
                .orElseThrow()
                .index();
    }

    private Plan with(OwnRecord record) {
        Party boss = plan.residents().get(0);
        return plan.with(boss.seen(record));
    }

    @Test
    void itMultipliesTheIndexOfThisFishAsAggressorOnly() {
        OwnRecord harder = new OwnRecord(4, 6, 2);
        Plan seen = with(harder);
        assertThat(index(seen, "r0", "r1")).isEqualTo(index(plan, "r0", "r1") * harder.multiplier(), within(1e-9));
        assertThat(index(seen, "r1", "r0")).isEqualTo(index(plan, "r1", "r0"));
    }

    @Test
    void itReachesTheWishAndSoTheWayItIsBroughtIn() {
        double before = index(plan, "r0", "w0");
        double after = index(with(new OwnRecord(30, 6, 1)), "r0", "w0");
        assertThat(after).isGreaterThan(before).isLessThanOrEqualTo(100);
        var calm = assessor.assess(with(new OwnRecord(0, 60, 12)))
                .arrivals()
                .steps()
                .get(0);
        var wild = assessor.assess(with(new OwnRecord(60, 6, 1)));
        boolean harder = wild.arrivals().steps().isEmpty()
                || wild.arrivals().steps().get(0).method().compareTo(calm.method()) > 0;
        assertThat(harder).as("through a box for longer, or not at all").isTrue();
    }

    @Test
    void itIsSaidWhereItIsUsed() {
        Tension t = assessor.assess(with(new OwnRecord(14, 6, 3))).tension().stream()
                .filter(x -> x.aggressor().id().equals("r0"))
                .findFirst()
                .orElseThrow();
        assertThat(t.reasons())
                .anyMatch(r -> r.force() == Force.OWN_RECORD
                        && r.why().equals(new TensionReason.SeenHere(new OwnRecord(14, 6, 3).seen())));
    }

    @Test
    void whatIsExpectedGrowsWithHoursAndDoesNotHangOnWhatWasSeen() {
        Map<String, Double> six = new ExpectedActs(plan).in((a, b) -> 6);
        Map<String, Double> twelve = new ExpectedActs(plan).in((a, b) -> 12);
        assertThat(six.get("r0")).isGreaterThan(0);
        assertThat(twelve.get("r0")).isEqualTo(2 * six.get("r0"), within(1e-9));
        assertThat(new ExpectedActs(with(new OwnRecord(50, 6, 1))).in((a, b) -> 6))
                .isEqualTo(six);
        assertThat(new ExpectedActs(plan).in((a, b) -> 0).get("r0")).isZero();
    }

    @Test
    void rateGoesFromNothingToItsMostAndNeverDown() {
        double last = -1;
        for (int index = 0; index <= 100; index++) {
            assertThat(OwnRecord.rate(index)).isGreaterThan(last);
            last = OwnRecord.rate(index);
        }
        assertThat(OwnRecord.rate(0)).isZero();
    }
}
