package pelluna.core.tank;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import pelluna.core.scape.Scape;
import pelluna.core.units.Volume;

/**
 * A tank with everything that may be left out: absent figures get the documented default. Fields are public and
 * nullable on purpose: this is the one place where 'not said' is allowed; {@link #on} turns it into a whole {@link
 * Tank}.
 */
public final class TankDraft {
    /** Rock that leaves about one hide, kg. Pelluna's judgement. */
    public static final double ROCK_KG_PER_HIDE = 8;
    /**
     * Ceilings for nitrate, mg/L: with corals, clams or anemones (common practice) and without (Pelluna's judgement).
     */
    public static final double REEF_NITRATE_CEILING = 15;

    public static final double FISH_NITRATE_CEILING = 40;

    /**
     * A measured volume may be larger than the glass and the sump that were named, but not this much. Pelluna's
     * judgement.
     */
    private static final double MOST_OVER = 2;

    public TankShape shape;
    public Double lengthCm;
    public Double widthCm;
    public Double waterHeightCm;
    public Double netLitres;
    public Double runCm;
    public Double rockKg;
    public Double sandDepthCm;
    public Double sumpLitres;
    public Integer hides;
    public Cover cover;
    public LocalDate cycledOn;
    public Keeper keeper;
    public Set<ReefLife> keeps;
    public Double waterChangePercent;
    public Double waterChangeEveryDays;
    public Integer mealsADay;
    public Boolean seaweed;
    public Pods pods;
    public Double temperatureC;
    public Double salinity;
    public Double nitrate;
    public Double phosphate;
    public Double nitrateCeiling;
    public Integer quarantinePlaces;
    public QuarantineSchool school;
    public Scape scape;

    /** A whole tank with everything in it said. */
    static TankDraft of(Tank tank) {
        TankDraft d = new TankDraft();
        d.shape = tank.shape();
        d.lengthCm = tank.lengthCm();
        d.widthCm = tank.widthCm();
        d.waterHeightCm = tank.waterHeightCm();
        d.netLitres = tank.netLitresMeasured().isPresent()
                ? Double.valueOf(tank.netLitresMeasured().getAsDouble())
                : null;
        d.runCm = tank.runCm();
        d.rockKg = tank.rockKg();
        d.sandDepthCm = tank.sandDepthCm();
        d.sumpLitres = tank.sumpLitres();
        d.hides = tank.hides();
        d.cover = tank.cover();
        d.cycledOn = tank.cycledOn();
        d.keeper = tank.keeper();
        d.keeps = tank.keeps();
        d.waterChangePercent = tank.waterChangePercent();
        d.waterChangeEveryDays = tank.waterChangeEveryDays();
        d.mealsADay = tank.mealsADay();
        d.seaweed = tank.seaweed();
        d.pods = tank.pods();
        d.temperatureC = tank.temperatureC();
        d.salinity = tank.salinity();
        d.nitrate = tank.nitrate().isPresent() ? Double.valueOf(tank.nitrate().getAsDouble()) : null;
        d.phosphate =
                tank.phosphate().isPresent() ? Double.valueOf(tank.phosphate().getAsDouble()) : null;
        d.nitrateCeiling = tank.nitrateCeiling();
        d.quarantinePlaces = tank.quarantinePlaces();
        d.school = tank.school();
        d.scape = tank.scape();
        return d;
    }

    private Set<Unsaid> unsaid() {
        return Arrays.stream(Unsaid.values())
                .filter(u -> u.missing(this))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Unsaid.class)));
    }

    /**
     * The whole tank, for a plan that starts on the given day.
     *
     * @throws ImpossibleTankException if there is neither a size nor a volume, or no water is left
     */
    public Tank on(LocalDate startOn) {
        TankShape form = or(shape, TankShape.BOX);
        boolean cubic = form == TankShape.CUBE;
        boolean round = form == TankShape.CYLINDER;
        double length = or(lengthCm, or(runCm, 0.0));
        double width = or(widthCm, cubic || round ? length : 0.0);
        double height = or(waterHeightCm, cubic ? length : 0.0);
        if (netLitres == null && (length <= 0 || width <= 0 || height <= 0)) {
            throw new ImpossibleTankException("tank", new Impossible.NoCompleteSize(), new Impossible.SizeOrVolume());
        }
        double rock = or(rockKg, 0.0);
        Set<ReefLife> kept = or(keeps, Set.of());
        double ceiling = kept.stream().anyMatch(ReefLife::lightLoving) ? REEF_NITRATE_CEILING : FISH_NITRATE_CEILING;
        double front = height > 0 ? height : Tank.FRONT_SHARE * length;
        double sand = or(sandDepthCm, 0.0);
        double run = or(runCm, length);
        int holes = or(
                hides, scape != null ? scape.hides().size() : (int) Math.max(2, Math.round(rock / ROCK_KG_PER_HIDE)));
        Scape reef = scape == null
                ? Scape.usual(length, front, sand, rock > 0, holes, run)
                : scape.withHides(holes, length, front, sand);
        Tank tank = new Tank(
                form,
                length,
                width,
                height,
                optional(netLitres),
                run,
                rock,
                sand,
                or(sumpLitres, 0.0),
                holes,
                or(cover, Cover.PARTIAL),
                or(cycledOn, startOn),
                or(keeper, Keeper.SETTLED),
                kept,
                or(waterChangePercent, 10.0),
                or(waterChangeEveryDays, 7.0),
                or(mealsADay, 2),
                or(seaweed, false),
                or(pods, Pods.SOME),
                or(temperatureC, 25.5),
                or(salinity, 35.0),
                optional(nitrate),
                optional(phosphate),
                or(nitrateCeiling, ceiling),
                or(quarantinePlaces, 1),
                or(school, QuarantineSchool.THIRTY_DAYS_WATCH),
                reef,
                unsaid());
        requireWater(tank);
        return tank;
    }

    private void requireWater(Tank tank) {
        TankVolume volume = tank.volume();
        if (volume.netLitres() <= 0) {
            throw new ImpossibleTankException("tank.rockKg", new Impossible.FullOfRock(), new Impossible.LessRock());
        }
        if (netLitres != null
                && volume.grossLitres() > 0
                && netLitres > MOST_OVER * (volume.grossLitres() + tank.sumpLitres())) {
            throw new ImpossibleTankException(
                    "tank.netLitres",
                    new Impossible.Measured(new Volume(netLitres)),
                    new Impossible.NearWhatItHolds(new Volume(volume.grossLitres() + tank.sumpLitres())));
        }
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private static <T> T or(T value, T otherwise) {
        return value == null ? otherwise : value;
    }
}
