package pelluna.app.introduction;

import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;

/** Who could not press or be pressed, and for how long. */
@Component
public class Absences {
    private final InterventionRows rows;

    Absences(InterventionRows rows) {
        this.rows = rows;
    }

    /** A stretch in which a fish was out of the tank, or in its box. @param until far ahead while it goes on */
    public record Absence(long fish, Instant from, Instant until) {}

    @Transactional(readOnly = true)
    public List<Absence> of(OwnedTank tank) {
        return rows.findByTankIdOrderByBeganAtDescIdDesc(tank.id()).stream()
                .filter(m -> m.goesOut() != null)
                .map(m -> new Absence(m.goesOut(), m.beganAt(), m.endedAt() == null ? Instant.MAX : m.endedAt()))
                .toList();
    }
}
