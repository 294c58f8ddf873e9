package pelluna.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Presence;
import pelluna.core.outlook.Press;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;

class AdviceTest {

    private record Case(Plan plan, Assessment assessment, Outlook outlook, LocalDate day) {
        static Case of(Plan plan) {
            Assessment a = new Assessor().assess(plan);
            Outlook o = new Outlook(plan, a.arrivals());
            return new Case(plan, a, o, o.lastArrival().plusDays(30));
        }

        Presence fish(String genus) {
            return outlook.everybody().stream()
                    .filter(p -> p.party().species().genus().equals(genus))
                    .findFirst()
                    .orElseThrow();
        }

        List<Option> lower(String aggressor, String target) {
            return new Advice(assessment, outlook, Plans.CATALOGUE).lower(fish(aggressor), fish(target), day);
        }
    }

    private static Case rivals() {
        return Case.of(Plans.sixFeet()
                .with("rockKg", 60)
                .with("mealsADay", 2)
                .with("hides", 4)
                .resident("Pictichromis paccagnellae", 1, 6)
                .wish("Gramma loreto")
                .wish("Centropyge bispinosa")
                .wish("Zebrasoma flavescens")
                .plan());
    }

    @Test
    void theCalmestComesFirstAndEachSavesAPointOrMore() {
        List<Option> options = rivals().lower("Pictichromis", "Gramma");
        assertThat(options).isNotEmpty();
        assertThat(options).extracting(Option::after).isSorted();
        assertThat(options).allSatisfy(o -> assertThat(o.before() - o.after()).isGreaterThanOrEqualTo(1));
        assertThat(options).extracting(o -> o.attempt().getClass()).doesNotHaveDuplicates();
    }

    @Test
    void everyFigureIsWhatTheModelSaysOfThatPlan() {
        Case rivals = rivals();
        Presence aggressor = rivals.fish("Pictichromis");
        Presence target = rivals.fish("Gramma");
        for (Option option : rivals.lower("Pictichromis", "Gramma")) {
            if (!(option.attempt() instanceof Attempt.Instead)) {
                Plan tried = option.attempt().on(rivals.plan());
                Outlook after = new Outlook(tried, new Assessor().assess(tried).arrivals());
                Presence a = after.find(aggressor.party().id()).orElseThrow();
                Presence b = after.find(target.party().id()).orElseThrow();
                LocalDate day = b.from().isAfter(rivals.day()) ? b.from() : rivals.day();
                assertThat(after.press(a, b, day).index())
                        .as(option.says().toString())
                        .isCloseTo(option.after(), within(1e-9));
            }
        }
    }

    @Test
    void theBoxALargerNewcomerAnotherSpeciesAndMealsAreTriedForANewcomer() {
        assertThat(rivals().lower("Pictichromis", "Gramma"))
                .extracting(Option::says)
                .anyMatch(t -> t instanceof ToDo.SendThroughBox box
                        && box.fish().name().equals("royal gramma"))
                .contains(new ToDo.MealsADay(3))
                .anyMatch(t -> t instanceof ToDo.TakeInstead other
                        && other.instead().name().equals("royal gramma"));
    }

    @Test
    void twoOnTheirWayMaySwapTheirOrder() {
        Case both = Case.of(Plans.sixFeet()
                .with("netLitres", 400)
                .wish("Centropyge bispinosa")
                .wish("Zebrasoma flavescens")
                .plan());
        Press hardest = both.outlook().presses(both.day()).stream()
                .filter(p -> p.aggressor().order() < p.target().order())
                .findFirst()
                .orElseThrow();
        List<Option> options = new Advice(both.assessment(), both.outlook(), Plans.CATALOGUE)
                .lower(hardest.aggressor(), hardest.target(), both.day());
        Option swap = options.stream()
                .filter(o -> o.attempt() instanceof Attempt.InOrder)
                .findFirst()
                .orElseThrow();
        Plan tried = swap.attempt().on(both.plan());
        List<String> order = new Assessor()
                .assess(tried).arrivals().steps().stream()
                        .flatMap(d -> d.arrival().parties().stream())
                        .map(p -> p.id())
                        .toList();
        assertThat(order).isEqualTo(((Attempt.InOrder) swap.attempt()).ids());
        assertThat(swap.says()).isInstanceOf(ToDo.BringEarlier.class);
    }

    @Test
    void aHideMoreOrAMovedHeapPartsTwoThatCrowdOneHeap() {
        Case crowded = Case.of(Plans.sixFeet()
                .with("hides", 2)
                .with(
                        "scape",
                        java.util.Map.of(
                                "rocks",
                                        List.of(
                                                java.util.Map.of(
                                                        "leftCm", 10, "widthCm", 40, "heightsCm", List.of(20, 30, 20)),
                                                java.util.Map.of(
                                                        "leftCm", 60, "widthCm", 40, "heightsCm", List.of(20, 30, 20))),
                                "hides",
                                        List.of(
                                                java.util.Map.of("xCm", 30, "heightCm", 12),
                                                java.util.Map.of("xCm", 38, "heightCm", 12))))
                .resident("Pictichromis paccagnellae", 1, 6)
                .wish("Gramma loreto")
                .plan());
        List<Option> options = crowded.lower("Pictichromis", "Gramma");
        Option hide = options.stream()
                .filter(o -> o.attempt() instanceof Attempt.OneHide)
                .findFirst()
                .orElseThrow();
        assertThat(hide.attempt().on(crowded.plan()).tank().hides()).isEqualTo(3);
        assertThat(hide.says()).isInstanceOf(ToDo.OneHideMore.class);
    }

    @Test
    void aLargerShoalIsOfferedWhereOneOfAShoalIsPressed() {
        Case shoal = Case.of(Plans.sixFeet()
                .resident("Pictichromis paccagnellae", 1, 7)
                .wish("Chromis viridis", 6, 4)
                .plan());
        List<Attempt> numbers = new Tries(
                        shoal.outlook(), shoal.fish("Pictichromis"), shoal.fish("Chromis"), Plans.CATALOGUE)
                .numbers();
        assertThat(numbers)
                .isNotEmpty()
                .allSatisfy(a -> assertThat(((Attempt.Number) a).count()).isGreaterThan(6));
    }

    @Test
    void anotherSpeciesIsOfTheSameRoleAndTheSieveLetsItThrough() {
        Case both = Case.of(Plans.sixFeet()
                .with("netLitres", 400)
                .wish("Centropyge bispinosa")
                .wish("Zebrasoma flavescens")
                .plan());
        List<Attempt> species =
                new Tries(both.outlook(), both.fish("Centropyge"), both.fish("Zebrasoma"), Plans.CATALOGUE).species();
        assertThat(species).isNotEmpty().allSatisfy(a -> {
            Attempt.Instead instead = (Attempt.Instead) a;
            var was = both.plan().party(instead.id()).orElseThrow().species();
            assertThat(instead.species().group().equals(was.group())
                            || instead.species().diet().guild() == was.diet().guild())
                    .isTrue();
            assertThat(instead.on(both.plan()).party(instead.id()).orElseThrow().count())
                    .isGreaterThanOrEqualTo(instead.species().social().least());
        });
    }

    @Test
    void whatGetsHarderIsSaidWithItsFigure() {
        Case both = Case.of(Plans.sixFeet()
                .with("netLitres", 400)
                .wish("Centropyge bispinosa")
                .wish("Zebrasoma flavescens")
                .plan());
        Press hardest = both.outlook().presses(both.day()).stream()
                .filter(p -> p.aggressor().order() < p.target().order())
                .findFirst()
                .orElseThrow();
        Option swap = new Advice(both.assessment(), both.outlook(), Plans.CATALOGUE)
                .lower(hardest.aggressor(), hardest.target(), both.day()).stream()
                        .filter(o -> o.attempt() instanceof Attempt.InOrder)
                        .findFirst()
                        .orElseThrow();
        Press worse = swap.worse().orElseThrow();
        assertThat(worse.aggressor().party().species())
                .isEqualTo(hardest.target().party().species());
        assertThat(swap.but())
                .hasValueSatisfying(
                        b -> assertThat(((ToDo.ButHarder) b).index()).isEqualTo(Math.round(worse.index())));
    }
}
