package pelluna.app.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Constructor;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import pelluna.app.livestock.LivestockEntity;
import pelluna.app.livestock.PlannedFish;
import pelluna.app.rows.FishText;
import pelluna.app.rows.PlanJson;
import pelluna.app.rows.PlanText;
import pelluna.app.tank.TankEntity;
import pelluna.app.tank.TankFigures;
import pelluna.app.water.WaterTestEntity;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.FishFile.LengthFile;
import pelluna.core.plan.PlanFile;
import pelluna.core.plan.Risk;
import pelluna.core.plan.TankFile;
import pelluna.core.plan.TestFile;

/** Nothing that a plan file can say is lost on its way: every field at random, through text and through rows. */
class PlanRoundTripTest {
    private static final int PLANS = 300;

    private final Random random = new Random(16);

    @Test
    void throughText() {
        for (int i = 0; i < PLANS; i++) {
            PlanFile plan = (PlanFile) record(PlanFile.class);
            assertThat(PlanJson.MAPPER.readValue(PlanJson.MAPPER.writeValueAsString(plan), PlanFile.class))
                    .isEqualTo(plan);
            PlanText column = new PlanText();
            assertThat(column.convertToEntityAttribute(column.convertToDatabaseColumn(plan)))
                    .isEqualTo(plan);
        }
        assertThat(new FishText().convertToEntityAttribute(null)).isNull();
    }

    /** A step as 0.8.0 wrote it. */
    @Test
    void whatEarlierReleasesWroteIsReadWhole() {
        String old = """
            {"pelluna":1,"name":"Lantern Ledge","stance":"customary","startOn":"2027-03-01","tank":{"cover":"mesh",
            "cycledOn":"2025-09-25","hides":2,"keeper":"settled","keeps":["small-polyp-corals","shrimp"],
            "lengthCm":150.0,"mealsADay":3,"quarantine":{"places":2,"school":"thirty-days-watch"},"rockKg":52.0,
            "scape":{"rocks":[{"leftCm":4.5,"widthCm":57.0,"heightsCm":[19.6,29.4]}],"hides":[{"xCm":33.0,
            "heightCm":9.9},{"xCm":117.75,"heightCm":9.25}],"run":{"fromCm":0.0,"heightCm":39.0}},"seaweed":true,
            "shape":"box","waterChange":{"everyDays":7.0,"percent":12.0},"waterHeightCm":52.0,"widthCm":60.0,
            "fallow":{"from":"2026-12-01","until":"2027-03-01"}},
            "residents":[{"species":"Amphiprion ocellaris","count":2,"lengthCm":7.0,"captiveBred":true,
            "since":"2025-12-10","lengths":[{"on":"2026-02-01","cm":6.5}],
            "record":{"acts":3,"hours":4.5,"expected":1.25},"row":1}],
            "wishes":[{"species":"Gramma loreto","count":1,"leavesOn":"2027-09-01","leavesWhy":"outgrown","want":4,
            "place":2,"box":true,"on":"2027-04-01","together":1,"alone":true,"price":28.5,"risk":"box-and-gate",
            "row":17}]}""";
        PlanText column = new PlanText();
        PlanFile read = column.convertToEntityAttribute(old);
        assertThat(PlanJson.MAPPER.readTree(column.convertToDatabaseColumn(read)))
                .isEqualTo(PlanJson.MAPPER.readTree(old));
    }

    @Test
    void theTankThroughItsColumns() {
        for (int i = 0; i < PLANS; i++) {
            TankFile tank = (TankFile) record(TankFile.class);
            TankFile back = TankFigures.of(tank).file();
            assertThat(back).isEqualTo(whole(tank));
        }
    }

    /** Columns do not know an inner object of which nothing was said. */
    private static TankFile whole(TankFile tank) {
        return tank.but(d -> {
            d.waterChange =
                    d.waterChange == null || d.waterChange.percent() == null && d.waterChange.everyDays() == null
                            ? null
                            : d.waterChange;
            d.quarantine = d.quarantine == null || d.quarantine.places() == null && d.quarantine.school() == null
                    ? null
                    : d.quarantine;
            d.fallow = d.fallow == null || d.fallow.from() == null && d.fallow.until() == null ? null : d.fallow;
        });
    }

    @Test
    void fishAndTestsThroughTheirRows() {
        for (int i = 0; i < PLANS; i++) {
            FishFile any = (FishFile) record(FishFile.class);
            FishFile said = any.but(d -> {
                d.species = "Gramma loreto";
                d.count = any.howMany();
                d.leavesWhy = any.leavesOn() == null ? null : any.leavesWhy();
                d.captiveBred = Boolean.TRUE.equals(any.captiveBred()) ? true : null;
                d.lengths = oneADay(any.lengths());
                d.row = null;
            });
            assertThat(LivestockEntity.resident(1L, "Gramma loreto", said).file())
                    .isEqualTo(living(said));
            assertThat(LivestockEntity.wish(1L, "Gramma loreto", said).file()).isEqualTo(wished(said));
            TestFile test = (TestFile) record(TestFile.class);
            if (test.on() != null) {
                assertThat(new WaterTestEntity(1L, test).file()).isEqualTo(test);
            }
        }
    }

    @Test
    void theHeadOfAPlanThroughItsRow() {
        for (int i = 0; i < PLANS; i++) {
            PlanFile plan = (PlanFile) record(PlanFile.class);
            if (plan.tank() != null && plan.stance() != null) {
                TankEntity row = new TankEntity(1L, plan.name(), new TankFigures());
                row.plans(plan.with(whole(plan.tank())));
                assertThat(TankPlans.file(row, PlannedFish.none()))
                        .isEqualTo(plan.with(whole(plan.tank()))
                                .living(List.of())
                                .wishing(List.of())
                                .tested(List.of())
                                // what other keepers saw is the server's to know
                                .known(List.of()));
            }
        }
    }

    private static List<LengthFile> oneADay(List<LengthFile> any) {
        Map<LocalDate, LengthFile> byDay = new TreeMap<>();
        any.stream().filter(m -> m.on() != null).forEach(m -> byDay.put(m.on(), m));
        return List.copyOf(byDay.values());
    }

    /** What a row of a resident keeps. */
    private static FishFile living(FishFile f) {
        return FishFile.of(f.species(), f.count()).but(d -> {
            common(d, f);
            d.since = f.since();
            d.lengths = f.lengths().isEmpty() ? null : f.lengths();
            d.record = f.record();
        });
    }

    /** What a row of a wish keeps. */
    private static FishFile wished(FishFile f) {
        return FishFile.of(f.species(), f.count()).but(d -> {
            common(d, f);
            d.want = f.want() == null ? 3 : f.want();
            d.place = f.place();
            d.box = Boolean.TRUE.equals(f.box()) ? true : null;
            d.on = f.on();
            d.together = f.together();
            d.alone = Boolean.TRUE.equals(f.alone()) ? true : null;
            d.price = f.price();
            d.risk = f.risk() == Risk.NONE ? null : f.risk();
        });
    }

    private static void common(FishFile.Draft d, FishFile f) {
        d.lengthCm = f.lengthCm();
        d.captiveBred = f.captiveBred();
        d.leavesOn = f.leavesOn();
        d.leavesWhy = f.leavesWhy();
    }

    private Object record(Class<?> type) {
        RecordComponent[] parts = type.getRecordComponents();
        try {
            Constructor<?> made = type.getDeclaredConstructor(
                    Arrays.stream(parts).map(RecordComponent::getType).toArray(Class[]::new));
            made.setAccessible(true);
            return made.newInstance(Arrays.stream(parts)
                    .map(p -> p.getName().equals("pelluna") ? PlanFile.VERSION : value(p.getGenericType()))
                    .toArray());
        } catch (ReflectiveOperationException e) {
            throw new AssertionError(e);
        }
    }

    private Object value(Type type) {
        if (type == int.class) {
            return 1 + random.nextInt(99);
        }
        if (type == double.class) {
            return hundredths();
        }
        if (type instanceof ParameterizedType list) {
            Type of = list.getActualTypeArguments()[0];
            return IntStream.range(0, random.nextInt(4))
                    .mapToObj(i -> said(of))
                    .distinct()
                    .toList();
        }
        return random.nextInt(3) == 0 ? null : said(type);
    }

    private Object said(Type type) {
        if (type == Integer.class) {
            return 1 + random.nextInt(99);
        }
        if (type == Long.class) {
            return (long) random.nextInt(99);
        }
        if (type == Double.class) {
            return hundredths();
        }
        if (type == Boolean.class) {
            return random.nextBoolean();
        }
        if (type == String.class) {
            return "name " + random.nextInt(99) + " „ä“";
        }
        if (type == LocalDate.class) {
            return LocalDate.of(2025, 1, 1).plusDays(random.nextInt(900));
        }
        Class<?> one = (Class<?>) type;
        return one.isEnum() ? one.getEnumConstants()[random.nextInt(one.getEnumConstants().length)] : record(one);
    }

    private double hundredths() {
        return random.nextInt(10_000) / 100.0;
    }
}
