package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.app.today.DueLists;

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
                .containsPattern(said("page.today.todo"))
                .containsPattern(said("page.today.watch"))
                .containsPattern(said("page.today.know"))
                .contains("data-key=\"1\"");
    }

    @Test
    void aFishThatNobodyHasSeenIsAskedAboutAndOneTapAnswers() {
        tank.act("seen", tank.fish("Amphiprion ocellaris"), null, Pelluna.now().minus(Duration.ofDays(3)), "a");
        tank.act("seen", tank.boss(), null, Pelluna.now().minus(Duration.ofHours(1)), "b");
        String page = tank.page("/today");
        assertThat(page)
                .containsPattern(saidWith("page.today.haveYouSeen", "0", "[^<>]*common clownfish"))
                .containsPattern(said("page.health.hasNotBeenNotedForDaysIts"))
                .doesNotContainPattern(saidWith("page.today.haveYouSeen", "0", "[^<>]*dottyback"));
        tank.post("/log/sighting", Map.of("fish", "" + tank.fish("Amphiprion ocellaris"), "doing", "seen"));
        assertThat(tank.page("/today"))
                .doesNotContainPattern(saidWith("page.today.haveYouSeen", "0", "[^<>]*common clownfish"));
    }

    @Test
    void afterLongItIsAskedWhetherItIsMissing() {
        long pair = tank.fish("Amphiprion ocellaris");
        tank.act("seen", pair, null, Pelluna.now().minus(Duration.ofDays(12)), "a");
        tank.act("seen", tank.boss(), null, Pelluna.now().minus(Duration.ofHours(1)), "b");
        assertThat(tank.page("/today"))
                .containsPattern(saidWith("page.today.isMissing", "0", "[^<>]*common clownfish"))
                .containsPattern(said("page.today.itIsMissing"));
        tank.post("/log/fish/" + pair + "/is", Map.of("what", "missing"));
        assertThat(tank.page("/today"))
                .containsPattern(saidWith("page.today.isMissingNow", "0Cap", "[^<>]*common clownfish"))
                .doesNotContainPattern(saidWith("page.today.isMissing", "0", "[^<>]*common clownfish"));
    }

    @Test
    void aTankWhoseLogIsNotKeptAsksNothing() {
        assertThat(tank.page("/today"))
                .doesNotContainPattern(said("page.today.haveYouSeen"))
                .containsPattern(said("page.today.nobodyIsUnderPressureIllOr"));
    }

    @Test
    void aPressedFishStandsUnderWatchWithItsWeek() {
        tank.watched(Duration.ofDays(1), 30, 6);
        assertThat(tank.page("/today"))
                .containsPattern(said("page.today.isPressed"))
                .contains("class=\"spark\"")
                .containsPattern("6[^<>]* 30 min");
    }

    @Test
    void aFishThatRefusesFoodForDaysGetsMoreSerious() {
        tank.act("not-eating", tank.wrasse(), null, Pelluna.now().minus(Duration.ofDays(5)), "n");
        assertThat(tank.page("/today"))
                .containsPattern(said("page.health.hasNotBeenSeenEatingForDays"))
                .containsPattern(said("units.Step.SURGE"));
    }

    @Test
    void whatIsDueIsThereForReminders() {
        tank.post("/log/water", Map.of("on", Pelluna.today().minusDays(20).toString(), "nitrate", "5"));
        assertThat(tank.page("/today"))
                .containsPattern(said("page.today.testTheWater"))
                .containsPattern(said("page.today.logATest"));
        assertThat(due()).extracting(DueLists.Due::key).anyMatch(k -> k.startsWith("test-"));
        tank.post("/log/water", Map.of("on", Pelluna.today().toString(), "nitrate", "5"));
        assertThat(due()).isEmpty();
    }

    private List<DueLists.Due> due() {
        return Pelluna.bean(DueLists.class).of(Pelluna.owned(tank.id)).due();
    }

    @Test
    void theDemoTellsItsSixWeeks() {
        String standing = Pelluna.get("/tanks/1/log/pecking-order").body();
        assertThat(standing)
                .containsPattern(said("introduction.Intervention.MOVED_ROCK") + "[^<>]*Saffron[^<>]*Inky")
                .containsPattern(said("behaviour.Chance.HARDLY"))
                .containsPattern(said("introduction.Intervention.MIRROR") + "[^<>]*Saffron[^<>]*Inky")
                .containsPattern(said("behaviour.Chance.COULD_BE"));
        String bringing = Pelluna.get("/tanks/1/log/introducing").body();
        assertThat(bringing)
                .contains("Saffron")
                .containsPattern(said("introduction.HasHelped"))
                .contains("sleeps at the right end");
        assertThat(Pelluna.get("/tanks/1/today").body())
                .containsPattern(said("page.today.standsHighest"))
                .containsPattern(said("behaviour.EventType.CLOUDY_EYE"));
    }
}
