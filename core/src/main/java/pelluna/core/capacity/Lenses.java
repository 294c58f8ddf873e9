package pelluna.core.capacity;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import pelluna.core.plan.Plan;
import pelluna.core.tank.Tank;

/** The ways to count that decide in a plan, made once for many questions. */
public final class Lenses {
    private final Tank tank;
    private final Set<LensKind> names;
    private final LengthRule rule;
    private final Waste waste;

    public Lenses(Plan plan) {
        this(plan, Capacity.deciding(plan.stance()));
    }

    Lenses(Plan plan, Set<LensKind> names) {
        this.tank = plan.tank();
        this.names = names;
        this.rule = LengthRule.of(tank, plan.startOn());
        this.waste = Waste.of(plan);
    }

    /**
     * What they say of one fish more, tightest first; of the room only those parts that it would take from.
     *
     * @param all what everybody takes then, this one too
     */
    public List<Lens> about(Load one, Load all) {
        List<Lens> lenses = new ArrayList<>();
        for (LensKind name : names) {
            lenses.add(
                    switch (name) {
                        case LENGTH_RULE -> rule.lens(tank, all.inches());
                        case WASTE -> waste.lens(all.feedGrams());
                        case ROOM -> RoomLens.lens(all.room(), one.room());
                    });
        }
        lenses.sort(Comparator.comparingDouble(Lens::share).reversed());
        return lenses;
    }
}
