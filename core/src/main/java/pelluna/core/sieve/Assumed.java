package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pelluna.core.catalogue.Source;
import pelluna.core.plan.Plan;
import pelluna.core.tank.Unsaid;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

/**
 * Whether a verdict hangs on something that the keeper has not said: whether it would be another if that were
 * otherwise.
 */
public final class Assumed {
    private static final Map<Unsaid, List<Rule>> ASKED_BY = askedBy();

    private Assumed() {}

    private static Map<Unsaid, List<Rule>> askedBy() {
        Map<Unsaid, List<Rule>> by = new EnumMap<>(Unsaid.class);
        by.put(Unsaid.AGE, List.of(new TankAge()));
        by.put(Unsaid.COVER, List.of(new CoverRule()));
        by.put(Unsaid.SAND, List.of(new Sand()));
        by.put(Unsaid.HIDES, List.of(new Hides()));
        by.put(Unsaid.WATER_CHANGE, List.of(CapacityRule::byChanges));
        by.put(Unsaid.MEALS, List.of(new Meals()));
        by.put(Unsaid.SEAWEED, List.of(new Algae()));
        by.put(Unsaid.PODS, List.of(new PodsRule()));
        by.put(Unsaid.KEEPER, List.of(new HardFeeder(), new KeeperSafety(), new Skill()));
        by.put(Unsaid.TEMPERATURE, List.of(new WaterRange(RuleName.TEMPERATURE)));
        by.put(Unsaid.SALINITY, List.of(new WaterRange(RuleName.SALINITY)));
        by.put(Unsaid.QUARANTINE, List.of(new Quarantine()));
        return by;
    }

    /** The figure that a rule asks, where it is one that may be left unsaid. */
    private static Optional<Unsaid> asks(RuleName rule) {
        return Optional.ofNullable(
                switch (rule) {
                    case TANK_AGE -> Unsaid.AGE;
                    case COVER -> Unsaid.COVER;
                    case SAND -> Unsaid.SAND;
                    case HIDES -> Unsaid.HIDES;
                    case CAPACITY -> Unsaid.WATER_CHANGE;
                    case MEALS -> Unsaid.MEALS;
                    case ALGAE -> Unsaid.SEAWEED;
                    case PODS -> Unsaid.PODS;
                    case HARD_FEEDER, KEEPER_SAFETY, SKILL -> Unsaid.KEEPER;
                    case TEMPERATURE -> Unsaid.TEMPERATURE;
                    case SALINITY -> Unsaid.SALINITY;
                    case QUARANTINE -> Unsaid.QUARANTINE;
                    default -> null;
                });
    }

    /** The same finding; where it rests on what is not said, it says so. */
    static Finding marked(Finding f, Setting s) {
        return asks(f.rule())
                .filter(s.tank().unsaid()::contains)
                .map(f::assuming)
                .orElse(f);
    }

    static Optional<Finding> of(Setting s) {
        List<Unsaid> hangs = new ArrayList<>();
        for (Unsaid u : s.tank().unsaid()) {
            if (ASKED_BY.get(u).stream().anyMatch(rule -> differs(rule, s, u))) {
                hangs.add(u);
            }
        }
        if (hangs.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                RuleName.ASSUMED,
                Step.RIPPLE,
                Figure.of(Wanted.SAID),
                Figure.of(hangs),
                Unit.NOT_SAID,
                new Reason.NotSaid(hangs.stream()
                        .map(u -> new Assumption(u, u.assumed(s.tank())))
                        .toList()),
                Remedy.change("assumed", new Condition.Said(hangs)),
                Source.JUDGEMENT));
    }

    private static boolean differs(Rule rule, Setting s, Unsaid u) {
        boolean now = blocks(rule, s);
        for (Plan other : s.living().otherwise(u)) {
            if (blocks(rule, new Setting(other, s.wish(), s.living())) != now) {
                return true;
            }
        }
        return false;
    }

    private static boolean blocks(Rule rule, Setting s) {
        return rule.check(s).stream().anyMatch(Finding::blocks);
    }

    /** Whether a verdict hangs on a figure that is not said. */
    public static boolean on(Unsaid u, Verdict v) {
        return v.findings().stream()
                .filter(f -> f.rule() == RuleName.ASSUMED)
                .anyMatch(f -> f.has().named().contains(u));
    }
}
