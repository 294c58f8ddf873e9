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

    @Query(nativeQuery = true, value = "select wished_on from wish where id = :wish")
    LocalDate wishedOn(Long wish);

    @Query(nativeQuery = true, value = "select exists (select 1 from wish where id = :wish)")
    boolean wished(Long wish);

    Optional<FishEntity> findByIdAndTankId(Long id, Long tankId);
}
