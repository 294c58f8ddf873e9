package pelluna.app.tank;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface TankRows extends JpaRepository<TankEntity, Long> {
    List<TankEntity> findByKeeperIdOrderById(Long keeperId);

    Optional<TankEntity> findBySandboxOf(Long tank);
}
