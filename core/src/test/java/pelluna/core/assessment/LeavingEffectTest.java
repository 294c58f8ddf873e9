package pelluna.core.assessment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.arrivals.Costs;
import pelluna.core.arrivals.HandPrice;
import pelluna.core.arrivals.Restock;
import pelluna.core.arrivals.Schedule;
import pelluna.core.arrivals.Scheduler;
import pelluna.core.outlook.PlanTime;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;
import pelluna.core.units.Sentences;

/** What it changes that somebody leaves, what a hand costs, what a plan takes. */
class LeavingEffectTest {

    @Test
    void whenTheBullyGoesTheOneItKeptOutComesIn() {
        Plan plan = Plans.sixFeet()
                .with("netLitres", 200)
                .resident("Balistoides conspicillum", 1, 25)
                .wish("Gramma loreto")
                .plan();
        List<Effect> effects = LeavingEffect.of(plan, plan.residents().get(0), Plans.START.plusDays(60));
        assertThat(effects).contains(new Effect.ComeIn(plan.wishes()));
        assertThat(effects).hasAtLeastOneElementOfType(Effect.InchesHeld.class);
    }

    @Test
    void aSmallPeacefulFishThatGoesChangesLittle() {
        Plan plan = Plans.sixFeet().resident("Gramma loreto", 1, 7).plan();
        assertThat(LeavingEffect.of(plan, plan.residents().get(0), Plans.START.plusDays(60)))
                .doesNotHaveAnyElementsOfTypes(Effect.ComeIn.class, Effect.StayBehind.class);
    }

    @Test
    void thePriceOfAHandNamesThePairThatCostsMost() {
        Plan plan = Plans.sixFeet()
                .with("netLitres", 300)
                .wish("Gramma loreto")
                .wish("Pictichromis paccagnellae")
                .plan();
        Schedule best = new Scheduler(plan, plan.wishes()).best();
        String last = best.steps().get(1).arrival().parties().get(0).id();
        Plan hand = plan.with(plan.party(last)
                .orElseThrow()
                .by(plan.party(last).orElseThrow().hand().at(1)));
        Scheduler scheduler = new Scheduler(hand, hand.wishes());
        HandPrice price = scheduler.price(scheduler.planned());
        assertThat(price.points()).isPositive();
        assertThat(price.because()).isPresent();
        assertThat(price.says().all()).hasAtLeastOneElementOfType(Costs.PointsBecause.class);
        assertThat(scheduler.price(scheduler.best()).says())
                .isEqualTo(Sentences.of(new Costs.AsCalm(), new Costs.SameDay()));
    }

    @Test
    void aPlanTakesItsQuarantineDays() {
        Plan plan = Plans.sixFeet()
                .with("quarantine", java.util.Map.of("places", 1, "school", "thirty-days-watch"))
                .wish("Gramma loreto")
                .wish("Ecsenius midas")
                .plan();
        PlanTime time = PlanTime.of(plan.startOn(), new Scheduler(plan, plan.wishes()).planned());
        assertThat(time.quarantineDays()).isEqualTo(60);
        assertThat(time.weeks()).isGreaterThanOrEqualTo(9);
    }

    @Test
    void afterElevenWeeksWithoutFishLittleOfTheFilterIsLeft() {
        assertThat(Restock.awake(0.2, 76, 25.5)).isLessThan(0.1);
        assertThat(Restock.awake(0.2, 7, 25.5)).isBetween(0.2, 0.6);
        assertThat(Restock.awake(0.2, 0, 25.5)).isEqualTo(1);
        assertThat(Restock.reminders(Plans.sixFeet().plan())).isEmpty();
    }
}
