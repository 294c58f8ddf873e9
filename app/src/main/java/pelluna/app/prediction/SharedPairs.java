package pelluna.app.prediction;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Individuals;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.log.Fights;
import pelluna.app.losses.Deaths;
import pelluna.core.behaviour.HardFights;
import pelluna.core.losses.Cause;
import pelluna.core.units.Rounding;

/**
 * Pairs of species that somebody has kept together, with whether one was seen to fight the other hard, and what the
 * plan of the day on which they met had said of it. One who is killed by the other was fought hard.
 */
@Component
class SharedPairs {
    /** Days in which two that do not get on have shown it. Pelluna's judgement. */
    private static final long TOLD_BY = 30;

    private static final int DIGITS = 3;

    private final PredictionRows words;
    private final KeptForecasts forecasts;
    private final Individuals fish;
    private final Fights fights;
    private final Deaths deaths;
    private final Clock clock;

    SharedPairs(
            PredictionRows words,
            KeptForecasts forecasts,
            Individuals fish,
            Fights fights,
            Deaths deaths,
            Clock clock) {
        this.words = words;
        this.forecasts = forecasts;
        this.fish = fish;
        this.fights = fights;
        this.deaths = deaths;
        this.clock = clock;
    }

    /** What is at hand. @param rows by their number */
    private record Seen(Map<Long, LivestockEntity> rows, List<Fights.Fight> fights, List<Deaths.Death> deaths) {
        private boolean is(Long some, long fish) {
            LivestockEntity row = some == null ? null : rows.get(some);
            return row != null && (some == fish || row.partOf() != null && row.partOf() == fish);
        }

        private boolean hard(long aggressor, long target, LocalDate since) {
            return fights.stream()
                            .anyMatch(f -> is(f.fish(), aggressor) && is(f.other(), target) && !f.on().isBefore(since))
                    || deaths.stream()
                            .anyMatch(d -> d.cause() == Cause.KILLED
                                    && is(d.by(), aggressor)
                                    && is(d.fish(), target)
                                    && !d.on().isBefore(since));
        }
    }

    /** By who presses and who is pressed. @param calm chance that none of those of this keeper was to fight hard */
    private record Sum(boolean hard, double calm) {
        private Sum and(Sum more) {
            return new Sum(hard || more.hard, calm * more.calm);
        }
    }

    @Transactional(readOnly = true)
    List<FiguresFile.PairPart> of(Collection<OwnedTank> tanks) {
        Seen seen = new Seen(
                fish.rows(tanks).stream().collect(Collectors.toMap(LivestockEntity::id, f -> f)),
                fights.serious(tanks),
                deaths.of(tanks));
        Map<Long, PredictionRows.Head> heads = words.heads(OwnedTank.ids(tanks)).stream()
                .filter(h ->
                        seen.rows.containsKey(h.fishId()) && !PredictionReview.undone(seen.rows.get(h.fishId()), h))
                .collect(Collectors.toMap(PredictionRows.Head::fishId, h -> h, (a, b) -> b));
        Map<Long, List<Forecast>> said = forecasts.of(
                heads.values().stream().map(PredictionRows.Head::id).toList());
        Map<List<String>, Sum> sums = new TreeMap<>((a, b) -> a.toString().compareTo(b.toString()));
        for (PredictionRows.Head h : heads.values()) {
            for (Forecast s : said.getOrDefault(h.id(), List.of())) {
                add(sums, seen, s, h.onDay());
            }
        }
        return sums.entrySet().stream()
                .map(e -> new FiguresFile.PairPart(
                        e.getKey().get(0),
                        e.getKey().get(1),
                        1,
                        e.getValue().hard ? 1 : 0,
                        Rounding.to(DIGITS, 1 - e.getValue().calm)))
                .toList();
    }

    private void add(Map<List<String>, Sum> sums, Seen seen, Forecast s, LocalDate since) {
        LivestockEntity aggressor = s.fish() == null ? null : seen.rows.get(s.fish());
        LivestockEntity target = s.other() == null ? null : seen.rows.get(s.other());
        if (!s.rule().equals(Forecast.TENSION) || aggressor == null || target == null) {
            return;
        }
        boolean hard = seen.hard(s.fish(), s.other(), since);
        if (hard || together(aggressor, target, since) >= TOLD_BY) {
            sums.merge(
                    List.of(aggressor.species(), target.species()),
                    new Sum(hard, 1 - HardFights.chance(s.ofModel())),
                    Sum::and);
        }
    }

    private long together(LivestockEntity one, LivestockEntity other, LocalDate since) {
        LocalDate until = LocalDate.now(clock);
        for (LivestockEntity f : List.of(one, other)) {
            if (f.leftOn() != null && f.leftOn().isBefore(until)) {
                until = f.leftOn();
            }
        }
        return ChronoUnit.DAYS.between(since, until);
    }
}
