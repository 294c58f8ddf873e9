package pelluna.core.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.core.testing.Plans.species;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Help;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.search.Singles;
import pelluna.core.sieve.Condition;
import pelluna.core.sieve.Reason;
import pelluna.core.sieve.Verdict;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Quarters;
import pelluna.core.tension.Tension;
import pelluna.core.testing.Plans;
import pelluna.core.units.Step;

class ShopTest {
    private static final List<Species> ALL = Plans.CATALOGUE.all();
    private static final int HOLDERS = 60;

    private static ShopAnswer ask(Plan plan, String name) {
        return new Shop(plan, plan.startOn()).of(species(name));
    }

    @Test
    void yesWhereNothingIsAgainstItToday() {
        ShopAnswer a = ask(Plans.sixFeet().plan(), "Gramma loreto");
        assertThat(a.says()).isEqualTo(Says.YES);
        assertThat(a.mustBe()).isEmpty();
        assertThat(a.day().orElseThrow().buy()).isEqualTo(Plans.sixFeet().plan().startOn());
    }

    @Test
    void yesIfNamesWhatMustBeAndTheFirstReason() {
        ShopAnswer a = ask(Plans.sixFeet().with("sandDepthCm", 0.0).plan(), "Macropharyngodon meleagris");
        assertThat(a.says()).isEqualTo(Says.YES_IF);
        assertThat(a.mustBe()).hasAtLeastOneElementOfType(Condition.SandOf.class);
        assertThat(a.main()).isInstanceOf(Reason.class);
    }

    @Test
    void whatATankCannotBecomeIsNotThisOne() {
        ShopAnswer a = ask(Plans.sixFeet().plan(), "Epinephelus lanceolatus");
        assertThat(a.says()).isEqualTo(Says.NOT_THIS_ONE);
        assertThat(a.day()).isEmpty();
    }

    @Test
    void itNeverSaysYesToWhatTheSieveHoldsBackNorNoToWhatItLetsThrough() {
        Plan plan = Plans.sixFeet().with("cover", "none").plan();
        Shop shop = new Shop(plan, plan.startOn());
        Singles sieve = new Singles(plan);
        Map<Verdict.Outcome, List<Says>> said = ALL.stream()
                .collect(Collectors.groupingBy(
                        s -> sieve.of(s).outcome(),
                        Collectors.mapping(s -> shop.of(s).says(), Collectors.toList())));
        assertThat(said.get(Verdict.Outcome.FITS)).doesNotContain(Says.NOT_THIS_ONE, Says.YES_IF);
        assertThat(said.get(Verdict.Outcome.FITS_IF)).isNotEmpty().doesNotContain(Says.NOT_THIS_ONE);
        assertThat(said.get(Verdict.Outcome.NOT_IN_THIS_TANK)).isNotEmpty().containsOnly(Says.NOT_THIS_ONE);
    }

    @Test
    void aTankThatIsTooYoungHasItsDay() {
        Plan plan = Plans.sixFeet().plan();
        LocalDate cycled = plan.startOn().minusMonths(1);
        Plan young = Plans.sixFeet().with("cycledOn", cycled.toString()).plan();
        Species dragonet = species("Synchiropus splendidus");
        ShopAnswer a = new Shop(young, young.startOn()).of(dragonet);
        assertThat(a.says()).isEqualTo(Says.NOT_TODAY);
        LocalDate buy = a.day().orElseThrow().buy();
        assertThat(buy).isAfter(young.startOn());
        ShopAnswer then = new Shop(young, buy).of(dragonet);
        assertThat(then.says()).as("on the day it names").isNotEqualTo(Says.NOT_TODAY);
        assertThat(then.day().orElseThrow().buy()).isEqualTo(buy);
        assertThat(new Shop(young, buy.minusDays(1)).of(dragonet).says()).isEqualTo(Says.NOT_TODAY);
    }

    @Test
    void afterTheLastArrivalTheTankRests() {
        LocalDate start = Plans.sixFeet().plan().startOn();
        Plan plan = Plans.sixFeet()
                .with("quarantine", Map.of("places", 0, "school", "none"))
                .resident("Gramma loreto", start.minusDays(3))
                .plan();
        ShopAnswer a = ask(plan, "Nemateleotris magnifica");
        assertThat(a.says()).isEqualTo(Says.NOT_TODAY);
        assertThat(a.main()).isEqualTo(new ShopReason.LastCame(species("Gramma loreto"), start.minusDays(3)));
        LocalDate buy = a.day().orElseThrow().buy();
        assertThat(buy).isEqualTo(start.minusDays(3).plusDays(14));
        ShopAnswer then = new Shop(plan, buy).of(species("Nemateleotris magnifica"));
        assertThat(then.says()).isEqualTo(Says.YES_IF);
        assertThat(then.mustBe()).containsExactly(new Condition.ThroughQuarantine());
        Plan quarantined =
                Plans.sixFeet().resident("Gramma loreto", start.minusDays(3)).plan();
        assertThat(ask(quarantined, "Nemateleotris magnifica").says())
                .as("in quarantine it waits out of the tank")
                .isEqualTo(Says.YES);
    }

    @Test
    void insteadAreFishOfItsRoleThatMayBeBoughtToday() {
        Plan plan = Plans.sixFeet().plan();
        Shop shop = new Shop(plan, plan.startOn());
        ALL.stream()
                .filter(s -> shop.of(s).says() == Says.NOT_THIS_ONE)
                .forEach(s -> assertThat(shop.insteadOf(s, ALL))
                        .as(s.scientificName())
                        .hasSizeLessThanOrEqualTo(3)
                        .doesNotContain(s)
                        .allMatch(o -> shop.of(o).says() == Says.YES));
        assertThat(shop.insteadOf(species("Salarias fasciatus"), ALL))
                .isNotEmpty()
                .allMatch(o -> o.helps().contains(Help.FILM_ALGAE) || o.helps().contains(Help.HAIR_ALGAE));
    }

    @Test
    void twoInOneBag() {
        Plan plan = Plans.sixFeet().plan();
        Bag bag = new Bag(plan);
        assertThat(bag.of(species("Gramma loreto"), species("Nemateleotris magnifica"))
                        .step())
                .isLessThan(Step.CHOP);
        Together angels = bag.of(species("Centropyge bispinosa"), species("Centropyge loricula"));
        assertThat(angels.step()).isGreaterThanOrEqualTo(Step.CHOP);
        assertThat(angels).isEqualTo(bag.of(species("Centropyge loricula"), species("Centropyge bispinosa")));
        assertThat(bag.of(species("Antennarius maculatus"), species("Chromis viridis")))
                .isEqualTo(Together.of(Step.SURGE, new TogetherReason.Eats()));
        assertThat(bag.of(species("Centropyge loricula"), species("Centropyge loricula"))
                        .why())
                .isEqualTo(new TogetherReason.WrongNumber());
    }

    /** Grounds are looked at only where the two might press each other: that hides nothing. */
    @Test
    void aBagIsAsBadAsTheTwoWouldBe() {
        Plan plan = Plans.sixFeet().resident("Gramma loreto", 1, 5).plan();
        Bag bag = new Bag(plan);
        Quarters quarters = Quarters.of(plan.tank(), plan.staying());
        List<Species> holders =
                ALL.stream().filter(s -> s.place().holdsGround()).limit(HOLDERS).toList();
        for (Species a : holders) {
            for (Species b : holders) {
                if (a.scientificName().compareTo(b.scientificName()) < 0) {
                    Party one = Singles.one(plan, a, "one");
                    Party other = Singles.one(plan, b, "other");
                    Encounter on = quarters.joinedBy(one)
                            .joinedBy(other)
                            .meet(one, one.lengthCm(), other, other.lengthCm(), Encounter.Order.TOGETHER, false);
                    double index = Math.max(Tension.index(on), Tension.index(on.reversed()));
                    assertThat(bag.of(a, b).step()).as("%s, %s", a, b).isGreaterThanOrEqualTo(Tension.stepOf(index));
                }
            }
        }
    }
}
