package pelluna.app.fish;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Refused;
import pelluna.app.planning.MeasuredLengths;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.PlanChange;
import pelluna.app.planning.PlanSteps;
import pelluna.app.planning.TankPlans;
import pelluna.core.behaviour.EventType;
import pelluna.core.livestock.LifeEvent;

/** What happens to a fish: it is measured, counted, changes sex, goes missing, is found. */
@Service
class FishLife {
    private static final Set<String> ROLES = Set.of("", "male", "female", "boss", "young");

    private final TankPlans plans;
    private final PlanSteps steps;
    private final Individuals fish;
    private final FishNotes notes;
    private final WhoIsMissing partings;

    FishLife(TankPlans plans, PlanSteps steps, Individuals fish, FishNotes notes, WhoIsMissing partings) {
        this.plans = plans;
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
    List<Length> lengths(OpenTank opened, Fish f) {
        int i = row(opened, f);
        return i < 0
                ? List.of()
                : opened.residents().get(i).lengths().stream()
                        .map(m -> new Length(
                                m.on(),
                                opened.say().lengthValue(m.cm()),
                                opened.say().length(m.cm())))
                        .toList();
    }

    /** By its growth, today; empty while it is in no plan. */
    String lengthNow(OpenTank opened, Fish f) {
        int i = row(opened, f);
        return i < 0
                ? ""
                : opened.say()
                        .text(
                                "page.fish.ofWhenGrown",
                                opened.say()
                                        .length(opened.plan().residents().get(i).lengthOn(plans.today())),
                                opened.say()
                                        .length(opened.plan().residents().get(i).adultCm()));
    }

    private static int row(OpenTank opened, Fish f) {
        return IntStream.range(0, opened.residents().size())
                .filter(i -> opened.residents().get(i).id() == f.id())
                .findFirst()
                .orElse(-1);
    }

    private int living(OwnedTank tank, Fish f) {
        int i = row(plans.open(tank), f);
        if (i < 0) {
            throw new NoSuchTankException();
        }
        return i;
    }

    @Transactional
    void measured(OwnedTank tank, long which, LocalDate on, double cm) {
        Fish f = fish.one(tank, which);
        int i = living(tank, f.partOf() == null ? f : fish.one(tank, f.partOf()));
        steps.change(
                tank, new PlanChange.LengthMeasured(), plan -> plan.resident(i, r -> MeasuredLengths.with(r, on, cm)));
    }

    @Transactional
    void counted(OwnedTank tank, long which, int count, String note) {
        Fish f = fish.one(tank, which);
        if (f.partOf() != null || count < 1 || count > 200) {
            throw new Refused(new FishRefusal.NotSoMany());
        }
        int before = f.count();
        int i = living(tank, f);
        if (count < before) {
            partings.missing(tank, which, before - count);
        }
        if (count != before) {
            steps.change(tank, new PlanChange.GroupCounted(), plan -> plan.resident(i, r -> r.counting(count)));
        }
        OwnNote fewer = count < before ? new OwnNote.Fewer(before - count) : null;
        notes.note(tank, EventType.COUNTED, which, count, fewer, note);
    }

    @Transactional
    void changesSex(OwnedTank tank, long which, String role) {
        if (!role.equals("male") && !role.equals("female")) {
            throw new Refused(new FishRefusal.IntoWhat());
        }
        Fish f = fish.one(tank, which);
        fish.called(tank, which, f.name(), role);
        notes.note(tank, EventType.CHANGED_SEX, which, 1, new OwnNote.NowOfSex(role.equals("female")), "");
    }

    /** @param what missing, found, or back */
    @Transactional
    void is(OwnedTank tank, long which, String what) {
        Fish f = fish.one(tank, which);
        switch (what) {
            case "missing" -> {
                if (!f.there()) {
                    throw new Refused(new FishRefusal.NotThere());
                }
                if (f.missing()) {
                    return; // of another window, or tapped twice
                }
                partings.missing(tank, which, f.count());
                notes.note(tank, EventType.ABSENT, which, 1, new OwnNote.Missing(), "");
            }
            case "found" -> {
                if (!f.missing() && partings.missing(tank, which).isEmpty()) {
                    throw new Refused(new FishRefusal.NotMissing());
                }
                int back = partings.found(tank, which);
                if (back > 0) {
                    int i = living(tank, f);
                    steps.change(
                            tank,
                            new PlanChange.GroupCounted(),
                            plan -> plan.resident(i, r -> r.counting(f.count() + back)));
                }
                notes.note(tank, EventType.SEEN, which, 1, new OwnNote.FoundAgain(), "");
            }
            case "back" -> {
                fish.happens(tank, which, LifeEvent.BACK);
                notes.back(tank, which);
                notes.note(tank, EventType.SEEN, which, 1, new OwnNote.BackInTheTank(), "");
            }
            default -> throw new Refused(new FishRefusal.WhatHappened());
        }
    }
}
