package pelluna.app.fish;

import pelluna.core.catalogue.Species;
import pelluna.core.units.Statement;

/** A fish as a sentence speaks of it. */
sealed interface TheFish extends Statement {
    /** Called by a name: 'Saffron'. */
    record ByName(String name) implements TheFish {}

    /** Called by its kind, with the article that a kind wants: 'the coral beauty'. */
    record ByKind(Species kind) implements TheFish {}

    /** Nobody knows which. */
    record Some() implements TheFish {}
}
