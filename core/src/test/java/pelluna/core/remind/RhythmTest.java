package pelluna.core.remind;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class RhythmTest {
    private static final Optional<QuietHours> NIGHT =
            Optional.of(new QuietHours(LocalTime.of(22, 0), LocalTime.of(7, 0)));
    private static final LocalDate DAY = LocalDate.parse("2026-11-28");

    @Test
    void notificationsAreLookedForEveryQuarterOfAnHour() {
        Rhythm rhythm = new Rhythm(Optional.empty(), true, Optional.empty());
        assertThat(rhythm.at(DAY.atTime(10, 3), Optional.empty()))
                .isEqualTo(new Rhythm.Turn(true, false, DAY.atTime(10, 18)));
    }

    @Test
    void nothingIsToldInTheQuietHoursAndTheNextLookIsTheirEnd() {
        Rhythm rhythm = new Rhythm(NIGHT, true, Optional.of(LocalTime.of(8, 0)));
        assertThat(rhythm.at(DAY.atTime(23, 0), Optional.of(DAY)))
                .isEqualTo(new Rhythm.Turn(false, false, DAY.plusDays(1).atTime(7, 0)));
    }

    @Test
    void theMailGoesOnceADayAndNotBeforeItsHour() {
        Rhythm rhythm = new Rhythm(NIGHT, false, Optional.of(LocalTime.of(8, 0)));
        Optional<LocalDate> before = Optional.of(DAY.minusDays(1));
        assertThat(rhythm.at(DAY.atTime(7, 30), before)).isEqualTo(new Rhythm.Turn(false, false, DAY.atTime(8, 0)));
        assertThat(rhythm.at(DAY.atTime(8, 0), before))
                .isEqualTo(new Rhythm.Turn(false, true, DAY.plusDays(1).atTime(8, 0)));
        assertThat(rhythm.at(DAY.atTime(9, 0), Optional.of(DAY)))
                .isEqualTo(new Rhythm.Turn(false, false, DAY.plusDays(1).atTime(8, 0)));
    }

    @Test
    void aMailIsNotLateForTheNotificationsThatComeBesideIt() {
        Rhythm rhythm = new Rhythm(Optional.empty(), true, Optional.of(LocalTime.of(8, 0)));
        assertThat(rhythm.at(DAY.atTime(7, 50), Optional.empty()).next()).isEqualTo(DAY.atTime(8, 0));
    }

    @Test
    void aServerThatWasOffAtTheHourSendsTheMailWhenItIsBack() {
        Rhythm rhythm = new Rhythm(NIGHT, false, Optional.of(LocalTime.of(8, 0)));
        assertThat(rhythm.at(DAY.atTime(19, 40), Optional.of(DAY.minusDays(3))).mail())
                .isTrue();
    }

    @Test
    void aMailWhoseHourIsQuietComesWhenItIsOver() {
        Rhythm rhythm = new Rhythm(NIGHT, false, Optional.of(LocalTime.of(23, 30)));
        assertThat(rhythm.said(LocalTime.of(23, 30))).isEqualTo("07:00");
        assertThat(rhythm.at(DAY.atTime(7, 0), Optional.of(DAY.minusDays(1))).mail())
                .isTrue();
    }

    @Test
    void aYearOfLooksSendsOneMailADayAndNeverInTheNight() {
        Rhythm rhythm = new Rhythm(NIGHT, true, Optional.of(LocalTime.of(6, 15)));
        List<LocalDate> mails = new ArrayList<>();
        Optional<LocalDate> last = Optional.of(DAY.minusDays(1));
        LocalDateTime now = DAY.atStartOfDay();
        while (now.isBefore(DAY.plusDays(365).atStartOfDay())) {
            Rhythm.Turn turn = rhythm.at(now, last);
            if (turn.push() || turn.mail()) {
                assertThat(NIGHT.orElseThrow().at(now.toLocalTime())).isFalse();
            }
            if (turn.mail()) {
                mails.add(now.toLocalDate());
                last = Optional.of(now.toLocalDate());
            }
            assertThat(turn.next()).isAfter(now);
            now = turn.next();
        }
        assertThat(mails).hasSize(365).doesNotHaveDuplicates();
    }
}
