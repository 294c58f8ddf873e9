package pelluna.app.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.app.limits.Refused;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.FishFile.LengthFile;
import pelluna.core.plan.TestFile;
import pelluna.core.water.SeaWater;

class WaterTestFormTest {
    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);

    @Test
    void figuresAreReadWithPointOrCommaAndTheDayIsTodayIfNobodySays() {
        assertThat(WaterTestForm.read(Map.of("nitrate", "4,5", "pH", " 8.2 "), DAY, false))
                .isEqualTo(new TestFile(DAY, null, null, 4.5, 8.2, null, null, null, null));
        assertThat(WaterTestForm.read(Map.of("on", "2027-02-01", "ammonia", "0"), DAY, false))
                .isEqualTo(new TestFile(DAY.minusMonths(1), 0.0, null, null, null, null, null, null, null));
    }

    @Test
    void aSalinityMayBeASpecificGravityAndATemperatureFahrenheit() {
        TestFile test = WaterTestForm.read(Map.of("salinity", "1.0264", "temperatureC", "77"), DAY, true);
        assertThat(test.salinity())
                .isEqualTo(SeaWater.salinity(1.0264), within(1e-9))
                .isEqualTo(35, within(0.1));
        assertThat(test.temperatureC()).isEqualTo(25, within(1e-9));
        assertThat(WaterTestForm.read(Map.of("salinity", "34"), DAY, false))
                .extracting(TestFile::salinity)
                .isEqualTo(34.0);
    }

    @Test
    void whatIsNoFigureIsNamed() {
        for (String typed : List.of("plenty", "1e400", "NaN", "--")) {
            assertThatThrownBy(() -> WaterTestForm.read(Map.of("nitrate", typed), DAY, false))
                    .as(typed)
                    .isInstanceOfSatisfying(
                            Refused.class,
                            r -> assertThat(r.why()).isEqualTo(new PlanningRefusal.NoFigureFor(typed, "nitrate")));
        }
        assertThatThrownBy(() -> WaterTestForm.read(Map.of("on", "2027-02-01"), DAY, false))
                .isInstanceOfSatisfying(
                        Refused.class, r -> assertThat(r.why()).isEqualTo(new PlanningRefusal.NoFigure()));
    }

    @Test
    void aLengthMeasuredAgainOnTheSameDayCountsOnce() {
        FishFile resident = FishFile.of("Gramma loreto", 1);
        resident = MeasuredLengths.with(resident, LocalDate.of(2027, 1, 1), 5);
        resident = MeasuredLengths.with(resident, LocalDate.of(2027, 2, 1), 6);
        resident = MeasuredLengths.with(resident, LocalDate.of(2027, 1, 1), 5.5);
        assertThat(resident.lengths())
                .containsExactly(
                        new LengthFile(LocalDate.of(2027, 2, 1), 6), new LengthFile(LocalDate.of(2027, 1, 1), 5.5));
    }
}
