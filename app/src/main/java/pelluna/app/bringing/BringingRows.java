package pelluna.app.bringing;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface BringingRows extends JpaRepository<BringingEntity, Long> {
    List<BringingEntity> findByTankIdOrderByIdDesc(Long tank);

    List<BringingEntity> findByTankIdAndFishId(Long tank, Long fish);

    Optional<BringingEntity> findByIdAndTankId(Long id, Long tank);
}
