package pelluna.core.search;

import java.util.List;

/**
 * What was found.
 *
 * @param relaxed whether nothing was all that was asked for, so that these come nearest
 */
public record Answer(Question question, List<Found> found, boolean relaxed) {
    public Answer {
        found = List.copyOf(found);
    }
}
