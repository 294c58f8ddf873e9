package pelluna.app.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

/**
 * An assessment is kept as long as nothing that counts has changed, and what was learned survives a what if and a
 * journey as a plan file.
 */
class AssessmentsTest {
    private LogTank tank;
    private TankPlans plans;

    @BeforeEach
    void aTank() {
        tank = new LogTank("Kept");
        plans = Pelluna.bean(TankPlans.class);
    }

    private OpenTank open() {
        return plans.open(Pelluna.owned(tank.id));
    }

    @Test
    void thePlanIsAssessedOnceAndAgainWhenItChanges() {
        OpenTank first = open();
        assertThat(open().assessment()).isSameAs(first.assessment());
        assertThat(open().ahead().changes()).isSameAs(first.ahead().changes());
        tank.post("/wish-list", Map.of("species", "Gramma loreto", "want", "3"));
        assertThat(open().assessment()).isNotSameAs(first.assessment());
        tank.post("/log/water", Map.of("nitrate", "9"));
        assertThat(open().plan().tests()).hasSize(1);
    }

    @Test
    void aSightingOutsideAWatchChangesNoAssessmentAndAWatchDoes() {
        OpenTank before = open();
        tank.act("chased", tank.boss(), tank.wrasse(), Pelluna.now().minusSeconds(60), "o");
        assertThat(open().assessment()).isSameAs(before.assessment());
        tank.watched(Duration.ofHours(4), 30, 6);
        assertThat(open().plan().residents().get(0).own().acts()).isEqualTo(6);
        assertThat(open().assessment()).isNotSameAs(before.assessment());
    }

    @Test
    void unitsChangeTheWordsAndNotWhatIsKeptForTheOther() {
        OpenTank metric = open();
        Pelluna.post("/settings/units", Map.of("units", "US"));
        assertThat(open().say().us()).isTrue();
        Pelluna.post("/settings/units", Map.of("units", "METRIC"));
        assertThat(open().assessment()).isSameAs(metric.assessment());
    }

    @Test
    void aWhatIfKnowsWhatWasLearnedAndKeepingItDoesNotCountItTwice() {
        tank.watched(Duration.ofHours(4), 30, 6);
        String sandbox = tank.post("/what-if", Map.of()).uri().getPath();
        long copy = Long.parseLong(sandbox.replaceAll(".*/tanks/(\\d+)/.*", "$1"));
        assertThat(copy).isNotEqualTo(tank.id);
        assertThat(plans.open(Pelluna.owned(copy))
                        .plan()
                        .residents()
                        .get(0)
                        .own()
                        .acts())
                .isEqualTo(6);
        assertThat(Pelluna.get("/tanks/" + copy + "/reefscape").body())
                .as("the log is the tank's own")
                .contains("href=\"" + tank.at("/log") + "\"");
        Pelluna.post("/tanks/" + copy + "/wish-list", Map.of("species", "Gramma loreto", "want", "3"));
        Pelluna.post("/tanks/" + copy + "/what-if/keep", Map.of());
        assertThat(open().plan().wishes()).hasSize(1);
        assertThat(open().plan().residents().get(0).own().acts()).isEqualTo(6);
        assertThat(tank.fish()).as("the same fish").hasSize(4);
    }

    @Test
    void aPlanFileCarriesTheRecordAndTheNewTanksLogAddsToIt() {
        tank.watched(Duration.ofHours(4), 30, 6);
        String file = Pelluna.get(tank.at("/plan.json")).body();
        String there = Pelluna.post(tank.at("/import-export"), Map.of("text", file))
                .uri()
                .getPath();
        long other = Long.parseLong(there.replaceAll(".*/tanks/(\\d+)/.*", "$1"));
        assertThat(plans.open(Pelluna.owned(other)).plan().residents().get(0).own())
                .isEqualTo(open().plan().residents().get(0).own());
        assertThat(Pelluna.get("/tanks/" + other + "/plan.json").body()).contains("\"record\"");
    }
}
