package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import pelluna.app.testing.TestCluster;

/**
 * Every address with odd requests: no failure, no broken page afterwards, no text lost. Bounded and seeded here;
 * './pelluna fuzz' goes on for as long as
 * it is told, with another seed each time.
 */
class FuzzTest {
    private static final int EACH = 3;
    private static final int BATCHES = 5;

    private long last;

    @BeforeEach
    void lastTank() {
        last = jdbc().sql("select max(id) from tank").query(Long.class).single();
    }

    /** Tanks called 'NaN' and worse would stand in the rail of every page. */
    @AfterEach
    void asNew() {
        World.asNew();
        jdbc().sql("delete from tank where id > ?").param(last).update();
    }

    private static JdbcClient jdbc() {
        return TestCluster.jdbc();
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
