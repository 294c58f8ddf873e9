package pelluna.app.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.CountedQueries;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

/** What a page reads of rows it reads once; what is written is read anew. */
class ReadOnceTest {
    @Test
    void noPageAsksForTheSameRowsTwice() {
        LogTank tank = new LogTank("Read once");
        tank.watched(Duration.ofHours(3), 20, 2);
        Map<String, List<String>> twice = new TreeMap<>();
        for (String page : List.of("today", "log", "losses", "losses/predicted", "arrivals", "tank", "reefscape")) {
            // nothing that an earlier page read is good any more
            tank.act("chased", tank.boss(), tank.wrasse(), Pelluna.now(), "before " + page);
            List<String> asked = CountedQueries.during(() -> tank.page("/" + page));
            assertThat(asked).as(page).hasSizeGreaterThan(10);
            List<String> again = asked.stream()
                    // of repositories: their tables have such names
                    .filter(q -> q.startsWith("select") && q.contains("1_0"))
                    .collect(Collectors.groupingBy(Function.identity(), Collectors.counting()))
                    .entrySet()
                    .stream()
                    .filter(e -> e.getValue() > 1)
                    .map(e -> e.getValue() + " times " + e.getKey())
                    .toList();
            if (!again.isEmpty()) {
                twice.put(page, again);
            }
        }
        assertThat(twice).isEmpty();
    }

    @Test
    void whoHasSignedInIsReadOnceForAPage() {
        Pelluna.get("/people");
        List<String> asked = CountedQueries.during(() -> {
            Pelluna.get("/people");
            Pelluna.get("/people");
        });
        assertThat(asked).filteredOn(q -> q.contains("FROM SPRING_SESSION S")).hasSize(2);
    }

    @Test
    void theNextPageSeesWhatWasWritten() {
        String name = "Read " + System.nanoTime();
        String before = Pelluna.get("/tanks/1/tank").body();
        assertThat(before).doesNotContain(name);
        assertThat(Pelluna.post("/tanks/1/name", Map.of("name", name)).body()).contains(name);
        assertThat(Pelluna.get("/tanks/1/tank").body()).contains(name);
        Pelluna.post("/tanks/1/name", Map.of("name", "Lantern Ledge"));
    }
}
