package pelluna.app.behaviour;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.FishLinks;
import pelluna.app.introduction.Absences;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.log.LogFigures;
import pelluna.app.log.WatchEntity;
import pelluna.app.planning.OwnRecords;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.outlook.ExpectedActs;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;

/**
 * Learns from the log: acts seen in watches, against those that the model expects in hours in which both were in the
 * tank.
 */
@Component
class RecordKeeper implements OwnRecords {
    private static final int MOST = 64;

    /** What the model expects of plans that were asked about lately: the same plan has the same. */
    private final Cache<Plan, ExpectedActs> lately =
            Caffeine.newBuilder().maximumSize(MOST).build();

    private final LogFigures log;
    private final FishLinks fish;
    private final Absences absences;
    private final Clock clock;

    RecordKeeper(LogFigures log, FishLinks fish, Absences absences, Clock clock) {
        this.log = log;
        this.fish = fish;
        this.absences = absences;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, OwnRecord> of(OwnedTank tank, Supplier<Plan> asked, List<LivestockEntity> living) {
        List<WatchEntity> watches = log.watches(tank);
        if (watches.isEmpty() || living.isEmpty()) {
            return Map.of();
        }
        Plan plan = asked.get();
        Map<Long, FishLinks.Link> links = fish.of(tank);
        Map<Long, Integer> acts = new HashMap<>();
        for (LogFigures.Watched w : log.watchedContests(tank)) {
            FishLinks.Link actor = links.get(w.fish());
            FishLinks.Link target = links.get(w.other());
            if (actor != null
                    && target != null
                    && actor.resident() != null
                    && target.resident() != null
                    && !actor.resident().equals(target.resident())) {
                acts.merge(actor.resident(), w.acts(), Integer::sum);
            }
        }
        Map<String, Long> rowOf = new HashMap<>();
        Map<Long, LocalDate> since = new HashMap<>();
        for (int i = 0; i < living.size(); i++) {
            Party p = plan.residents().get(i);
            rowOf.put(p.id(), living.get(i).id());
            since.put(living.get(i).id(), p.since());
        }
        WatchedHours hours = new WatchedHours(
                watches.stream()
                        .map(w -> new WatchedHours.Watch(w.beganAt(), w.hours()))
                        .toList(),
                since,
                away(tank, links),
                clock.getZone());
        Map<String, Double> expected =
                lately.get(plan, ExpectedActs::new).in((a, b) -> hours.of(rowOf.get(a.id()), rowOf.get(b.id())));
        Map<Long, OwnRecord> records = new HashMap<>();
        for (Party p : plan.residents()) {
            Long row = rowOf.get(p.id());
            double watched = hours.of(row, row);
            boolean aside = links.values().stream().anyMatch(l -> row.equals(l.resident()) && l.recordAside());
            if (watched > 0 && !aside) {
                records.put(row, new OwnRecord(acts.getOrDefault(row, 0), watched, expected.getOrDefault(p.id(), 0.0)));
            }
        }
        return records;
    }

    private List<WatchedHours.Away> away(OwnedTank tank, Map<Long, FishLinks.Link> links) {
        List<WatchedHours.Away> away = new ArrayList<>();
        for (Absences.Absence out : absences.of(tank)) {
            FishLinks.Link who = links.get(out.fish());
            if (who != null && who.resident() != null) {
                away.add(new WatchedHours.Away(who.resident(), out.from(), out.until()));
            }
        }
        return away;
    }
}
