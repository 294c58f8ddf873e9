package pelluna.app.losses;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface MissingRows extends JpaRepository<MissingEntity, Long> {
    List<MissingEntity> findByTankIdInAndEndedOnIsNullOrderBySinceOnAscIdAsc(Collection<Long> tanks);

    List<MissingEntity> findByFishIdAndEndedOnIsNull(Long fish);
}
