package pelluna.app.log;

import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import pelluna.core.behaviour.EventType;

/** Sets of doings by their words, as rows have them. */
final class EventTypes {
    static final List<String> CONTESTS = words(d -> d.kind() == EventType.Kind.CONTEST);
    static final List<String> PRESSING = words(EventType::presses);

    private EventTypes() {}

    private static List<String> words(Predicate<EventType> which) {
        return Arrays.stream(EventType.values())
                .filter(which)
                .map(EventType::word)
                .toList();
    }
}
