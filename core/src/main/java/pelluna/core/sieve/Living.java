package pelluna.core.sieve;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import pelluna.core.plan.Plan;
import pelluna.core.tank.Unsaid;
import pelluna.core.tension.Quarters;

/**
 * Those who live in a tank and stay, settled once for all the wishes that are held against them. Not for several
 * threads.
 */
public final class Living {
    private final Plan plan;
    private final Map<Unsaid, List<Plan>> others = new EnumMap<>(Unsaid.class);
    private Quarters quarters;

    public Living(Plan plan) {
        this.plan = plan;
    }

    /** The plan in other tanks, as the tank might be in one thing that is not said. */
    List<Plan> otherwise(Unsaid u) {
        return others.computeIfAbsent(
                u,
                k -> k.others(plan.tank(), plan.startOn()).stream()
                        .map(plan::with)
                        .toList());
    }

    Quarters quarters() {
        if (quarters == null) {
            quarters = Quarters.of(plan.tank(), plan.staying());
        }
        return quarters;
    }
}
