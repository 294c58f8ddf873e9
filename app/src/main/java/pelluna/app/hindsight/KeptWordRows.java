package pelluna.app.hindsight;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KeptWordRows extends JpaRepository<KeptWordEntity, Long> {
    /** Without the plan and its assessment, which are large. */
    record Head(Long id, Long tankId, Long fishId, LocalDate onDay, String stance) {}

    Optional<KeptWordEntity> findByIdAndTankId(Long id, Long tank);

    @Query("select new pelluna.app.hindsight.KeptWordRows$Head(w.id, w.tankId, w.fishId, w.onDay, w.stance) from "
            + "KeptWordEntity w where w.tankId in :tanks order by w.id")
    List<Head> heads(Collection<Long> tanks);
}
