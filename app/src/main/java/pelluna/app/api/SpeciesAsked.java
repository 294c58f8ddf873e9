package pelluna.app.api;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.names.FishNames;

/** Species by a part of a name, in the order of the catalogue. */
final class SpeciesAsked {
    private SpeciesAsked() {}

    /**
     * @param q     parts of its names, each of which it has; empty for all
     * @param after the scientific name of the one before the first; empty to begin
     */
    static List<Species> of(KeeperCatalogue catalogue, String q, String after, int most) {
        FishNames names = catalogue.names();
        String[] parts = q.strip().toLowerCase(Locale.ROOT).split("\\s+");
        return catalogue.get().all().stream()
                .dropWhile(s -> !after.isEmpty() && !s.scientificName().equals(after))
                .skip(after.isEmpty() ? 0 : 1)
                .filter(s -> called(s, parts, names))
                .limit(most)
                .toList();
    }

    private static boolean called(Species species, String[] parts, FishNames names) {
        String called =
                (species.scientificName() + " " + String.join(" ", names.wordsOf(species))).toLowerCase(Locale.ROOT);
        return Arrays.stream(parts).allMatch(called::contains);
    }
}
