package pelluna.core.units;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;

/** A value with one word in the open formats: plan file and catalogue. */
public interface Named {
    String word();

    static <E extends Enum<E> & Named> Optional<E> find(Class<E> type, String word) {
        return Arrays.stream(type.getEnumConstants())
                .filter(e -> e.word().equals(word))
                .findFirst();
    }

    /** All words of a type, for a message: 'none, partial, mesh, solid'. */
    static <E extends Enum<E> & Named> String words(Class<E> type) {
        return Arrays.stream(type.getEnumConstants()).map(Named::word).collect(Collectors.joining(", "));
    }
}
