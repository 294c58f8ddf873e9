package pelluna.core.sieve;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Named;
import pelluna.core.units.Rounding;

/** One side of a comparison: a number in the finding's unit, or what is there by name, or a species. */
public record Figure(OptionalDouble number, List<Named> named, Optional<Species> species) {
    public static Figure of(double number) {
        return new Figure(OptionalDouble.of(Rounding.to(2, number)), List.of(), Optional.empty());
    }

    public static Figure of(Named named) {
        return of(List.of(named));
    }

    public static Figure of(Collection<? extends Named> named) {
        return new Figure(OptionalDouble.empty(), List.copyOf(named), Optional.empty());
    }

    public static Figure of(Species species) {
        return new Figure(OptionalDouble.empty(), List.of(), Optional.of(species));
    }

    /** What is no number, as the open formats have it. */
    public String word() {
        return species.map(Species::scientificName)
                .orElseGet(() -> named.stream().map(Named::word).collect(Collectors.joining(", ")));
    }
}
