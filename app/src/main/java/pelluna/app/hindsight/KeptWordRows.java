package pelluna.app.hindsight;

import java.util.Collection;
import java.util.List;
import java.util.Optional;

import org.springframework.data.jpa.repository.JpaRepository;

interface KeptWordRows extends JpaRepository<KeptWordEntity, Long> {
    Optional<KeptWordEntity> findFirstByFishIdOrderByIdDesc(Long fish);

    Optional<KeptWordEntity> findByIdAndTankId(Long id, Long tank);

    List<KeptWordEntity> findByTankIdInOrderById(Collection<Long> tanks);
}
