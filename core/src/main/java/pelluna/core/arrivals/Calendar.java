package pelluna.core.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

import pelluna.core.introduction.Method;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.tank.Tank;

/** Puts days to an order: earliest days, gaps, free quarantine places, days in the box. */
final class Calendar {
    private final Plan plan;
    private final LocalDate[] free;

    Calendar(Plan plan) {
        this.plan = plan;
        boolean quarantine = plan.tank().school() != QuarantineSchool.NONE && plan.tank().quarantinePlaces() > 0;
        this.free = new LocalDate[quarantine ? plan.tank().quarantinePlaces() : 0];
        Arrays.fill(free, plan.startOn());
    }

    record Slot(Optional<LocalDate> quarantineFrom, LocalDate boxFrom, LocalDate releaseOn, int place) { }

    List<Slot> slots(List<Arrival> order, List<Method> methods, OrderProblem problem, int[] sequence) {
        List<Slot> slots = new ArrayList<>();
        LocalDate soonest = plan.startOn();
        for (int i = 0; i < order.size(); i++) {
            LocalDate earliest = plan.startOn().plusDays(problem.earliest()[sequence[i]]);
            Slot slot = slot(order.get(i), earliest.isAfter(soonest) ? earliest : soonest, methods.get(i).boxDays(plan.stance()));
            slots.add(slot);
            soonest = slot.releaseOn().plusDays(problem.gap()[sequence[i]]);
        }
        return slots;
    }

    private Slot slot(Arrival arrival, LocalDate target, int boxDays) {
        if (free.length == 0) {
            LocalDate box = latest(plan.startOn(), target.minusDays(boxDays));
            return new Slot(Optional.empty(), box, latest(target, box.plusDays(boxDays)), 0);
        }
        int place = 0;
        for (int i = 1; i < free.length; i++) {
            place = free[i].isBefore(free[place]) ? i : place;
        }
        int days = quarantineDays(plan.tank(), arrival);
        LocalDate from = latest(free[place], target.minusDays((long) boxDays + days));
        LocalDate out = from.plusDays(days);
        free[place] = out;
        return new Slot(Optional.of(from), out, out.plusDays(boxDays), place + 1);
    }

    /** Days by the keeper's school; fish that copper harms are watched for thirty days instead. Common practice. */
    static int quarantineDays(Tank tank, Arrival arrival) {
        boolean spared = tank.school().copper() && arrival.parties().stream().map(Party::species).anyMatch(s -> s.health().copperSensitive());
        return spared ? QuarantineSchool.THIRTY_DAYS_WATCH.days() : tank.school().days();
    }

    private static LocalDate latest(LocalDate a, LocalDate b) {
        return a.isAfter(b) ? a : b;
    }
}
