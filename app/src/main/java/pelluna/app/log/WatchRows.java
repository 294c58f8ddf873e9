package pelluna.app.log;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import pelluna.app.database.UntilWritten;

interface WatchRows extends JpaRepository<WatchEntity, Long> {
    Optional<WatchEntity> findByTankIdAndEndedAtIsNull(Long tank);

    Optional<WatchEntity> findByTankIdAndSentKey(Long tank, String key);

    Optional<WatchEntity> findByIdAndTankId(Long id, Long tank);

    @UntilWritten
    List<WatchEntity> findByTankIdAndBeganAtGreaterThanEqualAndEndedAtIsNotNullOrderByBeganAt(Long tank, Instant since);

    List<WatchEntity> findByTankIdOrderByBeganAt(Long tank);

    /** Ends those that run since before a moment so many hours after they began. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query(
            nativeQuery = true,
            value = "update watch set ended_at = began_at + make_interval(hours => cast(:hours as integer)), "
                    + "version = version + 1 where ended_at is null and began_at < :before")
    void endBegunBefore(Instant before, long hours);

    @Query("select w from WatchEntity w where w.tankId = :tank and w.beganAt <= :at and (w.endedAt is null or "
            + "w.endedAt >= :at) order by w.beganAt desc limit 1")
    Optional<WatchEntity> covering(Long tank, Instant at);
}
