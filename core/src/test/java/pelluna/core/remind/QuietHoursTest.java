package pelluna.core.remind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDateTime;
import java.time.LocalTime;
import org.junit.jupiter.api.Test;

class QuietHoursTest {
    private static final int DAY = 24 * 60;
    private static final QuietHours NIGHT = new QuietHours(LocalTime.of(22, 0), LocalTime.of(7, 0));
    private static final QuietHours NAP = new QuietHours(LocalTime.of(13, 0), LocalTime.of(15, 30));

    @Test
    void theFirstMinuteIsQuietAndTheOneAfterTheLastIsNot() {
        assertThat(NIGHT.at(LocalTime.of(21, 59))).isFalse();
        assertThat(NIGHT.at(LocalTime.of(22, 0))).isTrue();
        assertThat(NIGHT.at(LocalTime.MIDNIGHT)).isTrue();
        assertThat(NIGHT.at(LocalTime.of(6, 59))).isTrue();
        assertThat(NIGHT.at(LocalTime.of(7, 0))).isFalse();
        assertThat(NAP.at(LocalTime.of(12, 59))).isFalse();
        assertThat(NAP.at(LocalTime.of(13, 0))).isTrue();
        assertThat(NAP.at(LocalTime.of(15, 30))).isFalse();
    }

    @Test
    void whatFallsInTheNightComesInTheMorningAfterIt() {
        assertThat(NIGHT.over(LocalDateTime.parse("2026-11-28T23:10"))).isEqualTo("2026-11-29T07:00");
        assertThat(NIGHT.over(LocalDateTime.parse("2026-11-29T03:00"))).isEqualTo("2026-11-29T07:00");
        assertThat(NIGHT.over(LocalDateTime.parse("2026-11-29T12:00"))).isEqualTo("2026-11-29T12:00");
    }

    @Test
    void whatMustBeSaidAheadIsSaidBeforeTheyBegin() {
        QuietHours early = new QuietHours(LocalTime.of(17, 0), LocalTime.of(8, 0));
        assertThat(early.ahead(LocalTime.of(18, 0))).isEqualTo("17:00");
        assertThat(NIGHT.ahead(LocalTime.of(18, 0))).isEqualTo("18:00");
    }

    @Test
    void hoursThatBeginAsTheyEndAreNone() {
        assertThatThrownBy(() -> new QuietHours(LocalTime.NOON, LocalTime.NOON))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void theyAreOverAtTheFirstMinuteThatIsNotQuiet() {
        for (int from = 0; from < DAY; from += 97) {
            for (int to = 5; to < DAY; to += 131) {
                if (from != to) {
                    over(new QuietHours(minute(from), minute(to)));
                }
            }
        }
    }

    private static void over(QuietHours quiet) {
        for (int now = 0; now < DAY; now += 113) {
            LocalDateTime moment = LocalDateTime.parse("2026-11-28T00:00").with(minute(now));
            LocalDateTime over = quiet.over(moment);
            assertThat(quiet.at(over.toLocalTime())).isFalse();
            assertThat(over.equals(moment) || quiet.at(over.minusMinutes(1).toLocalTime()))
                    .isTrue();
            assertThat(over).isBetween(moment, moment.plusDays(1));
        }
    }

    private static LocalTime minute(int ofTheDay) {
        return LocalTime.of(ofTheDay / 60, ofTheDay % 60);
    }
}
