package pelluna.app.planning;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlanStepRows extends JpaRepository<PlanStepEntity, Long> {
    Optional<PlanStepEntity> findFirstByTankIdOrderByIdDesc(Long tankId);

    List<PlanStepEntity> findByTankIdOrderByIdDesc(Long tankId);
}
