package pelluna.app.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import pelluna.app.testing.Pelluna;

/** What one node does for all, another passes over, and does when its turn has come. */
class OneNodeTest {
    private static final Duration AT_MOST = Duration.ofMinutes(5);

    @Test
    void nobodyElseIsAtItMeanwhile() {
        OneNode here = new OneNode(Pelluna.bean(JdbcTemplate.class));
        OneNode there = new OneNode(Pelluna.bean(JdbcTemplate.class));
        List<String> done = new ArrayList<>();
        here.does("some-work", AT_MOST, () -> {
            done.add("here");
            // another node is another thread: within one, work may go on under the lock that it has
            elsewhere(() -> there.does("some-work", AT_MOST, () -> done.add("there, meanwhile")));
            elsewhere(() -> there.does("other-work", AT_MOST, () -> done.add("other")));
        });
        there.does("some-work", AT_MOST, () -> done.add("there"));
        assertThat(done).containsExactly("here", "other", "there");
    }

    private static void elsewhere(Runnable work) {
        CompletableFuture.runAsync(work).join();
    }
}
