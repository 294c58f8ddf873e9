package pelluna.core.sieve;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;

/** Every wish against every rule, in the order of the meshes: read this list from top to bottom. */
public final class Sieve {
    private static final List<Rule> RULES = List.of(
            new LeastVolume(),
            new LeastRun(),
            new TurningRoom(),
            new TankAge(),
            new Sand(),
            new CoverRule(),
            new Hides(),
            new WaterRange(RuleName.TEMPERATURE),
            new WaterRange(RuleName.SALINITY),
            new PodsRule(),
            new HardFeeder(),
            new Meals(),
            new Algae(),
            new ReefLifeRule(),
            new KeeperSafety(),
            new Skill(),
            new Quarantine(),
            new GroupSize(),
            new Company(),
            new CapacityRule());

    private Sieve() {}

    /** What every rule says about one wish alone: the tank and its residents, the other wishes left out. */
    public static Verdict sift(Plan plan, Party wish) {
        return sift(new Setting(plan, wish));
    }

    /** The same for one of many wishes, with those who live there settled once for all of them. */
    public static Verdict sift(Plan plan, Party wish, Living living) {
        return sift(new Setting(plan, wish, living));
    }

    private static Verdict sift(Setting setting) {
        List<Finding> findings = new ArrayList<>(RULES.stream()
                .flatMap(rule -> rule.check(setting).stream())
                .map(f -> Assumed.marked(f, setting))
                .toList());
        Assumed.of(setting).ifPresent(findings::add);
        return Verdict.of(setting.wish(), findings);
    }
}
