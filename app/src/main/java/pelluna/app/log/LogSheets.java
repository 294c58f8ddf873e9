package pelluna.app.log;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Steps;
import pelluna.app.planning.OpenTank;
import pelluna.core.behaviour.EventType;
import pelluna.core.sighting.SentenceReader;
import pelluna.core.sighting.Sighting;
import pelluna.core.units.Named;
import pelluna.words.Words;

/** The log as rows of a table, out and in. */
@Service
public class LogSheets {
    private final CurrentKeeper keeper;
    private final Individuals fish;
    private final LogBook log;
    private final ObservationRows entries;
    private final WatchRows watches;
    private final Sentences sentences;
    private final Clock clock;

    LogSheets(
            Individuals fish,
            LogBook log,
            ObservationRows entries,
            WatchRows watches,
            Sentences sentences,
            Clock clock,
            CurrentKeeper keeper) {
        this.keeper = keeper;
        this.fish = fish;
        this.log = log;
        this.entries = entries;
        this.watches = watches;
        this.sentences = sentences;
        this.clock = clock;
    }

    public static final List<String> HEAD =
            List.of("at", "who", "did", "whom", "times", "gravity", "x", "y", "watch", "note", "taken back");

    /** Everything that was ever logged, oldest first. */
    @Transactional(readOnly = true)
    public List<List<Object>> rows(OwnedTank tank) {
        Map<Long, String> names = new HashMap<>();
        Words say = keeper.words();
        fish.all(tank).forEach(f -> names.put(f.id(), f.kind(say)));
        List<List<Object>> rows = new ArrayList<>();
        for (ObservationEntity e : entries.findByTankIdOrderByAtAscIdAsc(tank.id())) {
            List<Object> row = new ArrayList<>();
            row.add(at(e.at()));
            row.add(names.getOrDefault(e.fishId(), ""));
            row.add(e.doing().word());
            row.add(names.getOrDefault(e.otherId(), ""));
            row.add(e.times());
            row.add(e.gravity());
            row.add(e.x());
            row.add(e.y());
            row.add(e.watchId());
            row.add(OwnNotes.told(e, say));
            row.add(e.takenBack() ? "yes" : "");
            rows.add(row);
        }
        return rows;
    }

    /** Watches, oldest first: number, began, ended. */
    @Transactional(readOnly = true)
    public List<List<Object>> watches(OwnedTank tank) {
        List<List<Object>> rows = new ArrayList<>();
        watches.findByTankIdOrderByBeganAt(tank.id())
                .forEach(w -> rows.add(List.of(w.id(), at(w.beganAt()), w.endedAt() == null ? "" : at(w.endedAt()))));
        return rows;
    }

    public Object at(Instant when) {
        return when.atZone(clock.getZone()).toLocalDateTime().toString();
    }

    /** What is needed to read many rows of one tank. Most rows say what another row has said before. */
    public static final class Reader {
        private final SentenceReader sentences;
        private final Set<Long> known;
        private final Map<String, SentenceReader.Reading> read = new HashMap<>();

        private Reader(SentenceReader sentences, Set<Long> known) {
            this.sentences = sentences;
            this.known = known;
        }

        private SentenceReader.Reading read(String sentence) {
            return read.computeIfAbsent(sentence, sentences::read);
        }
    }

    @Transactional(readOnly = true)
    public Reader reader(OpenTank opened) {
        List<Fish> all = fish.all(opened.owned());
        return new Reader(
                sentences.reader(opened, all), all.stream().map(Fish::id).collect(Collectors.toSet()));
    }

    /**
     * A sighting of a sheet: {@code who}, {@code did}, {@code whom} are read as in a sentence.
     *
     * @throws Refused
     */
    public Observation read(
            Reader reader, Instant at, String who, String did, String whom, String times, String gravity, String note) {
        SentenceReader.Reading reading = reader.read((who + " " + said(did) + " " + whom).strip());
        Sighting s = reading.sighting()
                .orElseThrow(() -> new Refused(
                        new LogRefusal.NotUnderstood(reading.problem().orElseThrow())));
        Observation sent = new Observation(
                at,
                s.doing(),
                s.who().map(Long::valueOf).orElse(null),
                s.whom().map(Long::valueOf).orElse(null),
                null,
                null,
                whole(gravity, s.gravity(), "gravity"),
                whole(times, 1, "times"),
                note,
                null);
        log.check(sent, reader.known);
        return sent;
    }

    /** The words of the open format are understood too: 'not-eating', 'torn-fin'. */
    private static String said(String did) {
        return Named.find(EventType.class, did.strip())
                .map(SentenceReader::phrase)
                .orElse(did);
    }

    private static int whole(String typed, int otherwise, String what) {
        if (typed.isBlank()) {
            return otherwise;
        }
        if (!typed.strip().matches("\\d{1,3}")) {
            throw new Refused(new LogRefusal.NoWholeNumber(typed, what));
        }
        return Integer.parseInt(typed.strip());
    }

    /** Writes lines that were read before, all or none. @param seen told of every line */
    @Transactional
    public void write(OwnedTank tank, List<Observation> lines, Steps seen) {
        log.writePast(tank, lines, seen);
    }
}
