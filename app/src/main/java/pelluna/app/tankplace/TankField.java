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
 * Every figure of a tank as a form field: its name in the plan file, its label, its unit, and the group it stands in.
 */
enum TankField {
    SHAPE("shape", "Shape", Kind.WORD, "Glass and water", words(TankShape.class)),
    LENGTH("lengthCm", "Length inside", Kind.LENGTH, "Glass and water"),
    WIDTH("widthCm", "Width, front to back", Kind.LENGTH, "Glass and water"),
    HEIGHT("waterHeightCm", "Water height", Kind.LENGTH, "Glass and water"),
    NET("netLitres", "Net volume, if measured", Kind.VOLUME, "Glass and water"),
    SUMP("sumpLitres", "Water in the sump", Kind.VOLUME, "Glass and water"),
    RUN("runCm", "Longest run the rock leaves", Kind.LENGTH, "Rock, sand, cover"),
    ROCK("rockKg", "Rock", Kind.MASS, "Rock, sand, cover"),
    HIDES("hides", "Hides and caves", Kind.WHOLE, "Rock, sand, cover"),
    SAND("sandDepthCm", "Sand depth", Kind.LENGTH, "Rock, sand, cover"),
    COVER("cover", "Cover", Kind.WORD, "Rock, sand, cover", words(Cover.class)),
    CYCLED("cycledOn", "Cycle finished on", Kind.DATE, "Rock, sand, cover"),
    KEEPS("keeps", "What else lives in it", Kind.WORDS, "Reef life", words(ReefLife.class)),
    CHANGE("waterChangePercent", "Water change", Kind.PERCENT, "Upkeep"),
    EVERY("waterChangeEveryDays", "… every", Kind.DAYS, "Upkeep"),
    MEALS("mealsADay", "Meals a day", Kind.WHOLE, "Upkeep"),
    SEAWEED("seaweed", "Seaweed on a clip", Kind.FLAG, "Upkeep"),
    PODS("pods", "Live pods", Kind.WORD, "Upkeep", words(Pods.class)),
    KEEPER("keeper", "You keep salt water", Kind.WORD, "Upkeep", words(Keeper.class)),
    TEMPERATURE("temperatureC", "Temperature", Kind.TEMPERATURE, "Water tests"),
    SALINITY("salinity", "Salinity", Kind.SALINITY, "Water tests"),
    NITRATE("nitrate", "Nitrate, last test", Kind.NITRATE, "Water tests"),
    CEILING("nitrateCeiling", "Nitrate ceiling", Kind.NITRATE, "Water tests"),
    PHOSPHATE("phosphate", "Phosphate", Kind.NITRATE, "Water tests"),
    PLACES("quarantinePlaces", "Quarantine places", Kind.WHOLE, "Quarantine"),
    SCHOOL("quarantineSchool", "School", Kind.WORD, "Quarantine", words(QuarantineSchool.class));

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
    private final String label;
    private final Kind kind;
    private final String group;
    private final List<String> options;

    TankField(String key, String label, Kind kind, String group) {
        this(key, label, kind, group, List.of());
    }

    TankField(String key, String label, Kind kind, String group, List<String> options) {
        this.key = key;
        this.label = label;
        this.kind = kind;
        this.group = group;
        this.options = options;
    }

    private static <E extends Enum<E> & Named> List<String> words(Class<E> type) {
        return List.of(Named.words(type).split(", "));
    }

    public String key() {
        return key;
    }

    public String label() {
        return label;
    }

    public Kind kind() {
        return kind;
    }

    public String group() {
        return group;
    }

    public List<String> options() {
        return options;
    }
}
