package pelluna.app.tank;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Tanks, always asked for together with their keeper. */
public interface Tanks extends JpaRepository<TankEntity, Long> {
    Optional<TankEntity> findByIdAndKeeperId(Long id, Long keeperId);

    List<TankEntity> findByKeeperIdOrderById(Long keeperId);

    /** Whoever holds the token of a tank's calendar may read that calendar. */
    Optional<TankEntity> findByCalendarToken(String token);

    Optional<TankEntity> findBySandboxOf(Long tank);
}
