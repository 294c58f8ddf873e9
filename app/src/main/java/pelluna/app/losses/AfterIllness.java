package pelluna.app.losses;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.log.LogDays;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.core.behaviour.EventType;
import pelluna.core.losses.Cause;
import pelluna.core.losses.Clearance;

/**
 * How long to wait after a loss to illness. Signs and losses that follow each other within the days of watching are
 * one outbreak.
 */
@Component
public class AfterIllness {
    private static final Set<EventType> ILL = EnumSet.of(EventType.SPOTS, EventType.FAST_BREATH);

    private final DepartureRows rows;
    private final LogDays log;
    private final TankPlans plans;

    AfterIllness(DepartureRows rows, LogDays log, TankPlans plans) {
        this.rows = rows;
        this.log = log;
        this.plans = plans;
    }

    /** The outbreak that is not over yet; empty if nothing has to wait. */
    @Transactional(readOnly = true)
    public Optional<Clearance> running(OpenTank opened) {
        return losses(opened).stream()
                .findFirst()
                .map(d -> since(opened, d.onDay()))
                .filter(c -> !c.over(plans.today()));
    }

    /** Losses to illness in the tank itself, newest first; those in quarantine are left out. */
    private List<DepartureEntity> losses(OpenTank opened) {
        return rows.standing(List.of(opened.owned().id())).stream()
                .filter(d -> d.lost() && d.cause() == Cause.DISEASE && d.fishId() != null && !d.inQuarantine())
                .toList();
    }

    /** @return from a loss on, through all that followed it; empty if it is not one of the tank itself */
    Optional<Clearance> of(OpenTank opened, DepartureEntity loss) {
        return losses(opened).stream()
                .filter(d -> d.id().equals(loss.id()))
                .findFirst()
                .map(d -> since(opened, d.onDay()));
    }

    private Clearance since(OpenTank opened, LocalDate loss) {
        List<LocalDate> days = Stream.concat(
                        log.noted(opened.owned(), ILL, loss).stream(),
                        losses(opened).stream().map(DepartureEntity::onDay))
                .filter(d -> d.isAfter(loss))
                .sorted()
                .toList();
        Clearance running = new Clearance(loss, opened.plan().stance());
        for (LocalDate day : days) {
            running = running.over(day)
                    ? running
                    : new Clearance(day, opened.plan().stance());
        }
        return running;
    }
}
