package pelluna.app.introduction;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import pelluna.app.database.UntilWritten;

interface InterventionRows extends JpaRepository<InterventionEntity, Long> {
    @UntilWritten
    List<InterventionEntity> findByTankIdOrderByBeganAtDescIdDesc(Long tank);

    Optional<InterventionEntity> findByIdAndTankId(Long id, Long tank);
}
