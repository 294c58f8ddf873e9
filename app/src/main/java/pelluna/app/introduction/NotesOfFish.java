package pelluna.app.introduction;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.FishNotes;
import pelluna.app.fish.OwnNote;
import pelluna.app.log.LogBook;
import pelluna.app.log.LogStream;
import pelluna.app.log.Observation;
import pelluna.core.behaviour.EventType;

/** What the log and the measures know of one fish. */
@Component
class NotesOfFish implements FishNotes {
    private final CurrentKeeper keeper;
    private final LogBook log;
    private final LogStream stream;
    private final InterventionRows measures;
    private final IntroductionRows bringings;
    private final Clock clock;

    NotesOfFish(
            LogBook log,
            LogStream stream,
            InterventionRows measures,
            IntroductionRows bringings,
            Clock clock,
            CurrentKeeper keeper) {
        this.keeper = keeper;
        this.log = log;
        this.stream = stream;
        this.measures = measures;
        this.bringings = bringings;
        this.clock = clock;
    }

    @Override
    @Transactional
    public void note(OwnedTank tank, EventType doing, long fish, int times, OwnNote own, String text) {
        log.write(
                tank,
                new Observation(
                        log.now(), doing, fish, null, null, null, doing.gravity(), Math.max(1, times), text, null),
                own);
    }

    @Override
    @Transactional
    public void back(OwnedTank tank, long fish) {
        for (InterventionEntity m : measures.findByTankIdOrderByBeganAtDescIdDesc(tank.id())) {
            if (m.endedAt() == null && Long.valueOf(fish).equals(m.goesOut())) {
                m.ends(log.now());
                measures.save(m);
            }
        }
    }

    @Override
    public List<Line> about(OwnedTank tank, Fish fish, List<Fish> all, int most) {
        return stream.about(tank, fish, all, most);
    }

    @Override
    @Transactional(readOnly = true)
    public List<Line> deeds(OwnedTank tank, Fish fish, List<Fish> all) {
        List<Line> lines = new ArrayList<>();
        for (InterventionEntity m : measures.findByTankIdOrderByBeganAtDescIdDesc(tank.id())) {
            if (Long.valueOf(fish.id()).equals(m.forFish())
                    || Long.valueOf(fish.id()).equals(m.byFish())) {
                String to = Long.valueOf(fish.id()).equals(m.forFish())
                        ? ""
                        : keeper.words().text("page.introduction.becauseOfIt");
                lines.add(new Line(
                        day(m.beganAt()),
                        keeper.words().title(m.measure()) + to + (m.note().isEmpty() ? "." : ": " + m.note())));
            }
        }
        for (IntroductionEntity b : bringings.findByTankIdOrderByIdDesc(tank.id())) {
            if (b.fishId() == fish.id()) {
                add(lines, b.boxedAt(), keeper.words().text("page.introduction.intoTheSeeThroughBox"));
                add(
                        lines,
                        b.releasedAt(),
                        b.boxedAt() == null
                                ? keeper.words().text("page.introduction.letIn")
                                : keeper.words().text("page.introduction.outOfTheBoxIntoTheTank"));
                add(lines, b.endedAt(), keeper.words().title(b.ended(keeper.words())) + ".");
            }
        }
        return lines;
    }

    private void add(List<Line> lines, Instant at, String says) {
        if (at != null) {
            lines.add(new Line(day(at), says));
        }
    }

    private LocalDate day(Instant at) {
        return at.atZone(clock.getZone()).toLocalDate();
    }
}
