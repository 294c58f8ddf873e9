package pelluna.app.losses;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Individuals;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.TankPlans;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.livestock.Stage;
import pelluna.core.losses.Cause;
import pelluna.core.losses.Life;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.units.Named;

/** Every fish that a keeper has had, as one life each, from the ledger and the fish of the log. */
@Component
public class LifeBook {
    private static final int NEAR_DAYS = 14;

    private final TankPlans plans;
    private final Individuals fish;
    private final MissingFish missing;
    private final DepartureRows departures;
    private final PredictionsInHindsight predictions;
    private final KeeperCatalogue catalogue;

    LifeBook(
            TankPlans plans,
            Individuals fish,
            MissingFish missing,
            DepartureRows departures,
            PredictionsInHindsight predictions,
            KeeperCatalogue catalogue) {
        this.plans = plans;
        this.fish = fish;
        this.missing = missing;
        this.departures = departures;
        this.predictions = predictions;
        this.catalogue = catalogue;
    }

    /**
     * Lives of some tanks.
     *
     * @param undated     fish of whom nobody has said when they came: they are not among the lives
     * @param unaccounted fish of groups that grew fewer without a word: neither
     */
    public record Book(List<Life> lives, int undated, int unaccounted) {}

    /** One life with the fish it belongs to and the day on which it was last known. */
    private record Draft(LivestockEntity fish, int days, Optional<DepartureEntity> lost) {}

    @Transactional(readOnly = true)
    public Book of(Collection<OwnedTank> tanks) {
        List<LivestockEntity> all = fish.rows(tanks).stream()
                .filter(f -> f.stage() != Stage.WISHED && f.stage() != Stage.QUARANTINE)
                .toList();
        Map<Long, Long> groupOf = all.stream()
                .filter(f -> f.partOf() != null)
                .collect(Collectors.toMap(LivestockEntity::id, LivestockEntity::partOf));
        Map<Long, List<DepartureEntity>> left = departures.standing(OwnedTank.ids(tanks)).stream()
                .filter(d -> d.fishId() != null)
                .collect(Collectors.groupingBy(d -> groupOf.getOrDefault(d.fishId(), d.fishId())));
        Map<Long, List<MissingEntity>> gone = missing.open(tanks).stream()
                .collect(Collectors.groupingBy(m -> groupOf.getOrDefault(m.fishId(), m.fishId())));
        List<LivestockEntity> dated = all.stream()
                .filter(f -> f.partOf() == null && start(f) != null)
                .sorted(Comparator.comparing(LifeBook::start).thenComparing(LivestockEntity::id))
                .toList();
        int undated = all.stream()
                .filter(f -> f.partOf() == null && start(f) == null)
                .mapToInt(LivestockEntity::cameCount)
                .sum();
        Map<Long, Boolean> pressed = predictions.pressed(tanks);
        Map<Long, Integer> places = places(dated);
        Catalogue known = catalogue.get();
        List<Life> lives = new ArrayList<>();
        int unaccounted = 0;
        for (LivestockEntity f : dated) {
            Species s = known.find(f.species()).orElse(null);
            if (s == null) {
                continue;
            }
            List<Draft> mine = new ArrayList<>();
            unaccounted += drafts(f, left.getOrDefault(f.id(), List.of()), gone.getOrDefault(f.id(), List.of()), mine);
            Life.Source source = new Life.Source(
                    f.provenance().shop(),
                    Optional.ofNullable(f.provenance().captiveBred()),
                    Named.find(QuarantineSchool.class, f.provenance().school()));
            for (Draft d : mine) {
                Optional<Cause> cause = d.lost().map(DepartureEntity::cause);
                lives.add(new Life(
                        s,
                        d.days(),
                        cause,
                        source,
                        places.get(f.id()),
                        d.lost().flatMap(DepartureEntity::openCover),
                        Optional.ofNullable(pressed.get(f.id())),
                        d.lost().map(l -> afterOthers(f, l, dated)).orElse(false)));
            }
        }
        return new Book(lives, undated, unaccounted);
    }

    /** The day on which its keeper had it; null if nobody has said. */
    static LocalDate start(LivestockEntity f) {
        return f.provenance().acquiredOn() != null ? f.provenance().acquiredOn() : f.cameOn();
    }

    private static Map<Long, Integer> places(List<LivestockEntity> dated) {
        Map<Long, Integer> last = new HashMap<>();
        Map<Long, Integer> places = new HashMap<>();
        dated.forEach(f -> places.put(f.id(), last.merge(f.tankId(), 1, Integer::sum)));
        return places;
    }

    private static boolean afterOthers(LivestockEntity f, DepartureEntity lost, List<LivestockEntity> dated) {
        return dated.stream()
                .anyMatch(o -> !o.id().equals(f.id())
                        && o.tankId().equals(f.tankId())
                        && o.cameOn() != null
                        && !o.cameOn().isAfter(lost.onDay())
                        && o.cameOn().isAfter(lost.onDay().minusDays(NEAR_DAYS)));
    }

    /** @return as many as nobody can account for */
    private int drafts(LivestockEntity f, List<DepartureEntity> left, List<MissingEntity> gone, List<Draft> mine) {
        LocalDate start = start(f);
        int known = 0;
        for (DepartureEntity d : left) {
            for (int i = 0; i < d.count(); i++) {
                mine.add(new Draft(f, days(start, d.onDay()), d.lost() ? Optional.of(d) : Optional.empty()));
            }
            known += d.count();
        }
        for (MissingEntity m : gone) {
            for (int i = 0; i < m.count(); i++) {
                mine.add(new Draft(f, days(start, m.sinceOn()), Optional.empty()));
            }
            known += m.count();
        }
        if (f.stage().over()) {
            boolean undone = f.leftOn() == null || days(start, f.leftOn()) == 0;
            for (int i = known; i < f.cameCount() && !undone; i++) {
                mine.add(new Draft(f, days(start, f.leftOn()), Optional.empty()));
            }
            return 0;
        }
        int there = f.stage() == Stage.MISSING ? 0 : f.count();
        for (int i = 0; i < there; i++) {
            mine.add(new Draft(f, days(start, plans.today()), Optional.empty()));
        }
        return Math.max(0, f.cameCount() - known - there);
    }

    private static int days(LocalDate from, LocalDate until) {
        return (int) Math.max(0, ChronoUnit.DAYS.between(from, until));
    }
}
