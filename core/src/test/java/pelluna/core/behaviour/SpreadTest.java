package pelluna.core.behaviour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.core.tension.Encounter;
import pelluna.core.tension.Surroundings;
import pelluna.core.tension.Tension;
import pelluna.core.testing.Plans;

/** Individuals differ: where a record is thin, a range and not one figure. */
class SpreadTest {
    /** Quantiles of Gamma(2, 1) divided by its mean: 1 − (1 + x)·e^−x = 0.1 and 0.9, solved by bisection. */
    @Test
    void withoutARecordItIsThePriorOfTheKind() {
        OwnRecord.Spread spread = OwnRecord.NONE.spread();
        assertThat(spread.low()).isCloseTo(0.2659058, within(1e-6));
        assertThat(spread.high()).isCloseTo(1.944860, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "3, 5", "9, 4", "30, 52"})
    void itNarrowsWithEveryActAndHoldsTheExpected(int acts, double expected) {
        OwnRecord record = new OwnRecord(acts, 5, expected);
        OwnRecord.Spread spread = record.spread();
        OwnRecord.Spread more = new OwnRecord(acts + 5, 5, expected).spread();
        assertThat(spread.low()).isLessThan(1).isPositive();
        assertThat(spread.high()).isGreaterThan(1);
        assertThat(more.high() / more.low()).isLessThan(spread.high() / spread.low());
    }

    @Test
    void aPairHasARangeUntilTheAggressorIsWellKnown() {
        var meets = new Encounter(
                Plans.party("Pseudochromis springeri", 5),
                5,
                Plans.party("Gramma loreto", 6),
                6,
                Encounter.Order.AGGRESSOR_FIRST,
                new Surroundings(400, 120, 6, 2, false),
                false,
                1);
        Tension unknown = Tension.of(meets);
        assertThat(unknown.range()).hasValueSatisfying(r -> {
            assertThat(r.low()).isLessThan(unknown.index());
            assertThat(r.high()).isBetween(unknown.index(), 100.0);
        });
        var known = new Encounter(
                Plans.party("Pseudochromis springeri", 5).seen(new OwnRecord(40, 20, 40)),
                5,
                Plans.party("Gramma loreto", 6),
                6,
                Encounter.Order.AGGRESSOR_FIRST,
                new Surroundings(400, 120, 6, 2, false),
                false,
                1);
        assertThat(Tension.of(known).range()).isEmpty();
    }
}
