package pelluna.core.plan;

import java.util.List;
import java.util.stream.Collectors;
import pelluna.core.names.Meant;
import pelluna.core.names.Resolution;
import pelluna.core.units.Statement;

/** A fish is named so that it may be several, or none for sure; lists which. */
public final class UnclearNameException extends PlanException {
    private static final int LISTED = 8;

    private final transient Resolution meant;

    UnclearNameException(String field, Resolution meant) {
        super(field, new PlanFound.Quoted(meant.typed()), expected(meant));
        this.meant = meant;
    }

    private static Statement expected(Resolution meant) {
        List<Meant> first = meant.meant().stream().limit(LISTED).toList();
        String names = first.stream()
                .map(m -> m.species().name() + " (" + m.species().scientificName() + ")")
                .collect(Collectors.joining(", "));
        int more = meant.meant().size() - first.size();
        if (meant.meant().isEmpty()) {
            return new PlanNeeds.KnownSpecies();
        }
        return meant.guessed() ? new PlanNeeds.SpeciesNear(names, more) : new PlanNeeds.OneSpecies(names, more);
    }

    /** What it may mean, surest first. */
    public Resolution meant() {
        return meant;
    }
}
