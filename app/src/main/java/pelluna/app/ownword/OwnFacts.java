package pelluna.app.ownword;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnFacts extends JpaRepository<OwnFactEntity, Long> {
    List<OwnFactEntity> findByKeeperIdOrderById(Long keeperId);

    Optional<OwnFactEntity> findByKeeperIdAndScientificNameAndFact(Long keeperId, String scientificName, String fact);

    void deleteByKeeperIdAndScientificName(Long keeperId, String scientificName);
}
