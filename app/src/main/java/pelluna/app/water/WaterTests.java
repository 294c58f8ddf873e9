package pelluna.app.water;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.core.plan.TestFile;

/** Logged tests of the water. Callers have looked the tank up with its keeper. */
@Service
public class WaterTests {
    private final WaterTestRows rows;

    WaterTests(WaterTestRows rows) {
        this.rows = rows;
    }

    /** In the order of their days. */
    @Transactional(readOnly = true)
    public List<WaterTestEntity> of(OwnedTank tank) {
        return rows.findByTankIdOrderByTakenOnAscIdAsc(tank.id());
    }

    /** Logs tests that were checked before. */
    @Transactional
    public void log(OwnedTank tank, List<TestFile> checked) {
        rows.saveAll(
                checked.stream().map(t -> new WaterTestEntity(tank.id(), t)).toList());
    }

    @Transactional
    public void save(List<WaterTestEntity> changed) {
        rows.saveAll(changed);
    }

    /** Takes the newest test back, as after a slip of the pen. */
    @Transactional
    public void takeBackNewest(OwnedTank tank) {
        List<WaterTestEntity> logged = of(tank);
        if (!logged.isEmpty()) {
            rows.delete(logged.get(logged.size() - 1));
        }
    }
}
