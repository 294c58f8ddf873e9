package pelluna.app.crew;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface CrewCountRows extends JpaRepository<CrewCountEntity, Long> {
    List<CrewCountEntity> findByCrewIdInOrderByOnDayAscIdAsc(Collection<Long> crews);
}
