package pelluna.app.species;

import pelluna.core.catalogue.Species;

/** A species in an address: 'Zebrasoma-flavescens'. */
final class Paths {
    private Paths() { }

    static String of(Species s) {
        return s.scientificName().replace(' ', '-');
    }

    /** The scientific name of an address; a hyphen inside an epithet is kept. */
    static String name(String path) {
        return path.replaceFirst("-", " ");
    }
}
