package pelluna.core.losses;

import pelluna.core.catalogue.Species;
import pelluna.core.units.Statement;

/** What losses have in common, with its counts. */
public sealed interface InCommon extends Statement {
    /** What may be common to losses. */
    enum What {
        JUMPED_WITHOUT_COVER,
        ILL_WITHOUT_QUARANTINE,
        KILLED_THOUGH_SAID,
        STARVED_HARD_FEEDERS,
        IN_FIRST_DAYS,
        AFTER_OTHERS_CAME,
        WILD_CAUGHT,
        ONE_SHOP,
        ONE_SPECIES
    }

    /** @param days of which it is told, in the rules that tell of some */
    record SoMany(What what, int hits, int of, int days) implements InCommon {}

    record FromShop(int hits, int of, String shop) implements InCommon {}

    record OfSpecies(int hits, int of, Species species) implements InCommon {}

    /** How it went with all who are so, and with all who are not. */
    record OfAll(What what, int hits, int such, int rest, int others) implements InCommon {}

    /** How it went with the others. */
    record OfOthers(What what, int rest, int others) implements InCommon {}

    record RuleOf(What what, int days) implements InCommon {}

    /** How far to trust a pattern. */
    enum Trust {
        NOTHING_TO_HOLD,
        HARDLY_CHANCE,
        COULD_BE_CHANCE
    }

    /** Contests seen of pairs at Chop or Surge, and of those below. */
    record Contested(int hits, int of, int hitsBelow, int ofBelow, boolean chance, boolean more) implements InCommon {}

    record NotEnoughWatched() implements InCommon {}
}
