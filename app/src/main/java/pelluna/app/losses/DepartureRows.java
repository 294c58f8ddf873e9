package pelluna.app.losses;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface DepartureRows extends JpaRepository<DepartureEntity, Long> {
    @Query("select d from DepartureEntity d where d.tankId in :tanks and d.replacedBy is null and d.takenBack is "
            + "null order by d.onDay desc, d.id desc")
    List<DepartureEntity> standing(Collection<Long> tanks);

    Optional<DepartureEntity> findByIdAndTankId(Long id, Long tank);

    @Query("select d from DepartureEntity d where d.tankId = :tank and (d.replacedBy is not null or d.takenBack is "
            + "not null) order by d.id desc")
    List<DepartureEntity> corrected(Long tank);
}
