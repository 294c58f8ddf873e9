package pelluna.core.search;

import java.util.List;

/**
 * What a keeper typed, as Pelluna took it.
 *
 * @param criteria  what must be so
 * @param names     words that are taken for parts of names
 * @param excludes  whether some of the words say what is not wanted
 * @param onlyFits  whether only what fits the tank was asked for
 * @param readAs    words that were taken for others, or not understood
 */
public record Question(
        List<Criterion> criteria, List<String> names, boolean excludes, boolean onlyFits, List<Understood> readAs) {
    public Question {
        criteria = List.copyOf(criteria);
        names = List.copyOf(names);
        readAs = List.copyOf(readAs);
    }

    public boolean isEmpty() {
        return criteria.isEmpty() && names.isEmpty() && !onlyFits;
    }
}
