package pelluna.app.overrides;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnSpeciesRows extends JpaRepository<OwnSpeciesEntity, Long> {
    List<OwnSpeciesEntity> findByKeeperIdOrderById(Long keeperId);

    Optional<OwnSpeciesEntity> findByKeeperIdAndScientificName(Long keeperId, String scientificName);
}
