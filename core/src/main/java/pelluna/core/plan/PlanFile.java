package pelluna.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import pelluna.core.catalogue.Stance;

/**
 * A plan as its file has it: what was said and nothing else; null, or an empty list, where nothing was said. Fields as
 * docs/plan-file.md has them.
 *
 * @param pelluna   the version of the format, 1
 * @param residents in the order in which they were put in, as are wishes and tests
 * @param elsewhere what other keepers saw of some of these species
 */
public record PlanFile(
        int pelluna,
        String name,
        Stance stance,
        LocalDate startOn,
        TankFile tank,
        List<FishFile> residents,
        List<FishFile> wishes,
        List<TestFile> tests,
        List<ElsewhereFile> elsewhere) {
    public static final int VERSION = 1;

    public PlanFile {
        residents = residents == null ? List.of() : List.copyOf(residents);
        wishes = wishes == null ? List.of() : List.copyOf(wishes);
        tests = tests == null ? List.of() : List.copyOf(tests);
        elsewhere = elsewhere == null ? List.of() : List.copyOf(elsewhere);
    }

    /** A tank with nobody in it and nobody wished for. */
    public static PlanFile of(String name, TankFile tank) {
        return new PlanFile(VERSION, name, null, null, tank, List.of(), List.of(), List.of(), List.of());
    }

    public PlanFile named(String other) {
        return new PlanFile(pelluna, other, stance, startOn, tank, residents, wishes, tests, elsewhere);
    }

    public PlanFile with(Stance other) {
        return new PlanFile(pelluna, name, other, startOn, tank, residents, wishes, tests, elsewhere);
    }

    /** @param day null for a plan that starts today */
    public PlanFile startingOn(LocalDate day) {
        return new PlanFile(pelluna, name, stance, day, tank, residents, wishes, tests, elsewhere);
    }

    public PlanFile with(TankFile other) {
        return new PlanFile(pelluna, name, stance, startOn, other, residents, wishes, tests, elsewhere);
    }

    public PlanFile living(List<FishFile> others) {
        return new PlanFile(pelluna, name, stance, startOn, tank, others, wishes, tests, elsewhere);
    }

    public PlanFile wishing(List<FishFile> others) {
        return new PlanFile(pelluna, name, stance, startOn, tank, residents, others, tests, elsewhere);
    }

    public PlanFile tested(List<TestFile> others) {
        return new PlanFile(pelluna, name, stance, startOn, tank, residents, wishes, others, elsewhere);
    }

    public PlanFile known(List<ElsewhereFile> others) {
        return new PlanFile(pelluna, name, stance, startOn, tank, residents, wishes, tests, others);
    }

    /** The same plan with every resident changed. */
    public PlanFile eachResident(UnaryOperator<FishFile> change) {
        return living(residents.stream().map(change).toList());
    }

    /** The same plan with every wish changed. */
    public PlanFile eachWish(UnaryOperator<FishFile> change) {
        return wishing(wishes.stream().map(change).toList());
    }

    /** The same plan with one resident changed. @param i its place in the list */
    public PlanFile resident(int i, UnaryOperator<FishFile> change) {
        return living(replaced(residents, i, change));
    }

    /** The same plan with one resident fewer. @param i its place in the list */
    public PlanFile withoutResident(int i) {
        List<FishFile> next = new ArrayList<>(residents);
        next.remove(i);
        return living(next);
    }

    public PlanFile alsoLiving(FishFile one) {
        return living(added(residents, one));
    }

    public PlanFile alsoWishing(FishFile one) {
        return wishing(added(wishes, one));
    }

    /** How many residents and wishes it holds. */
    public int fish() {
        return residents.size() + wishes.size();
    }

    /** The same plan, each fish without the number of its row. */
    public PlanFile unnumbered() {
        return eachResident(f -> f.numbered(null)).eachWish(f -> f.numbered(null));
    }

    private static List<FishFile> replaced(List<FishFile> all, int i, UnaryOperator<FishFile> change) {
        List<FishFile> next = new ArrayList<>(all);
        next.set(i, change.apply(all.get(i)));
        return next;
    }

    private static List<FishFile> added(List<FishFile> all, FishFile one) {
        List<FishFile> next = new ArrayList<>(all);
        next.add(one);
        return next;
    }
}
