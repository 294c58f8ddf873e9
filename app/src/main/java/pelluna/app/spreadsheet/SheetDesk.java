package pelluna.app.spreadsheet;

import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.limits.Days;
import pelluna.app.limits.Refused;
import pelluna.app.log.LogSheets;
import pelluna.app.log.Sent;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planning.Desk;
import pelluna.app.planning.PlanDesk;
import pelluna.app.planning.WaterTestForm;
import pelluna.core.plan.TestFile;

/** Tests and sightings from a spreadsheet: looked through first, every row that is wrong named; written all or none. */
@Service
class SheetDesk {
    private static final int MOST_ROWS = 5000;
    /** As many as the plan file takes. */
    private static final int MOST_TESTS = 2000;

    private final PlanDesk desks;
    private final LogSheets log;
    private final CurrentKeeper keeper;
    private final Clock clock;

    SheetDesk(PlanDesk desks, LogSheets log, CurrentKeeper keeper, Clock clock) {
        this.desks = desks;
        this.log = log;
        this.keeper = keeper;
        this.clock = clock;
    }

    /** @param problem empty if the row is good */
    record Row(long number, String says, String problem) {}

    /** What a sheet comes to. @param kind tests or sightings */
    record Preview(String kind, List<Row> rows, List<TestFile> tests, List<Sent> sightings) {
        public long wrong() {
            return rows.stream().filter(r -> !r.problem().isEmpty()).count();
        }
    }

    /** @throws IllegalArgumentException with a sentence, if it is no table of tests or sightings */
    @Transactional
    Preview preview(long tank, String text) {
        List<SheetTable.SheetRow> rows = SheetTable.read(text);
        if (rows.isEmpty()) {
            throw new IllegalArgumentException("There is no row under the heading.");
        }
        if (rows.size() > MOST_ROWS) {
            throw new IllegalArgumentException(
                    "A sheet of " + rows.size() + " rows; Pelluna takes " + MOST_ROWS + " at a time.");
        }
        Desk desk = desks.open(tank);
        boolean sightings = rows.get(0).cells().containsKey("did");
        if (!sightings && !rows.get(0).cells().containsKey("on")) {
            throw new IllegalArgumentException(
                    "Columns for tests: on, and one or more of " + String.join(", ", WaterTestForm.FIGURES)
                            + ". For sightings: at, who, did, and if you like whom, times, gravity, note.");
        }
        Preview preview =
                new Preview(sightings ? "sightings" : "tests", new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        LogSheets.Reader reader = log.reader(desk);
        int room = MOST_TESTS - desks.tests(tank).size();
        if (!sightings && rows.size() > room) {
            throw new IllegalArgumentException(
                    "A tank keeps up to " + MOST_TESTS + " tests; there is room for " + Math.max(0, room) + " more.");
        }
        rows.forEach(r -> row(desk, reader, r, preview, sightings));
        return preview;
    }

    private void row(Desk desk, LogSheets.Reader reader, SheetTable.SheetRow r, Preview into, boolean sighting) {
        String says = String.join(
                " · ", r.cells().values().stream().filter(v -> !v.isBlank()).toList());
        try {
            if (sighting && !r.cell("taken back").isEmpty()) {
                says += " · was taken back, and is left out";
            } else if (sighting) {
                into.sightings()
                        .add(log.read(
                                reader,
                                at(r.cell("at")),
                                r.cell("who"),
                                r.cell("did"),
                                r.cell("whom"),
                                r.cell("times"),
                                r.cell("gravity"),
                                r.cell("note")));
            } else {
                into.tests().add(test(desk, r));
            }
            into.rows().add(new Row(r.number(), says, ""));
        } catch (PlanProblemsException e) {
            into.rows()
                    .add(new Row(
                            r.number(),
                            says,
                            e.problems().get(0).found() + " was found, "
                                    + e.problems().get(0).expected() + " is needed."));
        } catch (IllegalArgumentException e) {
            into.rows().add(new Row(r.number(), says, e.getMessage()));
        }
    }

    private TestFile test(Desk desk, SheetTable.SheetRow r) {
        Map<String, String> typed = new HashMap<>();
        typed.put("on", day(r.cell("on")).toString());
        WaterTestForm.FIGURES.forEach(f -> typed.put(f, r.cell(f)));
        TestFile test =
                WaterTestForm.read(typed, desks.today(), keeper.get().words().us());
        desks.checkTest(desk.tank(), test);
        return test;
    }

    private static LocalDate day(String typed) {
        try {
            return Days.happened("on", typed);
        } catch (Refused e) {
            throw new IllegalArgumentException("'" + typed + "' is no day; write it as 2027-03-01.", e);
        }
    }

    private Instant at(String typed) {
        String iso = typed.replace(' ', 'T');
        try {
            Instant at = iso.length() <= 10
                    ? LocalDate.parse(iso).atTime(12, 0).atZone(clock.getZone()).toInstant()
                    : iso.endsWith("Z") || iso.matches(".*[+-]\\d\\d:\\d\\d$")
                            ? OffsetDateTime.parse(iso).toInstant()
                            : LocalDateTime.parse(iso).atZone(clock.getZone()).toInstant();
            if (at.isBefore(Days.FIRST.atStartOfDay(clock.getZone()).toInstant())) {
                throw new DateTimeException("before anything that is kept");
            }
            return at;
        } catch (DateTimeException e) {
            throw new IllegalArgumentException("'" + typed + "' is no moment; write it as 2027-03-01 18:30.", e);
        }
    }

    /** Takes a sheet in, whole. @throws IllegalArgumentException if any row is wrong; nothing is written then */
    @Transactional
    int take(long tank, String text) {
        Preview p = preview(tank, text);
        if (p.wrong() > 0) {
            throw new IllegalArgumentException(
                    p.wrong() + " of " + p.rows().size() + " rows are wrong. Nothing was written.");
        }
        desks.tests(tank, p.tests());
        log.write(tank, p.sightings());
        return p.rows().size();
    }
}
