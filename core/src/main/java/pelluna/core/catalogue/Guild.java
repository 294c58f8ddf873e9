package pelluna.core.catalogue;

import pelluna.core.units.Named;

/** What a fish lives on. */
public enum Guild implements Named {
    GRAZER("grazer"),
    PLANKTON("plankton"),
    SMALL_CRUSTACEANS("small-crustaceans"),
    OMNIVORE("omnivore"),
    INVERTEBRATES("invertebrates"),
    FISH("fish"),
    CORALS("corals"),
    SPONGES("sponges"),
    FILM("film"),
    SAND_SIFTER("sand-sifter"),
    PARASITES("parasites");

    private final String word;

    Guild(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
