package pelluna.app.livestock;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import pelluna.app.database.UntilWritten;

interface LivestockRows extends JpaRepository<LivestockEntity, Long> {
    /** In the lists of the plans: wishes and residents, in the order of the plan. */
    @UntilWritten
    @Query("select l from LivestockEntity l where l.tankId in :tanks and l.partOf is null and l.stage in "
            + "('wished', 'quarantine', 'box', 'display', 'back-in-box', 'time-out', 'missing') "
            + "order by l.tankId, l.ordinal, l.id")
    List<LivestockEntity> planned(Collection<Long> tanks);

    /** Whoever came further than a wish, in the order of their numbers. */
    @UntilWritten
    @Query("select l from LivestockEntity l where l.tankId in :tanks and l.cameCount is not null order by l.id")
    List<LivestockEntity> met(Collection<Long> tanks);

    /** The same, no more than where they stand. */
    @UntilWritten
    @Query("select new pelluna.app.livestock.Standing(l.id, l.partOf, l.stage, l.recordAside) "
            + "from LivestockEntity l where l.tankId = :tank and l.cameCount is not null")
    List<Standing> standing(Long tank);

    List<LivestockEntity> findByTankIdOrderById(Long tankId);

    List<LivestockEntity> findByTankIdAndStageOrderById(Long tankId, String stage);

    List<LivestockEntity> findByPartOfOrderById(Long group);

    Optional<LivestockEntity> findByIdAndTankId(Long id, Long tankId);

    Optional<LivestockEntity> findFirstByAgainOfOrderByIdDesc(Long lost);
}
