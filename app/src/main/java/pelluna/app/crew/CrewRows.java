package pelluna.app.crew;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface CrewRows extends JpaRepository<CrewEntity, Long> {
    List<CrewEntity> findByTankIdInOrderById(Collection<Long> tanks);

    Optional<CrewEntity> findByIdAndTankId(Long id, Long tank);
}
