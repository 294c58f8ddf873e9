package pelluna.core.sieve;

import java.util.List;

/** One reason to hold a wish back. Says nothing when there is no concern. */
interface Rule {
    List<Finding> check(Setting s);
}
