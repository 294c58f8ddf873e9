package pelluna.app.bringing;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface LookRows extends JpaRepository<LookEntity, Long> {
    List<LookEntity> findByBringingIdInOrderByLookedAt(Collection<Long> bringings);
}
