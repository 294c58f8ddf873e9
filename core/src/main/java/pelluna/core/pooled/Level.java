package pelluna.core.pooled;

import java.util.function.Function;
import pelluna.core.catalogue.Species;

/** How like pairs have to be to count together; from the widest to the pair itself. */
enum Level {
    /** All pairs: how far the model is off as a whole. */
    ALL(s -> ""),
    GROUP(Species::group),
    GENUS(Species::genus),
    SPECIES(Species::scientificName);

    private final Function<Species, String> of;

    Level(Function<Species, String> of) {
        this.of = of;
    }

    /** The name of those species. */
    String key(Species one) {
        return of.apply(one);
    }

    /** The name of those pairs. */
    String key(Species aggressor, Species target) {
        return of.apply(aggressor) + " > " + of.apply(target);
    }
}
