package pelluna.app.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static pelluna.app.testing.Said.said;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.fish.Fish;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;
import pelluna.core.behaviour.EventType;
import pelluna.core.behaviour.Stretch;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

class LogBookTest {
    private LogTank tank;
    private LogBook log;
    private LogFigures figures;

    @BeforeEach
    void aTank() {
        tank = new LogTank("Log book");
        log = Pelluna.bean(LogBook.class);
        figures = Pelluna.bean(LogFigures.class);
    }

    @Test
    void aWatchThatNobodyEndedCountsNoLongerThanFourHours() {
        log.begin(Pelluna.owned(tank.id), Pelluna.now().minus(Duration.ofHours(9)), "forgotten");
        assertThat(log.running(Pelluna.owned(tank.id))).isEmpty();
        assertThat(figures.watches(Pelluna.owned(tank.id)))
                .singleElement()
                .satisfies(w -> assertThat(w.hours()).isEqualTo(4));
    }

    @Test
    void aWatchThatAPhoneBeganOfflineIsBegunOnceAndWithItsOwnTime() {
        Instant then = Pelluna.now().minus(Duration.ofMinutes(40));
        log.begin(Pelluna.owned(tank.id), then, "k");
        log.end(Pelluna.owned(tank.id), then.plus(Duration.ofMinutes(20)));
        log.begin(Pelluna.owned(tank.id), then, "k");
        assertThat(log.running(Pelluna.owned(tank.id))).isEmpty();
        assertThat(figures.watches(Pelluna.owned(tank.id)))
                .singleElement()
                .satisfies(w -> assertThat(w.hours()).isEqualTo(1 / 3.0));
    }

    @Test
    void aLineThatComesLateStandsInTheWatchOfItsOwnTime() {
        tank.watched(Duration.ofHours(2), 30, 0);
        log.write(
                Pelluna.owned(tank.id),
                Observation.act(
                        Pelluna.now().minus(Duration.ofMinutes(100)), EventType.CHASED, tank.boss(), tank.wrasse()));
        assertThat(figures.watchedContests(Pelluna.owned(tank.id))).hasSize(1);
        log.write(
                Pelluna.owned(tank.id),
                Observation.act(
                        Pelluna.now().minus(Duration.ofMinutes(80)), EventType.CHASED, tank.boss(), tank.wrasse()));
        assertThat(figures.watchedContests(Pelluna.owned(tank.id)))
                .singleElement()
                .satisfies(w -> assertThat(w.acts()).isEqualTo(1));
    }

    @Test
    void stretchesCountTheActsOfOneOrOfAll() {
        tank.watched(Duration.ofHours(3), 60, 5);
        Instant from = Pelluna.now().minus(Duration.ofHours(4));
        log.write(
                Pelluna.owned(tank.id),
                Observation.act(
                        Pelluna.now().minus(Duration.ofMinutes(150)),
                        EventType.NIPPED,
                        tank.fish("Amphiprion ocellaris"),
                        tank.wrasse()));
        assertThat(figures.contestsIn(
                        Pelluna.owned(tank.id),
                        figures.watches(Pelluna.owned(tank.id)),
                        from,
                        Pelluna.now(),
                        tank.wrasse(),
                        null))
                .isEqualTo(new Stretch(6, 1));
        assertThat(figures.contestsIn(
                        Pelluna.owned(tank.id),
                        figures.watches(Pelluna.owned(tank.id)),
                        from,
                        Pelluna.now(),
                        tank.wrasse(),
                        tank.boss()))
                .isEqualTo(new Stretch(5, 1));
        assertThat(figures.contestsIn(
                        Pelluna.owned(tank.id),
                        figures.watches(Pelluna.owned(tank.id)),
                        from.minusSeconds(7200),
                        from,
                        tank.wrasse(),
                        null))
                .as("nobody watched")
                .isEqualTo(Stretch.NOTHING);
    }

    @Test
    void graverActsWeighMoreInPressure() {
        tank.watched(Duration.ofHours(3), 60, 0);
        Instant in = Pelluna.now().minus(Duration.ofMinutes(170));
        log.write(
                Pelluna.owned(tank.id),
                new Observation(in, EventType.CHASED, tank.boss(), tank.wrasse(), null, null, 3, 2, "", null));
        assertThat(figures.pressure(Pelluna.owned(tank.id), 7, figures.watches(Pelluna.owned(tank.id)))
                        .get(tank.wrasse())
                        .rate())
                .isEqualTo(8);
    }

    @Test
    void hidingAtFeedingsIsCountedUntilItComesAgain() {
        Instant now = Pelluna.now();
        for (int i = 5; i > 0; i--) {
            log.write(
                    Pelluna.owned(tank.id),
                    Observation.of(
                            now.minus(Duration.ofHours(i)), i == 4 ? EventType.EATS : EventType.HIDES, tank.wrasse()));
        }
        assertThat(figures.hidesRunning(Pelluna.owned(tank.id), tank.wrasse())).isEqualTo(3);
        log.write(Pelluna.owned(tank.id), Observation.of(now, EventType.SEEN, tank.wrasse()));
        assertThat(figures.hidesRunning(Pelluna.owned(tank.id), tank.wrasse())).isZero();
    }

    @Test
    void linesAreSaidAsSentences() {
        List<Fish> fish = tank.fish();
        LogWords words =
                new LogWords(fish, ZoneOffset.UTC, LocalDate.of(2027, 3, 10), Words.english(UnitSystem.METRIC));
        long boss = tank.boss();
        assertThat(words.says(EventType.CHASED, boss, tank.wrasse(), 3))
                .matches("Springer's dottyback " + said("behaviour.EventType.CHASED") + " [a-z]+ yellow wrasse"
                        + said("page.log.times", 3));
        assertThat(words.says(EventType.HIDES, tank.wrasse(), null, 1))
                .matches("[a-z]+ yellow wrasse " + said("behaviour.EventType.HIDES"));
        assertThat(words.says(EventType.COUNTED, tank.fish("Sphaeramia nematoptera"), null, 4))
                .matches("[a-z]+ pyjama cardinal " + said("behaviour.EventType.COUNTED") + ": 4");
        assertThat(words.says(EventType.FED, null, null, 1)).matches(said("behaviour.EventType.FED"));
        assertThat(words.name(-1L)).matches(said("app.fish.Some"));
        assertThat(words.day(LocalDate.of(2027, 3, 10))).matches(said("page.log.today"));
        assertThat(words.day(LocalDate.of(2027, 3, 9))).matches(said("page.log.yesterday"));
        assertThat(words.day(LocalDate.of(2026, 12, 1))).isEqualTo("Tuesday 1 December 2026");
    }

    @Test
    void aTankOfSomebodyElseIsNotThere() {
        assertThatThrownBy(() -> Pelluna.owned(-5)).isInstanceOf(NoSuchTankException.class);
    }

    @Test
    void aNoteIsHeldToItsLength() {
        assertThatThrownBy(() -> new Observation(
                        Pelluna.now(), EventType.NOTE, null, null, null, null, 1, 1, "x".repeat(401), null))
                .hasMessageContaining("LongNote[most=400]");
        log.write(
                Pelluna.owned(tank.id),
                new Observation(Pelluna.now(), EventType.NOTE, null, null, null, null, 1, 1, "x".repeat(400), null));
        assertThat(log.stream(Pelluna.owned(tank.id), null, 5))
                .singleElement()
                .satisfies(e -> assertThat(e.note()).hasSize(400));
    }

    @Test
    void pagesOfTheStreamLeaveNoLineOutThoughManyAreOfOneMoment() {
        Instant at = Pelluna.now();
        for (int i = 0; i < 7; i++) {
            log.write(Pelluna.owned(tank.id), Observation.of(at, EventType.EATS, tank.wrasse()));
        }
        List<Long> all = new ArrayList<>();
        Long after = null;
        for (int page = 0; page < 4; page++) {
            List<ObservationEntity> some = log.stream(Pelluna.owned(tank.id), after, 2);
            some.forEach(e -> all.add(e.id()));
            after = some.get(some.size() - 1).id();
        }
        assertThat(all).hasSize(7).doesNotHaveDuplicates();
        assertThatThrownBy(() -> log.stream(Pelluna.owned(tank.id), -1L, 2)).isInstanceOf(NoSuchTankException.class);
    }
}
