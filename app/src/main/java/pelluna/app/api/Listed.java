package pelluna.app.api;

import java.util.List;
import java.util.function.Function;

/** Some of a list. @param next what to ask for as {@code after} to go on; null at the end */
record Listed<T>(List<T> items, String next) {
    /**
     * @param found one more than are shown, if there is one
     * @param mark  by which one is asked for
     */
    static <T> Listed<T> of(List<T> found, int limit, Function<T, String> mark) {
        return found.size() > limit
                ? new Listed<>(found.subList(0, limit), mark.apply(found.get(limit - 1)))
                : new Listed<>(found, null);
    }
}
