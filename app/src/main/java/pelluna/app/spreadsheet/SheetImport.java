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
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Days;
import pelluna.app.limits.LimitRefusal;
import pelluna.app.limits.Refusal;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Steps;
import pelluna.app.limits.StoppedException;
import pelluna.app.log.LogSheets;
import pelluna.app.log.Observation;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.planning.WaterTestForm;
import pelluna.app.writes.NotYetKnown;
import pelluna.core.plan.TestFile;

/** Tests and sightings from a spreadsheet: looked through first, every row that is wrong named; written all or none. */
@Service
class SheetImport {
    private static final String LOOKED = SheetImport.class.getName();
    private static final int MOST_ROWS = 100_000;
    /** So many rows are shown, and so many that are wrong. */
    private static final int SHOWN = 200;
    /** As many as the plan file takes. */
    private static final int MOST_TESTS = 2000;

    private final TankPlans plans;
    private final LogSheets log;
    private final CurrentKeeper keeper;
    private final Clock clock;

    SheetImport(TankPlans plans, LogSheets log, CurrentKeeper keeper, Clock clock) {
        this.plans = plans;
        this.log = log;
        this.keeper = keeper;
        this.clock = clock;
    }

    /** @param problem empty if the row is good */
    record Row(long number, String says, String problem) {}

    /**
     * What a sheet comes to.
     *
     * @param kind tests or sightings
     * @param all  how many rows it has
     * @param wrong how many of them are wrong
     * @param rows the first of them, and the first that are wrong
     */
    /** What a sheet holds. */
    enum Kind {
        SIGHTINGS,
        TESTS
    }

    record Preview(Kind kind, int all, int wrong, List<Row> rows, List<TestFile> tests, List<Observation> sightings) {}

    /**
     * @param seen told of every row
     * @throws NotYetKnown within a transaction: a long sheet is read without holding anything
     * @throws Refused, if it is no table of tests or sightings
     */
    Preview preview(OwnedTank tank, String text, Steps seen) {
        RequestAttributes request = RequestContextHolder.currentRequestAttributes();
        if (request.getAttribute(LOOKED, RequestAttributes.SCOPE_REQUEST) instanceof Looked known) {
            return known.found();
        }
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            throw new NotYetKnown(
                    () -> request.setAttribute(LOOKED, look(tank, text, seen), RequestAttributes.SCOPE_REQUEST));
        }
        return look(tank, text, seen).found();
    }

    /** What came of looking through the sheet of this request. */
    private record Looked(Preview preview, RuntimeException refused) {
        Preview found() {
            if (refused != null) {
                throw refused;
            }
            return preview;
        }
    }

    private Looked look(OwnedTank tank, String text, Steps seen) {
        try {
            Looking looking = new Looking(plans.open(tank), text.lines().count() - 1, seen);
            SheetTable.read(text, looking::row);
            return new Looked(looking.found(), null);
        } catch (Refused | StoppedException e) {
            return new Looked(null, e);
        }
    }

    /** One sheet while it is looked through. */
    private final class Looking {
        private final OpenTank opened;
        private final LogSheets.Reader reader;
        private final long of;
        private final Steps seen;
        private final List<Row> rows = new ArrayList<>();
        private final List<TestFile> tests = new ArrayList<>();
        private final List<Observation> sightings = new ArrayList<>();
        private boolean ofSightings;
        private int all;
        private int wrong;

        Looking(OpenTank opened, long of, Steps seen) {
            this.opened = opened;
            this.reader = log.reader(opened);
            this.of = of;
            this.seen = seen;
        }

        void row(SheetTable.SheetRow r) {
            if (all == 0) {
                heading(r);
            }
            all++;
            mostRows();
            seen.at(all, of);
            String says = String.join(
                    " · ", r.cells().values().stream().filter(v -> !v.isBlank()).toList());
            try {
                if (!ofSightings) {
                    tests.add(test(opened, r));
                } else if (r.cell("taken back").isEmpty()) {
                    sightings.add(sighting(r));
                } else {
                    says += plans.words().text("page.spreadsheet.wasTakenBackAndIsLeftOut");
                }
                if (rows.size() < SHOWN) {
                    rows.add(new Row(r.number(), says, ""));
                }
            } catch (PlanProblemsException e) {
                wrong(
                        r,
                        says,
                        new SheetRefusal.Needed(
                                e.problems().get(0).found(), e.problems().get(0).expected()));
            } catch (NumberFormatException e) {
                wrong(r, says, new LimitRefusal.NoNumber());
            } catch (Refused e) {
                wrong(r, says, e.why());
            }
        }

        private void wrong(SheetTable.SheetRow r, String says, Refusal problem) {
            if (wrong++ < SHOWN) {
                rows.add(new Row(r.number(), says, opened.say().of(problem)));
            }
        }

        private void heading(SheetTable.SheetRow first) {
            ofSightings = first.cells().containsKey("did");
            if (!ofSightings && !first.cells().containsKey("on")) {
                throw new Refused(new SheetRefusal.NoColumns(String.join(", ", WaterTestForm.FIGURES)));
            }
        }

        private void mostRows() {
            if (all > MOST_ROWS) {
                throw new Refused(new SheetRefusal.TooManyRows(MOST_ROWS));
            }
        }

        private Observation sighting(SheetTable.SheetRow r) {
            return log.read(
                    reader,
                    at(r.cell("at")),
                    r.cell("who"),
                    r.cell("did"),
                    r.cell("whom"),
                    r.cell("times"),
                    r.cell("gravity"),
                    r.cell("note"));
        }

        Preview found() {
            if (all == 0) {
                throw new Refused(new SheetRefusal.NoRow());
            }
            int room = MOST_TESTS - plans.tests(opened.owned()).size();
            if (!ofSightings && all > room) {
                throw new Refused(new SheetRefusal.NoRoom(MOST_TESTS, Math.max(0, room)));
            }
            return new Preview(ofSightings ? Kind.SIGHTINGS : Kind.TESTS, all, wrong, rows, tests, sightings);
        }
    }

    private TestFile test(OpenTank opened, SheetTable.SheetRow r) {
        Map<String, String> typed = new HashMap<>();
        typed.put("on", day(r.cell("on")).toString());
        WaterTestForm.FIGURES.forEach(f -> typed.put(f, r.cell(f)));
        TestFile test = WaterTestForm.read(typed, plans.today(), keeper.words().us());
        plans.checkTest(opened.tank(), test);
        return test;
    }

    private static LocalDate day(String typed) {
        try {
            return Days.happened("on", typed);
        } catch (Refused e) {
            throw new Refused("", new SheetRefusal.NoDay(typed), e);
        }
    }

    private Instant at(String typed) {
        String iso = Days.iso(typed).replace(' ', 'T');
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
            throw new Refused("", new SheetRefusal.NoMoment(typed), e);
        }
    }

    /**
     * Takes a sheet in, whole.
     *
     * @param seen told of every row twice: when it is read, and when it is written
     * @throws IllegalArgumentException if any row is wrong; nothing is written then
     */
    @Transactional
    int take(OwnedTank tank, String text, Steps seen) {
        Preview p = preview(tank, text, (done, of) -> seen.at(done, 2 * of));
        if (p.wrong() > 0) {
            throw new Refused(new SheetRefusal.Wrong(p.wrong(), p.all()));
        }
        plans.tests(tank, p.tests());
        log.write(tank, p.sightings(), (done, of) -> seen.at(p.all() + done, 2L * p.all()));
        return p.all();
    }
}
