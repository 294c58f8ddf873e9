package pelluna.app.wishes;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface Wishes extends JpaRepository<WishEntity, Long> {
    List<WishEntity> findByTankIdOrderById(Long tankId);

    List<WishEntity> findByTankIdInOrderById(Collection<Long> tankIds);

    Optional<WishEntity> findByIdAndTankId(Long id, Long tankId);
}
