package pelluna.app.catalogue;

import java.util.Map;
import pelluna.core.catalogue.Fact;

/** One species as it stands in a file: its names and the facts that the file gives, by key. */
record Entry(String scientificName, String family, Map<String, Fact> facts) {
    Entry {
        facts = Map.copyOf(facts);
    }
}
