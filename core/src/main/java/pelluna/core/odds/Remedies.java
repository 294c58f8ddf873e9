package pelluna.core.odds;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import pelluna.core.plan.Party;
import pelluna.core.tank.Cover;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.tank.Tank;

/** What might help a plan, by how its fish are lost; whether it does is found out by playing again. */
public final class Remedies {
    /** From this share of lost fish on a cause is worth a remedy. Pelluna's judgement. */
    private static final double WORTH = 0.02;

    private static final int MOST_MEALS = 4;
    private static final int MOST_LEFT_OUT = 3;
    private static final int MOST_BOXED = 2;

    private Remedies() {}

    /** Worth trying, in no order. */
    public static List<Remedy> of(Remedy.Version version, Odds odds) {
        Tank tank = version.plan().tank();
        List<Remedy> all = new ArrayList<>();
        if (tank.cover().compareTo(Cover.MESH) < 0 && worst(odds, Fate.JUMPED) >= WORTH) {
            all.add(new Remedy.Mesh());
        }
        if (worst(odds, Fate.DISEASE) >= WORTH && !version.going().isEmpty()) {
            if (tank.quarantinePlaces() == 0 || tank.school() == QuarantineSchool.NONE) {
                all.add(new Remedy.Quarantined(QuarantineSchool.THIRTY_DAYS_WATCH));
            } else if (tank.school() != QuarantineSchool.THIRTY_DAYS_COPPER_THEN_WATCH) {
                all.add(new Remedy.Quarantined(QuarantineSchool.THIRTY_DAYS_COPPER_THEN_WATCH));
            }
        }
        if (tank.mealsADay() < MOST_MEALS && worst(odds, Fate.STARVED) >= WORTH && hungry(odds, tank)) {
            all.add(new Remedy.Fed(tank.mealsADay() + 1));
        }
        going(version, odds, Fate.KILLED).stream()
                .filter(p -> !p.hand().box())
                .limit(MOST_BOXED)
                .forEach(p -> all.add(new Remedy.Boxed(p)));
        going(version, odds, null).stream().limit(MOST_LEFT_OUT).forEach(p -> all.add(new Remedy.LeftOut(p)));
        return all;
    }

    /** Wishes that are not in the plan as it is played. */
    public static boolean leavesOut(Remedy.Version version) {
        return version.plan().wishes().size()
                > version.going().stream().map(Party::id).distinct().count();
    }

    private static boolean hungry(Odds odds, Tank tank) {
        return odds.fish().stream().anyMatch(f -> f.party().species().diet().mealsADay() > tank.mealsADay());
    }

    private static double worst(Odds odds, Fate fate) {
        return odds.fish().stream()
                .mapToDouble(f -> f.why().getOrDefault(fate, 0.0))
                .max()
                .orElse(0);
    }

    /** Those who go in and are at risk, the most so first. @param fate of which; null of any */
    private static List<Party> going(Remedy.Version version, Odds odds, Fate fate) {
        Map<String, Party> going = new HashMap<>();
        version.going().forEach(p -> going.put(p.id(), p));
        return odds.fish().stream()
                .filter(f -> going.containsKey(f.party().id()))
                .filter(f -> risk(f, fate) >= WORTH)
                .sorted(Comparator.comparingDouble((Odds.OfFish f) -> risk(f, fate))
                        .reversed())
                .map(f -> going.get(f.party().id()))
                .toList();
    }

    private static double risk(Odds.OfFish f, Fate fate) {
        return fate == null
                ? Math.max(Math.max(f.lost().get(Months.ALL), f.harmed().get(Months.ALL)), f.takes())
                : f.why().getOrDefault(fate, 0.0);
    }
}
