package pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import pelluna.core.testing.Plans;

class EatenTest {

    @Test
    void whatFitsTheMouthIsEatenFromTheFirstDay() {
        assertThat(Eaten.of(Plans.party("Pterois volitans", 20), Plans.party("Chromis viridis", 5), Plans.START))
                .hasValueSatisfying(e -> assertThat(e.from()).isEqualTo(Plans.START));
    }

    @Test
    void aHunterGrowsIntoItsPrey() {
        assertThat(Eaten.of(Plans.party("Cephalopholis miniata", 9), Plans.party("Chromis viridis", 6), Plans.START))
                .hasValueSatisfying(e -> {
                    assertThat(e.from()).isAfter(Plans.START.plusMonths(2));
                    long days = java.time.temporal.ChronoUnit.DAYS.between(Plans.START, e.from());
                    double hunter = Plans.species("Cephalopholis miniata")
                            .size()
                            .growth()
                            .lengthAfter(9, days);
                    double prey =
                            Plans.species("Chromis viridis").size().growth().lengthAfter(6, days);
                    assertThat(prey).isLessThanOrEqualTo(0.33 * hunter);
                });
    }

    @Test
    void grazersAndOwnKindAreNoHunters() {
        assertThat(Eaten.of(Plans.party("Zebrasoma desjardinii", 30), Plans.party("Gobiodon okinawae", 3), Plans.START))
                .isEmpty();
        assertThat(Eaten.of(Plans.party("Pterois volitans", 30), Plans.party("Pterois volitans", 8), Plans.START))
                .isEmpty();
    }

    @Test
    void keptShrimpCountAsPrey() {
        assertThat(Eaten.in(Plans.sixFeet()
                        .with("keeps", java.util.List.of("shrimp", "snails"))
                        .wish("Choerodon fasciatus")
                        .plan()))
                .extracting(Eaten::eaten)
                .contains("shrimp", "snails");
    }
}
