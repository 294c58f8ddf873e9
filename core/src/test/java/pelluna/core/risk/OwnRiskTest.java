package pelluna.core.risk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.arrivals.Dated;
import pelluna.core.arrivals.LeftOut;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.introduction.Method;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Press;
import pelluna.core.plan.Plan;
import pelluna.core.plan.Risk;
import pelluna.core.sieve.Reason;
import pelluna.core.sieve.Verdict;
import pelluna.core.testing.Plans;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;

/** Keepers do what charts refuse: a fourth surgeonfish of one genus in a 210-gallon tank. */
class OwnRiskTest {
    private static final Assessor ASSESSOR = new Assessor();

    private static Plan surgeons(int places) {
        return Plans.sixFeet()
                .with("lengthCm", 183)
                .with("widthCm", 61)
                .with("waterHeightCm", 71)
                .with("netLitres", 680)
                .with("quarantine", java.util.Map.of("places", places))
                .resident("Zebrasoma flavescens", 1, 15)
                .resident("Zebrasoma xanthurum", 1, 15)
                .resident("Zebrasoma xanthurum", 1, 14)
                .resident("Acanthurus leucosternon", 1, 15)
                .resident("Ctenochaetus strigosus", 1, 12)
                .wish("Zebrasoma scopas")
                .plan();
    }

    private static Plan taking(Plan plan, Risk how) {
        return plan.with(plan.wishes().get(0).by(plan.wishes().get(0).hand().risking(how)));
    }

    private static OwnRisk of(Plan plan) {
        return OwnRisk.of(plan, ASSESSOR.assess(plan).sieve().get(0));
    }

    @Test
    void aRefusedWishIsTakenAllTheSameAndItsReasonsAreKept() {
        Plan plan = surgeons(2);
        Assessment refused = ASSESSOR.assess(plan);
        assertThat(refused.sieve().get(0).outcome()).isEqualTo(Verdict.Outcome.NOT_IN_THIS_TANK);
        assertThat(refused.arrivals().steps()).isEmpty();
        Assessment taken = ASSESSOR.assess(taking(plan, Risk.BOX));
        assertThat(taken.sieve().get(0).outcome()).isEqualTo(Verdict.Outcome.NOT_IN_THIS_TANK);
        assertThat(OwnRisk.reasons(taken.sieve().get(0)))
                .containsAll(OwnRisk.reasons(refused.sieve().get(0)));
        assertThat(taken.arrivals().steps()).hasSize(1);
        assertThat(taken.bestSet().take()).hasSize(1);
    }

    @Test
    void aReasonThatNamesTwoOfAKindIsSaidOnce() {
        List<Statement> reasons =
                OwnRisk.reasons(ASSESSOR.assess(surgeons(2)).sieve().get(0));
        assertThat(reasons)
                .doesNotHaveDuplicates()
                .filteredOn(r -> r instanceof Sentences s
                        && s.all().get(0) instanceof Reason.Presses p
                        && p.species().name().equals("purple tang"))
                .hasSize(1);
    }

    @Test
    void theGroundIsDealtAnewWithDatesAndPlacesWhereThereArePlacesEnough() {
        OwnRisk risk = of(surgeons(8));
        assertThat(risk.ways()).extracting(Way::how).containsExactly(Risk.NONE, Risk.BOX, Risk.ANEW);
        assertThat(risk.least().how()).isEqualTo(Risk.ANEW);
        Assessment taken = ASSESSOR.assess(taking(surgeons(8), Risk.ANEW));
        Dated step = taken.arrivals().steps().get(0);
        assertThat(step.method()).isEqualTo(Method.GROUND_ANEW);
        assertThat(step.anew()).hasValueSatisfying(n -> {
            assertThat(n.possible()).isTrue();
            assertThat(n.out().plusDays(7)).isBeforeOrEqualTo(n.back());
            assertThat(n.out().plusDays(14)).isAfterOrEqualTo(n.back());
            assertThat(n.rivals())
                    .hasSizeGreaterThanOrEqualTo(3)
                    .extracting(r -> r.species().name())
                    .contains("purple tang", "yellow tang");
            assertThat(risk.ways().get(2).says())
                    .flatExtracting(Sentences::all)
                    .anyMatch(s -> s instanceof RiskReason.DealtAnew d
                            && d.out().equals(n.out())
                            && d.back().equals(n.back()));
        });
    }

    @Test
    void withTooFewPlacesItSaysHowManyAndFallsBackOnTheBox() {
        OwnRisk risk = of(surgeons(2));
        Way anew = risk.ways().get(2);
        assertThat(anew.possible()).isFalse();
        assertThat(anew.says())
                .flatExtracting(Sentences::all)
                .anyMatch(s -> s instanceof RiskReason.TooFewPlaces few && few.has() == 2);
        assertThat(risk.least().how()).isEqualTo(Risk.BOX);
    }

    @Test
    void whoStaysBehindIfItIsTakenIsNamed() {
        Plan plan = Plans.sixFeet()
                .with("netLitres", 430)
                .with("lengthCm", 150)
                .with("widthCm", 60)
                .with("waterHeightCm", 52)
                .wish("Zebrasoma flavescens", 1, 5)
                .wish("Zebrasoma scopas", 1, 3)
                .plan();
        Assessment a = ASSESSOR.assess(plan);
        assertThat(a.bestSet().take()).extracting(p -> p.species().name()).containsExactly("yellow tang");
        OwnRisk risk = OwnRisk.of(plan, a.sieve().get(1));
        assertThat(risk.ways().get(1).says())
                .contains(Sentences.of(
                        new RiskReason.StaysBehind(List.of(plan.wishes().get(0)))));
    }

    @Test
    void everyWayTellsWhatToWatchWhenToStopAndWhereTheFishGoes() {
        OwnRisk risk = of(surgeons(2));
        assertThat(risk.watch()).hasAtLeastOneElementOfType(RiskReason.WatchWhoFollows.class);
        assertThat(risk.stop()).contains(new RiskReason.OutTheSameDay());
        assertThat(risk.where()).hasAtLeastOneElementOfType(RiskReason.ThenToAKeeper.class);
        assertThat(risk.ways().get(1).acts()).isGreaterThan(risk.ways().get(0).acts());
    }

    @Test
    void onceTheGroundIsDealtAnewNobodyCountsAsFirst() {
        Plan plan = taking(surgeons(8), Risk.ANEW);
        Assessment a = ASSESSOR.assess(plan);
        Outlook outlook = new Outlook(plan, a.arrivals());
        Dated step = a.arrivals().steps().get(0);
        String one = plan.residents().get(0).id();
        String other = plan.residents().get(1).id();
        Press before = outlook.press(
                outlook.find(one).orElseThrow(),
                outlook.find(other).orElseThrow(),
                step.releaseOn().minusDays(1));
        Press after = outlook.press(
                outlook.find(one).orElseThrow(), outlook.find(other).orElseThrow(), step.releaseOn());
        assertThat(after.index()).isLessThan(before.index());
    }

    @Test
    void whoCannotLiveBesideATakenFishIsLeftOutAndToldWhy() {
        Plan plan = Plans.sixFeet()
                .wish("Pterois volitans", 1, 1)
                .wish("Chromis viridis", 6, 5)
                .plan();
        Assessment a = ASSESSOR.assess(taking(plan, Risk.BOX));
        assertThat(a.bestSet().take()).contains(taking(plan, Risk.BOX).wishes().get(0));
        assertThat(a.bestSet().leave().values())
                .anyMatch(l -> l.because() instanceof Sentences s && s.all().contains(new LeftOut.OtherAtOwnRisk()));
    }
}
