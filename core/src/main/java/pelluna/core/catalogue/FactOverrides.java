package pelluna.core.catalogue;

import java.util.List;

/**
 * One keeper's own word on fish: species that Pelluna does not know, and facts that this keeper sees otherwise. Laid
 * over the shipped catalogue by
 * {@link Catalogue#with}, never mixed into it.
 */
public record FactOverrides(List<OwnSpecies> species, List<FactOverride> facts) {
    public static final FactOverrides NONE = new FactOverrides(List.of(), List.of());

    /**
     * A species of one's own: it starts with every fact of a species that Pelluna knows, or with none if {@code like}
     * is empty; its own facts go over them.
     */
    public record OwnSpecies(String scientificName, String family, String like) {}

    /** One fact seen otherwise, written as in a catalogue file, without a source. */
    public record FactOverride(String scientificName, String key, String value) {}

    public FactOverrides {
        species = List.copyOf(species);
        facts = List.copyOf(facts);
    }

    public boolean isEmpty() {
        return species.isEmpty() && facts.isEmpty();
    }
}
