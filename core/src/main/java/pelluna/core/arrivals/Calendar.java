package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;

import pelluna.core.plan.Party;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.tank.Tank;

/** Puts dates to an order: its {@link Timeline}, counted from the plan's start. */
final class Calendar {
    private Calendar() { }

    record Slot(Optional<LocalDate> quarantineFrom, LocalDate boxFrom, LocalDate releaseOn, int place) { }

    static List<Slot> slots(LocalDate start, OrderProblem problem, int[] sequence) {
        List<Slot> slots = new ArrayList<>();
        Timeline time = Timeline.start(problem);
        BitSet in = new BitSet();
        for (int u : sequence) {
            Timeline.Slot slot = time.then(problem, u, problem.boxDays(u, in));
            slots.add(new Slot(slot.place() == 0 ? Optional.empty() : Optional.of(start.plusDays(slot.quarantineFrom())),
                start.plusDays(slot.boxFrom()), start.plusDays(slot.releaseOn()), slot.place()));
            time = slot.after();
            in.set(u);
        }
        return slots;
    }

    /** Days by the keeper's school; fish that copper harms are watched for thirty days instead. Common practice. */
    static int quarantineDays(Tank tank, Arrival arrival) {
        return schoolFor(tank.school(), arrival).days();
    }

    /** The school an arrival goes through: the keeper's, but watching alone for fish that copper harms. */
    static QuarantineSchool schoolFor(QuarantineSchool school, Arrival arrival) {
        boolean spared = school.copper() && arrival.parties().stream().map(Party::species).anyMatch(s -> s.health().copperSensitive());
        return spared ? QuarantineSchool.THIRTY_DAYS_WATCH : school;
    }
}
