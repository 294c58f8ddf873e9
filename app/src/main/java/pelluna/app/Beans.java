package pelluna.app;

import java.time.Clock;
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
    @Bean
    Catalogue catalogue() {
        return Catalogue.shipped();
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
