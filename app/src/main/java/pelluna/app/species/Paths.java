package pelluna.app.species;

import pelluna.core.catalogue.Species;

/** A species in an address: 'Zebrasoma-flavescens'. */
public final class Paths {
    private Paths() {}

    public static String of(Species s) {
        return of(s.scientificName());
    }

    public static String of(String scientificName) {
        return scientificName.replace(' ', '-');
    }

    /** The scientific name of an address; a hyphen inside an epithet is kept. */
    public static String name(String path) {
        return path.replaceFirst("-", " ");
    }
}
