package pelluna.app.behaviour;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
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
    private final LogFigures log;
    private final FishLinks fish;
    private final Absences absences;
    private final ZoneId zone;

    RecordKeeper(LogFigures log, FishLinks fish, Absences absences, Clock clock) {
        this.log = log;
        this.fish = fish;
        this.absences = absences;
        this.zone = clock.getZone();
    }

    @Override
    @Transactional(readOnly = true)
    public Map<Long, OwnRecord> of(long tank, Supplier<Plan> asked, List<LivestockEntity> living) {
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
        for (int i = 0; i < living.size(); i++) {
            rowOf.put(plan.residents().get(i).id(), living.get(i).id());
        }
        List<Away> away = away(tank, links);
        Map<String, Double> expected = ExpectedActs.of(plan, (a, b) -> together(watches, away, a, b, rowOf));
        Map<Long, OwnRecord> records = new HashMap<>();
        for (Party p : plan.residents()) {
            Long row = rowOf.get(p.id());
            double hours = watches.stream()
                    .filter(w -> there(w, p, row, away))
                    .mapToDouble(WatchEntity::hours)
                    .sum();
            boolean aside = links.values().stream().anyMatch(l -> row.equals(l.resident()) && l.recordAside());
            if (hours > 0 && !aside) {
                records.put(row, new OwnRecord(acts.getOrDefault(row, 0), hours, expected.getOrDefault(p.id(), 0.0)));
            }
        }
        return records;
    }

    /** A stretch in which a resident was out of the tank. */
    private record Away(Long resident, Instant from, Instant until) {}

    private List<Away> away(long tank, Map<Long, FishLinks.Link> links) {
        List<Away> away = new ArrayList<>();
        for (Absences.Absence out : absences.of(tank)) {
            FishLinks.Link who = links.get(out.fish());
            if (who != null && who.resident() != null) {
                away.add(new Away(who.resident(), out.from(), out.until()));
            }
        }
        return away;
    }

    private double together(List<WatchEntity> watches, List<Away> away, Party a, Party b, Map<String, Long> rowOf) {
        return watches.stream()
                .filter(w -> there(w, a, rowOf.get(a.id()), away) && there(w, b, rowOf.get(b.id()), away))
                .mapToDouble(WatchEntity::hours)
                .sum();
    }

    private boolean there(WatchEntity w, Party p, Long row, List<Away> away) {
        LocalDate day = w.beganAt().atZone(zone).toLocalDate();
        return !day.isBefore(p.since())
                && away.stream()
                        .noneMatch(o -> o.resident().equals(row)
                                && !w.beganAt().isBefore(o.from())
                                && w.beganAt().isBefore(o.until()));
    }
}
