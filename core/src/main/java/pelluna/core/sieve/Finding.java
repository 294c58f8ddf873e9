package pelluna.core.sieve;

import java.util.Optional;
import pelluna.core.catalogue.Schools;
import pelluna.core.catalogue.Source;
import pelluna.core.tank.Unsaid;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;

/**
 * What one rule says about one wish: the step, the figures compared, the reason, what would have to change, the source,
 * and the schools where keepers disagree.
 */
public record Finding(
        RuleName rule,
        Step step,
        Figure needs,
        Figure has,
        Unit unit,
        Statement reason,
        Remedy remedy,
        Source source,
        Optional<Schools> schools) {

    static Finding of(
            RuleName rule,
            Step step,
            Figure needs,
            Figure has,
            Unit unit,
            Statement reason,
            Remedy remedy,
            Source source) {
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

    /** The same finding, which rests on a figure that is not said. */
    Finding assuming(Unsaid unsaid) {
        return new Finding(
                rule,
                step,
                needs,
                has,
                unit,
                Sentences.of(reason, new Reason.Assuming(unsaid)),
                remedy,
                source,
                schools);
    }

    /** What would have to change; what does not stop a fish is only made better. */
    public WhatHelps whatHelps() {
        Condition condition = remedy.condition();
        if (!blocks() && remedy.kind() != Remedy.Kind.NONE) {
            return remedy.inReach() ? new WhatHelps.BetterIf(condition) : new WhatHelps.BetterWith(condition);
        }
        return switch (remedy.kind()) {
            case CHANGE, WAIT -> new WhatHelps.FitsIf(condition);
            case OTHER_TANK -> new WhatHelps.WouldNeed(condition);
            case NONE -> new WhatHelps.OutOfReach(condition);
        };
    }

    public boolean blocks() {
        return step.atLeast(Step.CHOP);
    }
}
