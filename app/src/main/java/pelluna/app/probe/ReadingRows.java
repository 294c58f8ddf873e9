package pelluna.app.probe;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReadingRows extends JpaRepository<ReadingEntity, Long> {
    Optional<ReadingEntity> findFirstByTankIdAndDoubtOrderByAtDesc(Long tank, String doubt);

    Optional<ReadingEntity> findByTankIdAndAt(Long tank, Instant at);

    List<ReadingEntity> findByTankIdAndAtGreaterThanEqualOrderByAt(Long tank, Instant since);

    List<ReadingEntity> findTop5ByTankIdAndDoubtNotOrderByAtDesc(Long tank, String doubt);

    List<ReadingEntity> findByTankIdOrderByAt(Long tank);
}
