package pelluna.app.account;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.stereotype.Component;

/** Gives the clock of the application the days and hours of whoever asks. */
@Component
class KeepersClock implements BeanPostProcessor {
    private final ObjectProvider<CurrentKeeper> keeper;

    KeepersClock(ObjectProvider<CurrentKeeper> keeper) {
        this.keeper = keeper;
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof Clock clock ? new OfTheReader(clock, keeper) : bean;
    }

    private static final class OfTheReader extends Clock {
        private final Clock clock;
        private final ObjectProvider<CurrentKeeper> keeper;

        OfTheReader(Clock clock, ObjectProvider<CurrentKeeper> keeper) {
            this.clock = clock;
            this.keeper = keeper;
        }

        @Override
        public ZoneId getZone() {
            return keeper.getObject().zone().orElseGet(clock::getZone);
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return clock.withZone(zone);
        }

        @Override
        public Instant instant() {
            return clock.instant();
        }
    }
}
