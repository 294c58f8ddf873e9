package pelluna.app.water;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface WaterTestRows extends JpaRepository<WaterTestEntity, Long> {
    List<WaterTestEntity> findByTankIdOrderByTakenOnAscIdAsc(Long tankId);
}
