package pelluna.app.prediction;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PredictionRows extends JpaRepository<PredictionEntity, Long> {
    /** Without the plan and its assessment, which are large. */
    record Head(Long id, Long tankId, Long fishId, LocalDate onDay, String stance) {}

    Optional<PredictionEntity> findByIdAndTankId(Long id, Long tank);

    @Query("select new pelluna.app.prediction.PredictionRows$Head(w.id, w.tankId, w.fishId, w.onDay, w.stance) from "
            + "PredictionEntity w where w.tankId in :tanks order by w.id")
    List<Head> heads(Collection<Long> tanks);
}
