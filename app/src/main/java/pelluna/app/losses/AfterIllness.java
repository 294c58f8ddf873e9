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
import pelluna.app.planning.Desk;
import pelluna.app.planning.PlanDesk;
import pelluna.core.behaviour.Doing;
import pelluna.core.losses.Cause;
import pelluna.core.losses.Clearance;

/**
 * How long to wait after a loss to illness. Signs and losses that follow each other within the days of watching are
 * one outbreak.
 */
@Component
public class AfterIllness {
    private static final Set<Doing> ILL = EnumSet.of(Doing.SPOTS, Doing.FAST_BREATH);

    private final DepartureRows rows;
    private final LogDays log;
    private final PlanDesk desks;

    AfterIllness(DepartureRows rows, LogDays log, PlanDesk desks) {
        this.rows = rows;
        this.log = log;
        this.desks = desks;
    }

    /** The outbreak that is not over yet; empty if nothing has to wait. */
    @Transactional(readOnly = true)
    public Optional<Clearance> running(Desk desk) {
        return losses(desk).stream()
                .findFirst()
                .map(d -> since(desk, d.onDay()))
                .filter(c -> !c.over(desks.today()));
    }

    /** Losses to illness in the tank itself, newest first; those in quarantine are left out. */
    private List<DepartureEntity> losses(Desk desk) {
        return rows.standing(List.of(desk.tank().id())).stream()
                .filter(d -> d.lost() && d.cause() == Cause.DISEASE && d.fishId() != null && !d.inQuarantine())
                .toList();
    }

    /** @return from a loss on, through all that followed it; empty if it is not one of the tank itself */
    Optional<Clearance> of(Desk desk, DepartureEntity loss) {
        return losses(desk).stream()
                .filter(d -> d.id().equals(loss.id()))
                .findFirst()
                .map(d -> since(desk, d.onDay()));
    }

    private Clearance since(Desk desk, LocalDate loss) {
        List<LocalDate> days = Stream.concat(
                        log.noted(desk.tank().id(), ILL, loss).stream(),
                        losses(desk).stream().map(DepartureEntity::onDay))
                .filter(d -> d.isAfter(loss))
                .sorted()
                .toList();
        Clearance running = new Clearance(loss, desk.plan().stance());
        for (LocalDate day : days) {
            running =
                    running.over(day) ? running : new Clearance(day, desk.plan().stance());
        }
        return running;
    }
}
