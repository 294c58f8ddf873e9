package pelluna.app.planning;

import java.lang.ref.SoftReference;
import java.util.function.Supplier;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import pelluna.app.writes.NotYetKnown;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.plan.Plan;
import pelluna.core.search.Singles;
import pelluna.core.units.Stop;

/** A plan with what is said of it: found once, when first asked for, and never within a transaction. */
public final class Answer {
    private final Plan plan;
    private final Supplier<Stop> time;
    private volatile Found found;
    /** Many and cheap to find again: given up where memory is short. */
    private volatile SoftReference<Singles> singles = new SoftReference<>(null);

    private record Found(Assessment assessment, Ahead ahead) {}

    /** @param time how long finding it may take, from when it begins */
    public Answer(Plan plan, Supplier<Stop> time) {
        this.plan = plan;
        this.time = time;
    }

    Plan plan() {
        return plan;
    }

    Singles singles() {
        Singles known = singles.get();
        if (known == null) {
            known = new Singles(plan);
            singles = new SoftReference<>(known);
        }
        return known;
    }

    /** @throws NotYetKnown within a transaction, if it is not known yet */
    Assessment assessment() {
        return found().assessment();
    }

    /** @throws NotYetKnown within a transaction, if it is not known yet */
    Ahead ahead() {
        return found().ahead();
    }

    private Found found() {
        Found known = found;
        if (known == null && TransactionSynchronizationManager.isActualTransactionActive()) {
            throw new NotYetKnown(this::find);
        }
        return known == null ? find() : known;
    }

    /** Many who ask at once wait for one answer. */
    synchronized Found find() {
        if (found == null) {
            Assessment assessment = new Assessor().assess(plan, time.get());
            found = new Found(assessment, new Ahead(assessment));
        }
        return found;
    }
}
