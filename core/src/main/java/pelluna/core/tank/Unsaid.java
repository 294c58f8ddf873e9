package pelluna.core.tank;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Stream;
import pelluna.core.units.Length;
import pelluna.core.units.Named;
import pelluna.core.units.Temperature;

/**
 * Figures of a tank that its keeper may leave unsaid. Each is asked for; until it is said, something is assumed, and
 * what hangs on it
 * says so. What is
 * assumed is Pelluna's judgement.
 */
public enum Unsaid implements Named {
    AGE("cycledOn", d -> d.cycledOn == null),
    COVER("cover", d -> d.cover == null),
    SAND("sandDepthCm", d -> d.sandDepthCm == null),
    HIDES("hides", d -> d.hides == null && d.scape == null),
    WATER_CHANGE("waterChangePercent", d -> d.waterChangePercent == null || d.waterChangeEveryDays == null),
    MEALS("mealsADay", d -> d.mealsADay == null),
    SEAWEED("seaweed", d -> d.seaweed == null),
    PODS("pods", d -> d.pods == null),
    KEEPER("keeper", d -> d.keeper == null),
    TEMPERATURE("temperatureC", d -> d.temperatureC == null),
    SALINITY("salinity", d -> d.salinity == null),
    QUARANTINE("quarantineSchool", d -> d.school == null);

    private final String word;
    private final Predicate<TankDraft> missing;

    Unsaid(String word, Predicate<TankDraft> missing) {
        this.word = word;
        this.missing = missing;
    }

    /** The figure's name in forms. */
    @Override
    public String word() {
        return word;
    }

    boolean missing(TankDraft draft) {
        return missing.test(draft);
    }

    /** What is assumed in its place. */
    public TakenAs assumed(Tank tank) {
        return switch (this) {
            case AGE -> new TakenAs.UnknownAge();
            case COVER -> new TakenAs.CoveredAs(tank.cover());
            case SAND -> new TakenAs.SandDepth(new Length(tank.sandDepthCm()), tank.sandDepthCm() == 0);
            case HIDES -> new TakenAs.HidesThere(tank.hides());
            case WATER_CHANGE -> new TakenAs.WaterChange(tank.waterChangePercent(), (int) tank.waterChangeEveryDays());
            case MEALS -> new TakenAs.MealsADay(tank.mealsADay());
            case SEAWEED -> new TakenAs.SeaweedOffered(tank.seaweed());
            case PODS -> new TakenAs.PodsThere(tank.pods());
            case KEEPER -> new TakenAs.KeptBy(tank.keeper());
            case TEMPERATURE -> new TakenAs.WaterTemperature(new Temperature(tank.temperatureC()));
            case SALINITY -> new TakenAs.WaterSalinity(tank.salinity());
            case QUARANTINE -> new TakenAs.QuarantinedBy(tank.school());
        };
    }

    /** The same tank as it might be instead: the ends of what keepers usually have. */
    public List<Tank> others(Tank tank, LocalDate startOn) {
        return ends(startOn)
                .map(change -> {
                    TankDraft draft = TankDraft.of(tank);
                    change.accept(draft);
                    return draft.on(startOn);
                })
                .toList();
    }

    private Stream<Consumer<TankDraft>> ends(LocalDate startOn) {
        return switch (this) {
            case AGE -> Stream.of(d -> d.cycledOn = startOn, d -> d.cycledOn = startOn.minusYears(3));
            case COVER -> Stream.of(d -> d.cover = Cover.NONE, d -> d.cover = Cover.MESH);
            case SAND -> Stream.of(d -> d.sandDepthCm = 0.0, d -> d.sandDepthCm = 10.0);
            case HIDES -> Stream.of(d -> d.hides = 1, d -> d.hides = 15);
            case WATER_CHANGE -> Stream.of(change(5, 30), change(20, 7));
            case MEALS -> Stream.of(d -> d.mealsADay = 1, d -> d.mealsADay = 4);
            case SEAWEED -> Stream.of(d -> d.seaweed = true, d -> d.seaweed = false);
            case PODS -> Stream.of(Pods.values()).map(p -> d -> d.pods = p);
            case KEEPER -> Stream.of(d -> d.keeper = Keeper.FIRST_YEAR, d -> d.keeper = Keeper.SEASONED);
            case TEMPERATURE -> Stream.of(d -> d.temperatureC = 24.0, d -> d.temperatureC = 27.0);
            case SALINITY -> Stream.of(d -> d.salinity = 31.0, d -> d.salinity = 36.0);
            case QUARANTINE ->
                Stream.of(d -> d.school = QuarantineSchool.NONE, d -> d.school = QuarantineSchool.THIRTY_DAYS_WATCH);
        };
    }

    private static Consumer<TankDraft> change(double percent, double days) {
        return d -> {
            d.waterChangePercent = percent;
            d.waterChangeEveryDays = days;
        };
    }
}
