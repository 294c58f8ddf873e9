package pelluna.core.losses;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import pelluna.core.behaviour.Stretch;

class StandsOutTest {
    private static final LocalDate DAY = LocalDate.of(2027, 3, 15);
    private static final OptionalDouble NONE = OptionalDouble.empty();

    private static List<String> of(
            List<String> arrivals,
            List<String> lost,
            OptionalDouble low,
            OptionalDouble high,
            OptionalDouble ammonia,
            Stretch first,
            Stretch second,
            String sign) {
        return StandsOut.of(new StandsOut.Days(
                DAY.minusDays(14), DAY, arrivals, lost, low, high, ammonia, NONE, first, second, sign));
    }

    @Test
    void whatNobodyLookedAtIsSaid() {
        assertThat(of(List.of(), List.of(), NONE, NONE, NONE, Stretch.NOTHING, Stretch.NOTHING, ""))
                .containsExactly(
                        "Nobody new came in the 14 days before.",
                        "Nobody tested ammonia. Nobody tested nitrite.",
                        "No probe was read, so nobody knows what the temperature did.",
                        "Nobody watched in the days before.");
    }

    @Test
    void arrivalsLossesAndTheFirstSignAreNamed() {
        List<String> says = of(
                List.of("Inky on 3 March", "Saffron on 9 March"),
                List.of("Saffron on 15 March", "a blenny on 16 March"),
                NONE,
                NONE,
                NONE,
                Stretch.NOTHING,
                Stretch.NOTHING,
                "Saffron hides, on 10 March");
        assertThat(says)
                .contains(
                        "New in these days: Inky on 3 March and Saffron on 9 March.",
                        "Lost in these days: Saffron on 15 March and a blenny on 16 March.",
                        "The first sign: Saffron hides, on 10 March.");
    }

    @Test
    void oneLossAloneNeedsNoList() {
        assertThat(of(
                        List.of(),
                        List.of("Saffron on 15 March"),
                        NONE,
                        NONE,
                        NONE,
                        Stretch.NOTHING,
                        Stretch.NOTHING,
                        ""))
                .noneMatch(s -> s.startsWith("Lost"));
    }

    @Test
    void ammoniaThatACycledTankShouldNotShow() {
        assertThat(of(List.of(), List.of(), NONE, NONE, OptionalDouble.of(0.1), Stretch.NOTHING, Stretch.NOTHING, ""))
                .anyMatch(s -> s.startsWith("Ammonia went up to 0.1 mg/L, which a cycled tank should not show."));
        assertThat(of(List.of(), List.of(), NONE, NONE, OptionalDouble.of(0.03), Stretch.NOTHING, Stretch.NOTHING, ""))
                .anyMatch(s -> s.startsWith("Ammonia went up to 0.03 mg/L. "));
    }

    @Test
    void aTemperatureThatMovedTooMuch() {
        assertThat(of(
                        List.of(),
                        List.of(),
                        OptionalDouble.of(24.0),
                        OptionalDouble.of(25.6),
                        NONE,
                        Stretch.NOTHING,
                        Stretch.NOTHING,
                        ""))
                .contains("The probe had it between 24 and 25.6 °C: more than it should move.");
        assertThat(of(
                        List.of(),
                        List.of(),
                        OptionalDouble.of(25.0),
                        OptionalDouble.of(25.6),
                        NONE,
                        Stretch.NOTHING,
                        Stretch.NOTHING,
                        ""))
                .contains("The probe had it between 25 and 25.6 °C.");
    }

    @Test
    void whetherItHadGrownRougherBefore() {
        assertThat(of(List.of(), List.of(), NONE, NONE, NONE, new Stretch(2, 4), new Stretch(24, 4), ""))
                .anyMatch(s -> s.startsWith(
                        "Before it, the later half of the days against the earlier: about 12 times as much as before"));
        assertThat(of(List.of(), List.of(), NONE, NONE, NONE, Stretch.NOTHING, new Stretch(24, 4), ""))
                .anyMatch(s -> s.contains("nobody watched before"));
    }
}
