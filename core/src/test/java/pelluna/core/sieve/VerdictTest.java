package pelluna.core.sieve;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Source;
import pelluna.core.testing.Plans;
import pelluna.core.units.Length;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;
import pelluna.core.units.Volume;

class VerdictTest {
    private static final Condition SAND = new Condition.SandOf(new Length(5));
    private static final Condition LATER = new Condition.ComesFrom(Plans.START);

    private static Condition tank(double litres) {
        return new Condition.TankOf(new Volume(litres));
    }

    private static Finding finding(RuleName rule, Step step, Remedy remedy) {
        return Finding.of(
                rule,
                step,
                Figure.of(2),
                Figure.of(1),
                Unit.LITRES,
                new Reason.GrazesAllDay(),
                remedy,
                Source.COMMON_PRACTICE);
    }

    private static Verdict verdict(Finding... findings) {
        return Verdict.of(Plans.party("royal gramma", 5), List.of(findings));
    }

    @Test
    void ripplesDoNotStopAFish() {
        assertThat(verdict(finding(RuleName.COVER, Step.RIPPLE, Remedy.change("cover", new Condition.Covered())))
                        .outcome())
                .isEqualTo(Verdict.Outcome.FITS);
    }

    @Test
    void aChopInReachIsACondition() {
        Verdict v = verdict(
                finding(RuleName.SAND, Step.CHOP, Remedy.change("sand", SAND)),
                finding(RuleName.TANK_AGE, Step.SURGE, Remedy.wait("age", LATER)));
        assertThat(v.outcome()).isEqualTo(Verdict.Outcome.FITS_IF);
        assertThat(v.fitsIf()).containsExactly(SAND, LATER);
    }

    @Test
    void oneRemedyForTwoReasonsIsAskedForOnceAndTheLargerWins() {
        Verdict v = verdict(
                finding(RuleName.LEAST_VOLUME, Step.SURGE, Remedy.otherTank("volume", 850, tank(850))),
                finding(RuleName.CAPACITY, Step.CHOP, Remedy.otherTank("volume", 540, tank(540))));
        assertThat(v.fitsIf()).containsExactly(tank(850));
        assertThat(v.outcome()).isEqualTo(Verdict.Outcome.NOT_IN_THIS_TANK);
    }

    @Test
    void aFishStopsOnTheFirstMeshThatHoldsIt() {
        Verdict v = verdict(
                finding(RuleName.CAPACITY, Step.SURGE, Remedy.otherTank("volume", 1, tank(1))),
                finding(RuleName.SAND, Step.CHOP, Remedy.change("sand", SAND)),
                finding(RuleName.LEAST_RUN, Step.CHOP, Remedy.otherTank("run", 1, tank(1))));
        assertThat(v.stop().orElseThrow().rule()).isEqualTo(RuleName.LEAST_RUN);
    }

    @Test
    void moreFindingsCanOnlyMakeItHarder() {
        Verdict alone = verdict(finding(RuleName.SAND, Step.CHOP, Remedy.change("sand", SAND)));
        Verdict more = alone.and(
                List.of(finding(RuleName.COMPANY, Step.SURGE, Remedy.none("x", new Condition.LeftInTheSea()))));
        assertThat(more.outcome()).isGreaterThan(alone.outcome());
        assertThat(more.findings()).containsAll(alone.findings());
    }

    @Test
    void rulesStandOnTheirMeshesInTheOrderOfTheSieve() {
        assertThat(List.of(RuleName.values())).extracting(RuleName::mesh).isSorted();
    }
}
