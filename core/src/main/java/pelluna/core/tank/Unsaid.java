package pelluna.core.tank;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Stream;
import pelluna.core.units.English;
import pelluna.core.units.Measures;
import pelluna.core.units.Named;

/**
 * Figures of a tank that its keeper may leave unsaid. Each is asked for; until it is said, something is assumed, and
 * what hangs on it
 * says so. What is
 * assumed is Pelluna's judgement.
 */
public enum Unsaid implements Named {
    AGE("cycledOn", "when its cycle ended", d -> d.cycledOn == null),
    COVER("cover", "how it is covered", d -> d.cover == null),
    SAND("sandDepthCm", "how deep its sand is", d -> d.sandDepthCm == null),
    HIDES("hides", "how many hides it has", d -> d.hides == null && d.scape == null),
    WATER_CHANGE(
            "waterChangePercent",
            "how much water you change",
            d -> d.waterChangePercent == null || d.waterChangeEveryDays == null),
    MEALS("mealsADay", "how often you feed", d -> d.mealsADay == null),
    SEAWEED("seaweed", "whether you offer seaweed", d -> d.seaweed == null),
    PODS("pods", "whether it has live pods", d -> d.pods == null),
    KEEPER("keeper", "how long you have kept salt water", d -> d.keeper == null),
    TEMPERATURE("temperatureC", "its temperature", d -> d.temperatureC == null),
    SALINITY("salinity", "its salinity", d -> d.salinity == null),
    QUARANTINE("quarantineSchool", "how you quarantine", d -> d.school == null);

    private final String word;
    private final String plain;
    private final Predicate<TankDraft> missing;

    Unsaid(String word, String plain, Predicate<TankDraft> missing) {
        this.word = word;
        this.plain = plain;
        this.missing = missing;
    }

    /** The figure's name in forms. */
    @Override
    public String word() {
        return word;
    }

    /** 'when its cycle ended', to go on from 'you have not said'. */
    public String plain() {
        return plain;
    }

    boolean missing(TankDraft draft) {
        return missing.test(draft);
    }

    /** What is assumed in its place, as it stands in a sentence. */
    public String assumed(Tank tank, Measures say) {
        return switch (this) {
            case AGE -> "unknown, and young where it has to count";
            case COVER ->
                switch (tank.cover()) {
                    case PARTIAL -> "covered in part";
                    default -> tank.cover().word();
                };
            case SAND -> tank.sandDepthCm() == 0 ? "no sand" : say.length(tank.sandDepthCm());
            case HIDES -> English.count(tank.hides(), "hide", "hides");
            case WATER_CHANGE ->
                Measures.number(tank.waterChangePercent()) + " % every "
                        + English.count((int) tank.waterChangeEveryDays(), "day", "days");
            case MEALS -> English.count(tank.mealsADay(), "meal", "meals") + " a day";
            case SEAWEED -> tank.seaweed() ? "offered" : "none";
            case PODS -> tank.pods().word();
            case KEEPER -> tank.keeper().word();
            case TEMPERATURE -> say.temperature(tank.temperatureC());
            case SALINITY -> Measures.number(tank.salinity()) + " g/kg";
            case QUARANTINE -> tank.school().plain();
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
