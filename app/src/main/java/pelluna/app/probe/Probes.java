package pelluna.app.probe;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.OwnedTank;
import pelluna.app.limits.Refused;
import pelluna.app.planning.TankPlans;
import pelluna.app.rows.StatementJson;
import pelluna.core.units.Statement;

/** The probe of a tank: its settings, its readings, and what is wrong with it. */
@Service
public class Probes {
    /** Without an answer for so many turns it counts as silent. */
    private static final int SILENT_TURNS = 3;

    private static final StatementJson TROUBLE =
            new StatementJson(name -> Optional.empty(), List.of(NoAnswer.class, ProbeRefusal.class));

    private final TankPlans plans;
    private final ProbeRows probes;
    private final ReadingRows readings;
    private final Clock clock;
    private final OwnPorts ports;
    private final AllowedProbes allowed;

    Probes(
            TankPlans plans,
            ProbeRows probes,
            ReadingRows readings,
            Clock clock,
            OwnPorts ports,
            AllowedProbes allowed) {
        this.plans = plans;
        this.probes = probes;
        this.readings = readings;
        this.clock = clock;
        this.ports = ports;
        this.allowed = allowed;
    }

    /** Keeps an answer, once; whether it is believed or not. */
    @Transactional
    void answered(long probe, Reading r) {
        ProbeEntity p = probes.findById(probe).orElseThrow();
        Optional<Reading> last =
                readings.findFirstByTankIdAndDoubtOrderByAtDesc(p.tankId(), "").map(ReadingEntity::reading);
        if (readings.findByTankIdAndAt(p.tankId(), r.at()).isEmpty()) {
            readings.save(new ReadingEntity(p.tankId(), r, Plausible.doubts(r, last, clock.instant())));
        }
        p.asked(clock.instant(), "");
        probes.save(p);
    }

    /**
     * Readings of the past that the simulated probe would have given, with a gap and one that is hard to believe. For
     * the demo.
     */
    @Transactional
    public void simulatePast(OwnedTank tank, int days) {
        Instant now = clock.instant();
        for (Instant at = now.minus(Duration.ofDays(days));
                at.isBefore(now.minusSeconds(600));
                at = at.plus(Duration.ofMinutes(15))) {
            long hoursAgo = Duration.between(at, now).toHours();
            boolean silent = hoursAgo >= 50 && hoursAgo < 57;
            boolean dry = hoursAgo == 80 && at.plus(Duration.ofMinutes(15)).isAfter(now.minus(Duration.ofHours(80)));
            if (!silent) {
                Reading r = ProbeLine.parsed(SimulatedProbe.json(at, dry), at);
                readings.save(new ReadingEntity(tank.id(), r, Plausible.doubts(r, Optional.empty(), at)));
            }
        }
    }

    @Transactional
    void silent(long probe, Statement why) {
        ProbeEntity p = probes.findById(probe).orElseThrow();
        p.asked(clock.instant(), TROUBLE.write(List.of(why)));
        probes.save(p);
    }

    @Transactional(readOnly = true)
    List<ProbeEntity> due() {
        return probes.reading().stream().filter(p -> p.due(clock.instant())).toList();
    }

    /** @throws Refused, for an address that Pelluna does not read */
    @Transactional
    public void reads(OwnedTank tank, String address, int minutes, boolean on) {
        plans.tank(tank);
        String checked = address(address).typed().toString();
        if (minutes < 1 || minutes > 120) {
            throw new Refused(new ProbeRefusal.OutOfTurn());
        }
        ProbeEntity p = probes.findByTankId(tank.id()).orElseGet(() -> new ProbeEntity(tank.id(), checked, minutes));
        p.asks(checked, minutes, on);
        probes.save(p);
    }

    /** @throws Refused, for an address that Pelluna does not read */
    ProbeAddress address(String typed) {
        return ProbeAddress.of(typed, ports.taken(), allowed);
    }

    /**
     * A probe as pages show it.
     *
     * @param last    the newest reading that is believed; null if none
     * @param silence since when it has not answered; null while it does
     * @param trouble what went wrong when it was last asked; null for nothing
     */
    record Seen(
            String address,
            int minutes,
            boolean reads,
            Reading last,
            Instant silence,
            Statement trouble,
            List<ReadingEntity> doubted) {}

    @Transactional(readOnly = true)
    Optional<Seen> seen(OwnedTank tank) {
        return probes.findByTankId(tank.id())
                .map(p -> new Seen(
                        p.address(),
                        p.everyMinutes(),
                        p.reads(),
                        readings.findFirstByTankIdAndDoubtOrderByAtDesc(tank.id(), "")
                                .map(ReadingEntity::reading)
                                .orElse(null),
                        silence(p),
                        TROUBLE.read(p.trouble()).stream().findFirst().orElse(null),
                        readings.findTop5ByTankIdAndDoubtNotOrderByAtDesc(tank.id(), "")));
    }

    private Instant silence(ProbeEntity p) {
        Instant answered = p.answeredAt();
        boolean silent = p.reads()
                && !p.trouble().isEmpty()
                && (answered == null
                        || answered.plusSeconds(60L * p.everyMinutes() * SILENT_TURNS)
                                .isBefore(clock.instant()));
        return !silent ? null : answered == null ? p.askedAt() : answered;
    }

    /** Readings that are believed, oldest first. */
    @Transactional(readOnly = true)
    List<Reading> since(OwnedTank tank, Duration back) {
        return new ArrayList<>(
                readings
                        .findByTankIdAndAtGreaterThanEqualOrderByAt(
                                tank.id(), clock.instant().minus(back))
                        .stream()
                        .filter(ReadingEntity::believed)
                        .map(ReadingEntity::reading)
                        .toList());
    }

    /** What is believed between two moments, oldest first. */
    @Transactional(readOnly = true)
    public List<Reading> between(OwnedTank tank, Instant from, Instant until) {
        return readings.findByTankIdAndAtGreaterThanEqualOrderByAt(tank.id(), from).stream()
                .filter(ReadingEntity::believed)
                .map(ReadingEntity::reading)
                .filter(r -> r.at().isBefore(until))
                .toList();
    }

    /** What should be known of the probe today, in sentences; usually nothing. */
    @Transactional(readOnly = true)
    public List<String> troubles(OwnedTank tank) {
        List<String> troubles = new ArrayList<>();
        seen(tank).filter(Seen::reads).ifPresent(s -> {
            if (s.silence() != null) {
                troubles.add(plans.words()
                        .text(
                                "page.probe.theProbeHasNotAnsweredSince",
                                Times.at(s.silence(), clock, plans.words()),
                                s.trouble()));
            }
            s.doubted().stream()
                    .filter(d -> d.reading().at().isAfter(clock.instant().minus(Duration.ofHours(6))))
                    .findFirst()
                    .ifPresent(d -> troubles.add(plans.words()
                            .text(
                                    "page.probe.theProbeSaidSomethingThatIs",
                                    Times.at(d.reading().at(), clock, plans.words()),
                                    d.doubt(plans.words()))));
        });
        return troubles;
    }
}
