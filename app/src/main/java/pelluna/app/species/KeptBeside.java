package pelluna.app.species;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeptBeside extends JpaRepository<KeptBesideEntity, Long> {
    List<KeptBesideEntity> findByTankIdOrderById(Long tankId);

    void deleteByTankIdAndScientificName(Long tankId, String scientificName);
}
