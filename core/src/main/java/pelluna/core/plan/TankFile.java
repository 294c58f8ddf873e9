package pelluna.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Consumer;
import pelluna.core.tank.Cover;
import pelluna.core.tank.Keeper;
import pelluna.core.tank.Pods;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.tank.ReefLife;
import pelluna.core.tank.TankShape;

/** The tank of a {@link PlanFile}: what was said of it, null where nothing was said. Metric units, as the names say. */
public record TankFile(
        TankShape shape,
        Double lengthCm,
        Double widthCm,
        Double waterHeightCm,
        Double netLitres,
        Double runCm,
        Double rockKg,
        Double sandDepthCm,
        Double sumpLitres,
        Integer hides,
        Cover cover,
        LocalDate cycledOn,
        Keeper keeper,
        List<ReefLife> keeps,
        WaterChange waterChange,
        Integer mealsADay,
        Boolean seaweed,
        Pods pods,
        Double temperatureC,
        Double salinity,
        Double nitrate,
        Double phosphate,
        Double nitrateCeiling,
        Quarantine quarantine,
        ScapeFile scape,
        FallowFile fallow) {
    /** How much water is changed, in percent, and how often. */
    public record WaterChange(Double percent, Double everyDays) {}

    public record Quarantine(Integer places, QuarantineSchool school) {}

    /** A time without fish. */
    public record FallowFile(LocalDate from, LocalDate until) {}

    /** The same tank with something changed. */
    public TankFile but(Consumer<Draft> change) {
        return new Draft(this).with(change);
    }

    /** The same tank with another reef, of so many hides. */
    public TankFile drawn(ScapeFile reef, int holes) {
        return but(d -> {
            d.scape = reef;
            d.hides = holes;
        });
    }

    /** The same tank with a time without fish; null for none. */
    public TankFile lyingFallow(FallowFile time) {
        return but(d -> d.fallow = time);
    }

    /** What is changed of a tank before it is one again. Fields as in {@link TankFile}. */
    public static final class Draft {
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
        public List<ReefLife> keeps;
        public WaterChange waterChange;
        public Integer mealsADay;
        public Boolean seaweed;
        public Pods pods;
        public Double temperatureC;
        public Double salinity;
        public Double nitrate;
        public Double phosphate;
        public Double nitrateCeiling;
        public Quarantine quarantine;
        public ScapeFile scape;
        public FallowFile fallow;

        private Draft(TankFile f) {
            shape = f.shape;
            lengthCm = f.lengthCm;
            widthCm = f.widthCm;
            waterHeightCm = f.waterHeightCm;
            netLitres = f.netLitres;
            runCm = f.runCm;
            rockKg = f.rockKg;
            sandDepthCm = f.sandDepthCm;
            sumpLitres = f.sumpLitres;
            hides = f.hides;
            cover = f.cover;
            cycledOn = f.cycledOn;
            keeper = f.keeper;
            keeps = f.keeps;
            waterChange = f.waterChange;
            mealsADay = f.mealsADay;
            seaweed = f.seaweed;
            pods = f.pods;
            temperatureC = f.temperatureC;
            salinity = f.salinity;
            nitrate = f.nitrate;
            phosphate = f.phosphate;
            nitrateCeiling = f.nitrateCeiling;
            quarantine = f.quarantine;
            scape = f.scape;
            fallow = f.fallow;
        }

        private TankFile with(Consumer<Draft> change) {
            change.accept(this);
            return new TankFile(
                    shape,
                    lengthCm,
                    widthCm,
                    waterHeightCm,
                    netLitres,
                    runCm,
                    rockKg,
                    sandDepthCm,
                    sumpLitres,
                    hides,
                    cover,
                    cycledOn,
                    keeper,
                    keeps,
                    waterChange,
                    mealsADay,
                    seaweed,
                    pods,
                    temperatureC,
                    salinity,
                    nitrate,
                    phosphate,
                    nitrateCeiling,
                    quarantine,
                    scape,
                    fallow);
        }
    }
}
