package pelluna.core.capacity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pelluna.core.catalogue.Stance;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;
import pelluna.core.units.Convert;

class CapacityTest {

    @Test
    void sixtyGallonsInTheFirstYearStartAtTwelveInches() {
        Plan plan = Plans.sixFeet()
                .with("netLitres", Convert.litresFromGallons(60))
                .with("cycledOn", "2026-09-01")
                .with("keeper", "first-year")
                .plan();
        LengthRule rule = LengthRule.of(plan.tank(), plan.startOn());
        assertThat(rule.limitInches(plan.tank().netLitres())).isEqualTo(12, within(1e-9)); // common practice
    }

    @Test
    void ageSkillAndUpkeepTogetherSlideToThreeGallonsAnInch() {
        Plans seasoned = Plans.sixFeet()
                .with("cycledOn", "2022-01-01")
                .with("waterChange", Map.of("percent", 10, "everyDays", 7));
        Plan plan = seasoned.plan();
        assertThat(LengthRule.of(plan.tank(), plan.startOn()).gallonsPerInch())
                .isEqualTo(3, within(1e-9)); // common practice
        Plan lazy = seasoned.with("waterChange", Map.of("percent", 1, "everyDays", 30))
                .plan();
        assertThat(LengthRule.of(lazy.tank(), lazy.startOn()).gallonsPerInch())
                .as("the weakest of the three sets it")
                .isGreaterThan(4.5);
    }

    @Test
    void nitrateWithoutOtherExportIsTheGeometricSeries() {
        assertThat(new Nitrate(1.5, 0, 0.1, 7).steady()).isEqualTo(1.5 * 7 / 0.1, within(1e-9)); // p·T/f
        assertThat(new Nitrate(1.5, 1e-12, 0.1, 7).steady()).isEqualTo(1.5 * 7 / 0.1, within(1e-6));
    }

    @Test
    void theClosedFormIsWhereTheSeriesOfChangesEnds() {
        for (double export : new double[] {0, 0.02, 0.3}) {
            Nitrate nitrate = new Nitrate(0.8, export, 0.15, 10);
            assertThat(nitrate.before(2000, 40)).isEqualTo(nitrate.steady(), within(1e-6));
        }
    }

    @Test
    void theShareThatHoldsTheCeilingHoldsIt() {
        Nitrate now = new Nitrate(1.2, 0.05, 0.05, 7);
        double share = now.shareFor(15);
        assertThat(new Nitrate(1.2, 0.05, share, 7).steady()).isEqualTo(15, within(1e-6));
    }

    @Test
    void moreChangesMoreExportAndLessFoodEachLowerNitrate() {
        double base = new Nitrate(1, 0.05, 0.1, 7).steady();
        assertThat(new Nitrate(1, 0.05, 0.2, 7).steady()).isLessThan(base);
        assertThat(new Nitrate(1, 0.10, 0.1, 7).steady()).isLessThan(base);
        assertThat(new Nitrate(0.5, 0.05, 0.1, 7).steady()).isEqualTo(base / 2, within(1e-9));
    }

    @Test
    void ammoniaFollowsFromFeedByProtein() {
        // from memory: Timmons & Ebeling, Recirculating Aquaculture: TAN = feed × protein share × 0.092
        assertThat(Waste.ammoniaNitrogen(100)).isEqualTo(100 * 0.45 * 0.092, within(1e-12));
        assertThat(Nitrate.ION_PER_NITROGEN).isEqualTo(4.4268, within(1e-4)); // from memory: 62.005 / 14.007
    }

    @Test
    void tenSmallFishEatMoreThanOneOfTheirMass() {
        assertThat(10 * Waste.feedGrams(10)).isGreaterThan(Waste.feedGrams(100));
    }

    @Test
    void aTestOfTheWaterOverridesTheEstimate() {
        Plan plan = Plans.sixFeet()
                .with("nitrate", 9)
                .with("waterChange", Map.of("percent", 5, "everyDays", 14))
                .resident("Zebrasoma flavescens", 1, 16)
                .resident("Chromis viridis", 6, 8)
                .plan();
        Waste waste = Waste.of(plan);
        assertThat(waste.nitrate(Waste.adultFeed(plan.residents())).steady()).isEqualTo(9, within(0.01));
    }

    private static Plan tested(int chromis, Map<String, Object> test) {
        return Plans.sixFeet()
                .head("tests", List.of(test))
                .resident("Zebrasoma flavescens", 1, 16)
                .resident("Chromis viridis", chromis, 8)
                .plan();
    }

    @Test
    void whoLeavesAfterATestTakesItsShareAlong() {
        String day = Plans.START.minusDays(3).toString();
        Plan six = tested(6, Map.of("on", day, "nitrate", 9));
        double fed = Waste.feed(six.residents(), Plans.START);
        Waste before = Waste.of(six);
        Plan two = tested(2, Map.of("on", day, "nitrate", 9, "feed", fed));
        assertThat(Waste.of(two).export())
                .as("the test came from the food of its day")
                .isCloseTo(before.export(), within(1e-9));
        assertThat(Waste.of(two).nitrate(Waste.adultFeed(two.residents())).steady())
                .isLessThan(before.nitrate(Waste.adultFeed(six.residents())).steady());
        Plan forgot = tested(2, Map.of("on", day, "nitrate", 9));
        assertThat(Waste.of(forgot).export())
                .as("without it the test has to come from those who are left")
                .isLessThan(before.export());
    }

    @Test
    void onlyTheNewestNitrateTestCountsAndOneFromBeforeAnybodyCameDoesNot() {
        String day = Plans.START.minusDays(3).toString();
        Plan plan = Plans.sixFeet()
                .head(
                        "tests",
                        List.of(
                                Map.of("on", Plans.START.minusDays(9).toString(), "nitrate", 2, "feed", 40),
                                Map.of("on", day, "nitrate", 9, "feed", 0)))
                .resident("Zebrasoma flavescens", 1, 16)
                .plan();
        Plan plain = Plans.sixFeet()
                .head("tests", List.of(Map.of("on", day, "nitrate", 9)))
                .resident("Zebrasoma flavescens", 1, 16)
                .plan();
        assertThat(Waste.of(plan).export()).isEqualTo(Waste.of(plain).export());
    }

    @Test
    void ofTwoTestsOfADayTheOneLoggedLastStands() {
        String day = Plans.START.minusDays(3).toString();
        Plan plan = Plans.sixFeet()
                .head("tests", List.of(Map.of("on", day, "nitrate", 40), Map.of("on", day, "nitrate", 4)))
                .resident("Zebrasoma flavescens", 1, 16)
                .plan();
        assertThat(plan.tank().nitrate()).hasValue(4);
    }

    @Test
    void whoCameLaterTookNothingOnADay() {
        Plan plan = Plans.sixFeet().resident("Zebrasoma flavescens", 1, 16).plan();
        assertThat(Waste.feed(plan.residents(), Plans.START)).isPositive();
        assertThat(Waste.feed(plan.residents(), Plans.START.minusYears(20))).isZero();
    }

    @Test
    void whatDecidesHangsOnTheSchool() {
        Plan plan = Plans.sixFeet().resident("Zebrasoma flavescens", 1, 16).plan();
        assertThat(Capacity.deciding(Stance.CAUTIOUS))
                .containsExactlyInAnyOrder(LensKind.LENGTH_RULE, LensKind.WASTE, LensKind.ROOM);
        assertThat(Capacity.deciding(Stance.CUSTOMARY)).containsExactlyInAnyOrder(LensKind.WASTE, LensKind.ROOM);
        assertThat(Capacity.deciding(Stance.BOLD)).containsExactly(LensKind.WASTE);
        assertThat(left(plan).others().all()).hasSize(1);
        assertThat(left(plan.with(Stance.CAUTIOUS)).others().isEmpty()).isTrue();
        assertThat(Capacity.of(plan, List.of()).lenses())
                .allSatisfy(l -> assertThat(l.used()).isZero());
    }

    private static RoomLeft.WhatDecides left(Plan plan) {
        return (RoomLeft.WhatDecides) Capacity.of(plan, plan.residents()).left();
    }

    @ParameterizedTest
    @EnumSource
    void whatFishTakeAddsUp(Stance stance) {
        Plan plan = Plans.sixFeet()
                .resident("Zebrasoma flavescens", 2, 12)
                .resident("Gramma loreto", 1, 5)
                .resident("Chromis viridis", 9, 4)
                .plan()
                .with(stance);
        Load all = new Load(0, 0, Map.of());
        Load last = all;
        for (Party fish : plan.residents()) {
            last = Load.of(plan.tank(), List.of(fish));
            all = all.and(last);
        }
        Party one = plan.residents().get(2);
        assertThat(new Lenses(plan).about(last, all))
                .hasSameSizeAs(Capacity.deciding(stance))
                .zipSatisfy(Capacity.about(one, plan, plan.residents()), (a, b) -> {
                    assertThat(a.kind()).isEqualTo(b.kind());
                    assertThat(a.share()).isPositive().isEqualTo(b.share(), within(1e-9));
                });
    }
}
