package pelluna.app.behaviour;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.SparkLine;
import pelluna.app.fish.Fish;
import pelluna.app.log.LogFigures;
import pelluna.app.log.WatchEntity;
import pelluna.app.planning.OpenTank;
import pelluna.core.behaviour.Contests;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.behaviour.Pressure;
import pelluna.core.behaviour.RateChange;
import pelluna.core.behaviour.Standing;
import pelluna.core.units.Hours;
import pelluna.words.Words;

/** What the log says about who presses whom: standing, pressure, records. */
@Service
public class Behaviours {
    /** Weighed acts an hour from which a fish counts as pressed. Pelluna's judgement. */
    private static final double PRESSED = 2;

    /** How many tanks' orders are kept at hand. */
    private static final int MOST = 200;

    /** Found by hundreds of draws; the same contests have the same. */
    private final Cache<List<Contests.Won>, Standing> lately =
            Caffeine.newBuilder().maximumSize(MOST).build();

    private final CurrentKeeper keeper;
    private final LogFigures log;

    Behaviours(LogFigures log, CurrentKeeper keeper) {
        this.keeper = keeper;
        this.log = log;
    }

    /** The standing among those who are there. */
    @Transactional(readOnly = true)
    public Standing standing(OwnedTank tank, List<Fish> there) {
        List<String> ids = there.stream().map(f -> Long.toString(f.id())).toList();
        List<Contests.Won> won = log.contests(tank).stream()
                .filter(w -> ids.contains(w.winner()) && ids.contains(w.loser()))
                .toList();
        return lately.get(won, w -> Standing.of(Contests.of(w)));
    }

    /**
     * A fish under pressure.
     *
     * @param rate  weighed acts an hour over seven days; NaN where nobody watched
     * @param says  in words, with hours and acts
     * @param trend in words
     */
    public record Pressed(Fish fish, double rate, String says, RateChange trend, String spark, boolean hard) {}

    /** Those who took anything in the last seven days, hardest first. */
    @Transactional(readOnly = true)
    public List<Pressed> pressed(OwnedTank tank, List<Fish> there) {
        Map<Long, Pressure> pressure = log.pressure(tank, Pressure.DAYS, log.watches(tank));
        double most = Math.max(
                1,
                pressure.values().stream()
                        .flatMap(p -> p.days().stream())
                        .mapToDouble(Pressure.Day::rate)
                        .filter(r -> !Double.isNaN(r))
                        .max()
                        .orElse(1));
        List<Pressed> found = new ArrayList<>();
        Words words = keeper.words();
        for (Fish f : there) {
            Pressure p = pressure.get(f.id());
            if (p != null) {
                found.add(new Pressed(
                        f,
                        p.rate(),
                        says(p, words),
                        p.trend(),
                        SparkLine.draw(p.days(), most, words),
                        !Double.isNaN(p.rate()) && p.rate() >= PRESSED));
            }
        }
        found.sort(Comparator.comparingDouble((Pressed p) -> Double.isNaN(p.rate()) ? 0 : p.rate())
                .reversed());
        return found;
    }

    /** The tank as a whole: the last seven days against the seven before. */
    @Transactional(readOnly = true)
    public RateChange settling(OwnedTank tank) {
        List<WatchEntity> watches = log.watches(tank);
        return RateChange.between(
                log.contestsIn(tank, watches, log.ago(2L * Pressure.DAYS), log.ago(Pressure.DAYS), null, null),
                log.contestsIn(tank, watches, log.ago(Pressure.DAYS), log.now(), null, null));
    }

    private static String says(Pressure p, Words say) {
        String outside = p.outside() == 0
                ? ""
                : p.acts() > 0
                        ? say.text("page.behaviour.andOutsideWatches", p.outside())
                        : say.text("page.behaviour.outsideWatches", p.outside());
        return p.hours() == 0
                ? say.text("page.behaviour.nobodyWatchedActsSeenInPassing", p.outside())
                : say.text(
                        "page.behaviour.anHourIn",
                        say.number(p.acts() / p.hours(), 1),
                        p.acts(),
                        say.of(new Hours(p.hours())),
                        outside);
    }

    /** What was learned of a resident. @param fish its number */
    public record Learned(long fish, String name, String says, double multiplier, boolean aside, boolean tells) {}

    /** Every resident that was watched, or whose record is set aside. */
    public List<Learned> learned(OpenTank opened, List<Fish> all) {
        Map<Long, Fish> byResident = new HashMap<>();
        all.stream().filter(Fish::lives).forEach(f -> byResident.put(f.id(), f));
        List<Learned> learned = new ArrayList<>();
        for (int i = 0; i < opened.residents().size(); i++) {
            Fish f = byResident.get(opened.residents().get(i).id());
            OwnRecord own = opened.plan().residents().get(i).own();
            if (f != null && (own.known() && (own.acts() > 0 || own.expected() >= 0.1) || f.recordAside())) {
                learned.add(new Learned(
                        f.id(),
                        f.label(opened.say()),
                        f.recordAside()
                                ? opened.say().text("page.behaviour.setAsideItCountsAsItsKind")
                                : opened.say().of(own.seen()),
                        own.multiplier(),
                        f.recordAside(),
                        own.tells()));
            }
        }
        return learned;
    }

    static Map<String, Fish> byId(List<Fish> fish) {
        return fish.stream().collect(Collectors.toMap(f -> Long.toString(f.id()), f -> f));
    }
}
