package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/**
 * Every address with odd requests: no failure, no broken page afterwards, no text lost. Bounded and seeded here;
 * './pelluna fuzz' goes on for as long as
 * it is told, with another seed each time.
 */
class FuzzTest {
    private static final int EACH = 3;
    private static final int BATCHES = 5;

    @AfterEach
    void asNew() {
        World.asNew();
    }

    @Test
    void oddRequestsForEveryAddressBreakNothing() {
        Fuzz fuzz = new Fuzz(20261127);
        round(fuzz, EACH, BATCHES, new Random(7));
        assertThat(fuzz.asked()).isGreaterThan(400);
        assertThat(fuzz.troubles()).isEmpty();
    }

    static void round(Fuzz fuzz, int each, int batches, Random order) {
        List<String> written = new ArrayList<>(Routes.good().keySet());
        List<String> read = new ArrayList<>(Routes.read());
        read.removeIf(p -> p.startsWith("/error"));
        Collections.shuffle(written, order);
        Collections.shuffle(read, order);
        for (int b = 0; b < batches; b++) {
            fuzz.batch(
                    written.subList(written.size() * b / batches, written.size() * (b + 1) / batches),
                    read.subList(read.size() * b / batches, read.size() * (b + 1) / batches),
                    each);
        }
    }
}
