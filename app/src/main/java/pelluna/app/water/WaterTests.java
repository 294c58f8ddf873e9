package pelluna.app.water;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface WaterTests extends JpaRepository<WaterTestEntity, Long> {
    List<WaterTestEntity> findByTankIdOrderByTakenOnAscIdAsc(Long tankId);

    Optional<WaterTestEntity> findByIdAndTankId(Long id, Long tankId);
}
