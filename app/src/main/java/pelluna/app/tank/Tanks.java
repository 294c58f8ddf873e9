package pelluna.app.tank;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tanks, always asked for together with their keeper. */
@Service
public class Tanks {
    private final TankRows rows;

    Tanks(TankRows rows) {
        this.rows = rows;
    }

    @Transactional(readOnly = true)
    public Optional<TankEntity> of(Long keeper, Long tank) {
        return rows.findByIdAndKeeperId(tank, keeper);
    }

    /** In the order in which they were made, sandboxes too. */
    @Transactional(readOnly = true)
    public List<TankEntity> of(Long keeper) {
        return rows.findByKeeperIdOrderById(keeper);
    }

    /** Whoever holds the token of a tank's calendar may read that calendar. */
    @Transactional(readOnly = true)
    public Optional<TankEntity> byCalendarToken(String token) {
        return rows.findByCalendarToken(token);
    }

    @Transactional(readOnly = true)
    public Optional<TankEntity> sandboxOf(Long tank) {
        return rows.findBySandboxOf(tank);
    }

    @Transactional
    public void save(TankEntity tank) {
        rows.saveAndFlush(tank);
    }

    /** A tank with everything that is in it. */
    @Transactional
    public void delete(TankEntity tank) {
        rows.delete(tank);
    }
}
