package pelluna.app.overrides;

import pelluna.core.catalogue.FactForm;
import pelluna.core.units.Statement;

/** What cannot be taken as a keeper's own word, beyond what no catalogue may say. */
sealed interface OverrideFault extends Statement {
    record TooMany(int most) implements OverrideFault {}

    record LongName(int most) implements OverrideFault {}

    record LongFamily(int most) implements OverrideFault {}

    record LongFact(FactForm.FactName fact, int most) implements OverrideFault {}

    record LongReason(int most) implements OverrideFault {}

    record AlreadyThere() implements OverrideFault {}
}
