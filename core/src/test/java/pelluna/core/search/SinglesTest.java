package pelluna.core.search;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.sieve.Sieve;
import pelluna.core.testing.Plans;

class SinglesTest {
    private static final Plan PLAN =
            Plans.sixFeet().with("lengthCm", 90).resident("Gramma loreto", 1, 6).plan();

    @Test
    void theSameAsTheSieveSaysOfEachByItself() {
        Singles singles = new Singles(PLAN);
        for (Species s : Plans.CATALOGUE.all().subList(0, 120)) {
            Party one = new Party("single", s, 1, s.usualShopCm(), PLAN.startOn(), PLAN.startOn(), 3, false);
            assertThat(singles.of(s)).as(s.name()).isEqualTo(Sieve.sift(PLAN, one));
        }
    }

    @Test
    void whatWasFoundIsKept() {
        Singles singles = new Singles(PLAN);
        Species gramma = Plans.species("Gramma loreto");
        assertThat(singles.of(gramma)).isSameAs(singles.of(gramma));
    }
}
