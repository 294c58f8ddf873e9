package pelluna.app.fish;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface FishRows extends JpaRepository<FishEntity, Long> {
    List<FishEntity> findByTankIdOrderById(Long tankId);

    List<FishEntity> findByTankIdInOrderById(Collection<Long> tanks);

    /**
     * Those of the tanks in which somebody lives who has no history yet, or somebody has left the plan whose history
     * does not know.
     */
    @Query(nativeQuery = true, value = """
        select r.tank_id from resident r where r.tank_id in (:tanks) and not exists (select 1
          from fish f where f.resident_id = r.id)
        union select f.tank_id from fish f where f.tank_id in (:tanks) and f.resident_id is not null
          and not exists (select 1 from resident r where r.id = f.resident_id)""")
    List<Long> behind(Collection<Long> tanks);

    @Query(nativeQuery = true, value = "select wished_on from wish where id = :wish")
    LocalDate wishedOn(Long wish);

    @Query(nativeQuery = true, value = "select exists (select 1 from wish where id = :wish)")
    boolean wished(Long wish);

    Optional<FishEntity> findByIdAndTankId(Long id, Long tankId);
}
