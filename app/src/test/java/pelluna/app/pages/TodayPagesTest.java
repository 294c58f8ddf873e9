package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

/** Today: computed, dated, explained, each with its one button. */
class TodayPagesTest {
    private LogTank tank;

    @BeforeEach
    void aTank() {
        tank = new LogTank("Today");
    }

    @Test
    void theFrontDoorLeadsToToday() {
        assertThat(Pelluna.get("/").uri().getPath()).matches("/tanks/\\d+/today");
        assertThat(tank.page("/today"))
                .contains("Do")
                .contains("Watch")
                .contains("Know")
                .contains("data-key=\"1\"");
    }

    @Test
    void aFishThatNobodyHasSeenIsAskedAboutAndOneTapAnswers() {
        tank.act("seen", tank.fish("Amphiprion ocellaris"), null, Instant.now().minus(Duration.ofDays(3)), "a");
        tank.act("seen", tank.boss(), null, Instant.now().minus(Duration.ofHours(1)), "b");
        String page = tank.page("/today");
        assertThat(page)
                .contains("Have you seen the common clownfish?")
                .contains("has not been noted for three days")
                .doesNotContain("Have you seen Springer");
        tank.post("/log/sighting", Map.of("fish", "" + tank.fish("Amphiprion ocellaris"), "doing", "seen"));
        assertThat(tank.page("/today")).doesNotContain("Have you seen the common clownfish?");
    }

    @Test
    void afterLongItIsAskedWhetherItIsMissing() {
        long pair = tank.fish("Amphiprion ocellaris");
        tank.act("seen", pair, null, Instant.now().minus(Duration.ofDays(12)), "a");
        tank.act("seen", tank.boss(), null, Instant.now().minus(Duration.ofHours(1)), "b");
        assertThat(tank.page("/today"))
                .contains("Is the common clownfish missing?")
                .contains("It is missing");
        tank.post("/log/fish/" + pair + "/is", Map.of("what", "missing"));
        assertThat(tank.page("/today"))
                .contains("The common clownfish is missing.")
                .doesNotContain("Is the common clownfish missing?");
    }

    @Test
    void aTankWhoseLogIsNotKeptAsksNothing() {
        assertThat(tank.page("/today"))
                .doesNotContain("Have you seen")
                .contains("Nobody is under pressure, ill or missing, as far as the log knows.");
    }

    @Test
    void aPressedFishStandsUnderWatchWithItsWeek() {
        tank.watched(Duration.ofDays(1), 30, 6);
        assertThat(tank.page("/today"))
                .contains("The yellow wrasse is pressed")
                .contains("class=\"spark\"")
                .contains("6 in 30 min");
    }

    @Test
    void aFishThatRefusesFoodForDaysGetsMoreSerious() {
        tank.act("not-eating", tank.wrasse(), null, Instant.now().minus(Duration.ofDays(5)), "n");
        assertThat(tank.page("/today"))
                .contains("has not been seen eating for five days, and refused food.")
                .contains("Surge");
    }

    @Test
    void whatIsDueIsSaidToADeviceThatAsks() {
        tank.post("/log/water", Map.of("on", LocalDate.now().minusDays(20).toString(), "nitrate", "5"));
        assertThat(tank.page("/today")).contains("Test the water.").contains("Log a test");
        assertThat(Pelluna.get(tank.at("/today/due")).body())
                .contains("\"says\":\"Test the water.\"")
                .contains("\"key\":\"" + tank.id + ":test-");
        tank.post("/log/water", Map.of("on", LocalDate.now().toString(), "nitrate", "5"));
        assertThat(Pelluna.get(tank.at("/today/due")).body()).isEqualTo("[]");
    }

    @Test
    void theDemoTellsItsSixWeeks() {
        String standing = Pelluna.get("/tanks/1/log/standing").body();
        assertThat(standing)
                .contains("Rock moved, for Saffron against Inky")
                .contains("hardly chance")
                .contains("A mirror on the glass, for Saffron against Inky")
                .contains("could be chance");
        String bringing = Pelluna.get("/tanks/1/log/bringing").body();
        assertThat(bringing)
                .contains("Saffron")
                .contains("Rock moved has helped")
                .contains("sleeps at the right end");
        assertThat(Pelluna.get("/tanks/1/today").body())
                .contains("stands highest")
                .contains("cloudy eye");
    }
}
