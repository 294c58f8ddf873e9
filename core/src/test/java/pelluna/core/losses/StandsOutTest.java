package pelluna.core.losses;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import pelluna.core.behaviour.Course;
import pelluna.core.behaviour.Stretch;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;

class StandsOutTest {
    private static final LocalDate DAY = LocalDate.of(2027, 3, 15);
    private static final OptionalDouble NONE = OptionalDouble.empty();

    private static List<Statement> of(
            List<String> arrivals,
            List<String> lost,
            OptionalDouble low,
            OptionalDouble high,
            OptionalDouble ammonia,
            Stretch first,
            Stretch second,
            String sign) {
        return flat(StandsOut.of(new StandsOut.Days(
                DAY.minusDays(14), DAY, arrivals, lost, low, high, ammonia, NONE, first, second, sign)));
    }

    private static List<Statement> flat(List<Sentences> all) {
        return all.stream().flatMap(s -> s.all().stream()).toList();
    }

    @Test
    void whatNobodyLookedAtIsSaid() {
        assertThat(of(List.of(), List.of(), NONE, NONE, NONE, Stretch.NOTHING, Stretch.NOTHING, ""))
                .containsExactly(
                        new BeforeIt.NobodyNew(14),
                        new BeforeIt.NotTested(BeforeIt.Substance.AMMONIA),
                        new BeforeIt.NotTested(BeforeIt.Substance.NITRITE),
                        new BeforeIt.NoProbe(),
                        new BeforeIt.NobodyWatched());
    }

    @Test
    void arrivalsLossesAndTheFirstSignAreNamed() {
        List<Statement> says = of(
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
                        new BeforeIt.NewFish(List.of("Inky on 3 March", "Saffron on 9 March")),
                        new BeforeIt.LostFish(List.of("Saffron on 15 March", "a blenny on 16 March")),
                        new BeforeIt.FirstSign("Saffron hides, on 10 March"));
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
                .doesNotHaveAnyElementsOfTypes(BeforeIt.LostFish.class);
    }

    @Test
    void ammoniaThatACycledTankShouldNotShow() {
        assertThat(of(List.of(), List.of(), NONE, NONE, OptionalDouble.of(0.1), Stretch.NOTHING, Stretch.NOTHING, ""))
                .contains(new BeforeIt.WentUp(BeforeIt.Substance.AMMONIA, 0.1, true));
        assertThat(of(List.of(), List.of(), NONE, NONE, OptionalDouble.of(0.03), Stretch.NOTHING, Stretch.NOTHING, ""))
                .contains(new BeforeIt.WentUp(BeforeIt.Substance.AMMONIA, 0.03, false));
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
                .contains(new BeforeIt.ProbeBetween(24, 25.6, true));
        assertThat(of(
                        List.of(),
                        List.of(),
                        OptionalDouble.of(25.0),
                        OptionalDouble.of(25.6),
                        NONE,
                        Stretch.NOTHING,
                        Stretch.NOTHING,
                        ""))
                .contains(new BeforeIt.ProbeBetween(25, 25.6, false));
    }

    @Test
    void whetherItHadGrownRougherBefore() {
        assertThat(of(List.of(), List.of(), NONE, NONE, NONE, new Stretch(2, 4), new Stretch(24, 4), ""))
                .contains(new BeforeIt.LaterHalf(new Course.TimesAsMuch(12, Course.Chance.HARDLY)));
        assertThat(of(List.of(), List.of(), NONE, NONE, NONE, Stretch.NOTHING, new Stretch(24, 4), ""))
                .contains(new BeforeIt.LaterHalf(new Course.NobodyBefore()));
    }
}
