package pelluna.app.water;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import pelluna.app.database.UntilWritten;

interface WaterTestRows extends JpaRepository<WaterTestEntity, Long> {
    @UntilWritten
    List<WaterTestEntity> findByTankIdOrderByTakenOnAscIdAsc(Long tankId);
}
