package pelluna.core.sieve;

import java.util.Optional;
import pelluna.core.catalogue.Schools;
import pelluna.core.units.Step;

/**
 * What one rule says about one wish: the step, the figures compared, the reason, what would have to change, the source,
 * and the schools where keepers disagree.
 */
public record Finding(
        RuleName rule,
        Step step,
        Figure needs,
        Figure has,
        String unit,
        String reason,
        Remedy remedy,
        String source,
        Optional<Schools> schools) {

    static Finding of(
            RuleName rule,
            Step step,
            Figure needs,
            Figure has,
            String unit,
            String reason,
            Remedy remedy,
            String source) {
        return new Finding(rule, step, needs, has, unit, reason, remedy, source, Optional.empty());
    }

    Finding disputed(Schools figures) {
        return new Finding(
                rule,
                step,
                needs,
                has,
                unit,
                reason,
                remedy,
                source,
                Optional.of(figures).filter(Schools::disputed));
    }

    public boolean blocks() {
        return step.atLeast(Step.CHOP);
    }
}
