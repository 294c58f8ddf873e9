package pelluna.app.fish;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.planning.Desk;
import pelluna.app.planning.MeasuredLengths;
import pelluna.app.planning.NoSuchTankException;
import pelluna.app.planning.PlanDesk;
import pelluna.app.planning.PlanSteps;
import pelluna.core.behaviour.Doing;
import pelluna.core.livestock.LifeEvent;

/** What happens to a fish: it is measured, counted, changes sex, goes missing, is found. */
@Service
class FishLife {
    private static final Set<String> ROLES = Set.of("", "male", "female", "boss", "young");

    private final PlanDesk desks;
    private final PlanSteps steps;
    private final FishDesk fish;
    private final FishNotes notes;
    private final Partings partings;

    FishLife(PlanDesk desks, PlanSteps steps, FishDesk fish, FishNotes notes, Partings partings) {
        this.desks = desks;
        this.steps = steps;
        this.fish = fish;
        this.notes = notes;
        this.partings = partings;
    }

    String role(String asked) {
        return ROLES.contains(asked) ? asked : "";
    }

    /** A measured length. @param value in the reader's unit; @param says with it */
    record Length(LocalDate on, double value, String says) {}

    /** Measured lengths, oldest first. */
    List<Length> lengths(Desk desk, Fish f) {
        int i = row(desk, f);
        return i < 0
                ? List.of()
                : desk.residents().get(i).lengths().stream()
                        .map(m -> new Length(
                                m.on(),
                                desk.say().lengthValue(m.cm()),
                                desk.say().length(m.cm())))
                        .toList();
    }

    /** By its growth, today; empty while it is in no plan. */
    String lengthNow(Desk desk, Fish f) {
        int i = row(desk, f);
        return i < 0
                ? ""
                : desk.say().length(desk.plan().residents().get(i).lengthOn(desks.today())) + ", of "
                        + desk.say().length(desk.plan().residents().get(i).adultCm()) + " when grown";
    }

    private static int row(Desk desk, Fish f) {
        return IntStream.range(0, desk.residents().size())
                .filter(i -> desk.residents().get(i).id() == f.id())
                .findFirst()
                .orElse(-1);
    }

    private int living(long tank, Fish f) {
        int i = row(desks.open(tank), f);
        if (i < 0) {
            throw new NoSuchTankException();
        }
        return i;
    }

    @Transactional
    void measured(long tank, long which, LocalDate on, double cm) {
        Fish f = fish.one(tank, which);
        int i = living(tank, f.partOf() == null ? f : fish.one(tank, f.partOf()));
        steps.change(tank, "a length measured", plan -> plan.resident(i, r -> MeasuredLengths.with(r, on, cm)));
    }

    @Transactional
    void counted(long tank, long which, int count, String note) {
        Fish f = fish.one(tank, which);
        if (f.partOf() != null || count < 1 || count > 200) {
            throw new IllegalArgumentException("From 1 to 200; if none is left, say below where they are.");
        }
        int before = f.count();
        int i = living(tank, f);
        if (count < before) {
            partings.missing(tank, which, before - count);
        }
        if (count != before) {
            steps.change(tank, "a group counted", plan -> plan.resident(i, r -> r.counting(count)));
        }
        String fewer = count < before ? (before - count) + " fewer than before" : "";
        notes.note(
                tank,
                Doing.COUNTED,
                which,
                count,
                fewer + (fewer.isEmpty() || note.isBlank() ? "" : ": ") + note.strip());
    }

    @Transactional
    void changesSex(long tank, long which, String role) {
        if (!role.equals("male") && !role.equals("female")) {
            throw new IllegalArgumentException("Into male or female?");
        }
        Fish f = fish.one(tank, which);
        fish.called(tank, which, f.name(), role);
        notes.note(tank, Doing.CHANGED_SEX, which, 1, "now " + role);
    }

    /** @param what missing, found, or back */
    @Transactional
    void is(long tank, long which, String what) {
        Fish f = fish.one(tank, which);
        switch (what) {
            case "missing" -> {
                partings.missing(tank, which, f.count());
                notes.note(tank, Doing.ABSENT, which, 1, "missing");
            }
            case "found" -> {
                int back = partings.found(tank, which);
                if (back > 0) {
                    int i = living(tank, f);
                    steps.change(tank, "a group counted", plan -> plan.resident(i, r -> r.counting(f.count() + back)));
                }
                notes.note(tank, Doing.SEEN, which, 1, "found again");
            }
            case "back" -> {
                fish.happens(tank, which, LifeEvent.BACK);
                notes.back(tank, which);
                notes.note(tank, Doing.SEEN, which, 1, "back in the tank");
            }
            default -> throw new IllegalArgumentException("What happened?");
        }
    }
}
