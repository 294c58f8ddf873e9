package pelluna.core.tension;

import pelluna.core.catalogue.Species;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Length;
import pelluna.core.units.Statement;

/** How somebody comes to be eaten. */
public sealed interface EatenReason extends Statement {
    /** @param eater its length on that day @param bite the longest fish it swallows then @param prey its length then */
    record Swallows(Length eater, Length bite, Species species, Length prey) implements EatenReason {}

    /** @param spares those longer than this are often spared; 0 if none are */
    record HuntsLife(ReefLife life, Length spares) implements EatenReason {}
}
