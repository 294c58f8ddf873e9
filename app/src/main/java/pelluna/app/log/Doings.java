package pelluna.app.log;

import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import pelluna.core.behaviour.Doing;

/** Sets of doings by their words, as rows have them. */
final class Doings {
    static final List<String> CONTESTS = words(d -> d.kind() == Doing.Kind.CONTEST);
    static final List<String> PRESSING = words(Doing::presses);

    private Doings() {}

    private static List<String> words(Predicate<Doing> which) {
        return Arrays.stream(Doing.values()).filter(which).map(Doing::word).toList();
    }
}
