package pelluna.app.incident;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface IncidentRows extends JpaRepository<IncidentEntity, Long> {
    List<IncidentEntity> findByTankIdOrderByOnDayDescIdDesc(Long tank);

    Optional<IncidentEntity> findByIdAndTankId(Long id, Long tank);
}
