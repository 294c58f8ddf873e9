package pelluna.app.losses;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import pelluna.app.account.OwnedTank;
import pelluna.core.units.Step;

/**
 * What a plan had said of a fish on the day it came. Those who keep it fulfil this, so that the ledger need not know
 * them.
 */
public interface PredictionsInHindsight {
    /** What became of a statement. */
    enum Became {
        HAPPENED,
        NOT_SO_FAR,
        CANNOT_TELL
    }

    /** One statement. @param rule in plain words; @param when in words, what became of it */
    record Said(Step step, String rule, String reason, Became became, String when) {}

    /**
     * Everything that was said of one fish.
     *
     * @param missed what happened and was not said
     * @param brief by number of each loss among them, whether it was said, in one sentence
     */
    record Prediction(
            long id, LocalDate on, String stance, List<Said> said, List<String> missed, Map<Long, String> brief) {}

    /**
     * By fish; without those whose plan was not asked before they came. Callers have looked the tanks up with their
     * keeper.
     */
    Map<Long, Prediction> words(Collection<OwnedTank> tanks);

    /** By fish: whether Chop or Surge against it was said; only those whose word is kept. Likewise. */
    Map<Long, Boolean> pressed(Collection<OwnedTank> tanks);
}
