package pelluna.app.tank;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface Residents extends JpaRepository<ResidentEntity, Long> {
    List<ResidentEntity> findByTankIdOrderById(Long tankId);

    List<ResidentEntity> findByTankIdInOrderById(Collection<Long> tankIds);

    Optional<ResidentEntity> findByIdAndTankId(Long id, Long tankId);
}
