package pelluna.app.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.FishFile.LengthFile;
import pelluna.core.water.SeaWater;

class WaterTestFormTest {

    @Test
    void figuresAreReadWithPointOrCommaAndTheDayIsTodayIfNobodySays() {
        assertThat(WaterTestForm.entry(Map.of("nitrate", "4,5", "pH", " 8.2 "), "2027-03-01", false))
                .isEqualTo(Map.of("on", "2027-03-01", "nitrate", 4.5, "pH", 8.2));
        assertThat(WaterTestForm.entry(Map.of("on", "2027-02-01", "ammonia", "0"), "2027-03-01", false))
                .containsEntry("on", "2027-02-01")
                .containsEntry("ammonia", 0.0);
    }

    @Test
    void aSalinityMayBeASpecificGravityAndATemperatureFahrenheit() {
        Map<String, Object> entry =
                WaterTestForm.entry(Map.of("salinity", "1.0264", "temperatureC", "77"), "2027-03-01", true);
        assertThat((Double) entry.get("salinity"))
                .isEqualTo(SeaWater.salinity(1.0264), within(1e-9))
                .isEqualTo(35, within(0.1));
        assertThat((Double) entry.get("temperatureC")).isEqualTo(25, within(1e-9));
        assertThat(WaterTestForm.entry(Map.of("salinity", "34"), "2027-03-01", false))
                .containsEntry("salinity", 34.0);
    }

    @Test
    void whatIsNoFigureIsNamed() {
        for (String typed : List.of("plenty", "1e400", "NaN", "--")) {
            assertThatThrownBy(() -> WaterTestForm.entry(Map.of("nitrate", typed), "2027-03-01", false))
                    .as(typed)
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("is no figure for nitrate");
        }
        assertThatThrownBy(() -> WaterTestForm.entry(Map.of("on", "2027-02-01"), "2027-03-01", false))
                .hasMessageContaining("at least one figure");
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
