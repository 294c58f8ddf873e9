package pelluna.core.livestock;

import java.util.List;

/** Where a life stands after what happened in it. */
public final class LifeCourse {
    private LifeCourse() {}

    /**
     * @param events in the order in which they were written
     * @throws IllegalArgumentException without any
     */
    public static Stage of(List<LifeEvent> events) {
        if (events.isEmpty()) {
            throw new IllegalArgumentException("a life begins with an event");
        }
        Stage stage = Stage.WISHED;
        Stage before = Stage.WISHED;
        for (LifeEvent e : events) {
            stage = e.to().orElse(before);
            if (!stage.over()) {
                before = stage == Stage.MISSING ? Stage.DISPLAY : stage;
            }
        }
        return stage;
    }
}
