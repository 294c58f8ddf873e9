package pelluna.app.probe;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ProbeRows extends JpaRepository<ProbeEntity, Long> {
    Optional<ProbeEntity> findByTankId(Long tank);

    List<ProbeEntity> findByReadsTrue();
}
