package pelluna.core.plan;

/**
 * What other keepers saw of two species, as a {@link PlanFile} has it. Fields as docs/plan-file.md has them.
 *
 * @param aggressor any name that means one species, as is the target
 */
public record ElsewhereFile(
        String aggressor, String target, int keepers, int hard, double expected, double times, double weight) {}
