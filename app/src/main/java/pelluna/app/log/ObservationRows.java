package pelluna.app.log;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import pelluna.app.database.UntilWritten;

/**
 * The log, mostly asked for in sums: it may hold a hundred thousand lines, so what pages ask is bounded by a time or a
 * number of lines. Only what is taken out as a sheet is the whole.
 */
interface ObservationRows extends JpaRepository<ObservationEntity, Long> {
    Optional<ObservationEntity> findByIdAndTankId(Long id, Long tank);

    Optional<ObservationEntity> findByTankIdAndSentKey(Long tank, String key);

    @Query("select e from ObservationEntity e where e.tankId = :tank order by e.at desc, e.id desc")
    List<ObservationEntity> newest(Long tank, Limit limit);

    @Query("select e from ObservationEntity e where e.tankId = :tank and (e.at < :at or e.at = :at and e.id < :id) "
            + "order by e.at desc, e.id desc")
    List<ObservationEntity> below(Long tank, Instant at, Long id, Limit limit);

    List<ObservationEntity> findByTankIdAndAtGreaterThanEqualAndDoingInAndTakenBackIsNullOrderByAtAscIdAsc(
            Long tank, Instant since, Collection<String> doings);

    List<ObservationEntity> findByTankIdOrderByAtAscIdAsc(Long tank);

    /** The sum keeps PostgreSQL off the index of the whole tank, in which a fish that is rarely noted is far apart. */
    @Query("select e from ObservationEntity e where e.tankId + 0 = :tank and e.fishId = :fish and e.takenBack is null "
            + "order by e.at desc, e.id desc")
    List<ObservationEntity> by(Long tank, Long fish, Limit limit);

    @Query("select e from ObservationEntity e where e.tankId + 0 = :tank and e.otherId = :fish and e.takenBack is null "
            + "order by e.at desc, e.id desc")
    List<ObservationEntity> against(Long tank, Long fish, Limit limit);

    /** Newest first. Two questions, each with an index: for either of them at once there is none. */
    default List<ObservationEntity> about(Long tank, Long fish, Limit limit) {
        return Stream.concat(by(tank, fish, limit).stream(), against(tank, fish, limit).stream())
                .distinct()
                .sorted(Comparator.comparing(ObservationEntity::at)
                        .thenComparing(ObservationEntity::id)
                        .reversed())
                .limit(limit.max())
                .toList();
    }

    /** One fish against another, summed. */
    record Pair(Long fish, Long other, int times) {}

    @UntilWritten
    @Query(nativeQuery = true, value = """
        select fish_id as fish, other_id as other, cast(sum(times) as integer) as times from log_entry
        where tank_id = :tank and at >= :since and doing in (:doings) and other_id is not null
          and fish_id is not null and taken_back is null
        group by fish_id, other_id""")
    List<Pair> pairs(Long tank, Instant since, Collection<String> doings);

    @UntilWritten
    @Query(nativeQuery = true, value = """
        select fish_id as fish, other_id as other, cast(sum(times) as integer) as times from log_entry
        where tank_id = :tank and at >= :since and watch_id is not null and watch_id <> :running
          and doing in (:doings) and other_id is not null and fish_id is not null and taken_back is null
        group by fish_id, other_id""")
    List<Pair> watchedPairs(Long tank, Instant since, Collection<String> doings, Long running);

    /** One contest as it was seen. */
    record Contest(Long fish, Long other, int times, Instant at) {}

    @UntilWritten
    @Query(nativeQuery = true, value = """
        select fish_id as fish, other_id as other, times as times, at as at from log_entry
        where tank_id = :tank and at >= :since and doing in (:doings) and other_id is not null
          and fish_id is not null and taken_back is null order by at desc, id desc limit :most""")
    List<Contest> contests(Long tank, Instant since, Collection<String> doings, int most);

    /** What a fish took on a day: acts in watches, the same weighed by gravity, and acts outside watches. */
    record Received(Long fish, LocalDate on, double weighed, int acts, int outside) {}

    @UntilWritten
    @Query(nativeQuery = true, value = """
        select other_id as fish, cast(at at time zone :zone as date) as "on",
          coalesce(sum(times * case gravity when 3 then 4 else gravity end) filter (where watch_id is not null
            and watch_id <> :running), 0) as weighed,
          cast(coalesce(sum(times) filter (where watch_id is not null and watch_id <> :running), 0) as integer) as acts,
          cast(coalesce(sum(times) filter (where watch_id is null), 0) as integer) as outside
        from log_entry where tank_id = :tank and at >= :since and doing in (:doings) and other_id is not null
          and taken_back is null group by 1, 2""")
    List<Received> received(Long tank, Instant since, Collection<String> doings, String zone, Long running);

    /** Acts in one watch. */
    record InWatch(Long watch, int acts) {}

    /** Of all fish, or against a target or by an actor alone. */
    @UntilWritten
    @Query(nativeQuery = true, value = """
        select watch_id as watch, cast(sum(times) as integer) as acts from log_entry where tank_id = :tank
          and watch_id is not null and at >= :since and doing in (:doings) and other_id is not null
          and (cast(:target as bigint) is null or other_id = :target)
          and (cast(:actor as bigint) is null or fish_id = :actor) and taken_back is null group by watch_id""")
    List<InWatch> inWatches(Long tank, Instant since, Collection<String> doings, Long target, Long actor);

    /** What one fish did to another on one day. */
    record DayOfActs(Long fish, Long other, LocalDate on, int hard, int acts, int gravest) {}

    @UntilWritten
    @Query(nativeQuery = true, value = """
        select fish_id as fish, other_id as other, cast(at at time zone :zone as date) as "on",
          cast(coalesce(sum(times) filter (where gravity >= 2), 0) as integer) as hard,
          cast(sum(times) as integer) as acts, max(gravity) as gravest
        from log_entry where tank_id in (:tanks) and doing in (:doings) and other_id is not null
          and fish_id is not null and taken_back is null group by 1, 2, 3 having max(gravity) >= 2""")
    List<DayOfActs> hardDays(Collection<Long> tanks, Collection<String> doings, String zone);

    @UntilWritten
    @Query(nativeQuery = true, value = """
        select fish_id as fish, other_id as other, cast(at at time zone :zone as date) as "on",
          cast(coalesce(sum(times) filter (where gravity >= 2), 0) as integer) as hard,
          cast(sum(times) as integer) as acts, max(gravity) as gravest
        from log_entry where tank_id = :tank and at >= :from and at < :until and doing in (:doings)
          and other_id is not null and fish_id is not null and taken_back is null group by 1, 2, 3 order by 3,
          5 desc""")
    List<DayOfActs> daysOfActs(Long tank, Instant from, Instant until, Collection<String> doings, String zone);

    @Query("select e from ObservationEntity e where e.tankId = :tank and e.at >= :from and e.at < :until and e.doing "
            + "in :doings and e.takenBack is null order by e.at, e.id")
    List<ObservationEntity> between(Long tank, Instant from, Instant until, Collection<String> doings, Limit limit);

    @Query("select e from ObservationEntity e where e.tankId in :tanks and e.doing in :doings and e.takenBack is null "
            + "order by e.at")
    List<ObservationEntity> ofKind(Collection<Long> tanks, Collection<String> doings);

    /** When each fish was last noted with something. */
    record Last(Long fish, String doing, Instant at) {}

    @UntilWritten
    @Query(nativeQuery = true, value = """
        select fish_id as fish, doing as doing, max(at) as at from log_entry where tank_id = :tank
          and at >= :since and fish_id is not null and taken_back is null group by fish_id, doing""")
    List<Last> last(Long tank, Instant since);

    /** Last noted as the target of another. */
    @UntilWritten
    @Query(nativeQuery = true, value = """
        select other_id as fish, 'target' as doing, max(at) as at from log_entry where tank_id = :tank
          and at >= :since and other_id is not null and taken_back is null group by other_id""")
    List<Last> lastAsTarget(Long tank, Instant since);

    @Query(
            nativeQuery = true,
            value = "select cast(coalesce(sum(times), 0) as integer) from log_entry where tank_id = :tank and at >= "
                    + ":since and watch_id is null and doing in (:doings) and taken_back is null")
    int outsideWatches(Long tank, Instant since, Collection<String> doings);

    /** Where one act was seen. */
    record Placed(double x, double y, int times, Long fish, Long other) {}

    @UntilWritten
    @Query("select new pelluna.app.log.ObservationRows$Placed(e.x, e.y, e.times, e.fishId, e.otherId) "
            + "from ObservationEntity e where e.tankId = :tank and e.at >= :since and e.x is not null and "
            + "e.doing in :doings and e.takenBack is null order by e.at desc")
    List<Placed> placed(Long tank, Instant since, Collection<String> doings, Limit limit);
}
