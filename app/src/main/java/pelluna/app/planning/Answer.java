package pelluna.app.planning;

import org.springframework.transaction.support.TransactionSynchronizationManager;
import pelluna.app.writes.NotYetKnown;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.plan.Plan;

/** A plan with what is said of it: found once, when first asked for, and never within a transaction. */
public final class Answer {
    private final Plan plan;
    private volatile Found found;

    private record Found(Assessment assessment, Ahead ahead) {}

    public Answer(Plan plan) {
        this.plan = plan;
    }

    Plan plan() {
        return plan;
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
            Assessment assessment = new Assessor().assess(plan);
            found = new Found(assessment, new Ahead(assessment));
        }
        return found;
    }
}
