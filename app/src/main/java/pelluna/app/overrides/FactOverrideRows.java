package pelluna.app.overrides;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface FactOverrideRows extends JpaRepository<FactOverrideEntity, Long> {
    List<FactOverrideEntity> findByKeeperIdOrderById(Long keeperId);

    Optional<FactOverrideEntity> findByKeeperIdAndScientificNameAndFact(
            Long keeperId, String scientificName, String fact);

    void deleteByKeeperIdAndScientificName(Long keeperId, String scientificName);
}
