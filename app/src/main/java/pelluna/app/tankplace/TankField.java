package pelluna.app.tankplace;

import java.util.List;
import pelluna.core.tank.Cover;
import pelluna.core.tank.Keeper;
import pelluna.core.tank.Pods;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.tank.ReefLife;
import pelluna.core.tank.TankShape;
import pelluna.core.units.Named;

/**
 * Every figure of a tank as a form field: its name in the plan file, its unit, and what it stands
 * with. What it is called is its message.
 */
public enum TankField {
    SHAPE("shape", Kind.WORD, Part.GLASS, words(TankShape.class)),
    LENGTH("lengthCm", Kind.LENGTH, Part.GLASS),
    WIDTH("widthCm", Kind.LENGTH, Part.GLASS),
    HEIGHT("waterHeightCm", Kind.LENGTH, Part.GLASS),
    NET("netLitres", Kind.VOLUME, Part.GLASS),
    SUMP("sumpLitres", Kind.VOLUME, Part.GLASS),
    RUN("runCm", Kind.LENGTH, Part.ROCK),
    ROCK("rockKg", Kind.MASS, Part.ROCK),
    HIDES("hides", Kind.WHOLE, Part.ROCK),
    SAND("sandDepthCm", Kind.LENGTH, Part.ROCK),
    COVER("cover", Kind.WORD, Part.ROCK, words(Cover.class)),
    CYCLED("cycledOn", Kind.DATE, Part.ROCK),
    KEEPS("keeps", Kind.WORDS, Part.LIFE, words(ReefLife.class)),
    CHANGE("waterChangePercent", Kind.PERCENT, Part.UPKEEP),
    EVERY("waterChangeEveryDays", Kind.DAYS, Part.UPKEEP),
    MEALS("mealsADay", Kind.WHOLE, Part.UPKEEP),
    SEAWEED("seaweed", Kind.FLAG, Part.UPKEEP),
    PODS("pods", Kind.WORD, Part.UPKEEP, words(Pods.class)),
    KEEPER("keeper", Kind.WORD, Part.UPKEEP, words(Keeper.class)),
    TEMPERATURE("temperatureC", Kind.TEMPERATURE, Part.TESTS),
    SALINITY("salinity", Kind.SALINITY, Part.TESTS),
    NITRATE("nitrate", Kind.NITRATE, Part.TESTS),
    CEILING("nitrateCeiling", Kind.NITRATE, Part.TESTS),
    PHOSPHATE("phosphate", Kind.NITRATE, Part.TESTS),
    PLACES("quarantinePlaces", Kind.WHOLE, Part.QUARANTINE),
    SCHOOL("quarantineSchool", Kind.WORD, Part.QUARANTINE, words(QuarantineSchool.class));

    /** Fields that stand together. */
    enum Part {
        GLASS,
        ROCK,
        LIFE,
        UPKEEP,
        TESTS,
        QUARANTINE
    }

    /** What is typed, and in which unit. */
    enum Kind {
        LENGTH,
        VOLUME,
        MASS,
        TEMPERATURE,
        SALINITY,
        NITRATE,
        PERCENT,
        DAYS,
        WHOLE,
        WORD,
        WORDS,
        DATE,
        FLAG;

        public boolean number() {
            return compareTo(WHOLE) <= 0;
        }
    }

    private final String key;
    private final Kind kind;
    private final Part part;
    private final List<Named> options;

    TankField(String key, Kind kind, Part part) {
        this(key, kind, part, List.of());
    }

    TankField(String key, Kind kind, Part part, List<Named> options) {
        this.key = key;
        this.kind = kind;
        this.part = part;
        this.options = options;
    }

    private static <E extends Enum<E> & Named> List<Named> words(Class<E> type) {
        return List.of(type.getEnumConstants());
    }

    public String key() {
        return key;
    }

    public Kind kind() {
        return kind;
    }

    public Part part() {
        return part;
    }

    /** What can be chosen; empty for what is typed. */
    public List<Named> options() {
        return options;
    }
}
