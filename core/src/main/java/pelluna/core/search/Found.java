package pelluna.core.search;

import java.util.List;
import pelluna.core.catalogue.Species;
import pelluna.core.sieve.Verdict;

/**
 * One species that answers a question.
 *
 * @param verdict what the Sieve says of one of them in the tank
 * @param match   how well it answers, 0 to 1; 1 if it was asked for by its whole name
 * @param buts    what was asked for and is not so, or only nearly
 */
public record Found(Species species, Verdict verdict, double match, List<Understood> buts) {
    public Found {
        buts = List.copyOf(buts);
    }
}
