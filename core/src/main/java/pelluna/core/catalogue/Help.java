package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** What a keeper may want a fish for; some individuals do it, none is promised to. */
public enum Help implements Named {
    FILM_ALGAE("film algae"),
    HAIR_ALGAE("hair algae"),
    BUBBLE_ALGAE("bubble algae"),
    AIPTASIA("aiptasia"),
    FLATWORMS("flatworms"),
    PYRAMID_SNAILS("pyramid snails"),
    BRISTLE_WORMS("bristle worms"),
    PARASITES("parasites"),
    CLEAN_SAND("clean sand");

    private final String word;

    Help(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
