package pelluna.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import pelluna.core.arrivals.Scheduler;
import pelluna.core.assessment.Assessor;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanReader;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Shares;
import pelluna.core.tension.Tension;
import pelluna.core.testing.PlanTree;
import pelluna.core.testing.Plans;
import pelluna.core.units.Length;
import pelluna.core.units.Step;

class OutlookTest {

    static Outlook of(Plan plan) {
        return new Outlook(plan, new Assessor().assess(plan).arrivals());
    }

    private static Plans small() {
        return Plans.sixFeet()
                .resident("Pseudochromis springeri", 1, 5)
                .wish("Gramma loreto")
                .wish("Zebrasoma flavescens")
                .wish("Pseudanthias bartlettorum", 5, 4);
    }

    @Test
    void whoHasNotComeYetIsNotThereAndWhoHasGrowsFromThatDay() {
        Outlook outlook = of(small().plan());
        assertThat(outlook.on(Plans.START))
                .extracting(p -> p.party().species().name())
                .containsExactly("Springer's dottyback");
        Presence tang = outlook.everybody().stream()
                .filter(p -> p.party().species().genus().equals("Zebrasoma"))
                .findFirst()
                .orElseThrow();
        assertThat(outlook.on(tang.from().minusDays(1))).doesNotContain(tang);
        assertThat(outlook.on(tang.from())).contains(tang);
        assertThat(tang.party().lengthOn(tang.from()))
                .isCloseTo(tang.party().species().usualShopCm(), within(1e-9));
        // von Bertalanffy 1938, by hand: L∞ − (L∞ − L0)·e^(−K·t)
        double grown = tang.party().species().size().usualCm();
        double year = grown
                - (grown - tang.party().lengthCm())
                        * Math.exp(-tang.party().species().size().growthPerYear() * 365 / 365.2425);
        assertThat(tang.party().lengthOn(tang.from().plusDays(365))).isCloseTo(year, within(1e-9));
    }

    @Test
    void everyPairIsThereBothWaysHardestFirstAndExplainsItself() {
        Outlook outlook = of(small().plan());
        LocalDate day = outlook.lastArrival();
        int n = outlook.on(day).size();
        List<Press> presses = outlook.presses(day);
        assertThat(presses).hasSize(n * (n - 1));
        assertThat(presses).extracting(Press::index).isSortedAccordingTo(Collections.reverseOrder());
        for (Press p : presses) {
            Tension why = outlook.explain(p.aggressor(), p.target(), day);
            assertThat(why.index()).isEqualTo(p.index());
        }
    }

    @Test
    void thePointsOfAllReasonsMakeTheIndex() {
        Outlook outlook = of(small().plan());
        Press hardest = outlook.presses(outlook.lastArrival()).get(0);
        Tension t = outlook.explain(hardest.aggressor(), hardest.target(), outlook.lastArrival());
        double left = t.index()
                - Shares.of(t).stream().mapToDouble(Shares.Share::points).sum();
        assertThat(Math.abs(left)).isLessThan(0.05 * t.index());
        assertThat(Shares.of(t))
                .filteredOn(s -> s.reason().driver())
                .allSatisfy(s -> assertThat(s.points()).isPositive());
    }

    @Test
    void theBoxThatAKeeperChoseSoftensTheNewcomersMeetings() {
        Plan plan = Plans.sixFeet()
                .resident("Pseudochromis springeri", 1, 5)
                .wish("Gramma loreto")
                .plan();
        Plan boxed =
                plan.with(plan.wishes().get(0).by(plan.wishes().get(0).hand().boxed(true)));
        LocalDate day = of(plan).lastArrival().plusDays(60);
        double straight = of(plan).presses(day).get(0).index();
        Press through = of(boxed).presses(day).get(0);
        assertThat(through.index()).isLessThan(0.9 * straight);
        assertThat(of(boxed).everybody().get(1).from())
                .isAfter(of(plan).everybody().get(1).from().minusDays(1));
    }

    @Test
    void measuredLengthsMakeAFishGrowAsItDid() {
        Map<String, Object> file = small().tree();
        LocalDate then = Plans.START.minusDays(365);
        file.put(
                "residents",
                List.of(Map.of(
                        "species",
                        "Naso elegans",
                        "lengthCm",
                        20,
                        "lengths",
                        List.of(
                                Map.of("on", then.toString(), "cm", 12),
                                Map.of("on", Plans.START.minusDays(1).toString(), "cm", 13)))));
        Plan plan = new PlanReader(Plans.CATALOGUE).read(PlanTree.file(file), Plans.START);
        double usual = Plans.species("Naso elegans").size().growth().lengthAfter(13, 365);
        double own = plan.residents().get(0).lengthOn(Plans.START.plusDays(364));
        assertThat(plan.residents().get(0).lengthOn(Plans.START)).isCloseTo(13, within(0.1));
        assertThat(own).isBetween(13.5, 14.5).isLessThan(usual);
    }

    @Test
    void unitsAndTheOrderOfTheListsDoNotMatter() {
        Map<String, Object> file = small().resident("Salarias fasciatus", 1, 9)
                .wish("Centropyge bispinosa")
                .tree();
        Plan plan = new PlanReader(Plans.CATALOGUE).read(PlanTree.file(file), Plans.START);
        Map<String, Object> shuffled = new java.util.HashMap<>(file);
        for (String list : List.of("residents", "wishes")) {
            List<Object> other = new ArrayList<>((List<?>) file.get(list));
            Collections.shuffle(other, new Random(5));
            shuffled.put(list, other);
        }
        Outlook one = of(plan);
        Outlook other = of(new PlanReader(Plans.CATALOGUE).read(PlanTree.file(shuffled), Plans.START));
        LocalDate day = one.lastArrival().plusDays(200);
        assertThat(named(other, day)).containsExactlyInAnyOrderElementsOf(named(one, day));
    }

    private static List<String> named(Outlook outlook, LocalDate day) {
        return outlook.presses(day).stream()
                .map(p -> p.aggressor().party().species() + " > "
                        + p.target().party().species() + " " + Math.round(p.index() * 1e6))
                .toList();
    }

    @Test
    void moreRoomOrMoreHidesNeverRaiseAnIndexWithTheGroundsIn() {
        for (int hides = 2; hides < 12; hides += 3) {
            Plan plan = small().with("hides", hides)
                    .with("rockKg", 60)
                    .wish("Centropyge bispinosa")
                    .wish("Pictichromis paccagnellae")
                    .plan();
            noHarder(
                    plan,
                    small().with("hides", hides + 2)
                            .with("rockKg", 60)
                            .wish("Centropyge bispinosa")
                            .wish("Pictichromis paccagnellae")
                            .plan());
            noHarder(
                    plan,
                    small().with("hides", hides)
                            .with("rockKg", 60)
                            .with("netLitres", 900)
                            .wish("Centropyge bispinosa")
                            .wish("Pictichromis paccagnellae")
                            .plan());
            noHarder(
                    plan,
                    small().with("hides", hides)
                            .with("rockKg", 60)
                            .with("lengthCm", 240)
                            .with("runCm", 240)
                            .wish("Centropyge bispinosa")
                            .wish("Pictichromis paccagnellae")
                            .plan());
        }
    }

    /** The same company, so that only the tank differs. */
    private static void noHarder(Plan before, Plan after) {
        pelluna.core.tension.Quarters tight = pelluna.core.tension.Quarters.of(before.tank(), before.everybody());
        pelluna.core.tension.Quarters wide = pelluna.core.tension.Quarters.of(after.tank(), before.everybody());
        for (var a : before.everybody()) {
            for (var b : before.everybody()) {
                if (a != b) {
                    for (double grown : new double[] {0.5, 1}) {
                        Encounter e = tight.meet(
                                a, a.adultCm() * grown, b, b.adultCm() * grown, Encounter.Order.AGGRESSOR_FIRST, false);
                        Encounter f = wide.meet(
                                a, a.adultCm() * grown, b, b.adultCm() * grown, Encounter.Order.AGGRESSOR_FIRST, false);
                        assertThat(Tension.index(f)).isLessThanOrEqualTo(Tension.index(e) + 0.05);
                    }
                }
            }
        }
    }

    @Test
    void theRunThatARabbitfishOutgrowsIsNamedWithItsMonth() {
        Plan plan = Plans.sixFeet()
                .with("runCm", 100)
                .with("lengthCm", 100)
                .without("netLitres")
                .resident("Siganus vulpinus", 1, 8)
                .plan();
        Outlook outlook = of(plan);
        Change change = Changes.of(outlook).stream()
                .filter(c -> c.kind() == Change.Kind.LONGER_RUN)
                .findFirst()
                .orElseThrow();
        var s = Plans.species("Siganus vulpinus");
        double at = 100 / s.room().runCm().customary() * s.size().usualCm();
        assertThat(change.event()).isEqualTo(new Event.NeedsLongerRun(s, new Length(100)));
        assertThat(plan.residents().get(0).lengthOn(change.on())).isCloseTo(at, within(0.1));
        assertThat(plan.residents().get(0).lengthOn(change.on().minusDays(2))).isLessThan(at);
    }

    @Test
    void arrivalsColoursMouthfulsAndTheEndAreNamedInTheOrderOfTheirDays() {
        Plan plan = Plans.sixFeet()
                .with("lengthCm", 300)
                .without("netLitres")
                .with("widthCm", 100)
                .resident("Pomacanthus imperator", 1, 8)
                .resident("Chromis viridis", 6, 3)
                .resident("Pterois volitans", 1, 8)
                .wish("Gramma loreto")
                .plan();
        List<Change> changes = Changes.of(of(plan));
        assertThat(changes).extracting(Change::kind).contains(Change.Kind.COLOURS, Change.Kind.EATS, Change.Kind.GROWN);
        assertThat(changes).isSortedAccordingTo(java.util.Comparator.comparing(Change::on));
        assertThat(changes.stream()
                        .filter(c -> c.kind() == Change.Kind.GROWN)
                        .findFirst()
                        .orElseThrow()
                        .on())
                .isEqualTo(of(plan).fullyGrown());
        Change eats = changes.stream()
                .filter(c -> c.kind() == Change.Kind.EATS)
                .findFirst()
                .orElseThrow();
        assertThat(eats.event()).isInstanceOf(Event.CanSwallow.class);
        assertThat(eats.step()).isEqualTo(Step.SURGE);
    }

    @Test
    void goodCompanyIsAPartnerACleanerOrTheirOwnKind() {
        Plan plan = Plans.sixFeet()
                .with("keeps", List.of("shrimp"))
                .resident("Amblyeleotris randalli", 1, 7)
                .resident("Labroides dimidiatus", 1, 7)
                .resident("Chromis viridis", 6, 4)
                .resident("Gramma loreto", 1, 6)
                .plan();
        assertThat(GoodCompany.in(of(plan)))
                .extracting(GoodCompany::kind)
                .anyMatch(k -> k instanceof GoodCompany.SharesHome home
                        && home.partner().english().equals("pistol shrimp")
                        && home.kept())
                .hasAtLeastOneElementOfType(GoodCompany.Cleans.class)
                .anyMatch(k -> k instanceof GoodCompany.OwnKind own && own.life() == GroupLife.SHOAL)
                .noneMatch(k -> k.toString().contains("Gramma loreto"));
    }

    @Test
    void aPairReadFromEitherSideIsTheSamePair() {
        Plan plan = Plans.sixFeet()
                .resident("Pictichromis paccagnellae", 1, 6)
                .wish("Gramma loreto")
                .wish("Zebrasoma flavescens")
                .wish("Centropyge bispinosa")
                .plan();
        Outlook outlook = new Outlook(plan, new Scheduler(plan, plan.wishes()).planned());
        LocalDate day = outlook.lastArrival();
        assertThat(outlook.presses(day))
                .hasSize(12)
                .allSatisfy(p -> assertThat(p.index())
                        .isEqualTo(outlook.press(p.aggressor(), p.target(), day).index()));
    }
}
