package pelluna.app.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import pelluna.app.testing.Pelluna;
import pelluna.app.writes.NotYetKnown;
import pelluna.app.writes.WholeWrites;
import pelluna.core.assessment.Assessment;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Party;

/** What takes long is never found while a transaction holds its locks: the write begins anew once it is known. */
class NeverWithinAWriteTest {
    private static long tankThatNobodyHasAskedAbout(String name) {
        long tank = Pelluna.tank(name);
        WholeWrites writes = Pelluna.bean(WholeWrites.class);
        writes.write(() -> {
            Pelluna.bean(TankPlans.class).addWish(Pelluna.owned(tank), FishFile.of("Gramma loreto", 1));
        });
        return tank;
    }

    @Test
    void withinATransactionWhatIsNotKnownIsRefusedAndWhatIsKnownIsThere() {
        long tank = tankThatNobodyHasAskedAbout("Refused within");
        TankPlans plans = Pelluna.bean(TankPlans.class);
        TransactionTemplate write = new TransactionTemplate(Pelluna.bean(PlatformTransactionManager.class));
        assertThatThrownBy(
                        () -> write.execute(s -> plans.open(Pelluna.owned(tank)).assessment()))
                .isInstanceOf(NotYetKnown.class);
        List<Party> wishes =
                write.execute(s -> plans.open(Pelluna.owned(tank)).plan().wishes());
        assertThat(wishes).as("the plan itself is at hand").hasSize(1);
        OpenTank asked = plans.open(Pelluna.owned(tank));
        Assessment known = write.execute(s -> plans.open(Pelluna.owned(tank)).assessment());
        assertThat(known).isSameAs(asked.assessment());
    }

    @Test
    void aWriteThatAsksBeforeAndAfterItsChangeIsMadeOnceThoughItBeginsThreeTimes() {
        long tank = tankThatNobodyHasAskedAbout("Begins anew");
        TankPlans plans = Pelluna.bean(TankPlans.class);
        List<Integer> turns = new ArrayList<>();
        int sifted = Pelluna.bean(WholeWrites.class).write(() -> {
            turns.add(plans.open(Pelluna.owned(tank)).assessment().sieve().size());
            Pelluna.bean(PlanSteps.class)
                    .change(Pelluna.owned(tank), new PlanChange.TakenOff(), plan -> plan.wishing(List.of()));
            return plans.open(Pelluna.owned(tank)).assessment().sieve().size();
        });
        assertThat(sifted).isZero();
        assertThat(turns)
                .as("once known, it is the same every time")
                .isNotEmpty()
                .containsOnly(1);
        assertThat(plans.open(Pelluna.owned(tank)).wishes()).isEmpty();
        assertThat(Pelluna.bean(PlanSteps.class).undo(Pelluna.owned(tank)))
                .as("one step, not one a turn")
                .isTrue();
        assertThat(Pelluna.bean(PlanSteps.class).undo(Pelluna.owned(tank))).isFalse();
    }
}
