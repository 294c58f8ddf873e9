package pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.assessment.Assessor;
import pelluna.core.plan.ElsewhereFile;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanException;
import pelluna.core.plan.PlanFile;
import pelluna.core.plan.PlanReader;
import pelluna.core.plan.UnclearNameException;
import pelluna.core.search.Singles;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;

/** What other keepers saw multiplies the tension of that pair, the way round in which they saw it, and says so. */
class OthersInTensionTest {
    private static final String BOSS = "Pseudochromis springeri";
    private static final String OTHER = "Gramma loreto";
    private final PlanFile file = PlanTree.file(
            Plans.sixFeet().resident(BOSS, 1, 5).resident(OTHER, 1, 5).tree());

    private static Plan read(PlanFile file) {
        return new PlanReader(Plans.CATALOGUE).read(file, Plans.START);
    }

    private static Tension of(PlanFile file, String from, String to) {
        return new Assessor()
                .assess(read(file)).tension().stream()
                        .filter(t -> t.aggressor().id().equals(from)
                                && t.target().id().equals(to))
                        .findFirst()
                        .orElseThrow();
    }

    private PlanFile saw(int keepers, int hard, double times) {
        return file.known(List.of(new ElsewhereFile(BOSS, "royal gramma", keepers, hard, 4.6, times, 0.42)));
    }

    @Test
    void itMultipliesThatPairThatWayRound() {
        Tension before = of(file, "r0", "r1");
        Tension after = of(saw(11, 7, 1.25), "r0", "r1");
        assertThat(after.index()).isCloseTo(before.index() * 1.25, within(1e-9));
        assertThat(after.byModel()).isCloseTo(before.index(), within(1e-9));
        assertThat(of(saw(11, 7, 1.25), "r1", "r0").index())
                .isEqualTo(of(file, "r1", "r0").index());
        assertThat(before.byModel()).isEqualTo(before.index());
    }

    @Test
    void itCountsForAFishThatIsOnlyThoughtOf() {
        double before = pressedByAThought(file);
        assertThat(before).isPositive();
        assertThat(pressedByAThought(saw(11, 7, 1.25))).isCloseTo(before * 1.25, within(1e-9));
    }

    /** What one of the first kind, which is not in the plan, would do to the one of the other kind that is. */
    private static double pressedByAThought(PlanFile file) {
        Plan plan = read(file.living(file.residents().subList(1, 2)));
        Party target = plan.residents().get(0);
        Party thought = Singles.one(plan, Plans.CATALOGUE.find(BOSS).orElseThrow(), "thought");
        Quarters both = Quarters.of(plan.tank(), plan.residents()).joinedBy(thought);
        return Tension.index(both.meet(thought, 5, target, 5, Encounter.Order.TARGET_FIRST, false));
    }

    @Test
    void itIsSaidWithItsWeight() {
        assertThat(of(saw(11, 7, 1.25), "r0", "r1").reasons())
                .anyMatch(r -> r.force() == Force.OTHER_KEEPERS
                        && r.effect() == 1.25
                        && r.why().equals(new TensionReason.OthersSaw(11, 7, 5, 42)));
        assertThat(of(file, "r0", "r1").reasons()).noneMatch(r -> r.force() == Force.OTHER_KEEPERS);
    }

    @Test
    void figuresAndNamesThatCannotBeAreRefused() {
        assertThatThrownBy(() -> read(saw(5, 6, 1)))
                .isInstanceOf(PlanException.class)
                .hasMessageContaining("elsewhere[0].hard");
        assertThatThrownBy(() -> read(file.known(List.of(new ElsewhereFile("no fish", OTHER, 5, 1, 1, 1, 0.4)))))
                .isInstanceOf(UnclearNameException.class);
    }

    @Test
    void itStaysWithAFishWhateverElseChangesOfIt() {
        Plan plan = read(saw(11, 7, 1.25));
        assertThat(plan.everybody())
                .allSatisfy(p -> assertThat(List.of(
                                p.counting(2), p.sized(6), p.bought(Plans.START), p.undated(), p.instead(p.species())))
                        .allSatisfy(q -> assertThat(q.elsewhere()).isEqualTo(p.elsewhere())));
        assertThat(plan.residents().get(0).elsewhere().of(BOSS, OTHER)).isPresent();
        assertThat(plan.residents().get(0).elsewhere().of(OTHER, BOSS)).isEmpty();
    }
}
