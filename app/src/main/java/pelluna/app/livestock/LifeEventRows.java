package pelluna.app.livestock;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface LifeEventRows extends JpaRepository<LifeEventEntity, Long> {
    List<LifeEventEntity> findByLivestockIdOrderById(Long livestockId);
}
