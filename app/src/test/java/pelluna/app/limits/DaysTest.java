package pelluna.app.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class DaysTest {
    @Test
    void aDayIsReadAsTheCalendarWritesItAndAsGermanTablesDo() {
        assertThat(Days.happened("on", "2026-11-07")).isEqualTo(LocalDate.of(2026, 11, 7));
        assertThat(Days.happened("on", " 7.11.2026")).isEqualTo(LocalDate.of(2026, 11, 7));
        assertThat(Days.iso("27.01.2026 14:05")).isEqualTo("2026-01-27 14:05");
        assertThat(Days.iso("7.11.20261")).isEqualTo("7.11.20261");
    }

    @Test
    void whatIsNoDayIsRefused() {
        assertThatThrownBy(() -> Days.happened("on", "31.2.2026")).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> Days.happened("on", "11/07/2026")).isInstanceOf(Refused.class);
    }
}
