package pelluna.app.bringing;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface MeasureRows extends JpaRepository<MeasureEntity, Long> {
    List<MeasureEntity> findByTankIdOrderByBeganAtDescIdDesc(Long tank);

    Optional<MeasureEntity> findByIdAndTankId(Long id, Long tank);
}
