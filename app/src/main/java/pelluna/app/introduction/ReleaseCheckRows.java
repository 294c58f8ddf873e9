package pelluna.app.introduction;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReleaseCheckRows extends JpaRepository<ReleaseCheckEntity, Long> {
    List<ReleaseCheckEntity> findByBringingIdInOrderByLookedAt(Collection<Long> bringings);
}
