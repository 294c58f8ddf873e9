package pelluna.app.quarantine;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface CheckRows extends JpaRepository<CheckEntity, Long> {
    List<CheckEntity> findByStayIdInOrderByLookedOnDescIdDesc(Collection<Long> stayIds);
}
