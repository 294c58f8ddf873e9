package pelluna.core.sieve;

import java.util.OptionalDouble;
import pelluna.core.units.Measures;

/** One side of a comparison: a number in the finding's unit, or a word. */
public record Figure(OptionalDouble number, String text) {
    public static Figure of(double number) {
        return new Figure(OptionalDouble.of(Measures.round(number, 2)), Measures.number(Measures.round(number, 2)));
    }

    public static Figure of(String word) {
        return new Figure(OptionalDouble.empty(), word);
    }
}
