package pelluna.app.prediction;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ForecastRows extends JpaRepository<ForecastEntity, Long> {
    List<ForecastEntity> findByWordIdInOrderById(Collection<Long> words);
}
