package pelluna.app.quarantine;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface StayRows extends JpaRepository<StayEntity, Long> {
    List<StayEntity> findByTankIdAndEndedOnIsNullOrderByBeganOnAscIdAsc(Long tankId);

    List<StayEntity> findTop20ByTankIdAndEndedOnIsNotNullOrderByEndedOnDescIdDesc(Long tankId);

    List<StayEntity> findByTankIdOrderById(Long tankId);

    Optional<StayEntity> findByIdAndTankIdAndEndedOnIsNull(Long id, Long tankId);
}
