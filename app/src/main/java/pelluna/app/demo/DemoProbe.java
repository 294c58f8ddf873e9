package pelluna.app.demo;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.time.Clock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import pelluna.app.account.Keepers;
import pelluna.app.account.Ownership;
import pelluna.app.account.SignedIn;
import pelluna.app.planning.TankPlans;
import pelluna.app.probe.Probes;
import pelluna.app.probe.SimulatedProbe;

/** The demo tank has a probe: the simulated one, on any free port of loopback, for as long as the demo runs. */
@Order
class DemoProbe implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoProbe.class);
    private final Keepers keepers;
    private final Ownership ownership;
    private final TankPlans plans;
    private final Probes probes;
    private final Clock clock;
    private SimulatedProbe probe;

    DemoProbe(Keepers keepers, Ownership ownership, TankPlans plans, Probes probes, Clock clock) {
        this.keepers = keepers;
        this.ownership = ownership;
        this.plans = plans;
        this.probes = probes;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments args) {
        try {
            probe = new SimulatedProbe(0, false, clock);
            keepers.byEmail(DemoData.ADDRESS).ifPresent(k -> SignedIn.as(k.id(), this::read));
        } catch (IOException e) {
            LOG.warn("The simulated probe could not be started: {}", e.getMessage());
        }
    }

    private boolean read() {
        plans.tanks().stream()
                .filter(t -> t.name().equals("Lantern Ledge"))
                .findFirst()
                .ifPresent(t -> probes.reads(ownership.tank(t.id()), probe.address(), 5, true));
        return true;
    }

    @PreDestroy
    void stop() {
        if (probe != null) {
            probe.close();
        }
    }
}
