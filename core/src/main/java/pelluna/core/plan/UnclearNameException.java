package pelluna.core.plan;

import java.util.List;
import java.util.stream.Collectors;
import pelluna.core.names.Meant;
import pelluna.core.names.Resolution;

/** A fish is named so that it may be several, or none for sure; lists which. */
public final class UnclearNameException extends PlanException {
    private static final int LISTED = 8;

    private final transient Resolution meant;

    UnclearNameException(String field, Resolution meant) {
        super(field, "'" + meant.typed() + "'", expected(meant));
        this.meant = meant;
    }

    private static String expected(Resolution meant) {
        List<Meant> first = meant.meant().stream().limit(LISTED).toList();
        String names = first.stream()
                .map(m -> m.species().name() + " (" + m.species().scientificName() + ")")
                .collect(Collectors.joining(", "));
        int more = meant.meant().size() - first.size();
        return meant.meant().isEmpty()
                ? "a species of the catalogue, by scientific or common name"
                : (meant.guessed() ? "a species of the catalogue; near it: " : "one species; that name fits several: ")
                        + names
                        + (more > 0 ? " and " + more + " more" : "");
    }

    /** What it may mean, surest first. */
    public Resolution meant() {
        return meant;
    }
}
