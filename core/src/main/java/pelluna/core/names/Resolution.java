package pelluna.core.names;

import java.util.List;
import java.util.Optional;
import pelluna.core.catalogue.Species;

/**
 * What a typed name may mean: surest first, then what shops sell most often. Empty only if nothing was typed.
 *
 * @param group whether what was typed is a word for a group, such as 'clownfish'
 */
public record Resolution(String typed, List<Meant> meant, boolean group) {
    public Resolution {
        meant = List.copyOf(meant);
    }

    /**
     * The one species that is meant without doubt: the only one of that whole name, or, where no whole name was typed,
     * the only one
     * whose names hold all the words.
     */
    public Optional<Species> one() {
        if (meant.isEmpty() || meant.get(0).grade().compareTo(Meant.Grade.GROUP) > 0) {
            return Optional.empty();
        }
        Meant.Grade best = meant.get(0).grade();
        List<Meant> sure = meant.stream().filter(m -> m.grade() == best).toList();
        return sure.size() == 1 ? Optional.of(sure.get(0).species()) : Optional.empty();
    }

    public List<Species> species() {
        return meant.stream().map(Meant::species).toList();
    }

    /** Whether it was only guessed. */
    public boolean guessed() {
        return !meant.isEmpty() && meant.get(0).grade().compareTo(Meant.Grade.MISSPELT) >= 0;
    }
}
