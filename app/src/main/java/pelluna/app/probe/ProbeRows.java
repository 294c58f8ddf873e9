package pelluna.app.probe;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ProbeRows extends JpaRepository<ProbeEntity, Long> {
    Optional<ProbeEntity> findByTankId(Long tank);

    /** Of tanks that are not put away. */
    @Query("select p from ProbeEntity p, TankEntity t where t.id = p.tankId and p.reads and t.archivedAt is null")
    List<ProbeEntity> reading();
}
