package pelluna.core.shop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.assessment.Effect;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;
import pelluna.core.units.Stop;

class CoolOffTest {
    private static Plans tank() {
        return Plans.sixFeet().with("quarantine", Map.of("places", 0, "school", "none"));
    }

    private static Plans small() {
        return tank().with("lengthCm", 100)
                .with("widthCm", 50)
                .with("waterHeightCm", 50)
                .with("netLitres", 200)
                .with("hides", 2);
    }

    private static CoolOff bought(Plan plan, String species) {
        Party p = plan.residents().stream()
                .filter(r -> r.species().scientificName().equals(species))
                .findFirst()
                .orElseThrow();
        return CoolOff.of(plan, p, plan.startOn(), Stop.NEVER);
    }

    @Test
    void theNextOfThePlanWaitsForIt() {
        CoolOff c = bought(
                tank().resident("Gramma loreto", Plans.START)
                        .wish("Nemateleotris magnifica")
                        .plan(),
                "Gramma loreto");
        assertThat(c.nextBefore()).contains(Plans.START);
        assertThat(c.next()).contains(Plans.START.plusDays(14));
    }

    @Test
    void whoStaysBehindIsSaidAndWhatItTroubles() {
        CoolOff c = bought(
                small().resident("Centropyge loricula", Plans.START)
                        .wish("Centropyge bispinosa")
                        .plan(),
                "Centropyge loricula");
        assertThat(c.asked().species().scientificName()).isEqualTo("Centropyge loricula");
        assertThat(c.effects()).hasAtLeastOneElementOfType(Effect.StayBehind.class);
        assertThat(c.next()).isEmpty();
    }

    @Test
    void whoBulliesIsWatched() {
        CoolOff c = bought(
                small().resident("Pseudochromis springeri", Plans.START.minusYears(1))
                        .resident("Gramma loreto", Plans.START)
                        .plan(),
                "Gramma loreto");
        assertThat(c.watch()).isNotEmpty();
    }

    @Test
    void theAnswerIsTheOneFromBeforeItWasBought() {
        Plan with = tank().resident("Gramma loreto", Plans.START).plan();
        assertThat(bought(with, "Gramma loreto").asked())
                .isEqualTo(new Shop(tank().plan(), Plans.START).of(Plans.species("Gramma loreto")));
    }
}
