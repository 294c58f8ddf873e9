package pelluna.app.fish;

import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;

interface FishRows extends JpaRepository<FishEntity, Long> {
    List<FishEntity> findByTankIdOrderById(Long tankId);

    Optional<FishEntity> findByIdAndTankId(Long id, Long tankId);
}
