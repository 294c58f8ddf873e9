package pelluna.core.sieve;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pelluna.core.capacity.Capacity;
import pelluna.core.capacity.LensKind;
import pelluna.core.capacity.LensReason;
import pelluna.core.catalogue.Stance;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanReader;
import pelluna.core.tank.Unsaid;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;
import pelluna.core.units.Sentences;

/** Unknown is unknown: what is not said is asked for, and no verdict hangs on it in silence. */
class AssumedTest {
    private static final Map<String, Object> FOUR_FIGURES = Map.of("lengthCm", 120, "widthCm", 50, "waterHeightCm", 50);

    private static Plan plan(Map<String, Object> more, String... wishes) {
        Map<String, Object> tank = new HashMap<>(FOUR_FIGURES);
        tank.putAll(more);
        return new PlanReader(Plans.CATALOGUE)
                .read(
                        PlanTree.file(Map.of(
                                "tank",
                                tank,
                                "wishes",
                                List.of(wishes).stream()
                                        .map(w -> Map.of("species", w))
                                        .toList())),
                        Plans.START);
    }

    private static Verdict verdict(Plan plan) {
        return Sieve.sift(plan, plan.wishes().get(0));
    }

    private static List<Unsaid> assumed(Verdict v) {
        return v.findings().stream()
                .filter(f -> f.rule() == RuleName.ASSUMED)
                .flatMap(f -> ((Reason.NotSaid) f.reason()).assumed().stream())
                .map(Assumption::unsaid)
                .toList();
    }

    @Test
    void aNewTankWithFourFiguresIsNotTwelveMonthsOld() {
        Plan plan = plan(Map.of(), "Synchiropus splendidus");
        assertThat(plan.tank().ageKnown()).isFalse();
        assertThat(verdict(plan).findings()).noneMatch(f -> f.rule() == RuleName.TANK_AGE);
        assertThat(assumed(verdict(plan))).contains(Unsaid.AGE);
    }

    @Test
    void onceItIsSaidNothingHangsOnItAnyMore() {
        Plan said = plan(Map.of("cycledOn", Plans.START.minusYears(3).toString()), "Synchiropus splendidus");
        assertThat(Assumed.on(Unsaid.AGE, verdict(said))).isFalse();
        assertThat(Assumed.on(Unsaid.PODS, verdict(said))).isTrue();
    }

    @Test
    void onlyWhatWouldChangeTheVerdictIsNamed() {
        Verdict jumper = verdict(plan(Map.of(), "Nemateleotris magnifica"));
        assertThat(Assumed.on(Unsaid.COVER, jumper)).as("a firefish jumps").isTrue();
        assertThat(Assumed.on(Unsaid.SAND, jumper))
                .as("a firefish needs no sand")
                .isFalse();
        assertThat(Assumed.on(Unsaid.SEAWEED, jumper)).isFalse();
    }

    @Test
    void whatIsAssumedStopsNoWish() {
        assertThat(verdict(plan(Map.of(), "Gramma loreto")).outcome()).isEqualTo(Verdict.Outcome.FITS);
    }

    @Test
    void aReasonThatRestsOnWhatIsNotSaidSaysSo() {
        Verdict unsaid = verdict(plan(Map.of(), "Synchiropus splendidus"));
        assertThat(unsaid.findings())
                .filteredOn(f -> f.rule() == RuleName.SAND)
                .singleElement()
                .satisfies(f -> assertThat(((Sentences) f.reason()).all()).contains(new Reason.Assuming(Unsaid.SAND)));
        Verdict said = verdict(plan(Map.of("sandDepthCm", 0), "Synchiropus splendidus"));
        assertThat(said.findings())
                .filteredOn(f -> f.rule() == RuleName.SAND)
                .singleElement()
                .satisfies(f -> assertThat(f.reason()).isInstanceOf(Reason.LivesInSand.class));
    }

    @ParameterizedTest
    @EnumSource(Unsaid.class)
    void everythingUnsaidHasWordsAndOtherTanksToTryIt(Unsaid u) {
        Plan plan = plan(Map.of(), "Gramma loreto");
        assertThat(plan.tank().unsaid()).contains(u);
        assertThat(u.assumed(plan.tank())).isNotNull();
        assertThat(u.others(plan.tank(), Plans.START))
                .hasSizeGreaterThanOrEqualTo(2)
                .doesNotContain(plan.tank())
                .allSatisfy(
                        t -> assertThat(t.glassLitres()).isEqualTo(plan.tank().glassLitres()))
                .allSatisfy(t -> assertThat(t.unsaid()).doesNotContain(u));
    }

    @Test
    void theLengthRuleSaysThatAnUnknownAgeCountsAsYoung() {
        Plan plan = plan(Map.of(), "Gramma loreto").with(Stance.CAUTIOUS);
        assertThat(Capacity.of(plan, plan.wishes()).lens(LensKind.LENGTH_RULE).why())
                .isInstanceOfSatisfying(
                        LensReason.InchesOfFish.class,
                        r -> assertThat(r.ageKnown()).isFalse());
    }
}
