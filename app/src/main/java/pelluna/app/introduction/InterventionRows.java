package pelluna.app.introduction;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface InterventionRows extends JpaRepository<InterventionEntity, Long> {
    List<InterventionEntity> findByTankIdOrderByBeganAtDescIdDesc(Long tank);

    Optional<InterventionEntity> findByIdAndTankId(Long id, Long tank);
}
