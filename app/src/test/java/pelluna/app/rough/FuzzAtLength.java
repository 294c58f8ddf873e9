package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** './pelluna fuzz [MINUTES] [SEED]': prints what it asked and what broke, with the seed to ask the same again. */
class FuzzAtLength {
    @Test
    @Timeout(value = 1, unit = TimeUnit.DAYS)
    void goesOn() {
        long seed = Long.getLong("fuzz.seed", System.nanoTime() & 0xffffff);
        Instant end = Instant.now().plus(Duration.ofMinutes(Long.getLong("fuzz.minutes", 10)));
        Random order = new Random(seed);
        Fuzz fuzz = new Fuzz(seed);
        System.out.println("seed " + seed);
        int told = 0;
        while (Instant.now().isBefore(end)) {
            FuzzTest.round(fuzz, 6, 5, order);
            fuzz.anew();
            for (; told < fuzz.troubles().size(); told++) {
                System.out.println(fuzz.troubles().get(told));
            }
            System.out.println(fuzz.asked() + " requests, " + fuzz.troubles().size() + " broke something");
        }
        assertThat(fuzz.troubles()).isEmpty();
    }
}
