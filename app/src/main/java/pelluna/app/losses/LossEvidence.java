package pelluna.app.losses;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Fish;
import pelluna.app.fish.Individuals;
import pelluna.app.fish.PartyOfFish;
import pelluna.app.log.LogFigures;
import pelluna.app.planning.OpenTank;
import pelluna.app.probe.Probes;
import pelluna.app.probe.Reading;
import pelluna.core.livestock.Stage;
import pelluna.core.losses.Evidence;
import pelluna.core.losses.LikelyCause;
import pelluna.core.losses.Proposal;
import pelluna.core.plan.WaterTest;
import pelluna.core.tank.Cover;
import pelluna.core.tension.Eaten;

/** Gathers what is written down of the days before a loss, for the causes that would fit it. */
@Component
class LossEvidence {
    private static final int TEST_DAYS = 7;
    private static final int NEAR_DAYS = 3;
    private static final double DAYS_PER_YEAR = 365.25;

    private final LogFigures log;
    private final Individuals fish;
    private final Probes probes;
    private final DepartureRows rows;
    private final Clock clock;

    LossEvidence(LogFigures log, Individuals fish, Probes probes, DepartureRows rows, Clock clock) {
        this.log = log;
        this.fish = fish;
        this.probes = probes;
        this.rows = rows;
        this.clock = clock;
    }

    /** Whether a fish can leave through it. */
    static boolean open(Cover cover) {
        return cover == Cover.NONE || cover == Cover.PARTIAL;
    }

    @Transactional(readOnly = true)
    public List<Proposal> proposals(OpenTank opened, Fish f, LocalDate on) {
        OwnedTank tank = opened.owned();
        LogFigures.Before before = log.before(tank, f.id(), f.partOf(), on);
        LocalDate came = f.cameOn() == null ? on : f.cameOn();
        long kept = Math.max(0, ChronoUnit.DAYS.between(came, on));
        String aggressor = before.by() == null
                ? ""
                : fish.all(tank).stream()
                        .filter(x -> x.id() == before.by())
                        .findFirst()
                        .map(x -> opened.say().of(x.said()))
                        .orElse("");
        Optional<String> eater = PartyOfFish.of(opened, f)
                .flatMap(id -> opened.assessment().eaten().stream()
                        .filter(e -> e.prey().map(p -> p.id().equals(id)).orElse(false)
                                && e.eater().resident()
                                && !e.from().isAfter(on))
                        .map(Eaten::eater)
                        .map(p -> opened.say().text("page.losses.the", p.species()))
                        .findFirst());
        List<WaterTest> tests = opened.plan().tests().stream()
                .filter(t -> !t.on().isAfter(on.plusDays(1)) && !t.on().isBefore(on.minusDays(TEST_DAYS)))
                .toList();
        boolean quarantine = f.cameOn() == null && f.stage() == Stage.APART;
        return LikelyCause.of(new Evidence(
                before.daysAgo(),
                (int) kept,
                kept / DAYS_PER_YEAR,
                f.species().size().lifespanYears(),
                f.species().jumps(),
                open(opened.plan().tank().cover()),
                before.acts(),
                aggressor,
                eater,
                f.missing(),
                most(tests, WaterTest::ammonia),
                most(tests, WaterTest::nitrite),
                swing(tank, on),
                othersLost(tank, f, on),
                quarantine));
    }

    private static OptionalDouble most(List<WaterTest> tests, Function<WaterTest, OptionalDouble> figure) {
        return tests.stream()
                .map(figure)
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .max();
    }

    private OptionalDouble swing(OwnedTank tank, LocalDate on) {
        DoubleSummaryStatistics warmth = probes
                .between(
                        tank,
                        on.minusDays(NEAR_DAYS).atStartOfDay(clock.getZone()).toInstant(),
                        on.plusDays(1).atStartOfDay(clock.getZone()).toInstant())
                .stream()
                .filter(r -> r.temperatureC() != null)
                .mapToDouble(Reading::temperatureC)
                .summaryStatistics();
        return warmth.getCount() < 2 ? OptionalDouble.empty() : OptionalDouble.of(warmth.getMax() - warmth.getMin());
    }

    private int othersLost(OwnedTank tank, Fish f, LocalDate on) {
        return rows.standing(List.of(tank.id())).stream()
                .filter(d -> d.lost()
                        && d.fishId() != null
                        && d.fishId() != f.id()
                        && Math.abs(ChronoUnit.DAYS.between(d.onDay(), on)) <= NEAR_DAYS)
                .mapToInt(DepartureEntity::count)
                .sum();
    }
}
