package pelluna.core.sieve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import pelluna.core.catalogue.Source;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;
import pelluna.core.units.Step;

/** Each rule alone: silent where all is well, and speaking when just its figure is wrong. */
class SieveRulesTest {
    private static Arguments rule(RuleName rule, String species, UnaryOperator<Plans> wrong) {
        return Arguments.of(rule, species, wrong);
    }

    static List<Arguments> rules() {
        return List.of(
                rule(
                        RuleName.LEAST_VOLUME,
                        "Zebrasoma flavescens",
                        p -> p.without("netLitres").with("waterHeightCm", 20)),
                rule(RuleName.LEAST_RUN, "Zebrasoma flavescens", p -> p.with("runCm", 90)),
                rule(RuleName.TURNING_ROOM, "Zebrasoma flavescens", p -> p.with("runCm", 60)),
                rule(
                        RuleName.TANK_AGE,
                        "Zebrasoma flavescens",
                        p -> p.with("cycledOn", Plans.START.minusMonths(2).toString())),
                rule(RuleName.SAND, "Halichoeres chrysus", p -> p.with("sandDepthCm", 1)),
                rule(RuleName.COVER, "Halichoeres chrysus", p -> p.with("cover", "none")),
                rule(RuleName.HIDES, "Gramma loreto", p -> p.with("hides", 0)),
                rule(RuleName.TEMPERATURE, "Zebrasoma flavescens", p -> p.with("temperatureC", 20)),
                rule(RuleName.SALINITY, "Zebrasoma flavescens", p -> p.with("salinity", 24)),
                rule(RuleName.PODS, "Macropharyngodon meleagris", p -> p.with("pods", "none")),
                rule(RuleName.HARD_FEEDER, "Forcipiger flavissimus", p -> p.with("keeper", "first-year")),
                rule(RuleName.MEALS, "Cirrhilabrus solorensis", p -> p.with("mealsADay", 1)),
                rule(RuleName.ALGAE, "Zebrasoma flavescens", p -> p.with("seaweed", false)),
                rule(RuleName.REEF_LIFE, "Centropyge bispinosa", p -> p.with("keeps", List.of("large-polyp-corals"))),
                rule(RuleName.SKILL, "Genicanthus bellus", p -> p.with("keeper", "first-year")),
                rule(
                        RuleName.QUARANTINE,
                        "Zebrasoma flavescens",
                        p -> p.with("quarantine", Map.of("places", 0, "school", "none"))),
                rule(RuleName.COMPANY, "Gramma loreto", p -> p.resident("Pterois volitans", 1, 25)),
                rule(
                        RuleName.CAPACITY,
                        "Halichoeres chrysus",
                        p -> p.with("nitrateCeiling", 1).resident("Naso lituratus", 1, 33)));
    }

    @ParameterizedTest(name = "{0} speaks of {1}")
    @MethodSource("rules")
    void aRuleSpeaksWhenItsFigureIsWrong(RuleName rule, String species, UnaryOperator<Plans> wrong) {
        assertThat(found(Plans.sixFeet().wish(species).plan())).doesNotContain(rule);
        Verdict verdict = sift(wrong.apply(Plans.sixFeet().wish(species)).plan());
        Finding finding = verdict.findings().stream()
                .filter(f -> f.rule() == rule)
                .findFirst()
                .orElseThrow();
        assertThat(finding.reason()).isNotNull();
        assertThat(finding.remedy().condition()).isNotNull();
        assertThat(finding.source()).isIn(Source.COMMON_PRACTICE, Source.MEMORY, Source.JUDGEMENT);
    }

    @Test
    void everyRuleOfThePlanFileSpeaksSomewhere() {
        Set<RuleName> seen = EnumSet.noneOf(RuleName.class);
        rules().forEach(a -> seen.add((RuleName) a.get()[0]));
        seen.addAll(found(Plans.sixFeet().wish("Siganus vulpinus").plan()));
        seen.addAll(
                found(Plans.sixFeet().wish("Pseudanthias bartlettorum", 2, 3).plan()));
        assertThat(seen).containsExactlyInAnyOrder(RuleName.values());
    }

    @Test
    void neverTwoAnthias() {
        // common practice
        assertThat(step(Plans.sixFeet().wish("Pseudanthias bartlettorum", 2, 3).plan(), RuleName.GROUP_SIZE))
                .isEqualTo(Step.SURGE);
        assertThat(step(Plans.sixFeet().wish("Pseudanthias bartlettorum", 1, 3).plan(), RuleName.GROUP_SIZE))
                .isEqualTo(Step.CALM);
        assertThat(step(Plans.sixFeet().wish("Pseudanthias bartlettorum", 5, 3).plan(), RuleName.GROUP_SIZE))
                .isEqualTo(Step.CALM);
    }

    @Test
    void thoseThatLiveHereAreCountedIn() {
        assertThat(step(
                        Plans.sixFeet()
                                .resident("Amphiprion percula", 2, 7)
                                .wish("Amphiprion percula", 1, 3)
                                .plan(),
                        RuleName.GROUP_SIZE))
                .isGreaterThanOrEqualTo(Step.CHOP);
    }

    @Test
    void theStanceMovesTheBar() {
        for (String stance : List.of("bold", "customary", "cautious")) {
            Plan plan = Plans.sixFeet()
                    .without("netLitres")
                    .with("widthCm", 45)
                    .with("waterHeightCm", 50)
                    .head("stance", stance)
                    .wish("Zebrasoma flavescens")
                    .plan();
            assertThat(found(plan).contains(RuleName.LEAST_VOLUME)).as(stance).isEqualTo(stance.equals("cautious"));
        }
    }

    @Test
    void aBiggerTankNeverMakesAFindingOfRoomWorse() {
        for (var species : Plans.CATALOGUE.all()) {
            List<Step> steps = new ArrayList<>();
            for (double factor : new double[] {0.5, 1, 2, 4}) {
                Plan plan = Plans.sixFeet()
                        .with("netLitres", 300 * factor)
                        .with("lengthCm", 120 * factor)
                        .with("widthCm", 50)
                        .with("waterHeightCm", 55)
                        .with("runCm", 120 * factor)
                        .wish(species.scientificName())
                        .plan();
                steps.add(sift(plan).findings().stream()
                        .filter(f -> f.rule().mesh() == Mesh.ROOM)
                        .map(Finding::step)
                        .max(Step::compareTo)
                        .orElse(Step.CALM));
            }
            assertThat(steps).as(species.name()).isSortedAccordingTo(java.util.Comparator.reverseOrder());
        }
    }

    @Test
    void fitsMeansThatNothingBlocksAndFitsIfNamesItsConditions() {
        for (var species : Plans.CATALOGUE.all()) {
            Verdict v = sift(Plans.sixFeet()
                    .with("cover", "partial")
                    .with("keeps", List.of("shrimp", "zoanthids"))
                    .wish(species.scientificName())
                    .plan());
            boolean blocked = v.findings().stream().anyMatch(Finding::blocks);
            assertThat(v.outcome() == Verdict.Outcome.FITS).as(species.name()).isEqualTo(!blocked);
            assertThat(v.fitsIf().isEmpty()).as(species.name()).isEqualTo(!blocked);
            assertThat(v.stop().isPresent()).as(species.name()).isEqualTo(blocked);
        }
    }

    @Test
    void aReasonHoldsTheFiguresThatWereCompared() {
        Plan plan = Plans.sixFeet()
                .without("netLitres")
                .with("widthCm", 40)
                .with("waterHeightCm", 28)
                .wish("Zebrasoma flavescens")
                .plan();
        Finding f = Sieve.sift(plan, plan.wishes().get(0)).findings().get(0);
        assertThat(f.reason()).isInstanceOfSatisfying(Reason.NeedsVolume.class, r -> {
            assertThat(r.needs().litres()).isEqualTo(f.needs().number().orElseThrow(), within(0.01));
            assertThat(r.has().litres()).isEqualTo(f.has().number().orElseThrow(), within(0.01));
        });
    }

    private static Verdict sift(Plan plan) {
        return Sieve.sift(plan, plan.wishes().get(0));
    }

    private static List<RuleName> found(Plan plan) {
        return sift(plan).findings().stream().map(Finding::rule).toList();
    }

    private static Step step(Plan plan, RuleName rule) {
        return sift(plan).findings().stream()
                .filter(f -> f.rule() == rule)
                .map(Finding::step)
                .max(Step::compareTo)
                .orElse(Step.CALM);
    }
}
