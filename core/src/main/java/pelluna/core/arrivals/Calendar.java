package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;

/** Puts dates to an order: its {@link Timeline}, counted from the plan's start. */
final class Calendar {
    private Calendar() {}

    record Slot(Optional<LocalDate> quarantineFrom, LocalDate boxFrom, LocalDate releaseOn, int place) {}

    static List<Slot> slots(LocalDate start, OrderProblem problem, int[] sequence) {
        List<Slot> slots = new ArrayList<>();
        Timeline time = Timeline.start(problem);
        BitSet in = new BitSet();
        for (int u : sequence) {
            Timeline.Slot slot = time.then(problem, u, problem.boxDays(u, in));
            slots.add(new Slot(
                    slot.place() == 0 ? Optional.empty() : Optional.of(start.plusDays(slot.quarantineFrom())),
                    start.plusDays(slot.boxFrom()),
                    start.plusDays(slot.releaseOn()),
                    slot.place()));
            time = slot.after();
            in.set(u);
        }
        return slots;
    }
}
