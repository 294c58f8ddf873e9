package pelluna.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.catalogue.Stance;
import pelluna.core.tank.Tank;

/**
 * One tank, who lives in it, and everything its keeper would love to have.
 *
 * @param tests  of the water, in the order of their days
 * @param fallow the time without fish before this plan, if it is a restock
 */
public record Plan(
        Tank tank,
        Stance stance,
        LocalDate startOn,
        List<Party> residents,
        List<Party> wishes,
        List<WaterTest> tests,
        Optional<Fallow> fallow) {
    public Plan {
        residents = List.copyOf(residents);
        wishes = List.copyOf(wishes);
        tests = tests.stream().sorted(Comparator.comparing(WaterTest::on)).toList();
    }

    public Plan(Tank tank, Stance stance, LocalDate startOn, List<Party> residents, List<Party> wishes) {
        this(tank, stance, startOn, residents, wishes, List.of(), Optional.empty());
    }

    public List<Party> everybody() {
        List<Party> all = new ArrayList<>(residents);
        all.addAll(wishes);
        return all;
    }

    /** Residents who are not to leave. */
    public List<Party> staying() {
        return residents.stream().filter(p -> p.hand().leaves().isEmpty()).toList();
    }

    /** Wishes that their keeper takes though Pelluna may refuse them. */
    public List<Party> atOwnRisk() {
        return wishes.stream().filter(p -> p.hand().risk().taken()).toList();
    }

    /** The same plan as if some of its wishes lived there already. */
    public Plan housing(List<Party> some) {
        List<Party> living = new ArrayList<>(residents);
        living.addAll(some);
        return new Plan(tank, stance, startOn, living, wishes, tests, fallow);
    }

    /** The same plan as if one of its parties were not; by id. */
    public Plan without(Party one) {
        return new Plan(
                tank,
                stance,
                startOn,
                residents.stream().filter(p -> !p.id().equals(one.id())).toList(),
                wishes.stream().filter(p -> !p.id().equals(one.id())).toList(),
                tests,
                fallow);
    }

    public Optional<Party> party(String id) {
        return everybody().stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public Plan with(Tank other) {
        return new Plan(other, stance, startOn, residents, wishes, tests, fallow);
    }

    /** The same plan begun on another day. */
    public Plan startingOn(LocalDate day) {
        return new Plan(tank, stance, day, residents, wishes, tests, fallow);
    }

    public Plan with(Stance other) {
        return new Plan(tank, other, startOn, residents, wishes, tests, fallow);
    }

    /** The same plan with one of its parties otherwise; by id. */
    public Plan with(Party other) {
        return new Plan(
                tank,
                stance,
                startOn,
                residents.stream()
                        .map(p -> p.id().equals(other.id()) ? other : p)
                        .toList(),
                wishes.stream().map(p -> p.id().equals(other.id()) ? other : p).toList(),
                tests,
                fallow);
    }

    /** The same plan with only these wishes left in it. */
    public Plan wishing(List<Party> others) {
        return new Plan(tank, stance, startOn, residents, others, tests, fallow);
    }
}
