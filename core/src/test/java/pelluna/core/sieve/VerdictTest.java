package pelluna.core.sieve;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.testing.Plans;
import pelluna.core.units.Step;

class VerdictTest {
    private static Finding finding(RuleName rule, Step step, Remedy remedy) {
        return Finding.of(rule, step, Figure.of(2), Figure.of(1), "L", "because", remedy, "common practice");
    }

    private static Verdict verdict(Finding... findings) {
        return Verdict.of(Plans.party("royal gramma", 5), List.of(findings));
    }

    @Test
    void ripplesDoNotStopAFish() {
        assertThat(verdict(finding(RuleName.COVER, Step.RIPPLE, Remedy.change("cover", "covered")))
                        .outcome())
                .isEqualTo(Verdict.Outcome.FITS);
    }

    @Test
    void aChopInReachIsACondition() {
        Verdict v = verdict(
                finding(RuleName.SAND, Step.CHOP, Remedy.change("sand", "sand")),
                finding(RuleName.TANK_AGE, Step.SURGE, Remedy.wait("age", "later")));
        assertThat(v.outcome()).isEqualTo(Verdict.Outcome.FITS_IF);
        assertThat(v.fitsIf()).containsExactly("sand", "later");
    }

    @Test
    void oneRemedyForTwoReasonsIsAskedForOnceAndTheLargerWins() {
        Verdict v = verdict(
                finding(RuleName.LEAST_VOLUME, Step.SURGE, Remedy.otherTank("volume", 850, "850 L")),
                finding(RuleName.CAPACITY, Step.CHOP, Remedy.otherTank("volume", 540, "540 L")));
        assertThat(v.fitsIf()).containsExactly("850 L");
        assertThat(v.outcome()).isEqualTo(Verdict.Outcome.NOT_IN_THIS_TANK);
    }

    @Test
    void aFishStopsOnTheFirstMeshThatHoldsIt() {
        Verdict v = verdict(
                finding(RuleName.CAPACITY, Step.SURGE, Remedy.otherTank("volume", 1, "more")),
                finding(RuleName.SAND, Step.CHOP, Remedy.change("sand", "sand")),
                finding(RuleName.LEAST_RUN, Step.CHOP, Remedy.otherTank("run", 1, "longer")));
        assertThat(v.stop().orElseThrow().rule()).isEqualTo(RuleName.LEAST_RUN);
    }

    @Test
    void moreFindingsCanOnlyMakeItHarder() {
        Verdict alone = verdict(finding(RuleName.SAND, Step.CHOP, Remedy.change("sand", "sand")));
        Verdict more = alone.and(List.of(finding(RuleName.COMPANY, Step.SURGE, Remedy.none("x", "never"))));
        assertThat(more.outcome()).isGreaterThan(alone.outcome());
        assertThat(more.findings()).containsAll(alone.findings());
    }

    @Test
    void rulesStandOnTheirMeshesInTheOrderOfTheSieve() {
        assertThat(List.of(RuleName.values())).extracting(RuleName::mesh).isSorted();
    }
}
