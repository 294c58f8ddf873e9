package pelluna.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.context.SmartLifecycle;
import pelluna.app.account.Keepers;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.Ownership;
import pelluna.app.account.SignedIn;
import pelluna.app.planfile.MovedDays;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planning.TankPlans;
import pelluna.app.tank.TankEntity;

/**
 * An invented keeper's two tanks, and a neighbour's, laid down once in an empty database; dates move with the calendar
 * so that the story stays the same.
 */
public class DemoData implements SmartLifecycle {
    /** The invented keeper of the demo, who comes in by one click and has no password. */
    static final String ADDRESS = "demo@pelluna.example";

    private static final String NAME = "Ines";
    private static final LocalDate WRITTEN = LocalDate.of(2026, 11, 23);

    private final Keepers keepers;
    private final Ownership ownership;
    private final TankPlans plans;
    private final PlanFiles files;
    private final DemoLog log;
    private final DemoPast past;
    private final DemoPeople people;
    private final DemoFigures figures;
    private final Clock clock;
    private boolean laid;

    DemoData(
            Keepers keepers,
            Ownership ownership,
            TankPlans plans,
            PlanFiles files,
            DemoLog log,
            DemoPast past,
            DemoPeople people,
            DemoFigures figures,
            Clock clock) {
        this.keepers = keepers;
        this.ownership = ownership;
        this.plans = plans;
        this.files = files;
        this.log = log;
        this.past = past;
        this.people = people;
        this.figures = figures;
        this.clock = clock;
    }

    /** Before the web server: whoever comes first finds the tanks with all their history. */
    @Override
    public int getPhase() {
        return 0;
    }

    @Override
    public void start() {
        laid = true;
        if (!keepers.any()) {
            boolean older = keepers.older();
            long id = keepers.makeOwner(NAME, ADDRESS, null).id();
            if (!older) {
                SignedIn.as(id, () -> {
                    lay();
                    return id;
                });
                people.advised(id, theo -> bringIn("bay-window"));
            }
        }
    }

    @Override
    public void stop() {
        laid = false;
    }

    @Override
    public boolean isRunning() {
        return laid;
    }

    private void lay() {
        OwnedTank lantern = bringIn("lantern-ledge");
        log.write(lantern);
        past.writeLantern(lantern);
        people.visit(lantern);
        figures.comeIn();
        past.writeSill(bringIn("sill"));
    }

    private OwnedTank bringIn(String name) {
        try (InputStream in = DemoData.class.getResourceAsStream("/demo/" + name + ".json")) {
            TankEntity tank = plans.bringIn(files.parse(MovedDays.in(
                    new String(in.readAllBytes(), StandardCharsets.UTF_8), WRITTEN, LocalDate.now(clock))));
            return ownership.tank(tank.id());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
