package pelluna.app.log;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.planning.OpenTank;
import pelluna.core.behaviour.EventType;
import pelluna.core.tension.Tension;
import pelluna.core.units.Hours;
import pelluna.words.Words;

/** The watch on the Log page: whether one runs, what to tap in it, and how much was watched lately. */
@Component
class WatchView {
    /** As many events as can be one tap away. */
    private static final int TAPS = 8;

    private static final int LATELY_DAYS = 14;

    private final LogBook log;
    private final LogFigures figures;

    WatchView(LogBook log, LogFigures figures) {
        this.log = log;
        this.figures = figures;
    }

    /** An event that is one tap away. */
    record Tap(long fish, String doing, String says, long other) {}

    /** @param began milliseconds since 1970; 0 without a watch */
    record Seen(boolean running, long began, List<Tap> taps, String hours, int outside, String sentence) {}

    Seen of(OpenTank opened, List<Fish> all) {
        OwnedTank tank = opened.owned();
        Optional<WatchEntity> running = log.running(tank);
        Instant week = log.now().minus(7, ChronoUnit.DAYS);
        List<WatchEntity> watches = figures.watches(tank).stream()
                .filter(w -> !w.beganAt().isBefore(week))
                .toList();
        double hours = watches.stream().mapToDouble(WatchEntity::hours).sum();
        int outside = figures.outsideWatches(tank, 7);
        return new Seen(
                running.isPresent(),
                running.map(w -> w.beganAt().toEpochMilli()).orElse(0L),
                taps(opened, all),
                opened.say().of(new Hours(hours)),
                outside,
                watches.isEmpty()
                        ? opened.say().text("page.log.nobodyHasWatchedInTheLast7")
                        : outside == 0
                                ? opened.say().text("page.log.watchesInADay", watches.size(), new Hours(hours))
                                : opened.say()
                                        .text("page.log.watchesAndOutside", watches.size(), new Hours(hours), outside));
    }

    private List<Tap> taps(OpenTank opened, List<Fish> all) {
        Map<Long, Fish> there = new LinkedHashMap<>();
        all.stream().filter(Fish::there).forEach(f -> there.put(f.id(), f));
        Map<String, Tap> taps = new LinkedHashMap<>();
        for (Fish boxed : there.values().stream().filter(Fish::boxed).toList()) {
            there.values().stream()
                    .filter(f -> !f.boxed() && f.partOf() == null)
                    .sorted(Comparator.comparingInt(
                                    (Fish f) -> f.species().manner().bold())
                            .reversed())
                    .limit(4)
                    .forEach(f -> put(taps, opened.say(), f, EventType.STRUCK_BOX, boxed));
        }
        figures.pressing(opened.owned(), figures.ago(LATELY_DAYS)).stream()
                .sorted(Comparator.comparingInt(LogFigures.Watched::acts).reversed())
                .filter(w -> there.containsKey(w.fish())
                        && there.containsKey(w.other())
                        && !there.get(w.other()).boxed())
                .forEach(w -> put(taps, opened.say(), there.get(w.fish()), EventType.CHASED, there.get(w.other())));
        opened.assessment().tension().stream()
                .sorted(Comparator.comparingDouble((Tension t) -> t.index()).reversed())
                .filter(t -> t.aggressor().resident() && t.target().resident())
                .forEach(t -> party(opened, there, t.aggressor().id())
                        .ifPresent(a -> party(opened, there, t.target().id())
                                .ifPresent(b -> put(taps, opened.say(), a, EventType.CHASED, b))));
        return List.copyOf(taps.values());
    }

    private static Optional<Fish> party(OpenTank opened, Map<Long, Fish> there, String party) {
        return opened.resident(party)
                .flatMap(r ->
                        there.values().stream().filter(f -> r.id() == f.id()).findFirst());
    }

    private static void put(Map<String, Tap> taps, Words say, Fish who, EventType doing, Fish whom) {
        String key = who.id() + doing.word() + whom.id();
        if (taps.size() < TAPS && !taps.containsKey(key)) {
            String says = say.title(say.of(doing, "sentence", who.said(), whom.said()));
            taps.put(key, new Tap(who.id(), doing.word(), says, whom.id()));
        }
    }
}
