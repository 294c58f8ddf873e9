package pelluna.app;

import java.time.Clock;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import org.springframework.boot.autoconfigure.condition.ConditionalOnMissingBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planfile.PlanFiles;
import pelluna.core.catalogue.Catalogue;

/** What the whole application shares: the catalogue, the plan files, one clock. */
@Configuration
@EnableScheduling
class Beans {
    private static final FutureTask<Catalogue> SHIPPED = new FutureTask<>(Catalogue::shipped);

    /** Reads the catalogue beside the other work of a start. */
    static void readCatalogue() {
        new Thread(SHIPPED, "catalogue").start();
    }

    @Bean
    Catalogue catalogue() throws InterruptedException, ExecutionException {
        SHIPPED.run(); // unless that has begun
        return SHIPPED.get();
    }

    @Bean
    PlanFiles planFiles(KeeperCatalogue catalogue) {
        return new PlanFiles(catalogue::get);
    }

    @Bean
    @ConditionalOnMissingBean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
