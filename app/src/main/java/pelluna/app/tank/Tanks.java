package pelluna.app.tank;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;

/** Tanks, always asked for together with their keeper. */
@Service
public class Tanks {
    private final TankRows rows;

    Tanks(TankRows rows) {
        this.rows = rows;
    }

    @Transactional(readOnly = true)
    public TankEntity of(OwnedTank tank) {
        return rows.findById(tank.id()).orElseThrow(NoSuchTankException::new);
    }

    /** In the order in which they were made, sandboxes too. */
    @Transactional(readOnly = true)
    public List<TankEntity> of(Long keeper) {
        return rows.findByKeeperIdOrderById(keeper);
    }

    @Transactional(readOnly = true)
    public Optional<TankEntity> sandboxOf(OwnedTank tank) {
        return rows.findBySandboxOf(tank.id());
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
