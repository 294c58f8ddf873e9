package pelluna.app.planning;

import java.lang.ref.SoftReference;
import java.time.LocalDate;
import java.util.function.Supplier;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import pelluna.app.writes.NotYetKnown;
import pelluna.core.arrivals.Schedule;
import pelluna.core.assessment.Assessment;
import pelluna.core.assessment.Assessor;
import pelluna.core.outlook.WaterCourse;
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

    private volatile SoftReference<Water> water = new SoftReference<>(null);

    /** The water over the plan up to a day: as it is scheduled, and as if all came on the day of the first. */
    public record Water(LocalDate until, WaterCourse planned, WaterCourse atOnce) {
        private Water(Plan plan, Schedule schedule, LocalDate until) {
            this(until, WaterCourse.of(plan, schedule, until), WaterCourse.allInOneDay(plan, schedule, until));
        }
    }

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

    /**
     * For a plan in which somebody comes.
     *
     * @throws NotYetKnown within a transaction, if the order of arrival is not known yet
     */
    Water water(LocalDate until) {
        Water known = water.get();
        if (known == null || !known.until().equals(until)) {
            known = new Water(plan, assessment().arrivals(), until);
            water = new SoftReference<>(known);
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
