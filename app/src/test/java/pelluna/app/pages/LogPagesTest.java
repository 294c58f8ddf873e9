package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;
import static pelluna.app.testing.Said.shown;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pelluna.app.log.LogFigures;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.core.behaviour.EventType;

/** The log over HTTP: sightings, typed sentences, watches, roll call, and what they come to. */
class LogPagesTest {
    private LogTank tank;

    @BeforeEach
    void aTank() {
        tank = new LogTank("Logged");
    }

    private int acts() {
        return Pelluna.bean(LogFigures.class).contests(Pelluna.owned(tank.id)).stream()
                .mapToInt(w -> (int) w.times())
                .sum();
    }

    @Test
    void aSightingGoesToTheDatabaseAndBackAndCanBeTakenBack() {
        HttpResponse<String> answer = tank.post(
                "/log/sighting",
                Map.of(
                        "fish",
                        "" + tank.boss(),
                        "doing",
                        "chased",
                        "other",
                        "" + tank.wrasse(),
                        "x",
                        "0.2",
                        "y",
                        "0.1",
                        "times",
                        "3",
                        "gravity",
                        "2"));
        assertThat(answer.statusCode()).isEqualTo(200);
        String page = tank.page("/log");
        assertThat(page)
                .containsPattern(said("behaviour.EventType.CHASED"))
                .containsPattern(said("page.log.times", 3))
                .containsPattern(said("behaviour.Degree.HARD") + ", " + said("sighting.Where"));
        assertThat(acts()).isEqualTo(3);
        String entry = page.replaceFirst("(?s).*?id=\"entry-(\\d+)\".*", "$1");
        tank.post("/log/back", Map.of("entry", entry));
        assertThat(tank.page("/log"))
                .as("what was written stays readable")
                .containsPattern(said("page.log.takenBack"))
                .containsPattern(said("behaviour.EventType.CHASED"));
        assertThat(acts()).isZero();
    }

    @Test
    void whatIsSentTwiceIsWrittenOnceAndWithItsOwnTime() {
        Instant then = Pelluna.now().minus(Duration.ofHours(5));
        assertThat(tank.act("chased", tank.boss(), tank.wrasse(), then, "k1").statusCode())
                .isEqualTo(204);
        assertThat(tank.act("chased", tank.boss(), tank.wrasse(), then, "k1").statusCode())
                .isEqualTo(204);
        assertThat(acts()).isEqualTo(1);
        assertThat(Pelluna.bean(LogFigures.class).course(Pelluna.owned(tank.id)).moments())
                .singleElement()
                .satisfies(at -> assertThat(Duration.between(then, at).abs()).isLessThan(Duration.ofSeconds(1)));
    }

    @ParameterizedTest
    @CsvSource({"chased, self, sighting.NotToItself", "chased, none, sighting.ToWhom", "'', none, app.log.WhatDidItDo"})
    void whatCannotBeIsRefusedWithItsReason(String doing, String whom, String why) {
        Map<String, String> form = whom.equals("self")
                ? Map.of("fish", "" + tank.boss(), "doing", doing, "other", "" + tank.boss(), "quiet", "true")
                : Map.of("fish", "" + tank.boss(), "doing", doing, "quiet", "true");
        HttpResponse<String> answer = tank.post("/log/sighting", form);
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).containsPattern(said(why));
    }

    @Test
    void theFutureAndOtherTanksFishAreRefused() {
        assertThat(tank.act("eats", tank.boss(), null, Pelluna.now().plus(Duration.ofHours(2)), "f")
                        .statusCode())
                .isEqualTo(422);
        LogTank other = new LogTank("Next door");
        assertThat(tank.act("eats", other.boss(), null, Pelluna.now(), "g").statusCode())
                .isEqualTo(404);
        assertThat(tank.post("/log/sighting", Map.of("fish", "x", "doing", "eats", "quiet", "true"))
                        .statusCode())
                .isEqualTo(422);
    }

    @Test
    void aTypedSentenceIsReadAndWhatIsNotUnderstoodStaysInTheField() {
        tank.post("/log/typed", Map.of("text", "dottyback nipped wrasse x2 right cave; over the clam"));
        assertThat(tank.page("/log"))
                .containsPattern(said("behaviour.EventType.NIPPED"))
                .contains("over the clam");
        HttpResponse<String> refused = tank.post("/log/typed", Map.of("text", "tang chased wrasse"));
        assertThat(refused.body())
                .containsPattern(said("sighting.NobodyGoesBy"))
                .contains("value=\"tang chased wrasse\"");
        assertThat(Pelluna.get(tank.at("/log/complete?text=dotty")).body()).contains("dottyback");
    }

    @Test
    void anActInAWatchGetsHoursAndOneOutsideCountsAsAnEventOnly() {
        tank.act("chased", tank.boss(), tank.wrasse(), Pelluna.now().minus(Duration.ofHours(9)), "outside");
        tank.watched(Duration.ofHours(3), 30, 4);
        LogFigures figures = Pelluna.bean(LogFigures.class);
        assertThat(figures.watchedContests(Pelluna.owned(tank.id)))
                .singleElement()
                .satisfies(w -> assertThat(w.acts()).isEqualTo(4));
        assertThat(figures.contests(Pelluna.owned(tank.id)))
                .singleElement()
                .satisfies(w -> assertThat(w.times()).isEqualTo(5));
        assertThat(figures.pressure(Pelluna.owned(tank.id), 7, figures.watches(Pelluna.owned(tank.id)))
                        .get(tank.wrasse()))
                .satisfies(p -> {
                    assertThat(p.rate()).isEqualTo(8.0);
                    assertThat(p.outside()).isEqualTo(1);
                });
        assertThat(tank.page("/log")).containsPattern(said("page.log.watchesAndOutside"));
        tank.post(
                "/log/sighting",
                Map.of("fish", "" + tank.boss(), "doing", "chased", "other", "" + tank.wrasse(), "times", "2"));
        assertThat(tank.page("/log"))
                .as("a line may stand for several")
                .containsPattern(said("page.log.watchesAndOutside"));
    }

    @Test
    void aWatchIsStartedAndEndedOneAtATime() {
        tank.post("/log/watch", Map.of("what", "begin"));
        assertThat(tank.page("/log")).containsPattern(said("script.log.endTheWatch"));
        tank.post("/log/watch", Map.of("what", "begin"));
        tank.post("/log/sighting", Map.of("fish", "" + tank.boss(), "doing", "chased", "other", "" + tank.wrasse()));
        assertThat(Pelluna.bean(LogFigures.class).watchedContests(Pelluna.owned(tank.id)))
                .as("no rate before the watch has its hours")
                .isEmpty();
        tank.post("/log/watch", Map.of("what", "toggle"));
        assertThat(tank.page("/log"))
                .containsPattern(said("script.log.startAWatch"))
                .containsPattern(said("page.log.inAWatch"));
        assertThat(Pelluna.bean(LogFigures.class).watchedContests(Pelluna.owned(tank.id)))
                .hasSize(1);
        assertThat(Pelluna.bean(LogFigures.class).watches(Pelluna.owned(tank.id)))
                .hasSize(1);
    }

    @Test
    void theRollIsCalledWithOneTapForAllAndOneForEach() {
        tank.post("/log/head-count", Map.of("all", "eats", "f" + tank.wrasse(), "absent", "food", "mysis"));
        LogFigures.LastNotes notes = Pelluna.bean(LogFigures.class).last(Pelluna.owned(tank.id));
        assertThat(notes.of(tank.boss())).containsKey(EventType.EATS);
        assertThat(notes.of(tank.wrasse())).containsKey(EventType.ABSENT).doesNotContainKey(EventType.EATS);
        assertThat(notes.seen(tank.wrasse()))
                .as("who did not come was not seen")
                .isNull();
        assertThat(tank.page("/log"))
                .containsPattern(said("behaviour.EventType.FED"))
                .contains("mysis");
    }

    @Test
    void whatWasSeenIsToldOnTheStandingPageWithItsContestsAndHours() {
        tank.watched(Duration.ofDays(2), 60, 9);
        tank.watched(Duration.ofDays(1), 60, 8);
        String page = tank.page("/log/pecking-order");
        assertThat(page)
                .containsPattern(said("behaviour.Counted"))
                .containsPattern(said("page.behaviour.steepness"))
                .containsPattern("17[^<]* 2 h")
                .contains("class=\"hot\"");
        assertThat(page).containsPattern(saidWith("behaviour.SeenOfIt", "watched", "2 h"));
    }

    @Test
    void theTankAsAWholeIsHeldAgainstTheWeekBefore() {
        assertThat(tank.page("/log/pecking-order")).containsPattern(said("behaviour.NobodyWatched"));
        tank.watched(Duration.ofDays(10), 60, 20);
        tank.watched(Duration.ofDays(2), 60, 2);
        assertThat(tank.page("/log/pecking-order"))
                .containsPattern(said("behaviour.Chance.HARDLY"))
                .containsPattern(said("behaviour.Counts"));
    }

    @Test
    void fewContestsAreNotCalledAnOrder() {
        tank.watched(Duration.ofDays(1), 30, 2);
        assertThat(tank.page("/log/pecking-order")).containsPattern(said("behaviour.TooFew"));
    }

    @ParameterizedTest
    @CsvSource({
        "/log",
        "/log/head-count",
        "/log/introducing",
        "/log/pecking-order",
        "/log/fish",
        "/log/health",
        "/log/water",
        "/log/sheets",
        "/today"
    })
    void everyPageOfAnEmptyTankSaysWhatWillBeHere(String path) {
        long empty = Pelluna.tank("Empty");
        HttpResponse<String> answer = Pelluna.get("/tanks/" + empty + path);
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(shown(answer.body()))
                .contains("</html>")
                .doesNotContain("null")
                .doesNotContain("NaN");
    }
}
