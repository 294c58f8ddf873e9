package pelluna.app.behaviour;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class WatchedHoursTest {
    private static final Instant NOON = Instant.parse("2027-03-10T12:00:00Z");
    private static final List<WatchedHours.Watch> WATCHES = List.of(
            new WatchedHours.Watch(NOON, 1),
            new WatchedHours.Watch(NOON.plusSeconds(3600 * 24), 2),
            new WatchedHours.Watch(NOON.plusSeconds(3600 * 48), 4));
    private static final Map<Long, LocalDate> SINCE =
            Map.of(1L, LocalDate.of(2027, 1, 1), 2L, LocalDate.of(2027, 3, 11), 3L, LocalDate.of(2027, 4, 1));

    private static WatchedHours hours(WatchedHours.Away... away) {
        return new WatchedHours(WATCHES, SINCE, List.of(away), ZoneId.of("UTC"));
    }

    @Test
    void aWatchCountsFromTheDayOnWhichBothWereThere() {
        assertThat(hours().of(1L, 1L)).isEqualTo(7);
        assertThat(hours().of(1L, 2L)).isEqualTo(6).isEqualTo(hours().of(2L, 1L));
        assertThat(hours().of(1L, 3L)).isZero();
    }

    @Test
    void notWhileOneOfThemWasOut() {
        Instant out = NOON.plusSeconds(3600 * 24);
        WatchedHours oneOut = hours(new WatchedHours.Away(1L, out, out.plusSeconds(60)));
        assertThat(oneOut.of(1L, 2L)).isEqualTo(4);
        assertThat(oneOut.of(2L, 2L)).isEqualTo(6);
        assertThat(hours(new WatchedHours.Away(9L, out, out.plusSeconds(60))).of(1L, 2L))
                .as("of another it is nothing")
                .isEqualTo(6);
        assertThat(hours(new WatchedHours.Away(1L, NOON, out)).of(1L, 1L))
                .as("the moment of return counts")
                .isEqualTo(6);
    }

    @Test
    void theDayIsThatOfTheTank() {
        WatchedHours far = new WatchedHours(WATCHES, SINCE, List.of(), ZoneId.of("Pacific/Kiritimati"));
        assertThat(far.of(2L, 2L)).as("there it was the eleventh already").isEqualTo(7);
    }
}
