package pelluna.app.prediction;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface StatementRows extends JpaRepository<StatementEntity, Long> {
    List<StatementEntity> findByWordIdInOrderById(Collection<Long> words);
}
